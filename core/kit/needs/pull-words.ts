import { STANDARD_GRAVITY } from "../../quantity/gravity";
/** A pull told so that it can be imagined: "a pull of 46 kg (451 N)". */
export function kgOfPull(pullN: number): string {
  const kg = pullN / STANDARD_GRAVITY;
  return `a pull of ${kg >= 20 ? Math.round(kg) : kg.toFixed(1)} kg (${Math.round(pullN)} N)`;
}
