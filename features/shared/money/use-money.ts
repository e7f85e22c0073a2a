"use client";

import { useMemo } from "react";
import type { Writing } from "@/core/model/writing";
import { WRITING_ID } from "@/core/model/writing";
import { type Money, moneyOfLanguage } from "@/core/quantity/money";
import type { Change } from "@/data/change";
import { useCollection } from "@/data/hooks";
import { stamp, touched } from "@/data/stamp";

/** What prices are in where nobody said: what is usual where this browser's language is spoken. */
const here = () => moneyOfLanguage(typeof navigator === "undefined" ? "en-IE" : navigator.language);

/** What prices are in, and how they are written: as the household chose, or as is usual here. */
export function useMoney(): Money {
  const kept = useWriting();
  return useMemo(() => (kept ? { currency: kept.currency, region: kept.region } : here()), [kept]);
}

/** How the household chose that money is written; undefined where nobody did. The demo's only where there is no own. */
export function useWriting(): Writing | undefined {
  const kept = useCollection("writing");
  return kept?.find(({ origin }) => origin === "own") ?? kept?.[0];
}

/** The change that keeps a choice of the household's own. */
export function keepMoney(money: Money, kept: Writing | undefined): Change {
  const before = kept?.origin === "own" ? touched(kept) : { ...stamp("own"), id: WRITING_ID };
  return { put: { writing: [{ ...before, ...money }] } };
}
