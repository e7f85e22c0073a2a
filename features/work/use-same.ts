"use client";

import { useState } from "react";

/**
 * The value as it was the last time while it says the same, so that what hangs on it is not drawn anew with
 * every tap. Plain data only.
 */
export function useSame<T>(value: T): T {
  const text = JSON.stringify(value);
  const [kept, setKept] = useState({ text, value });
  if (kept.text === text) return kept.value;
  setKept({ text, value });
  return value;
}
