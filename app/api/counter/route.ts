import { NextResponse } from "next/server";
import { counterAnswerSchema, counterAskSchema } from "@/core/model/offer";
import { askCounter } from "@/stand-ins/counter/counter";

const SLOW_MS = 4000;

/**
 * The counter's door. `?today=slow` keeps it thinking, `shut` shuts it, `muddled` lets it answer rubbish: so
 * that all of that can be tried.
 */
export async function POST(request: Request): Promise<Response> {
  const today = new URL(request.url).searchParams.get("today");
  if (today === "shut") return NextResponse.json({ why: "The counter is shut." }, { status: 503 });
  if (today === "muddled") return NextResponse.json({ shops: "yes", offers: [{ id: 7 }] });
  if (today === "slow") await new Promise((wake) => setTimeout(wake, SLOW_MS));
  const ask = counterAskSchema.safeParse(await request.json().catch(() => undefined));
  if (!ask.success)
    return NextResponse.json({ why: "The counter could not read what was asked." }, { status: 400 });
  return NextResponse.json(counterAnswerSchema.parse(askCounter(ask.data)));
}
