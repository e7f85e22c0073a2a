import type { HexagonFit } from "../fit/hexagon-fit";
import { type TorqueVerdict, fitLimitNm, judgeFit } from "../fit/judge-fit";
import { type Hold, type NearSize, fitOf, nearSizes } from "../fit/near-sizes";
import type { Tool } from "../model/tool";
import type { HeadSize } from "../quantity/head-size";
import { INCH_MM } from "../quantity/measure";
import { formatHeadSize, readHeadSize, sameHead } from "../quantity/read-head-size";
import { shown, shownTorque } from "../quantity/shown";
import { quantityNm } from "../quantity/torque-quantity";
import { threadsOfHead } from "../thread/head-threads";
import { type Thread } from "../thread/thread";
import { slip } from "./declare";
import type { Owned } from "./field";
import { choice, optional, text, tick, torque } from "./fields";
import type { Slip, SlipTable, Tone } from "./slip";

const HOLDS = {
  "socket on head": "socket or spanner on a head",
  "key in recess": "key in a recess",
} as const satisfies Record<Hold, string>;

/** How one size of tool sits on another size of head, metric or inch. */
export const fit = slip({
  name: "fit",
  title: "Fit",
  about: "A socket or key of one size on a head of another, and every size that comes near",
  words:
    "fit stand-in substitute metric inch imperial sae socket spanner wrench hexagon hex key round off rounded rounding conversion equivalent size near 13 mm half inch",
  fields: {
    hold: choice("What holds what", HOLDS, { wide: true }),
    inner: text("Head or recess", "1/2 in", readHead, { hint: "13, 1/2 in, T40, E12" }),
    outer: text("Tool", "13 mm", readHead),
    twelve: tick("Twelve-point socket"),
    torque: optional(torque("Torque asked of it, if known")),
  },
  asks: { twelve: ({ hold }) => hold !== "key in recess" },
  work: ({ hold, inner: head, outer: tool, twelve, torque: given }, { owned }) => {
    const torqueNm = given && quantityNm(given);
    if (!isHexagon(head) || !isHexagon(tool)) return numberedFit(head, tool);
    const asHold: HeadSize = { ...head, profile: hold === "key in recess" ? "hexagon key" : "hexagon" };
    const threads = threadsOfHead(asHold);
    const sits = fitOf({ acrossMm: acrossMm(tool), unit: tool.unit }, acrossMm(head), hold);
    const verdict = fitVerdict(twelve, tool, head, sits, torqueNm, threads);
    const limitNm = fitLimitNm(sits, threads, acrossMm(head));
    const slackMm =
      hold === "key in recess" ? acrossMm(head) - acrossMm(tool) : acrossMm(tool) - acrossMm(head);
    const unit = owned.torqueUnit;
    return {
      answer: { says: `${size(tool)} on ${size(head)}`, value: SAYS[verdict] },
      verdict: {
        tone: TONE[verdict],
        says: more(verdict, sits, {
          forTorque: torqueNm !== undefined && verdict !== sits.verdict,
          twelve,
          isKey: hold === "key in recess",
        }),
      },
      lines: [
        {
          label: "Turns before it bites",
          value: playWords(sits, verdict),
        },
        { label: "Room across the flats", value: `${shown(slackMm, 2)} mm` },
        ...(limitNm === undefined ? [] : [{ label: "Trusted up to", value: shownTorque(limitNm, unit) }]),
      ],
      tables: [
        nearTable(nearSizes(acrossMm(head), hold), hold, owned, torqueNm, (fit, nm) =>
          judgeFit(fit, nm, threads, acrossMm(head)),
        ),
      ],
      working: workingOf(acrossMm(tool), acrossMm(head), hold, sits),
      margin:
        "Tools run a little large and worn ones more; a rusty head runs small. Each tenth of a millimetre of wear adds to the play.",
      assumes:
        "Both are true to size, and the play is shared evenly. A tool up to 0.5 % too small may still go on; an inch socket opens 0.5 % wider than its name (ASME B107).",
      caution:
        "A stand-in is for undoing what is not tight, and for nothing that is near its torque. Clean the head, push the tool fully on, pull slowly.",
      drawing: {
        kind: "fit",
        toolMm: acrossMm(tool),
        headMm: acrossMm(head),
        isKey: hold === "key in recess",
        turnedDeg: sits.freePlayDeg,
      },
    };
  },
});

const SAYS: Record<TorqueVerdict, string> = {
  snug: "Snug",
  usable: "Usable",
  "low torque only": "Low torque only",
  "will round it": "Will round it",
  "beyond its thread": "Too much torque",
  "does not go on": "Does not go on",
};

const TONE: Record<TorqueVerdict, Tone> = {
  snug: "good",
  usable: "good",
  "low torque only": "watch",
  "will round it": "stop",
  "beyond its thread": "stop",
  "does not go on": "stop",
};

function playWords(sits: HexagonFit, verdict: string): string {
  if (sits.freePlayDeg === undefined) {
    if (verdict === "does not go on") return "–";
    return "it spins";
  }
  return `${shown(sits.freePlayDeg, 3)}° each way`;
}

function fitVerdict(
  twelve: boolean,
  tool: HeadSize,
  head: HeadSize,
  sits: HexagonFit,
  torqueNm: number | undefined,
  threads: readonly Thread[],
) {
  if (twelve && !near(tool, head) && sits.verdict !== "does not go on") return "will round it";
  if (torqueNm === undefined) return sits.verdict;
  return judgeFit(sits, torqueNm, threads, acrossMm(head));
}

function more(
  verdict: TorqueVerdict,
  { mayGoOn }: HexagonFit,
  { forTorque, twelve, isKey }: { forTorque: boolean; twelve: boolean; isKey: boolean },
): string {
  if (verdict === "does not go on")
    return isKey
      ? "The key is larger than the recess: it does not go in."
      : "The tool is smaller than what it has to take.";
  if (verdict === "beyond its thread")
    return "The right size, but more than the strongest thread that such a head usually has can bear: it breaks before its head gives. Look the figure up.";
  if (mayGoOn)
    return isKey
      ? "Nominally a little too large, by no more than keys and recesses differ: it may go in."
      : "Nominally a little too small, by no more than tools and heads differ: it may go on.";
  if (verdict === "will round it" && twelve)
    return "A twelve-point socket bites near the corners: it is for its own size only.";
  if (verdict === "will round it" && forTorque) return "It goes on, but not for this torque.";
  if (verdict === "will round it") return "Its corners turn past the head's before they hold.";
  if (verdict === "low torque only") return "Only if nothing else is at hand, and then gently.";
  if (verdict === "usable") return "It will do in place of the right one.";
  return "As good as the right one.";
}

function isHexagon({ profile }: HeadSize): boolean {
  return profile === "hexagon" || profile === "hexagon key";
}

function acrossMm({ size: across, unit }: HeadSize): number {
  return unit === "in" ? across * INCH_MM : across;
}

function near(a: HeadSize, b: HeadSize): boolean {
  return Math.abs(acrossMm(a) - acrossMm(b)) <= 0.005 * acrossMm(b);
}

function readHead(text: string): HeadSize {
  return readHeadSize(text);
}

function size(head: HeadSize): string {
  return formatHeadSize(head.profile === "hexagon key" ? { ...head, profile: "hexagon" } : head);
}

/** Six-lobe and multi-spline sizes only match themselves. */
function numberedFit(head: HeadSize, tool: HeadSize): Slip {
  const same = sameHead(head, tool);
  return {
    answer: {
      says: `${formatHeadSize(tool)} on ${formatHeadSize(head)}`,
      value: same ? "Snug" : "Does not fit",
    },
    verdict: same
      ? { tone: "good", says: "The same shape and size." }
      : { tone: "stop", says: "Six-lobe and multi-spline sizes only match themselves, and never a hexagon." },
    lines: [],
    working: ["Numbered shapes are compared by shape and number; there is no near size."],
    margin: "None: it is the same size or it is not.",
    assumes: "Both are what is stamped on them.",
    caution: "Clean the dirt out of the recess first: a bit that is not fully in tears it.",
    drawing: { kind: "nothing" },
  };
}

function nearTable(
  sizes: NearSize[],
  hold: Hold,
  { tools }: Owned,
  torqueNm: number | undefined,
  judge: (fit: HexagonFit, torqueNm: number) => TorqueVerdict,
): SlipTable {
  const rows = sizes.map(({ acrossMm: across, size: number, unit, fit: sits }) => {
    const verdict = torqueNm === undefined ? sits.verdict : judge(sits, torqueNm);
    const head: HeadSize = {
      profile: hold === "key in recess" ? "hexagon key" : "hexagon",
      size: number,
      unit,
    };
    const owned = tools.some((tool) => holds(tool, head));
    return {
      cells: [
        size(head),
        `${shown(across, 4)} mm`,
        sits.mayGoOn ? "tight" : `${shown(sits.freePlayDeg ?? 0, 2)}°`,
        SAYS[verdict].toLowerCase(),
        owned ? "yes" : "–",
      ],
      tone: TONE[verdict],
    };
  });
  return {
    title: hold === "key in recess" ? "Every key that comes near" : "Every socket that comes near",
    head: ["Size", "Across", "Play", "Fit", "Yours"],
    rows,
  };
}

function holds(tool: Tool, head: HeadSize): boolean {
  return (
    (tool.kind === "socket" || tool.kind === "spanner" || tool.kind === "crowfoot") &&
    sameHead(tool.head, head)
  );
}

function workingOf(toolMm: number, headMm: number, hold: Hold, { freePlayDeg }: HexagonFit): string[] {
  const [outer, inner] = hold === "key in recess" ? [headMm, toolMm] : [toolMm, headMm];
  return [
    "play = 30° − acos(√3 · S / (2 · A)), S the outer hexagon, A the inner",
    freePlayDeg === undefined
      ? `S ${shown(outer, 5)}, A ${shown(inner, 5)} mm: ${outer < inner ? "S is smaller than A" : "S is more than 2·A/√3"}`
      : `30° − acos(√3 · ${shown(outer, 5)} / (2 · ${shown(inner, 5)})) = ${shown(freePlayDeg, 4)}°`,
  ];
}
