import { COMFORTABLE_PULL_N, THREAD_STATES, barLengthMm, pullN, undoingTorqueNm } from "../drive/bar";
import { type DriveChain, findChain } from "../drive/chain";
import { requirePositive } from "../input-error";
import { DRIVE_LIMIT_NM, type SquareDrive } from "../model/square-drive";
import type { Tool } from "../model/tool";
import { type Band } from "../quantity/band";
import { toMeasureUnit } from "../quantity/measure";
import { shown, shownBand } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import { formatTorque, quantityNm } from "../quantity/torque-quantity";
import { slip } from "./declare";
import { choice, measure, optional, tool, torque } from "./fields";
import { type SlipLine, type Tone } from "./slip";

const DRIVES = {
  "1/4": "1/4 in",
  "3/8": "3/8 in",
  "1/2": "1/2 in",
  "3/4": "3/4 in",
  "1": "1 in",
} as const satisfies Record<SquareDrive, string>;

/**
 * How hard to pull to undo a nut, how long a bar that asks for, and whether every square on the way bears it.
 */
export const bar = slip({
  name: "bar",
  title: "Drive chain and bar",
  about: "How hard to pull, how long a bar, and which square gives way first",
  words:
    "how long a bar breaker bar cheater pipe leverage force pull undo stuck seized nut drive chain adapter extension ratchet limit square break strength reach kilograms",
  fields: {
    torque: torque("It was done up to", "110"),
    state: choice("The thread is", THREAD_STATES, { start: "rusted" }),
    bar: tool("Bar or ratchet", "bar or ratchet", "Another bar", "first"),
    barLength: measure("Its length", "length", "600"),
    from: choice("Its drive", DRIVES, { start: "1/2" }),
    to: choice("The socket's drive", DRIVES, { start: "1/2" }),
    pull: measure("Pull no harder than", "force", String(COMFORTABLE_PULL_N)),
    reach: measure("Reach needed", "length", "0", { group: "Reach and limits" }),
    limit: optional(
      torque("Weakest piece is rated to, if known", "", {
        group: "Reach and limits",
        hint: "In place of the standard's test torque",
      }),
    ),
  },
  asks: { barLength: (stands) => stands.bar === "", from: (stands) => stands.bar === "" },
  work: (given, { owned }) => {
    const { bar: own, to, pull: limitN, reach: reachMm } = given;
    const lengthMm = own?.lengthMm ?? given.barLength;
    requirePositive(limitN, "The pull", "pull");
    const doneUpNm = quantityNm(given.torque);
    const undoing = undoingTorqueNm(doneUpNm, given.state);
    const from = own?.drive ?? given.from;
    const smaller = DRIVE_LIMIT_NM[from] <= DRIVE_LIMIT_NM[to] ? from : to;
    const limits: Partial<Record<SquareDrive, number>> = given.limit
      ? { [smaller]: quantityNm(given.limit) }
      : {};
    // The chain is sought for the least that undoing may take, then held against the most.
    const chain = findChain({ from, to, torqueNm: undoing[0], reachMm, limits }, owned.tools);
    const pull: Band = [pullN(undoing[0], lengthMm), pullN(undoing[1], lengthMm)];
    const longEnough = barLengthMm(undoing[1], limitN);
    const unit = owned.torqueUnit;
    const verdict = judge(chain, undoing, pull, limitN, longEnough <= LONGEST_BAR_MM);
    return {
      answer: { says: "Pull at the end of the bar with", value: shownBand(pull), unit: "N" },
      verdict,
      lines: [
        { label: "The same in kilograms and pounds", value: `${kilograms(pull)} kg, ${pounds(pull)} lb` },
        { label: "Undoing may take", value: formatBand(undoing, unit) },
        {
          label: `Bar to stay under ${shown(limitN)} N`,
          value: barSays(longEnough, owned.tools),
          ...(longEnough > lengthMm ? { tone: "watch" as const } : { tone: "good" as const }),
        },
        ...chainLines(chain, undoing, limits),
      ],
      working: [
        `undoing: ${formatTorque(given.torque)} × ${shown(undoing[0] / doneUpNm)} to ${shown(undoing[1] / doneUpNm)} = ${shownBand(undoing)} N·m`,
        "F = T / L",
        `${shownBand(undoing)} N·m / ${shown(lengthMm / 1000)} m = ${shownBand(pull)} N`,
        `L = T / F: ${shown(undoing[1])} N·m / ${shown(limitN)} N = ${shown(longEnough)} mm`,
      ],
      margin:
        "What it takes to undo is a wide guess: a little more than doing up when clean, two and a half times when rusted or glued.",
      assumes:
        "You pull at the very end, square to the bar. The limits are the standard's test torques for each square, unless you typed another.",
      caution: cautionOf(longEnough > lengthMm, given.state === "threadlocked", longEnough <= LONGEST_BAR_MM),
      drawing: {
        kind: "chain",
        barLengthMm: lengthMm,
        pullN: pull[1],
        pullLimitN: limitN,
        torqueNm: undoing,
        pieces: [
          { name: own?.name ?? `${from} in bar`, limitNm: limits[from] ?? DRIVE_LIMIT_NM[from] },
          ...chain.pieces.map((piece) => ({ name: piece.name, limitNm: limitOfPiece(piece, limits) })),
          { name: `${to} in socket`, limitNm: limits[to] ?? DRIVE_LIMIT_NM[to] },
        ],
      },
    };
  },
});

/** Longer bars are not made for hand squares, and would bend or tear them. */
const LONGEST_BAR_MM = 1000;

/**
 * A bar that keeps the pull down: one that is owned, or how long one to get; none is advised that nobody has.
 */
function barSays(lengthMm: number, tools: readonly Tool[]): string {
  const owned = tools
    .flatMap((tool) => (tool.kind === "bar or ratchet" && tool.lengthMm >= lengthMm ? [tool] : []))
    .sort((a, b) => a.lengthMm - b.lengthMm)[0];
  const wanted = `${Math.ceil(lengthMm / 10) * 10} mm`;
  if (owned) return `${wanted}: your ${owned.name} will do`;
  return lengthMm <= LONGEST_BAR_MM
    ? `${wanted}; none of yours is as long`
    : "longer than any bar: soak it, heat it, or use a multiplier";
}

function judge(
  { gap, limitNm, weakest }: DriveChain,
  [least, most]: Band,
  pull: Band,
  limitN: number,
  barExists: boolean,
): { tone: Tone; says: string } {
  if (gap !== undefined) return { tone: "stop", says: gap };
  if (most > limitNm)
    return {
      tone: "stop",
      says: `The ${weakest} in square is tested to ${limitNm} N·m, and undoing may take up to ${Math.round(most)}. Soak it, heat it, or use a larger drive.`,
    };
  if (pull[0] > limitN)
    return {
      tone: "stop",
      says: `Even the least it may take is harder than ${shown(limitN)} N. ${barExists ? "Use a longer bar." : "No bar is long enough: soak it, heat it, or use a multiplier."}`,
    };
  if (pull[1] > limitN)
    return {
      tone: "watch",
      says: `It may take more than ${shown(limitN)} N. ${barExists ? "Have the longer bar at hand." : "No bar is long enough for that: soak it, heat it, or use a multiplier."}`,
    };
  return {
    tone: "good",
    says: `Every square bears it: the weakest, ${weakest} in, is loaded to ${Math.round((Math.max(least, most) / limitNm) * 100)} % at the most.`,
  };
}

function chainLines(
  { pieces, weakest, limitNm, gap, reachMm }: DriveChain,
  [, most]: Band,
  limits: Partial<Record<SquareDrive, number>>,
): SlipLine[] {
  return [
    ...(pieces.length > 0
      ? [{ label: "Between bar and socket", value: pieces.map(({ name }) => name).join(", ") }]
      : []),
    ...(reachMm > 0 ? [{ label: "Their reach", value: `${reachMm} mm` }] : []),
    {
      label: "Weakest piece",
      value: `${weakest} in square, ${limits[weakest] === undefined ? "tested" : "rated"} to ${shown(limitNm)} N·m`,
      ...(gap !== undefined || most > limitNm ? { tone: "stop" as const } : { tone: "good" as const }),
    },
  ];
}

function limitOfPiece(
  piece: DriveChain["pieces"][number],
  limits: Partial<Record<SquareDrive, number>>,
): number {
  const drives = drivesOf(piece);
  return Math.min(...drives.map((drive) => limits[drive] ?? DRIVE_LIMIT_NM[drive]));
}

function drivesOf(piece: Tool): SquareDrive[] {
  if (piece.kind === "drive adapter") return [piece.from, piece.to];
  return "drive" in piece ? [piece.drive] : [];
}

function kilograms([low, high]: Band): string {
  return shownBand([toMeasureUnit(low, "force", "kg"), toMeasureUnit(high, "force", "kg")], 2);
}

function pounds([low, high]: Band): string {
  return shownBand([toMeasureUnit(low, "force", "lb"), toMeasureUnit(high, "force", "lb")], 2);
}

function cautionOf(tooShort: boolean, glued: boolean, barExists: boolean): string {
  return [
    tooShort
      ? `Not a pipe on a ratchet: its square and its pawl have a limit.${barExists ? " Take a longer breaker bar." : ""}`
      : "A torque wrench is not for undoing.",
    glued
      ? "High-strength threadlocker lets go only when it is hot: heat the nut first, away from fuel and rubber."
      : "",
    "Brace yourself for the moment it lets go; never lean on a bar under a car that is only on its jack.",
  ]
    .filter((one) => one !== "")
    .join(" ");
}
