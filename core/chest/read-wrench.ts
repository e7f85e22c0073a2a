import { InputError } from "../input-error";
import { SQUARE_DRIVES } from "../model/square-drive";
import type { ToolOf } from "../model/tool";
import { readLengthMm } from "../quantity/length";
import { LineTaker } from "../quantity/line-taker";
import { measurePattern } from "../quantity/measure";
import { NUMBER, readNumber } from "../quantity/read-number";
import { torqueUnitAt } from "../quantity/read-torque-unit";
import { torqueSymbol } from "../quantity/torque-unit";
import { DRIVE } from "./chest-words";
import { Missing, before, behind } from "./missing";

type WrenchDraft = Omit<ToolOf<"torque wrench">, "id" | "createdAt" | "updatedAt" | "schema" | "origin">;

const LENGTH = measurePattern("length");
const GRIP = [
  new RegExp(`\\b(?:grip|handle|arm)(?: length)?\\s*(?:of|is|=|:)?\\s*(${LENGTH})`),
  new RegExp(`(${LENGTH})\\s*(?:grip|handle|arm)\\b`),
];

const STEPS = [
  new RegExp(`\\b(?:by|(?:in )?(?:steps?|increments?|graduations?)(?: of)?)\\s*(${NUMBER})`),
  new RegExp(`(${NUMBER})\\s*[a-z·. ]{0,7}\\s*(?:steps?|increments?|graduations?)\\b`),
];

const PERCENT = new RegExp(`(?:±|\\+\\/?-)?\\s*(${NUMBER})\\s*%`);
const RANGE = new RegExp(`(${NUMBER})\\s*([a-z·. ]*?)\\s*(?:-|–|to)\\s*(${NUMBER})\\s*(?=[a-z])`);
const WORKS: readonly [RegExp, WrenchDraft["works"]][] = [
  [/\b(?:bending )?beam\b/, "beam"],
  [/\bdial\b/, "dial"],
  [/\bdigital\b/, "digital"],
];

/**
 * A torque wrench from one line: drive, range with unit, step, grip length in any unit of length.
 * @throws InputError naming what the line does not say, or a number in it that was not understood; nothing
 * about a wrench is assumed but that it clicks. Example: "torque wrench 3/8 10-75 lb ft by 0.5 grip 380" →
 * the wrench.
 */
export function readWrench(plain: string): WrenchDraft {
  const line = new LineTaker(plain);
  const gripLengthMm = GRIP.map((pattern) =>
    line.take(
      pattern,
      ([, length = ""]) => Math.round(readLengthMm(length, "mm", "The grip length") * 10) / 10,
    ),
  ).find((mm) => mm !== undefined);
  const drive =
    line.take(DRIVE, ([, found]) => SQUARE_DRIVES.find((one) => one === found)) ??
    line.take(/\b1 ?(?:in|inch|")(?!\w)/, () => "1" as const);
  const step = STEPS.map((pattern) =>
    line.take(pattern, ([, number = ""]) => readNumber(number, "The smallest step").value),
  ).find((gap) => gap !== undefined);
  const accuracy = line.take(PERCENT, ([, number = ""]) => readNumber(number, "The accuracy").value / 100);
  const range = takeRange(line);
  if (!range) throw noRange(plain);
  if (!drive)
    throw new Missing(
      "Which is its square drive?",
      SQUARE_DRIVES.map((one) => before(`${one} in`)),
    );
  if (step === undefined)
    throw new Missing(
      "What is the gap between two marks of its scale? Or type it: by 0.5.",
      [0.1, 0.5, 1, 2, 5].map((gap) => behind(`${gap} ${torqueSymbol(range.unit)}`, `by ${gap}`)),
    );
  if (range.min >= range.max) throw new InputError("The top of the scale must be above its bottom.");
  if (step <= 0 || step > range.max / 2)
    throw new InputError("The smallest step is the gap between two marks; that is not one.");
  if (accuracy !== undefined && (accuracy <= 0 || accuracy > 0.2))
    throw new InputError("The accuracy is above 0 and at most 20 %.");
  if (gripLengthMm !== undefined && (gripLengthMm < 50 || gripLengthMm > 3000))
    throw new InputError(
      `A grip ${Math.round(gripLengthMm)} mm from the square is no torque wrench's. Check the number and its unit.`,
    );
  refuseLeftOver(line);
  const works = WORKS.find(([words]) => words.test(plain))?.[1] ?? "click";
  return {
    kind: "torque wrench",
    name: `${drive} in torque wrench`,
    works,
    drive,
    ...range,
    step,
    ...(gripLengthMm === undefined ? {} : { gripLengthMm }),
    ...(accuracy === undefined ? {} : { accuracy }),
  };
}

/** A range whose unit is not said is asked about; where there is none, it has to be typed. */
function noRange(plain: string): InputError {
  const bare = new RegExp(`(${NUMBER}\\s*(?:-|–|to)\\s*${NUMBER})`);
  if (!bare.test(plain.replace(DRIVE, " ")))
    return new InputError("Say its range and unit: torque wrench 3/8, 10-75 lb ft by 0.5, grip 380.");
  const put = (unit: string) => (line: string) =>
    line.replace(/(\d\s*(?:-|–|to)\s*\d+(?:[.,]\d+)?)(?!\/)/, `$1 ${unit}`);
  return new Missing("In which unit is its scale?", [
    { says: "N·m", put: put("Nm") },
    { says: "lb·ft", put: put("lb ft") },
    { says: "lb·in", put: put("lb in") },
  ]);
}

function takeRange(line: LineTaker): Pick<WrenchDraft, "unit" | "min" | "max"> | undefined {
  const range = line.take(RANGE, ([, from = "", , to = ""]) => ({
    min: readNumber(from, "The bottom of the scale").value,
    max: readNumber(to, "The top of the scale").value,
  }));
  if (!range) return undefined;
  const rest = line.rest();
  for (let at = 0; at < rest.length; at++) {
    const unit = /[a-z]/.test(rest[at - 1] ?? "") ? undefined : torqueUnitAt(rest, at);
    if (unit && unit.tens === 0) return { unit: unit.unit, ...range };
  }
  return undefined;
}

/**
 * A number that nothing was made of is told back: it may be the one that matters. @throws InputError quoting
 * it.
 */
export function refuseLeftOver(line: LineTaker): void {
  const left = line.rest();
  const number = /\S*\d\S*/.exec(left)?.[0];
  if (number !== undefined)
    throw new InputError(`“${number}” was not understood here. Leave it out, or write what it is.`);
}
