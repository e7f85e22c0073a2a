import type { Sheet } from "./sheet";
import { airFilters } from "./sheets/air-filters";
import { alternator } from "./sheets/alternator";
import { antiRollLinks } from "./sheets/anti-roll-links";
import { auxiliaryBelt } from "./sheets/auxiliary-belt";
import { battery } from "./sheets/battery";
import { bonnetStruts } from "./sheets/bonnet-struts";
import { brakeFluid } from "./sheets/brake-fluid";
import { camCoverSheet } from "./sheets/cam-cover";
import { drumShoes } from "./sheets/drum-shoes";
import { engineMount } from "./sheets/engine-mount";
import { engineOil } from "./sheets/engine-oil";
import { exhaustHanger } from "./sheets/exhaust-hanger";
import { gearboxOil } from "./sheets/gearbox-oil";
import { lowerArm } from "./sheets/lower-arm";
import { outerSteeringRod } from "./sheets/outer-steering-rod";
import { oxygenSensor } from "./sheets/oxygen-sensor";
import { padsAndDiscs } from "./sheets/pads-and-discs";
import { radiatorSheet } from "./sheets/radiator";
import { rearDampers } from "./sheets/rear-dampers";
import { seasonWheels } from "./sheets/season-wheels";
import { sparkPlugs } from "./sheets/spark-plugs";
import { starterSheet } from "./sheets/starter";
import { thermostat } from "./sheets/thermostat";
import { throttleBody } from "./sheets/throttle-body";
import { wheelBearingBolted } from "./sheets/wheel-bearing-bolted";
import { windowRegulator } from "./sheets/window-regulator";
import { wiperLinkage } from "./sheets/wiper-linkage";

/**
 * Every generic job sheet, in the order of the shelf: brakes, wheels and suspension, engine, cooling, exhaust, electrics,
 * body.
 */
export const SHELF: readonly Sheet[] = [
  padsAndDiscs,
  drumShoes,
  brakeFluid,
  seasonWheels,
  wheelBearingBolted,
  antiRollLinks,
  lowerArm,
  outerSteeringRod,
  rearDampers,
  engineOil,
  gearboxOil,
  airFilters,
  sparkPlugs,
  camCoverSheet,
  throttleBody,
  engineMount,
  auxiliaryBelt,
  thermostat,
  radiatorSheet,
  oxygenSensor,
  exhaustHanger,
  battery,
  alternator,
  starterSheet,
  windowRegulator,
  wiperLinkage,
  bonnetStruts,
];

/** The sheet of that name; undefined for a name that there is none of. */
export function sheetNamed(name: string): Sheet | undefined {
  return SHELF.find((sheet) => sheet.name === name);
}
