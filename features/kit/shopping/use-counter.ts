"use client";

import { useCallback, useEffect, useMemo, useState } from "react";
import {
  type CounterAnswer,
  type CounterAsk,
  type Offer,
  type Wanted,
  counterAnswerSchema,
} from "@/core/model/offer";
import { asksFor } from "@/core/shop/wanted";
import { type CounterDay } from "@/data/settings";

export type CounterState =
  { kind: "asking" } | { kind: "open"; answer: CounterAnswer } | { kind: "shut"; why: string };

const PATIENCE_MS = 8000;

/**
 * Asks the counter for what is wanted, once a question; a counter that is shut, slow or talks rubbish is said
 * so, and can be asked again.
 */
export function useCounter(
  wanted: readonly Wanted[],
  day: CounterDay,
): [state: CounterState, askAgain: () => void] {
  const question = useMemo(() => JSON.stringify({ wanted }), [wanted]);
  const [tries, setTries] = useState(0);
  const [state, setState] = useState<CounterState & { question: string }>({ kind: "asking", question: "" });
  useEffect(() => {
    const stop = new AbortController();
    void ask(question, day, stop.signal).then(
      (next) => !stop.signal.aborted && setState({ ...next, question: `${question} ${day} ${tries}` }),
    );
    return () => stop.abort();
  }, [question, day, tries]);
  const askAgain = useCallback(() => setTries((before) => before + 1), []);
  return [state.question === `${question} ${day} ${tries}` ? state : { kind: "asking" }, askAgain];
}

/** Asks for everything, in turns where it is much; what is on the shelf is answered each time and counted once. */
async function ask(question: string, day: CounterDay, gone: AbortSignal): Promise<CounterState> {
  const { wanted } = JSON.parse(question) as CounterAsk;
  const offers = new Map<string, Offer>();
  let shops: CounterAnswer["shops"] = [];
  for (const one of asksFor(wanted)) {
    const state = await askOnce(JSON.stringify(one), day, gone);
    if (state.kind !== "open") return state;
    shops = state.answer.shops;
    for (const offer of state.answer.offers) offers.set(offer.id, offer);
  }
  return { kind: "open", answer: { shops, offers: [...offers.values()] } };
}

async function askOnce(question: string, day: CounterDay, gone: AbortSignal): Promise<CounterState> {
  const shut = (why: string): CounterState => ({ kind: "shut", why });
  try {
    const signal = AbortSignal.any([gone, AbortSignal.timeout(PATIENCE_MS)]);
    const response = await fetch(`/api/counter?today=${day}`, {
      method: "POST",
      body: question,
      headers: { "content-type": "application/json" },
      signal,
    });
    if (!response.ok)
      return shut(
        response.status === 503
          ? "The counter is shut today."
          : "The counter did not understand what was asked.",
      );
    const answer = counterAnswerSchema.safeParse(await response.json());
    return answer.success
      ? { kind: "open", answer: answer.data }
      : shut("The counter answered something that is no list of offers. Nothing of it was used.");
  } catch (error) {
    if (error instanceof DOMException && error.name === "TimeoutError")
      return shut("The counter takes too long.");
    return shut("The counter cannot be reached: it counts as shut.");
  }
}
