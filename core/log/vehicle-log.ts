import type { Household } from "../model/household";
import type { Vehicle } from "../model/vehicle";
import { type Owed, owedOf } from "./follow-up";
import { type Driving, drivingOf } from "./mileage/driving";
import { type Mileage, mileageOf } from "./mileage/mileage";
import { type Due, dueOf } from "./upkeep/due";
import { type Wear, wearOf } from "./upkeep/wear";

/** What the log and the garage know of one vehicle, worked out from what is stored. */
export interface VehicleLog {
  vehicle: Vehicle;
  mileage: Mileage;
  driving: Driving | undefined;
  /** The total by today as estimated, km. */
  nowKm: number;
  dues: Due[];
  /** What is measured on it, against its limits. */
  wears: Wear[];
  /** Its open follow-ups, by when they are owed. */
  owed: Owed[];
}

type Records = Pick<Household, "readings" | "replacements" | "measurements" | "intervals" | "followUps">;

/** @param today the local calendar day. */
export function vehicleLog(vehicle: Vehicle, records: Records, today: string): VehicleLog {
  const mileage = mileageOf(vehicle.id, records.readings, [...records.replacements, ...records.measurements]);
  const driving = drivingOf(mileage);
  return {
    vehicle,
    mileage,
    driving,
    nowKm: driving?.totalOn(today) ?? mileage.points.at(-1)?.km ?? 0,
    dues: dueOf(vehicle.id, records.intervals, records.replacements, mileage, driving, today),
    wears: wearOf(vehicle.id, records.measurements, records.replacements, mileage, driving, today),
    owed: records.followUps
      .filter((one) => one.vehicleId === vehicle.id && one.state === "open")
      .map((one) => owedOf(one, mileage, driving, today))
      .sort(
        (a, b) =>
          Number(b.reached) - Number(a.reached) || (a.on?.best ?? "9").localeCompare(b.on?.best ?? "9"),
      ),
  };
}
