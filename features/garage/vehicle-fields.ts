import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import { readSupply } from "@/core/kit/needs/read-supply";
import { formatAmount } from "@/core/kit/needs/supply-needs";
import type { RecordStamp } from "@/core/model/record";
import type { Vehicle } from "@/core/model/vehicle";
import { readLengthMm } from "@/core/quantity/length";
import { readNumber } from "@/core/quantity/read-number";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { formatFigure } from "@/core/quantity/torque-words";

/** A vehicle as it is typed. */
export interface VehicleFields {
  name: string;
  year: string;
  engine: string;
  driven: string;
  distanceUnit: Vehicle["distanceUnit"];
  torqueUnit: Vehicle["torqueUnit"];
  kerbWeight: string;
  frontShare: string;
  wheelbase: string;
  insetFront: string;
  insetRear: string;
  wheelTorque: string;
  fluids: string;
  notes: string;
}

/** The fields of a vehicle, or of a new one. */
export function vehicleFields(vehicle: Vehicle | undefined): VehicleFields {
  const text = (value: string | number | undefined) => (value === undefined ? "" : String(value));
  return {
    name: text(vehicle?.name),
    year: text(vehicle?.year),
    engine: text(vehicle?.engine),
    driven: text(vehicle?.driven),
    distanceUnit: vehicle?.distanceUnit ?? "km",
    torqueUnit: vehicle?.torqueUnit ?? "N.m",
    kerbWeight: text(vehicle?.kerbWeightKg),
    frontShare: vehicle?.frontShare === undefined ? "" : String(Number((vehicle.frontShare * 100).toFixed(1))),
    wheelbase: text(vehicle?.wheelbaseMm),
    insetFront: text(vehicle?.standInsetMm?.front),
    insetRear: text(vehicle?.standInsetMm?.rear),
    wheelTorque: vehicle?.wheelTorque ? formatFigure(vehicle.wheelTorque) : "",
    fluids: (vehicle?.fluids ?? []).map(({ name, capacityMl }) => `${name} ${formatAmount({ value: capacityMl, unit: "mL" })}`).join("\n"),
    notes: text(vehicle?.notes),
  };
}

/** Reads the fields into a vehicle with the stamp given, or says what is wrong at each field. */
export function readVehicle(fields: VehicleFields, stamp: RecordStamp): { vehicle: Vehicle } | { errors: Partial<Record<keyof VehicleFields, string>> } {
  const { read, errors, failed } = fieldReader<keyof VehicleFields>();
  const within = (text: string, what: string, low: number, high: number, unit: string) => {
    const { value } = readNumber(text, what);
    if (value < low || value > high) throw new InputError(`${what} is between ${low} and ${high}${unit}. Check the number.`);
    return value;
  };
  const mm = (text: string, what: string, low: number, high: number) => {
    const value = readLengthMm(text, "mm", what);
    if (value < low || value > high) throw new InputError(`${what} is between ${low} and ${high} mm. Check the number.`);
    return value;
  };
  const name = read("name", () => requireText(fields.name, "Give it a name you know it by."));
  const year = read("year", () => ifTyped(fields.year, (text) => Math.round(within(text, "The year", 1885, 2200, ""))));
  const kerbWeightKg = read("kerbWeight", () => ifTyped(fields.kerbWeight, (text) => within(text, "The kerb weight", 50, 20_000, " kg")));
  const percent = read("frontShare", () => ifTyped(fields.frontShare.replace("%", ""), (text) => within(text, "The front share", 20, 80, " %")));
  const wheelbaseMm = read("wheelbase", () => ifTyped(fields.wheelbase, (text) => mm(text, "The wheelbase", 500, 8000)));
  const front = read("insetFront", () => ifTyped(fields.insetFront, (text) => mm(text, "The front stands' place", 0, 2000)));
  const rear = read("insetRear", () => ifTyped(fields.insetRear, (text) => mm(text, "The rear stands' place", 0, 2000)));
  const wheelTorque = read("wheelTorque", () => ifTyped(fields.wheelTorque, readTorqueFigure));
  const fluids = read("fluids", () => readFluids(fields.fluids));
  if (failed() || name === undefined) return { errors };
  const driven = fields.driven === "front" || fields.driven === "rear" || fields.driven === "all" ? fields.driven : undefined;
  const vehicle: Vehicle = {
    ...stamp,
    name,
    distanceUnit: fields.distanceUnit,
    torqueUnit: fields.torqueUnit,
    ...defined({
      year,
      engine: ifTyped(fields.engine, (text) => text.slice(0, 200)),
      driven,
      kerbWeightKg,
      frontShare: percent === undefined ? undefined : percent / 100,
      wheelbaseMm,
      standInsetMm: front === undefined && rear === undefined ? undefined : { front: front ?? 0, rear: rear ?? 0 },
      wheelTorque,
      fluids: fluids && fluids.length > 0 ? fluids : undefined,
      notes: ifTyped(fields.notes, (text) => text),
    }),
  };
  return { vehicle };
}

/** What the vehicle is filled with, a line each: "coolant 6.2 L". */
function readFluids(text: string): NonNullable<Vehicle["fluids"]> {
  const lines = text.split("\n").filter((line) => line.trim() !== "");
  return lines.map((line) => {
    const read = readSupply(line, "fluid");
    if (!("amount" in read) || read.amount.unit !== "mL") throw new InputError(`“${line.trim()}” needs how much goes in: coolant 6.2 L.`);
    return { name: read.name, capacityMl: read.amount.value };
  });
}

type Defined<T> = { [K in keyof T]?: Exclude<T[K], undefined> };

/** The same object without its undefined entries: a record leaves out what is not known. */
function defined<T extends object>(object: T): Defined<T> {
  return Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as Defined<T>;
}
