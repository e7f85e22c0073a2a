import { adapter } from "./adapter";
import { angle } from "./angle";
import { bar } from "./bar";
import { castle } from "./castle";
import { coolant } from "./coolant";
import { fit } from "./fit";
import { lubricant } from "./lubricant";
import { pattern } from "./pattern";
import { sane } from "./sane";
import type { SlipKind } from "./slip";
import { stands } from "./stands";
import { stud } from "./stud";
import { turns } from "./turns";
import { units } from "./units";

/** Every calculation of the Bench, in the order of the list. */
export const SLIPS: readonly SlipKind[] = [
  units,
  adapter,
  sane,
  lubricant,
  fit,
  bar,
  pattern,
  angle,
  castle,
  turns,
  stud,
  coolant,
  stands,
];

/** The slip of that name; undefined for a name that there is none of. */
export function slipNamed(name: string): SlipKind | undefined {
  return SLIPS.find((kind) => kind.name === name);
}
