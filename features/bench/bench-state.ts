import { InputError } from "@/core/input-error";
import type { TorqueWrench } from "@/core/model/tool";
import { readLengthMm } from "@/core/quantity/length";
import { readNumber } from "@/core/quantity/read-number";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import type { TorqueQuantity } from "@/core/quantity/torque-quantity";
import { type TorqueUnit } from "@/core/quantity/torque-unit";
import { type AdapterSlip, adapterSlip } from "@/core/torque/adapter-slip";
import { type WrenchRefusal, type WrenchSetting, setWrench } from "@/core/torque/choose-wrench";
import { stagesOf } from "@/core/torque/target";
import { fieldReader } from "@/ui/form/field-reader";

/** Everything typed on the Bench, as typed. */
export interface BenchFields {
  torque: string;
  wrench: string;
  grip: string;
  unit: TorqueUnit;
  step: string;
  adapterOn: boolean;
  offset: string;
  angle: string;
}

export const BENCH_START: BenchFields = { torque: "40 Nm", wrench: "", grip: "380", unit: "lbf.ft", step: "0.5", adapterOn: false, offset: "45", angle: "0" };

export interface BenchAnswer {
  torque: TorqueQuantity | undefined;
  lever: { gripLengthMm: number; offsetMm: number; angleDeg: number } | undefined;
  slip: AdapterSlip | undefined;
  /** The owned wrench that was chosen, set or refused; undefined for another wrench. */
  judged: WrenchSetting | WrenchRefusal | undefined;
  errors: Partial<Record<keyof BenchFields, string>>;
}

/** Works the Bench's one slip through from what is typed; what cannot be read is said beside its field. */
export function workBench(fields: BenchFields, owned: TorqueWrench | undefined): BenchAnswer {
  const { read, errors } = fieldReader<keyof BenchFields>();
  const torque = read("torque", () => readOneTorque(fields.torque));
  const gripLengthMm = owned?.gripLengthMm ?? read("grip", () => readLengthMm(fields.grip, "mm", "The grip length"));
  const step = owned?.step ?? read("step", () => readNumber(fields.step, "The smallest step").value);
  const offsetMm = fields.adapterOn ? read("offset", () => readLengthMm(fields.offset, "mm", "The adapter's offset")) : 0;
  const angleDeg = fields.adapterOn ? read("angle", () => readNumber(fields.angle.replace(/°\s*$/, ""), "The angle").value) : 0;
  const unread: BenchAnswer = { torque, lever: undefined, slip: undefined, judged: undefined, errors };
  if (!torque || gripLengthMm === undefined || step === undefined || offsetMm === undefined || angleDeg === undefined) return unread;

  const adapter = fields.adapterOn ? { offsetMm, angleDeg } : undefined;
  const slip = readInto(errors, () => adapterSlip({ torque, gripLengthMm, adapter, unit: owned?.unit ?? fields.unit, step, scaleFrom: owned?.min ?? 0 }));
  if (!slip) return unread;
  const [stage] = stagesOf({ form: "value", torque });
  const judged = owned && stage?.kind === "torque" ? setWrench(owned, stage.target, adapter ? [adapter] : []) : undefined;
  return { torque, lever: { gripLengthMm, offsetMm, angleDeg }, slip, judged, errors };
}

function readOneTorque(text: string): TorqueQuantity {
  const figure = readTorqueFigure(text);
  if (figure.form !== "value") throw new InputError('One value here, such as "35 ft lbs".');
  return figure.torque;
}

/** Core names the parameter an error is about; here it is shown at the field of that parameter. */
const FIELD_OF: Record<string, keyof BenchFields> = { gripLength: "grip", offset: "offset", angle: "angle", step: "step", torque: "torque" };

function readInto<T>(errors: BenchAnswer["errors"], how: () => T): T | undefined {
  try {
    return how();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    errors[FIELD_OF[error.field ?? "torque"] ?? "torque"] = error.message;
    return undefined;
  }
}
