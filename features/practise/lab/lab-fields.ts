import { InputError } from "@/core/input-error";
import { TECHNIQUES, type Technique } from "@/core/joint/scatter";
import type { LabAsk } from "@/core/practise/lab";
import { readTorque } from "@/core/quantity/read-torque";
import { readShare } from "@/core/quantity/share";
import { quantityNm } from "@/core/quantity/torque-quantity";
import { NUT_FACTOR, THREAD_CONDITIONS, type ThreadCondition, readNutFactor } from "@/core/thread/nut-factor";
import { isDefinedFor, STRENGTH_CLASSES, type StrengthClass } from "@/core/thread/strength";
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

export type LabErrors = Partial<Record<keyof LabFields, string>>;

/** What is asked of the lab, or what is wrong at which field. */
export function readLab(fields: LabFields, seed: number): { ask?: LabAsk; errors: LabErrors } {
  const errors: LabErrors = {};
  const at = <T>(field: keyof LabFields, read: () => T): T | undefined => {
    try {
      return read();
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[field] = error.message;
      return undefined;
    }
  };
  const strength = STRENGTH_CLASSES.find((one) => one === fields.strength) ?? ("8.8" satisfies StrengthClass);
  const thread = at("thread", () => {
    const read = readThread(fields.thread);
    if (!isDefinedFor(strength, diameterMm(read)))
      throw new InputError(
        `${strength} is not defined for a thread this thick. Choose another class or thread.`,
      );
    return read;
  });
  const torqueNm = at("torque", () => quantityNm(readTorque(fields.torque)));
  const accuracy = at("accuracy", () => {
    const share = readShare(fields.accuracy, "The wrench's accuracy");
    if (share <= 0 || share > 0.2) throw new InputError("A torque wrench is accurate to 0.5 to 20 %.");
    return share;
  });
  const nutFactor =
    fields.nutFactor.trim() === "" ? undefined : at("nutFactor", () => readNutFactor(fields.nutFactor, "K"));
  if (!thread || torqueNm === undefined || accuracy === undefined || errors.nutFactor) return { errors };
  const condition: ThreadCondition = THREAD_CONDITIONS.find((one) => one === fields.condition) ?? "dry";
  const technique: Technique = TECHNIQUES.find((one) => one === fields.technique) ?? "torque wrench";
  return { ask: { thread, strength, condition, nutFactor, torqueNm, accuracy, technique, seed }, errors };
}

/** The band of a condition, as the Bench has it: "0.17 to 0.22". */
export const bandOf = (condition: string): string => {
  const known = THREAD_CONDITIONS.find((one) => one === condition) ?? "dry";
  return NUT_FACTOR[known].map((factor) => factor.toFixed(2)).join(" to ");
};
