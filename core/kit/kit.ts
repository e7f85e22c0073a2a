import { type Chest, chestOf } from "../chest/chest";
import type { Route } from "../model/job";
import type { KitRecord } from "../model/kit";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { type Cover, type KitLine, isCovered } from "./needs/need";
import { isRusted } from "./needs/undoing-torque";
import { type Want, wantsOf } from "./needs/wants";

/** What a route needs, against the chest, in the order in which it is first wanted. */
export interface Kit {
  lines: KitLine[];
  ready: number;
  total: number;
}

/**
 * What else is known: the vehicle, what was noted down for the job's kit, and the year, for how rusted it may
 * be.
 */
export interface KitAround {
  vehicle?: Vehicle | undefined;
  record?: KitRecord | undefined;
  thisYear?: number | undefined;
}

/**
 * Everything that a route needs, against the tools that are owned.
 * Example: a 13 mm bolt to 40 N·m needs a 13 mm socket, one pull of a wrench, and a bar where it is undone
 * first.
 */
export function kitFor(route: Route, tools: readonly Tool[], around: KitAround = {}): Kit {
  return withNoted(coverAll(route, tools, around), around.record?.got ?? []);
}

/** Every line of a kit as the chest alone meets it. */
export function coverAll(route: Route, tools: readonly Tool[], around: Omit<KitAround, "record">): KitLine[] {
  const chest = chestOf(tools);
  return wantsFor(route, chest, around).map(({ coverBy, ...line }): KitLine => ({
    ...line,
    cover: coverBy(chest),
  }));
}

/** The lines with what was said to be there or on its way laid over them. */
export function withNoted(lines: readonly KitLine[], got: KitRecord["got"]): Kit {
  const noted = new Map(got.map((one) => [one.key, notedCover(one)]));
  const laid = lines.map((line) => ({ ...line, cover: noted.get(line.key) ?? line.cover }));
  return { lines: laid, ready: laid.filter(isCovered).length, total: laid.length };
}

/**
 * What a route needs; whether it is rusted is read from the vehicle's age, and taken to be so where that is
 * not known.
 */
export function wantsFor(route: Route, chest: Chest, { vehicle, thisYear }: KitAround): Want[] {
  return wantsOf(route, chest, vehicle, thisYear === undefined || isRusted(vehicle?.year, thisYear));
}

function notedCover({ how, from, due }: KitRecord["got"][number]): Cover {
  const words = from ? ` from ${from}` : "";
  if (how === "in hand") return { kind: "in hand", ...(words ? { says: `Had${words}.` } : {}) };
  return { kind: "on order", says: `On order${words}${due ? `, due ${due}` : ""}.` };
}
