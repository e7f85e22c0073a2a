import { NextResponse } from "next/server";
import { LARGEST_ASK_BYTES, counterAskSchema } from "@/core/model/offer";
import { askCounter } from "@/stand-ins/counter/counter";
import { Refused, fromItself, isJson, readBody } from "../door";

const SLOW_MS = 4000;
/** How long a question may take to arrive, and how many may stand at the door. */
const PATIENCE_MS = 2000;
const MOST_AT_ONCE = 20;

let atTheDoor = 0;

/** The counter's door: questions of the app's own pages, small and soon told. */
export async function POST(request: Request): Promise<Response> {
  if (atTheDoor >= MOST_AT_ONCE) return no(429, "The counter has its hands full. Ask again in a moment.");
  atTheDoor++;
  try {
    fromItself(request);
    isJson(request);
    const body = await readBody(request, LARGEST_ASK_BYTES, PATIENCE_MS);
    return (await asItIsToday(request)) ?? answer(body);
  } catch (error) {
    if (error instanceof Refused) return no(error.status, error.message);
    throw error;
  } finally {
    atTheDoor--;
  }
}

const no = (status: number, why: string): Response =>
  NextResponse.json(
    { why },
    { status, headers: status === 413 || status === 408 ? { connection: "close" } : {} },
  );

function answer(body: string): Response {
  const ask = counterAskSchema.safeParse(parsed(body));
  if (!ask.success) return no(400, "The counter could not read what was asked.");
  return NextResponse.json(askCounter(ask.data));
}

function parsed(body: string): unknown {
  try {
    return JSON.parse(body);
  } catch {
    return undefined;
  }
}

/** In the demo `?today=slow` keeps it thinking, `shut` shuts it, `muddled` lets it answer rubbish: all can be tried. */
async function asItIsToday(request: Request): Promise<Response | undefined> {
  if (process.env.NEXT_PUBLIC_OPEN_WITH !== "demo") return undefined;
  const today = new URL(request.url).searchParams.get("today");
  if (today === "shut") return no(503, "The counter is shut.");
  if (today === "muddled") return NextResponse.json({ shops: "yes", offers: [{ id: 7 }] });
  if (today === "slow") await new Promise((wake) => setTimeout(wake, SLOW_MS));
  return undefined;
}
