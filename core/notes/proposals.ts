import { InputError } from "../input-error";
import type { HeadSize } from "../model/head-size";
import type { Fastener, Part, Phase, Route, Step } from "../model/job";
import { formatHeadSize, readHeadSize, sameHead } from "../quantity/read-head-size";
import { readNumber } from "../quantity/read-number";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { formatFigure } from "../quantity/torque-words";
import { readThread } from "../thread/thread";
import type { NotesRead, Span } from "./notes-read";

/** Something that the notes would put in the plan, as it can be corrected before it goes in. */
export type Proposal = {
  id: string;
  /** The words it came from. */
  spans: readonly Span[];
  doubtful: boolean;
} & (
  | { kind: "fastener"; name: string; count: string; size: string; torque: string; traits: Partial<Fastener>; said: readonly string[] }
  | { kind: "part"; name: string }
  | { kind: "step"; title: string; phase: Phase }
  | { kind: "note"; text: string }
);

const PHASE_WORDS: readonly [words: RegExp, phase: Phase][] = [
  [/\b(?:check|inspect|measure|look)\b/i, "look closely"],
  [/\b(?:jack|raise|lift|support|chock|battery|let it (?:cool|go cold))\b/i, "make safe"],
  [/\b(?:fit|refit|replace|install|torque|tighten|nip|reconnect|plug it back|refill|top up|bleed|lower|start (?:them|it|each)|back (?:in|on))\b/i, "put back"],
  [/\b(?:pump|test|drive|road)\b/i, "prove it"],
];

/** What notes propose, in the order they came: fasteners with what was said of them, loose figures for a person to place, parts, steps, and what to have and mind. */
export function proposalsFrom(read: NotesRead): Proposal[] {
  const fasteners = read.fasteners.map((one, i): Proposal => {
    const figures = read.figures.filter(({ fastener, struck }) => fastener === i && !struck);
    const figure = figures[figures.length - 1];
    return {
      id: `fastener ${i}`,
      kind: "fastener",
      spans: [one.span, ...figures.map(({ span }) => span)],
      doubtful: figures.some(({ doubtful }) => doubtful),
      name: capital(one.name),
      count: String(one.count ?? 1),
      size: one.head ? formatHeadSize(one.head) : "",
      torque: figure ? formatFigure(figure.figure) : "",
      traits: {
        ...(one.singleUse ? { singleUse: true } : {}),
        ...(one.cross ? { pattern: { layout: "circle" as const } } : {}),
        ...(one.onTheGround ? { tightened: "on the ground" as const } : {}),
        ...(one.counterHold ? { counterHold: one.counterHold } : {}),
        ...(one.locking ? { locking: one.locking } : {}),
        ...(one.threadIs ? { threadIs: one.threadIs } : {}),
        ...threadOf(one.thread),
      },
      said: [
        one.singleUse ? "single-use" : "",
        one.byHand ? "by hand first" : "",
        one.cross ? "in a cross" : "",
        one.onTheGround ? "on the ground" : "",
        one.counterHold ? `hold with ${formatHeadSize(one.counterHold)}` : "",
        one.locking ?? "",
        one.threadIs ?? "",
        one.thread ?? "",
      ].filter((word) => word !== ""),
    };
  });
  const loose = read.figures.flatMap((figure, i): Proposal[] =>
    figure.fastener === undefined && !figure.struck
      ? [{ id: `loose ${i}`, kind: "fastener", spans: [figure.span], doubtful: true, name: "", count: "1", size: "", torque: formatFigure(figure.figure), traits: {}, said: [] }]
      : [],
  );
  const parts = read.parts.map(({ name, span }, i): Proposal => ({ id: `part ${i}`, kind: "part", spans: [span], doubtful: false, name }));
  const steps = read.steps.map(({ says, span }, i): Proposal => ({
    id: `step ${i}`,
    kind: "step",
    spans: [span],
    doubtful: false,
    title: capital(says).slice(0, 200),
    phase: PHASE_WORDS.find(([words]) => words.test(says))?.[1] ?? "take apart",
  }));
  const have = [...read.tools, ...read.consumables];
  const drives = [...read.drives.map(({ drive }) => `${drive} in drive`), ...read.extensions.map(({ mm }) => `extension of ${Math.round(mm)} mm`)];
  // Sizes that no fastener took are tools to have all the same.
  const spare = read.sizes.filter(({ head, fastener, struck }) => !struck && !isHeadOf(read, fastener, head));
  const sizes = [...new Set(spare.map(({ head }) => formatHeadSize(head)))];
  const notes: Proposal[] = [
    ...(sizes.length > 0 ? [{ id: "sizes", kind: "note" as const, spans: spare.map(({ span }) => span), doubtful: false, text: `Sizes spoken of: ${sizes.join(", ")}.` }] : []),
    ...(have.length + drives.length > 0
      ? [
          {
            id: "have",
            kind: "note" as const,
            spans: [...have, ...read.drives, ...read.extensions].map(({ span }) => span),
            doubtful: false,
            text: `To have: ${[...have.map(({ name }) => name.toLowerCase()), ...new Set(drives)].join(", ")}.`,
          },
        ]
      : []),
    ...read.cautions.map(({ says, span }, i): Proposal => ({ id: `caution ${i}`, kind: "note", spans: [span], doubtful: false, text: `Mind: ${says}.` })),
  ];
  return [...fasteners, ...loose, ...parts, ...steps, ...notes];
}

function isHeadOf(read: NotesRead, fastener: number | undefined, head: HeadSize): boolean {
  const one = read.fasteners[fastener ?? -1];
  return one !== undefined && [one.head, one.counterHold].some((held) => held && sameHead(held, head));
}

/** What is wrong with a proposal as it stands, by field; empty when it can go into the plan. */
export function checkProposal(proposal: Proposal): Partial<Record<"name" | "count" | "size" | "torque", string>> {
  const errors: ReturnType<typeof checkProposal> = {};
  const read = (field: keyof typeof errors, how: () => void) => {
    try {
      how();
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[field] = error.message;
    }
  };
  if (proposal.kind === "part" && proposal.name.trim() === "") errors.name = "Say which part.";
  if (proposal.kind !== "fastener") return errors;
  if (proposal.name.trim() === "") errors.name = "Say which fastener this belongs to.";
  read("count", () => {
    const { value } = readNumber(proposal.count, "The count");
    if (!Number.isInteger(value) || value < 1 || value > 64) throw new InputError("A whole number from 1 to 64.");
  });
  read("size", () => proposal.size.trim() !== "" && readHeadSize(proposal.size));
  read("torque", () => proposal.torque.trim() !== "" && readTorqueFigure(proposal.torque));
  return errors;
}

/**
 * The route with the accepted proposals in it, each fastener with its doubt and no source. Notes are not part of a route: see notesText.
 * @throws InputError when one of them cannot be read (checkProposal says which).
 */
export function applyProposals(route: Route, accepted: readonly Proposal[], newId: () => string): Route {
  const fasteners = accepted.flatMap((one): Fastener[] => {
    if (one.kind !== "fastener") return [];
    const size = one.size.trim() === "" ? undefined : readHeadSize(one.size);
    const figure = one.torque.trim() === "" ? undefined : readTorqueFigure(one.torque);
    return [
      {
        id: newId(),
        name: one.name.trim().slice(0, 200),
        count: readNumber(one.count, "The count").value,
        ...(size ? { sizeToUndo: size } : {}),
        ...(figure ? { figure } : {}),
        ...(one.doubtful && figure ? { doubtful: true } : {}),
        ...one.traits,
      },
    ];
  });
  const place = route.parts[0]?.place ?? "underneath";
  const parts = accepted.flatMap((one): Part[] => (one.kind === "part" ? [{ id: newId(), name: one.name.trim().slice(0, 200), place, count: 1 }] : []));
  const steps = accepted.flatMap((one): Step[] =>
    one.kind === "step" ? [{ id: newId(), title: one.title.trim().slice(0, 200), phase: one.phase, kind: "do", stance: "on the ground", cautions: [] }] : [],
  );
  const order: readonly Phase[] = ["make safe", "take apart", "look closely", "put back", "prove it"];
  const all = [...route.steps, ...steps];
  return {
    ...route,
    fasteners: [...route.fasteners, ...fasteners],
    parts: [...route.parts, ...parts],
    steps: order.flatMap((phase) => all.filter((step) => step.phase === phase)),
  };
}

/** The accepted notes as text, to go under those that a job has. */
export function notesText(accepted: readonly Proposal[]): string {
  return accepted.flatMap((one) => (one.kind === "note" ? [one.text] : [])).join("\n");
}

function threadOf(text: string | undefined): Partial<Fastener> {
  if (text === undefined) return {};
  try {
    return { thread: readThread(text) };
  } catch {
    return {};
  }
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
