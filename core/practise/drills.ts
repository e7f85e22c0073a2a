import type { Skill } from "../model/drill";
import type { Drill } from "./drill";
import { crowfootDrill } from "./drills/crowfoot";
import { fitDrill } from "./drills/fit";
import { orderDrill } from "./drills/order";
import { pullDrill } from "./drills/pull";
import { readDrill } from "./drills/read";
import { seizedDrill } from "./drills/seized";
import { settingDrill } from "./drills/setting";
import { spotDrill } from "./drills/spot";
import { standsDrill } from "./drills/stands";
import { angleDrill, castleDrill, countDrill, ringDrill } from "./drills/turning";
import { unitDrill } from "./drills/unit";
import { wrenchDrill } from "./drills/wrench";

/** Every drill, in the order in which they are shown: what ruins threads first. */
export const DRILLS: Readonly<Record<Skill, Drill>> = {
  pull: pullDrill,
  setting: settingDrill,
  wrench: wrenchDrill,
  unit: unitDrill,
  crowfoot: crowfootDrill,
  ring: ringDrill,
  angle: angleDrill,
  castle: castleDrill,
  count: countDrill,
  seized: seizedDrill,
  fit: fitDrill,
  stands: standsDrill,
  order: orderDrill,
  spot: spotDrill,
  read: readDrill,
};
