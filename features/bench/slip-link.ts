import type { Typed } from "@/core/slip/slip";

/** The address that opens a slip with the same inputs on the Bench's own page. */
export function slipHref(slip: string, typed: Typed = {}): string {
  return `/bench?${new URLSearchParams({ slip, ...typed }).toString()}`;
}

/** What an address asks for: which slip, and what stands in its fields; undefined where it names no slip. */
export function readSlipHref(search: string): { slip: string; typed: Typed } | undefined {
  const { slip, ...typed } = Object.fromEntries(new URLSearchParams(search));
  return slip === undefined ? undefined : { slip, typed };
}
