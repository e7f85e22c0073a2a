import type { TorqueUnit } from "../quantity/torque-unit";
import { holdingTorques } from "../torque/torques-of";
import type { Term } from "./terms";
import { type FoundTorque, torqueUnitAt } from "./written-torque";

/** "…, all newton metres": a unit said once for every figure of its sentence. */
export function unitForAll(terms: readonly Term[], from: number): TorqueUnit | undefined {
  for (
    let at = from;
    at < Math.min(terms.length, from + 40) && !/^[.;\n]$/.test(terms[at]?.text ?? "");
    at++
  ) {
    if (/^(?:all|everything|figures|numbers)$/.test(terms[at]?.text ?? "")) {
      const unit = torqueUnitAt(terms, terms[at + 1]?.text === "in" ? at + 2 : at + 1);
      if (unit) return unit.unit;
    }
    // "Newton metres both", "foot pounds all of them".
    const own = torqueUnitAt(terms, at);
    if (
      own &&
      terms[at - 1]?.tag !== "number" &&
      /^(?:both|all|each|throughout)$/.test(terms[own.next]?.text ?? "")
    )
      return own.unit;
  }
  return undefined;
}

/** "That's all foot pounds": a unit that is said once for a whole telling. */
export const unitOfAll = (terms: readonly Term[]): TorqueUnit | undefined =>
  terms
    .map(({ text }, at) =>
      /^(?:all|everything|figures|numbers)$/.test(text)
        ? torqueUnitAt(terms, /^(?:in|is|are)$/.test(terms[at + 1]?.text ?? "") ? at + 2 : at + 1)?.unit
        : undefined,
    )
    .find(Boolean);

/** The unit that a figure without one is in: that of the figure said last, or of the first there is. */
export function nearestUnit(torques: readonly FoundTorque[], at: number): TorqueUnit | undefined {
  const near = torques.filter(({ from }) => from < at).at(-1) ?? torques[0];
  const torque = near && holdingTorques(near.figure)[0];
  return torque?.unit;
}
