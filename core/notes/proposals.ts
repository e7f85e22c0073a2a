import { capital } from "../capital";
import { InputError, orSentence } from "../input-error";
import type { Phase } from "../model/job";
import { formatHeadSize, readHeadSize } from "../quantity/read-head-size";
import { readNumber } from "../quantity/read-number";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { formatTorque } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import type { Span } from "./heard";
import type { Story } from "./story";

interface Row {
  id: string;
  /** The words it came from. */
  spans: readonly Span[];
  doubtful: boolean;
}

export type FastenerProposal = Row & {
  kind: "fastener";
  name: string;
  count: string;
  size: string;
  /** Empty where it is the size it was undone with. */
  sizeToDoUp: string;
  hold: string;
  torque: string;
  traits: readonly string[];
  /** Asked whether it is one with another, it was said to be its own. */
  toldApart?: boolean;
};
export type StepProposal = Row & {
  kind: "step";
  title: string;
  phase: Phase;
  /** The proposal of the fastener that it works on. */ fastener: string | undefined;
  cautions: readonly string[];
  /** Minutes that are waited before it is done, as typed; empty where none. */
  wait: string;
  /** What is waited for. */
  until: string;
};

/** One line of what a narration would put into the plan, as it can be corrected before it goes in. */
export type Proposal =
  FastenerProposal | StepProposal | (Row & { kind: "part" | "tool" | "supply"; name: string });

/** Something only the reader's person can tell, with answers that are one press each. */
export interface Question {
  id: string;
  asks: string;
  spans: readonly Span[];
  answers: {
    says: string;
    proposal: string;
    change: Partial<FastenerProposal>;
    /** The proposal that this one is one with. */ into?: string;
  }[];
}

/** Said, and left out: with the words that say why. */
export interface LeftOut {
  what: string;
  why: string;
  span: Span;
}

export interface Proposed {
  rows: Proposal[];
  questions: Question[];
  leftOut: LeftOut[];
}

/** Tools that the fasteners ask for by themselves. */
const OF_FASTENERS =
  /\b(?:sockets?|spanners?|wrench(?:es)?|ratchets?|extensions?|bits?|keys?|torque wrench)$|^[TE]\d+$/i;

/** What a story proposes: steps in order, each fastener, parts, what to have; first what has to be asked. */
export function proposalsFrom(story: Story): Proposed {
  const fasteners = story.fasteners.map((one, i): FastenerProposal => {
    const figures = story.figures.filter(({ fastener, notUsed }) => fastener === i && notUsed === undefined);
    return {
      id: `fastener ${i}`,
      kind: "fastener",
      spans: [...one.spans, ...figures.map(({ span }) => span)],
      doubtful: one.doubtful,
      name: capital(one.name),
      count: String(one.count ?? 1),
      size: one.undo ? formatHeadSize(one.undo) : "",
      sizeToDoUp:
        one.doUp && one.undo && formatHeadSize(one.doUp) !== formatHeadSize(one.undo)
          ? formatHeadSize(one.doUp)
          : "",
      hold: one.hold ? formatHeadSize(one.hold) : "",
      torque: one.figure ? formatFigure(one.figure) : "",
      traits: one.traits,
    };
  });
  const steps = story.steps.map((one, i): StepProposal => ({
    id: `step ${i}`,
    kind: "step",
    spans: [one.span],
    doubtful: false,
    title: capital(one.own ?? `${one.says} ${one.what}`).slice(0, 200),
    phase: one.phase,
    fastener: one.fastener === undefined ? undefined : `fastener ${one.fastener}`,
    cautions: [],
    ...NO_WAIT,
  }));
  const mind = [
    ...story.cautions,
    ...story.measures.map(({ name, span }) => ({ name: `Measure: ${name}`, span })),
  ];
  const minded =
    steps.length === 0
      ? []
      : mind.map(({ name, span }) => ({ name: capital(name).slice(0, 200), at: nearest(steps, span) }));
  const later = story.followUps.map(({ name, span }, i): StepProposal => ({
    id: `later ${i}`,
    kind: "step",
    spans: [span],
    doubtful: false,
    title: `Later: ${name}`.slice(0, 200),
    phase: "prove it",
    fastener: undefined,
    cautions: [],
    ...NO_WAIT,
  }));
  const told = steps.map((step, i): StepProposal => {
    const wait = story.waits.find(({ minutes, span }) => minutes !== undefined && nearest(steps, span) === i);
    const cautions = minded.filter(({ at }) => at === i).map(({ name }) => name);
    return {
      ...step,
      cautions: cautions.slice(0, 10),
      ...(wait ? { wait: String(wait.minutes), until: wait.name.slice(0, 200) } : {}),
    };
  });
  const rows: Proposal[] = [
    ...withHalves(told, fasteners),
    ...later,
    ...fasteners,
    ...story.parts.map(({ name, span }, i) => ({
      id: `part ${i}`,
      kind: "part" as const,
      spans: [span],
      doubtful: false,
      name: capital(name),
    })),
    ...story.tools
      .filter(({ name }) => !OF_FASTENERS.test(name))
      .map(({ name, span }, i) => ({
        id: `tool ${i}`,
        kind: "tool" as const,
        spans: [span],
        doubtful: false,
        name: capital(name),
      })),
    ...story.consumables.map(({ name, span }, i) => ({
      id: `supply ${i}`,
      kind: "supply" as const,
      spans: [span],
      doubtful: false,
      name: capital(name),
    })),
  ];
  const leftOut = story.figures.flatMap(({ figure, notUsed, fastener, span }): LeftOut[] => {
    const why =
      notUsed ??
      (fastener === undefined && bareOf(fasteners).length === 0
        ? "nothing was named that it belongs to"
        : undefined);
    return why === undefined ? [] : [{ what: formatFigure(figure), why, span }];
  });
  return { rows, questions: questionsOf(story, fasteners), leftOut };
}

const NO_WAIT = { wait: "", until: "" };

/**
 * What comes off goes back, said or not: each fastener undone and never done up again gets its step, in the
 * reverse of the order in which they came off.
 */
function withHalves(steps: readonly StepProposal[], fasteners: readonly FastenerProposal[]): StepProposal[] {
  const undoneAt = (id: string | undefined) =>
    id === undefined
      ? -1
      : steps.findIndex(
          ({ fastener, phase, title }) => fastener === id && phase === "take apart" && UNDONE.test(title),
        );
  const rows = [...steps];
  const missing = fasteners.filter(
    ({ id }) =>
      undoneAt(id) >= 0 && !steps.some(({ fastener, phase }) => fastener === id && phase === "put back"),
  );
  for (const one of missing.sort((a, b) => undoneAt(b.id) - undoneAt(a.id))) {
    const off = undoneAt(one.id);
    const step: StepProposal = {
      id: `back ${one.id}`,
      kind: "step",
      spans: steps[off]?.spans ?? [],
      doubtful: false,
      title: `${/\b(?:clips?|pins?|clamps?)$/i.test(one.name) ? "Put back" : "Tighten"} ${one.name.charAt(0).toLowerCase()}${one.name.slice(1)}`,
      phase: "put back",
      fastener: one.id,
      cautions: [],
      ...NO_WAIT,
    };
    const before = rows.findIndex(
      ({ fastener, phase }) => phase === "put back" && undoneAt(fastener) >= 0 && undoneAt(fastener) < off,
    );
    const last = rows.findLastIndex(({ phase }) => phase !== "prove it");
    rows.splice(before < 0 ? last + 1 : before, 0, step);
  }
  return rows;
}

const UNDONE = /^(?:remove|undo|loosen|crack|unbolt|take|slacken)/i;

/** Those of which no figure was said. */
const bareOf = (fasteners: readonly FastenerProposal[]) => fasteners.filter(({ torque }) => torque === "");

function questionsOf(story: Story, fasteners: readonly FastenerProposal[]): Question[] {
  const slips = story.slips.flatMap(({ fastener, said, meant }): Question[] => {
    const one = fasteners[fastener];
    if (!one) return [];
    return [
      {
        id: `slip ${fastener}`,
        asks: `${one.name}: said was ${formatTorque(said)}. As ${formatTorque(meant)} it would fit this head. Which is it?`,
        spans: one.spans,
        answers: [said, meant].map((torque) => ({
          says: formatTorque(torque),
          proposal: one.id,
          change: { torque: formatTorque(torque), doubtful: torque === said },
        })),
      },
    ];
  });
  const both = fasteners.flatMap((one, i): Question[] => {
    const said = [
      ...new Set(
        story.figures
          .filter(({ fastener, notUsed }) => fastener === i && notUsed === undefined)
          .map(({ figure }) => formatFigure(figure)),
      ),
    ];
    if (said.length < 2 || slips.some(({ answers }) => answers[0]?.proposal === one.id)) return [];
    return [
      {
        id: `both ${i}`,
        asks: `${one.name}: ${said.join(" and ")} were both said. Which is it?`,
        spans: one.spans,
        answers: said.map((torque) => ({
          says: torque,
          proposal: one.id,
          change: { torque, doubtful: false },
        })),
      },
    ];
  });
  const asked = new Set([...slips, ...both].map(({ answers }) => answers[0]?.proposal));
  const doubts = fasteners.flatMap((one): Question[] =>
    one.doubtful && one.torque !== "" && !asked.has(one.id)
      ? [
          {
            id: `doubt ${one.id}`,
            asks: `${one.name}: ${one.torque}${one.size ? ` on ${one.size}` : ""} was said with doubt. Do you know it?`,
            spans: one.spans,
            answers: [
              { says: `It is ${one.torque}`, proposal: one.id, change: { doubtful: false } },
              { says: "Leave the figure out", proposal: one.id, change: { torque: "", doubtful: false } },
            ],
          },
        ]
      : [],
  );
  const bare = bareOf(fasteners);
  const loose = story.figures.flatMap(({ figure, fastener, notUsed, span }, i): Question[] =>
    fastener === undefined && notUsed === undefined
      ? [
          {
            id: `loose ${i}`,
            asks: `What gets ${formatFigure(figure)}?`,
            spans: [span],
            answers: bare.slice(0, 4).map((one) => ({
              says: one.name,
              proposal: one.id,
              change: { torque: formatFigure(figure), spans: [...one.spans, span] },
            })),
          },
        ]
      : [],
  );
  const sames = story.maybeOne.flatMap(({ out, back }): Question[] => {
    const [one, other] = [fasteners[out], fasteners[back]];
    if (!one || !other) return [];
    return [
      {
        id: `same ${out} ${back}`,
        asks: `“${other.name}” with ${other.torque}: are these the same as “${one.name}” with ${one.size}?`,
        spans: [...one.spans, ...other.spans],
        answers: [
          { says: "The same", proposal: other.id, change: {}, into: one.id },
          { says: "Others", proposal: other.id, change: { toldApart: true } },
        ],
      },
    ];
  });
  return [...slips, ...both, ...doubts, ...sames, ...loose];
}

/** The step whose words lie nearest before a span. */
function nearest(steps: readonly StepProposal[], { start }: Span): number {
  const before = steps
    .map((step, i) => ({ i, at: step.spans[0]?.start ?? 0 }))
    .filter(({ at }) => at <= start);
  return before.sort((a, b) => b.at - a.at)[0]?.i ?? 0;
}

/** What is wrong with a proposal as it stands, by field; empty when it can go into the plan. */
export function checkProposal(
  proposal: Proposal,
): Partial<Record<"name" | "title" | "wait" | "count" | "size" | "sizeToDoUp" | "hold" | "torque", string>> {
  const errors: ReturnType<typeof checkProposal> = {};
  const read = (field: keyof typeof errors, how: () => void) => {
    const says = orSentence(
      () => {
        how();
        return undefined;
      },
      (sentence) => sentence,
    );
    if (says !== undefined) errors[field] = says;
  };
  if (proposal.kind === "step") {
    if (proposal.title.trim() === "") errors.title = "Say what is done.";
    read("wait", () => {
      if (proposal.wait.trim() !== "" && readNumber(proposal.wait, "The wait").value <= 0)
        throw new InputError("Minutes above nothing.");
    });
    return errors;
  }
  if (proposal.name.trim() === "") errors.name = "Say what it is.";
  if (proposal.kind !== "fastener") return errors;
  read("count", () => {
    const { value } = readNumber(proposal.count, "The count");
    if (!Number.isInteger(value) || value < 1 || value > 64)
      throw new InputError("A whole number from 1 to 64.");
  });
  for (const field of ["size", "sizeToDoUp", "hold"] as const)
    read(field, () => void (proposal[field].trim() !== "" && readHeadSize(proposal[field])));
  read("torque", () => void (proposal.torque.trim() !== "" && readTorqueFigure(proposal.torque)));
  return errors;
}

/** Two groups that are one: what the first does not say is taken from the second. */
export function mergedFastener(into: FastenerProposal, from: FastenerProposal): FastenerProposal {
  const either = (field: "size" | "sizeToDoUp" | "hold" | "torque") =>
    into[field].trim() === "" ? from[field] : into[field];
  return {
    ...into,
    count: into.count === "1" ? from.count : into.count,
    size: either("size"),
    sizeToDoUp: either("sizeToDoUp"),
    hold: either("hold"),
    torque: either("torque"),
    doubtful: into.doubtful || (into.torque.trim() === "" && from.doubtful),
    traits: [...new Set([...into.traits, ...from.traits])],
    spans: [...into.spans, ...from.spans],
  };
}
