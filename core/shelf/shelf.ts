import type { Sheet } from "./sheet";
import { airFilters } from "./sheets/air-filters";
import { alternator } from "./sheets/alternator";
import { antiRollLinks } from "./sheets/anti-roll-links";
import { auxiliaryBelt } from "./sheets/auxiliary-belt";
import { battery } from "./sheets/battery";
import { blindInserts } from "./sheets/blind-inserts";
import { blowerMotor } from "./sheets/blower-motor";
import { bonnetStruts } from "./sheets/bonnet-struts";
import { brakeFluid } from "./sheets/brake-fluid";
import { camCoverSheet } from "./sheets/cam-cover";
import { coolantChange } from "./sheets/coolant-change";
import { coolantPump } from "./sheets/coolant-pump";
import { crankCamSensor } from "./sheets/crank-cam-sensor";
import { differentialOil } from "./sheets/differential-oil";
import { doorHingePins } from "./sheets/door-hinge-pins";
import { driveShaft, driveShaftBoot } from "./sheets/drive-shaft";
import { drumShoes } from "./sheets/drum-shoes";
import { engineMount } from "./sheets/engine-mount";
import { engineOil } from "./sheets/engine-oil";
import { exhaustHanger } from "./sheets/exhaust-hanger";
import { fuelFilter } from "./sheets/fuel-filter";
import { gearboxOil } from "./sheets/gearbox-oil";
import { handbrakeCable } from "./sheets/handbrake-cable";
import { innerSteeringRod } from "./sheets/inner-steering-rod";
import { lowerArm } from "./sheets/lower-arm";
import { outerSteeringRod } from "./sheets/outer-steering-rod";
import { oxygenSensor } from "./sheets/oxygen-sensor";
import { padsAndDiscs } from "./sheets/pads-and-discs";
import { propshaftSeal } from "./sheets/propshaft-seal";
import { radiatorSheet } from "./sheets/radiator";
import { rearDampers } from "./sheets/rear-dampers";
import { seasonWheels } from "./sheets/season-wheels";
import { sparkPlugs } from "./sheets/spark-plugs";
import { starterSheet } from "./sheets/starter";
import { strutAssembly } from "./sheets/strut-assembly";
import { thermostat } from "./sheets/thermostat";
import { throttleBody } from "./sheets/throttle-body";
import { towBar } from "./sheets/tow-bar";
import { universalJoints } from "./sheets/universal-joints";
import { wheelBearingBolted } from "./sheets/wheel-bearing-bolted";
import { wheelBearingPressed } from "./sheets/wheel-bearing-pressed";
import { wheelStuds } from "./sheets/wheel-studs";
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
  handbrakeCable,
  seasonWheels,
  wheelBearingBolted,
  wheelBearingPressed,
  wheelStuds,
  antiRollLinks,
  lowerArm,
  outerSteeringRod,
  innerSteeringRod,
  rearDampers,
  strutAssembly,
  engineOil,
  gearboxOil,
  differentialOil,
  driveShaft,
  driveShaftBoot,
  universalJoints,
  propshaftSeal,
  airFilters,
  fuelFilter,
  sparkPlugs,
  camCoverSheet,
  throttleBody,
  crankCamSensor,
  engineMount,
  auxiliaryBelt,
  coolantPump,
  thermostat,
  coolantChange,
  radiatorSheet,
  oxygenSensor,
  exhaustHanger,
  battery,
  alternator,
  starterSheet,
  windowRegulator,
  wiperLinkage,
  bonnetStruts,
  doorHingePins,
  blowerMotor,
  blindInserts,
  towBar,
];

/** The sheet of that name; undefined for a name that there is none of. */
export function sheetNamed(name: string): Sheet | undefined {
  return SHELF.find((sheet) => sheet.name === name);
}
