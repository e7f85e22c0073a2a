import { z } from "zod";
import { ifTyped, oneOf, readForm, refused, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import { TECHNIQUES } from "@/core/joint/scatter";
import type { LabAsk } from "@/core/practise/lab";
import { readTorque } from "@/core/quantity/read-torque";
import { readShare } from "@/core/quantity/share";
import { quantityNm } from "@/core/quantity/torque-quantity";
import { NUT_FACTOR, THREAD_CONDITIONS, readNutFactor } from "@/core/thread/nut-factor";
import { STRENGTH_CLASSES, type StrengthClass, isDefinedFor } from "@/core/thread/strength";
import { diameterMm, readThread } from "@/core/thread/thread";

/** What stands in the lab's fields. */
export interface LabFields {
  thread: string;
  strength: string;
  condition: string;
  nutFactor: string;
  torque: string;
  accuracy: string;
  technique: string;
}

export const LAB_STARTS: LabFields = {
  thread: "M10",
  strength: "8.8",
  condition: "dry",
  nutFactor: "",
  torque: "45 N·m",
  accuracy: "4",
  technique: "torque wrench",
};

const accuracy = typed((text) => {
  const share = readShare(text, "The wrench's accuracy");
  if (share <= 0 || share > 0.2) throw new InputError("A torque wrench is accurate to 0.5 to 20 %.");
  return share;
});

/** Which threads there are hangs on the class. */
const labForm = (strength: StrengthClass | undefined) =>
  z.object({
    thread: strength
      ? typed((text) => {
          const thread = readThread(text);
          if (!isDefinedFor(strength, diameterMm(thread)))
            throw new InputError(
              `${strength} is not defined for a thread this thick. Choose another class or thread.`,
            );
          return thread;
        })
      : refused("Choose a class first."),
    strength: oneOf(STRENGTH_CLASSES, "Choose a class."),
    condition: oneOf(THREAD_CONDITIONS, "Choose what the threads are like."),
    nutFactor: ifTyped((text) => readNutFactor(text, "K")),
    torque: typed((text) => quantityNm(readTorque(text))),
    accuracy,
    technique: oneOf(TECHNIQUES, "Choose how they are made tight."),
  });

/** What is asked of the lab, or what is wrong at which field. */
export function readLab(
  fields: LabFields,
  seed: number,
): { ask?: LabAsk; errors: { [K in keyof LabFields]?: string } } {
  const read = readForm(labForm(STRENGTH_CLASSES.find((one) => one === fields.strength)), fields);
  if ("errors" in read) return { errors: read.errors };
  const { torque: torqueNm, ...value } = read.value;
  return { ask: { ...value, torqueNm, seed }, errors: {} };
}

/** The band of a condition, as the Bench has it: "0.17 to 0.22". */
export const bandOf = (condition: string): string =>
  NUT_FACTOR[THREAD_CONDITIONS.find((one) => one === condition) ?? "dry"]
    .map((factor) => factor.toFixed(2))
    .join(" to ");
