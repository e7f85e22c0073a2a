import { EUROS } from "../../__fixtures__/money";
import type { Owned, Typed } from "../field";
import type { SlipKind, Worked } from "../slip";
import { slipNamed } from "../slips";

/** An empty chest and garage. */
export const EMPTY: Owned = {
  tools: [],
  vehicles: [],
  vehicleId: undefined,
  torqueUnit: "N.m",
  money: EUROS,
};

export function kind(name: string): SlipKind {
  const found = slipNamed(name);
  if (!found) throw new Error(`No slip is called ${name}.`);
  return found;
}

export function work(name: string, typed: Typed = {}, owned: Owned = EMPTY): Worked {
  return kind(name).work(typed, owned);
}

/** The answer with its unit, or the errors. */
export function answer(name: string, typed: Typed = {}, owned: Owned = EMPTY): string {
  const { slip, errors } = work(name, typed, owned);
  return slip ? [slip.answer.value, slip.answer.unit].filter(Boolean).join(" ") : JSON.stringify(errors);
}

/** The value of the first line whose label starts so. */
export function line(name: string, typed: Typed, label: string, owned: Owned = EMPTY): string | undefined {
  return work(name, typed, owned).slip?.lines.find((one) => one.label.startsWith(label))?.value;
}

/** The verdict with its tone, or the errors. */
export function verdict(name: string, typed: Typed, owned: Owned = EMPTY): string {
  const { slip, errors } = work(name, typed, owned);
  return slip ? `${slip.verdict?.tone}: ${slip.verdict?.says}` : JSON.stringify(errors);
}
