import type { Chest } from "../../chest/chest";
import { COMFORTABLE_PULL_N, barLengthMm, pullN } from "../../drive/bar";
import { type DriveChain, bestChain } from "../../drive/chain";
import { isSpannerOnly } from "../../fastener/held-still";
import type { Fastener } from "../../model/job";
import { DRIVE_LIMIT_NM, SQUARE_DRIVES } from "../../model/square-drive";
import type { ToolOf } from "../../model/tool";
import type { BarNeed, Cover } from "../needs/need";
import { kgOfPull } from "../needs/pull-words";
import { undoingNm } from "../needs/undoing-torque";
import { drivesFor } from "./cover-head";

/** What has to be undone with a bar: what was done up to a figure and is reached with a socket. */
export function barNeeds(
  fasteners: readonly Fastener[],
  undone: ReadonlySet<string>,
  rusted: boolean,
): BarNeed[] {
  return fasteners.flatMap((fastener): BarNeed[] => {
    const torqueNm = undoingNm(fastener, rusted);
    const withSpanner = fastener.overPipe || isSpannerOnly(fastener);
    return torqueNm && undone.has(fastener.id) && !withSpanner && fastener.sizeToUndo
      ? [{ kind: "bar", fastener, torqueNm }]
      : [];
  });
}

type Bar = ToolOf<"bar or ratchet">;

/**
 * The bar or ratchet that undoes it: the shortest that goes straight on with a comfortable pull and whose
 * squares hold, then one
 * through an adapter, or else the longest that holds.
 * Undefined where no socket takes hold of it: then there is nothing to put a bar on.
 * Example: 110 N·m rusted, a 610 mm bar → up to 451 N, 46 kg; a bar of 786 mm would keep it at 350 N.
 */
export function coverBar(
  { fastener, torqueNm: [, most] }: BarNeed,
  chest: Chest,
  use: "undo" | "do up" = "undo",
): Cover | undefined {
  const onto = drivesFor(fastener, use, chest);
  if (onto.length === 0) return undefined;
  const through = (bar: Bar) =>
    bestChain(chest.chain, onto, { from: bar.drive, torqueNm: most, reachMm: fastener.reachMm ?? 0 });
  const bars = chest.remember("bars by length", () =>
    [...chest.ofKind("bar or ratchet")].sort((a, b) => a.lengthMm - b.lengthMm),
  );
  const enoughMm = barLengthMm(most, COMFORTABLE_PULL_N) - 1e-9;
  const long = bars.filter(({ lengthMm }) => lengthMm >= enoughMm);
  // What goes straight on comes before what needs an adapter.
  const easy = firstOf(
    [
      ...long.filter(({ drive }) => onto.includes(drive)),
      ...long.filter(({ drive }) => !onto.includes(drive)),
    ],
    through,
  );
  const best = easy ?? firstOf(bars.filter(({ lengthMm }) => lengthMm < enoughMm).reverse(), through);
  const gaps = () => bars.map((bar) => String(through(bar).gap));
  if (!best) return { kind: "missing", says: whyNone(gaps(), most), refused: [] };
  const hard = easy
    ? ""
    : ` That is more than ${COMFORTABLE_PULL_N} N: a bar of ${Math.ceil(barLengthMm(most, COMFORTABLE_PULL_N) / 10) * 10} mm would do it, not a pipe on this one.`;
  return {
    kind: "owned",
    tools: [best.bar, ...best.chain.pieces],
    says: `Up to ${Math.round(most)} N·m to ${use === "undo" ? "undo" : "turn it so far"}: ${kgOfPull(pullN(most, best.bar.lengthMm))} at the end of ${best.bar.lengthMm} mm.${hard}`,
  };
}

/**
 * The first bar with a chain that holds, and the chain; each is tried only when those before it do not hold.
 */
function firstOf(
  bars: readonly Bar[],
  through: (bar: Bar) => DriveChain,
): { bar: Bar; chain: DriveChain } | undefined {
  for (const bar of bars) {
    const chain = through(bar);
    if (chain.gap === undefined) return { bar, chain };
  }
  return undefined;
}

/** A square that is too weak says more than an adapter that is not there. */
function whyNone(gaps: readonly string[], most: number): string {
  if (gaps.length === 0) return "No bar or ratchet is in the chest.";
  const worst = gaps
    .toSorted((a, b) => Number(b.includes("tested")) - Number(a.includes("tested")))
    .slice(0, 1)
    .join();
  return `Up to ${Math.round(most)} N·m to undo. ${worst}${worst.includes("tested") ? ` ${stronger(most)}` : ""}`;
}

/** What else there is where a square is too weak: the next that bears it, on a bar as long as it then takes. */
function stronger(most: number): string {
  const drive = SQUARE_DRIVES.find((one) => DRIVE_LIMIT_NM[one] >= most);
  const bar = Math.ceil(barLengthMm(most, COMFORTABLE_PULL_N) / 10) * 10;
  const next = drive
    ? `A ${drive} in socket on a bar of ${bar} mm is made for it; or`
    : "No square that is turned by hand bears it:";
  return `${next} heat and penetrant first, an impact wrench with impact sockets, or a workshop.`;
}
