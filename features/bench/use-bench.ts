"use client";

import { useCallback, useState } from "react";
import type { Typed } from "@/core/slip/field";
import { forgetHere, keepHere, keptHere } from "@/ui/kept-here";

export interface TypedHere {
  typed: Typed;
  type: (typed: Typed) => void;
  /**
   * Puts back what stood here before a link brought other inputs; undefined when there is nothing to put
   * back.
   */
  bringBack: (() => void) | undefined;
}

const keyOf = (slip: string) => `bench ${slip}`;
const beforeOf = (slip: string) => `bench ${slip} before`;

/** What stands in a slip's fields, kept in this browser until it is changed. */
export function useTyped(slip: string): TypedHere {
  const [typed, setTyped] = useState<Typed>(() => read(keyOf(slip)) ?? {});
  const [before, setBefore] = useState(() => read(beforeOf(slip)));
  const type = useCallback(
    (next: Typed) => {
      keepHere(keyOf(slip), JSON.stringify(next));
      setTyped(next);
    },
    [slip],
  );
  const bringBack =
    before &&
    (() => {
      type(before);
      forgetHere(beforeOf(slip));
      setBefore(undefined);
    });
  return { typed, type, bringBack };
}

/** Puts the inputs of a link into a slip, and what stood there aside. */
export function takeLinked(slip: string, typed: Typed): void {
  const stood = keptHere(keyOf(slip));
  const linked = JSON.stringify(typed);
  if (stood !== undefined && stood !== linked && stood !== "{}") keepHere(beforeOf(slip), stood);
  keepHere(keyOf(slip), linked);
}

const OPEN = "bench open";

/** The slip that was open last; undefined before the first, or after going back to the list. */
export function lastSlip(): string | undefined {
  return keptHere(OPEN);
}

export function rememberSlip(slip: string | undefined): void {
  if (slip === undefined) forgetHere(OPEN);
  else keepHere(OPEN, slip);
}

function read(key: string): Typed | undefined {
  try {
    const kept: unknown = JSON.parse(keptHere(key) ?? "null");
    if (typeof kept !== "object" || kept === null) return undefined;
    return Object.fromEntries(
      Object.entries(kept).filter((entry): entry is [string, string] => typeof entry[1] === "string"),
    );
  } catch {
    return undefined;
  }
}
