import { formatHeadSize } from "../quantity/read-head-size";
import { shown } from "../quantity/shown";
import {
  type EngagementVerdict,
  WANTED_ENGAGEMENT,
  bottomingMarginMm,
  engagement,
  readLayers,
} from "../thread/engagement";
import { capScrewKey, usualHexagonMm } from "../thread/head-threads";
import { tapDrillMm } from "../thread/tap-drill";
import { diameterMm, formatThread, pitchMm, readThread } from "../thread/thread";
import { slip } from "./declare";
import { choice, measure, optional, text } from "./fields";
import { type Tone } from "./slip";

const INTO = ["steel", "aluminium", "plastic"] as const satisfies readonly (keyof typeof WANTED_ENGAGEMENT)[];

/** Lengths that bolts are sold in, mm (ISO 888). */
const USUAL_LENGTHS_MM = [
  6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100, 110, 120, 130, 140, 150, 160,
  180, 200, 220, 240, 260, 280, 300,
];

/** Whether a bolt or stud is long enough, and not too long, for what it clamps. */
export const stud = slip({
  name: "stud",
  title: "Stud or bolt length",
  about: "Engagement and turns, with every layer between",
  words:
    "stud bolt length long enough short engagement thread depth turns washer layers flange bracket bottom out blind hole tap drill size key",
  fields: {
    thread: text("Thread", "M10", readThread),
    standout: measure("Length under the head, or a stud's that stands out", "length", "40"),
    layers: text("Layers between, with + between them", "bracket 12 + washer 2 + flange 8", readLayers, {
      wide: true,
    }),
    into: choice("Screws into", INTO, { start: "aluminium" }),
    depth: optional(measure("Depth of thread in the hole, if it is blind", "length")),
  },
  work: ({ thread, standout, layers, into, depth }) => {
    const clamped = layers.reduce((sum, { mm }) => sum + mm, 0);
    const { engagedMm, turns, wantedMm, verdict } = engagement(
      thread,
      standout,
      layers.map(({ mm }) => mm),
      into,
      depth,
    );
    const least = clamped + wantedMm;
    const usual = USUAL_LENGTHS_MM.find(
      (length) =>
        length >= least - 1e-9 &&
        (depth === undefined || length - clamped <= depth - bottomingMarginMm(thread, length)),
    );
    const key = capScrewKey(thread);
    const hexagonMm = usualHexagonMm(thread);
    return {
      answer: { says: "Screwed in by", value: shown(engagedMm, 4), unit: "mm" },
      verdict: VERDICT[verdict],
      lines: [
        { label: "Turns from the first thread", value: shown(turns, 3) },
        {
          label: `Wanted in ${into}`,
          value: `${shown(wantedMm, 4)} mm, ${WANTED_ENGAGEMENT[into]} × ${formatThread(thread)}`,
        },
        {
          label: "Shortest usual length that does",
          value: studLength(usual, depth),
          ...(usual === undefined ? { tone: "stop" as const } : {}),
        },
        { label: "To cut the thread anew, drill", value: `${tapDrillMm(thread)} mm` },
        ...(hexagonMm === undefined
          ? []
          : [{ label: "Head of its usual hexagon bolt", value: `${shown(hexagonMm, 4)} mm` }]),
        ...(key ? [{ label: "Key of a cap screw", value: formatHeadSize(key) }] : []),
      ],
      working: [
        "engagement = length − everything clamped; turns = engagement / pitch",
        `${shown(standout, 4)} − (${layers.length === 0 ? "nothing" : layers.map(({ mm }) => shown(mm, 4)).join(" + ")}) = ${shown(engagedMm, 4)} mm`,
        `${shown(engagedMm, 4)} / ${shown(pitchMm(thread), 4)} = ${shown(turns, 3)} turns`,
      ],
      margin: `${depth === undefined ? "" : `It has to end ${shown(bottomingMarginMm(thread, standout))} mm short of the bottom: half a turn, or what a bolt’s length may be off. `}The first turn and a bevelled end hold little: count about one pitch, ${shown(pitchMm(thread))} mm, less.`,
      assumes:
        "The thread reaches as far up the bolt as it is screwed in, and the hole is threaded from its mouth.",
      caution:
        "Count the turns by hand, without a washer or flange between, before trusting a new bolt of another length.",
      drawing: {
        kind: "stud",
        diameterMm: diameterMm(thread),
        pitchMm: pitchMm(thread),
        lengthMm: standout,
        layers,
        wantedMm,
        depthMm: depth,
      },
    };
  },
});

const VERDICT: Record<EngagementVerdict, { tone: Tone; says: string }> = {
  enough: { tone: "good", says: "Long enough." },
  "too short": {
    tone: "stop",
    says: "Too short: the thread strips before the bolt is tight. Use a longer one.",
  },
  "bottoms out": {
    tone: "stop",
    says: "Too long: it may come to the end of the thread, and then it clamps nothing, however tight it feels.",
  },
};

function studLength(usual: number | undefined, depth: number | undefined): string {
  if (usual === undefined) {
    if (depth === undefined) return "longer than 300 mm";
    return "none fits this hole";
  }
  return `${usual} mm`;
}
