import { type Chest, chestOf } from "../chest/chest";
import { toolsOfLine } from "../chest/read-chest";
import { amountLeft } from "../kit/needs/supply-needs";
import type { Want } from "../kit/needs/wants";
import type { Offer } from "../model/offer";
import type { Tool } from "../model/tool";
import { MODEL_VERSION } from "../model/version";
import { sameHead } from "../quantity/read-head-size";

/** A need that is not met, and how much of it is wanting. */
export interface Short {
  want: Want;
  amount: number;
}

/**
 * Something that can be chosen: an offer for so many days, or going on with a stand-in; and what one of it
 * does for which need.
 */
export interface Choice {
  id: string;
  title: string;
  shop: string;
  offer: Offer | undefined;
  /**
   * What it costs for good, each, in minor units; what has to be paid at first; and what its risk is counted
   * as.
   */
  costMinor: number;
  cashMinor: number;
  penaltyMinor: number;
  /** Asked for the old part: given back with it, or, where it is kept, a cost. */
  coreMinor: number;
  keptMinor: number;
  most: number;
  days: number;
  covers: ReadonlyMap<string, number>;
}

const UNMADE = {
  createdAt: "2000-01-01T00:00:00.000Z",
  updatedAt: "2000-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
} as const;

/**
 * The tools that an offer's lines stand for, with ids of no chest. Lines that cannot be read stand for
 * nothing.
 */
export function toolsOfOffer({ id, holds }: Pick<Offer, "id" | "holds">): Tool[] {
  return holds.flatMap(toolsOfLine).map((draft, i) => ({ ...UNMADE, id: `${id} ${i}`, ...draft }) as Tool);
}

/**
 * What an offer does for the needs that are not met: tools by having them in the chest, things used up by how
 * much is in one, parts and hardware by what the offer answers. Days of hire are those of the need that wants
 * it longest.
 */
export function choiceOf(
  offer: Offer,
  shorts: readonly Short[],
  chest: Chest,
  wishes: { own: ReadonlySet<string>; keepOld?: boolean },
): Choice | undefined {
  const hired = offer.kind === "hire" || offer.kind === "borrow";
  const answered = new Map(offer.answers.map(({ key, amount }) => [key, amount]));
  const tools = toolsOfOffer(offer);
  const withIt = tools.length > 0 ? chestOf([...chest.tools, ...tools]) : chest;
  const covers = new Map<string, number>();
  let days = 1;
  for (const { want } of shorts) {
    if (hired && wishes.own.has(want.key)) continue;
    const amount = answered.get(want.key) ?? (tools.length > 0 ? amountByTools(want, tools, withIt) : 0);
    if (amount <= 0) continue;
    covers.set(want.key, amount);
    if (want.need.kind === "special tool") days = Math.max(days, want.need.days);
  }
  if (covers.size === 0) return undefined;
  const priceMinor = offer.priceMinor * (offer.kind === "hire" ? days : 1);
  const asked = offer.coreMinor ?? 0;
  const keptMinor = wishes.keepOld === true ? asked : 0;
  const costMinor = priceMinor + keptMinor;
  return {
    id: offer.id,
    title: offer.title,
    shop: offer.shop,
    offer,
    costMinor,
    cashMinor: priceMinor + asked + (offer.depositMinor ?? 0),
    coreMinor: asked - keptMinor,
    keptMinor,
    // What came back as often as that has to be bought again as often.
    penaltyMinor: Math.round((offer.returnRate ?? 0) * priceMinor),
    most: offer.kind === "hire" || offer.kind === "borrow" ? 1 : offer.stock,
    days,
    covers,
  };
}

function amountByTools(want: Want, tools: readonly Tool[], withIt: Chest): number {
  const { need } = want;
  if (need.kind === "supply") return amountLeft(need, tools);
  if (!mayHelp(want, tools)) return 0;
  const cover = want.coverBy(withIt);
  const ids = new Set(tools.map(({ id }) => id));
  return "tools" in cover && cover.tools.some(({ id }) => ids.has(id)) ? 1 : 0;
}

const FOR_PULLS: ReadonlySet<Tool["kind"]> = new Set([
  "torque wrench",
  "crowfoot",
  "multiplier",
  "drive adapter",
  "extension",
  "bar or ratchet",
  "angle gauge",
]);

/** A quick look that spares the long one. */
function mayHelp({ need }: Want, tools: readonly Tool[]): boolean {
  switch (need.kind) {
    case "head":
      return tools.some((tool) => "head" in tool && sameHead(tool.head, need.head));
    case "torque":
    case "bar":
    case "angle":
      return tools.some(({ kind }) => FOR_PULLS.has(kind));
    case "special tool":
    case "protection":
    case "lifting":
      return tools.some(
        ({ kind }) =>
          kind === "special tool" || kind === "consumable" || kind === "stands" || kind === "jack",
      );
    default:
      return false;
  }
}

/**
 * What going on with a stand-in is counted as, in minor units: nothing is paid, but a head may suffer. Our
 * own measure.
 */
const STAND_IN_PENALTY_MINOR = { snug: 100, usable: 300, "low torque only": 900 } as const;

/** Going on with the stand-in that a need is met by now. */
export function standInChoice(want: Want, chest: Chest): Choice | undefined {
  const cover = want.coverBy(chest);
  if (cover.kind !== "stand-in" || !cover.fit) return undefined;
  const verdict =
    (["snug", "usable", "low torque only"] as const).find((one) => cover.says.includes(`: ${one}.`)) ??
    "usable";
  return {
    id: `stand-in ${want.key}`,
    title: `Stand-in: ${cover.tools[0]?.name ?? ""}`,
    shop: "your chest",
    offer: undefined,
    costMinor: 0,
    cashMinor: 0,
    penaltyMinor: STAND_IN_PENALTY_MINOR[verdict],
    coreMinor: 0,
    keptMinor: 0,
    most: 1,
    days: 1,
    covers: new Map([[want.key, 1]]),
  };
}
