import { InputError } from "../input-error";
import type { SquareDrive } from "../drive/square-drive";
import { SQUARE_DRIVES } from "../drive/square-drive";
import type { ToolOf } from "../model/tool";
import { readNumber } from "../quantity/read-number";
import { readTorqueUnit } from "../quantity/read-torque";

type WrenchDraft = Omit<ToolOf<"torque wrench">, "id" | "createdAt" | "updatedAt" | "schema" | "origin">;

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;

/**
 * A torque wrench from one line: drive, range with unit, step, grip length.
 * @throws InputError naming what the line does not say; nothing about a wrench is assumed but that it clicks.
 * Example: "torque wrench 3/8 10-75 lb ft by 0.5 grip 380" → the wrench.
 */
export function readWrench(plain: string): WrenchDraft {
  const range = new RegExp(String.raw`${NUMBER}\s*(?:-|–|to)\s*${NUMBER}\s*([a-z][a-z .·/-]*[a-z]|nm)`).exec(plain.replace(/\b(?:1\/4|3\/8|1\/2|3\/4)\b/g, " "));
  const unitText = range?.[3]?.split(/\b(?:by|step|in steps|grip|click|dial|digital|beam|±)\b/)[0]?.trim() ?? "";
  const unit = range ? readTorqueUnit(unitText) : undefined;
  if (!range || !unit) throw new InputError("Say its range and unit: torque wrench 3/8, 10-75 lb ft by 0.5, grip 380.");
  const drive: SquareDrive | undefined = SQUARE_DRIVES.find((one) => one !== "1" && plain.includes(one)) ?? (/\b1 ?(?:in|inch|")/.test(plain) ? "1" : undefined);
  if (!drive) throw new InputError("Say its square drive: 1/4, 3/8, 1/2, 3/4 or 1 in.");
  const step = new RegExp(String.raw`(?:by|steps? of)\s*${NUMBER}`).exec(plain);
  if (!step) throw new InputError("Say the gap between two marks of its scale: by 0.5.");
  const grip = new RegExp(String.raw`(?:grip|handle|arm)\D{0,6}${NUMBER}`).exec(plain);
  if (!grip) throw new InputError("Say how far it is from the square to the middle of the grip: grip 380 mm.");
  const percent = new RegExp(String.raw`${NUMBER}\s*%`).exec(plain);
  const number = (text: string | undefined, what: string) => readNumber(text ?? "", what).value;
  const min = number(range[1], "The bottom of the scale");
  const max = number(range[2], "The top of the scale");
  if (min >= max) throw new InputError("The top of the scale must be above its bottom.");
  const stepValue = number(step[1], "The smallest step");
  if (stepValue <= 0 || stepValue > max / 2) throw new InputError("The smallest step is the gap between two marks; that is not one.");
  const accuracy = percent && number(percent[1], "The accuracy") / 100;
  if (accuracy && accuracy > 0.2) throw new InputError("The accuracy is at most 20 %.");
  const works = /\b(?:dial|beam)\b/.test(plain) ? "dial" : /\bdigital\b/.test(plain) ? "digital" : "click";
  return {
    kind: "torque wrench",
    name: `${drive} in torque wrench`,
    works,
    drive,
    unit,
    min,
    max,
    step: stepValue,
    gripLengthMm: number(grip[1], "The grip length"),
    ...(accuracy ? { accuracy } : {}),
  };
}
