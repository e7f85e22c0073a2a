import { capital } from "../capital";
import type { Measure } from "../model/job";
import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { withoutUndefined } from "../without-undefined";
import type { Span } from "./heard";
import { asMeasure } from "./measures-said";
import {
  type FastenerProposal,
  type LeftOut,
  type Proposal,
  type Proposed,
  type StepProposal,
  stepId,
} from "./proposal";
import { bareOf, questionsOf, UNDONE } from "./questions";
import { liftQuestions, withLifts } from "./standing";
import type { Story, StoryFastener, StoryStep } from "./story";

/** Tools that the fasteners ask for by themselves. */
const OF_FASTENERS =
  /\b(?:sockets?|spanners?|wrench(?:es)?|ratchets?|extensions?|bits?|keys?|torque wrench)$|^[TE]\d+$/i;

/** And those that a step asks for by which the vehicle goes up. */
const OF_LIFTING =
  /^(?:(?:wheel )?chocks?|(?:(?:axle|jack|car|safety) )?stands?|(?:(?:floor|trolley|bottle) )?jack)$/i;

/** What a story proposes: steps in order, each fastener, parts, what to have; first what has to be asked. */
export function proposalsFrom(story: Story): Proposed {
  const fasteners = story.fasteners.map((_, i) => fastenerProposal(story, i));
  const steps = withWhatIsMinded(
    story,
    story.steps.map((one, i) => stepProposal(story, one, i)),
  );
  const lifted = withLifts(story.text, undoing(once(steps, fasteners), fasteners, story.text));
  const isLifted = lifted.some(({ lifts }) => lifts === "raise");
  const tools = story.tools.filter(
    ({ name }) => !OF_FASTENERS.test(name) && !(isLifted && OF_LIFTING.test(name)),
  );
  const rows: Proposal[] = [
    ...withHalves(lifted, fasteners),
    ...laterSteps(story, steps),
    ...fasteners,
    ...asRows("part", story.parts),
    ...asRows("tool", tools),
    ...asRows("supply", story.consumables),
  ];
  return {
    rows,
    questions: [...questionsOf(story, fasteners), ...liftQuestions(lifted)],
    leftOut: leftOutOf(story, fasteners),
  };
}

function fastenerProposal({ fasteners, figures }: Story, i: number): FastenerProposal {
  const one = fasteners[i];
  if (!one) throw new Error("There is no such fastener.");
  const size = one.undo ? formatHeadSize(one.undo) : "";
  const sizeToDoUp = one.doUp ? formatHeadSize(one.doUp) : "";
  return {
    id: `fastener ${i}`,
    kind: "fastener",
    spans: [
      ...one.spans,
      ...figures
        .filter(({ fastener, notUsed }) => fastener === i && notUsed === undefined)
        .map(({ span }) => span),
    ],
    doubtful: one.doubtful,
    doubtfulSize: one.doubtfulSize,
    name: capital(toldApart(one, fasteners)),
    count: String(one.count ?? 1),
    size,
    sizeToDoUp: size && sizeToDoUp !== size ? sizeToDoUp : "",
    hold: one.hold ? formatHeadSize(one.hold) : "",
    torque: one.figure ? formatFigure(one.figure) : "",
    traits: one.traits,
    ...withoutUndefined({ otherHalf: one.otherHalf }),
  };
}

/** What a fastener is called; of two called alike, with its head. */
function toldApart({ name, undo }: StoryFastener, fasteners: readonly StoryFastener[]): string {
  const alike = fasteners.filter((one) => one.name === name);
  return undo && alike.length > 1 ? `${name}, ${formatHeadSize(undo)}` : name;
}

const stepProposal = ({ fasteners }: Story, one: StoryStep, i: number): StepProposal => ({
  id: stepId(i),
  kind: "step",
  spans: [one.span],
  doubtful: false,
  title: titleOf(one, fasteners),
  phase: one.phase,
  fastener: one.fastener === undefined ? undefined : `fastener ${one.fastener}`,
  cautions: [],
  ...NO_WAIT,
});

/** Each step with what is measured, waited for and minded at it, by where those were told. */
function withWhatIsMinded(
  { measures, cautions, waits }: Story,
  steps: readonly StepProposal[],
): StepProposal[] {
  const measured = new Map<number, Measure>();
  const onlySaid = measures.filter((one) => {
    const at = nearest(
      steps,
      one.span,
      ({ title }, from) => LOOKS.test(title) && one.span.start - from < SAME_BREATH,
    );
    const hasLimits = one.least !== undefined || one.most !== undefined;
    if (at === undefined || !hasLimits || measured.has(at)) return true;
    measured.set(at, asMeasure(one));
    return false;
  });
  const minded = [...cautions, ...onlySaid.map(({ name, span }) => ({ name: `Measure: ${name}`, span }))].map(
    ({ name, span }) => ({ name: capital(name).slice(0, 200), at: nearest(steps, span) ?? 0 }),
  );
  return steps.map((step, i): StepProposal => {
    const wait = waits.find(
      ({ minutes, span }) => minutes !== undefined && (nearest(steps, span) ?? 0) === i,
    );
    const here = minded.filter(({ at }) => at === i).map(({ name }) => name);
    return {
      ...step,
      cautions: here.slice(0, 10),
      ...withoutUndefined({ measure: measured.get(i) }),
      ...(wait ? { wait: String(wait.minutes), until: wait.name.slice(0, 200) } : {}),
    };
  });
}

/** What is to be done once the job is over, where no step says it. */
const laterSteps = ({ followUps }: Story, steps: readonly StepProposal[]): StepProposal[] =>
  followUps
    .filter(({ name }) => !steps.some(({ title }) => title.toLowerCase() === name.toLowerCase()))
    .map(({ name, span }, i) => ({
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

const asRows = (
  kind: "part" | "tool" | "supply",
  said: readonly { name: string; span: Span }[],
): Proposal[] =>
  said.map(({ name, span }, i) => ({
    id: `${kind} ${i}`,
    kind,
    spans: [span],
    doubtful: false,
    name: capital(name),
  }));

const leftOutOf = ({ figures }: Story, fasteners: readonly FastenerProposal[]): LeftOut[] =>
  figures.flatMap(({ figure, notUsed, fastener, span }) => {
    const isNobodys = fastener === undefined && bareOf(fasteners).length === 0;
    const why = notUsed ?? (isNobodys ? "nothing was named that it belongs to" : undefined);
    return why === undefined ? [] : [{ what: formatFigure(figure), why, span }];
  });

/** In the teller's words where those are few. A figure stands on its fastener: said twice, one of them would grow old. */
function titleOf({ says, what, own, fastener }: StoryStep, fasteners: readonly StoryFastener[]): string {
  const torqued = says === "torque" && fastener !== undefined ? fasteners[fastener] : undefined;
  const named = torqued && toldApart(torqued, fasteners);
  return capital(own ?? `${says} ${named ?? what}`).slice(0, 200);
}

/**
 * "Remove the undertray: 6 x T25 and 2 x 10 mm": what comes off is undone by what its sentence names, each
 * with a step of its own where it has several.
 */
function undoing(
  steps: readonly StepProposal[],
  fasteners: readonly FastenerProposal[],
  text: string,
): StepProposal[] {
  const rows = [...steps];
  for (const one of fasteners) {
    const [named] = one.spans;
    if (!named || rows.some(({ fastener, phase }) => fastener === one.id && phase !== "put back")) continue;
    const at = rows.findLastIndex(({ title, phase, spans: [span] }) => {
      const gap = span && span.end <= named.start ? text.slice(span.start, named.start) : undefined;
      return (
        phase === "take apart" &&
        gap !== undefined &&
        gap.length < SAME_BREATH &&
        !/[.;!?]\s|\n/.test(gap) &&
        /^(?:remove|take|undo|unbolt|lift|get)\b/i.test(title)
      );
    });
    const row = rows[at];
    if (!row) continue;
    if (row.fastener === undefined) rows[at] = { ...row, fastener: one.id };
    else
      rows.splice(at + 1, 0, {
        ...row,
        id: `undo ${one.id}`,
        title: `Undo ${one.name.charAt(0).toLowerCase()}${one.name.slice(1)}`,
        fastener: one.id,
        cautions: [],
        ...NO_WAIT,
      });
  }
  return rows;
}

const NO_WAIT = { wait: "", until: "" };

/**
 * The steps without those that say again what another says: in the same words, or the figure of a fastener
 * that has its own step for it.
 */
function once(steps: readonly StepProposal[], fasteners: readonly FastenerProposal[]): StepProposal[] {
  const figures = new Map(fasteners.map(({ id, torque }) => [id, torque]));
  const isPull = ({ title }: StepProposal) => /^(?:torque|tighten)\b/i.test(title);
  return steps.filter((step, i) => {
    // Of two lots that are called alike each has its own.
    const isOfOther = (one: StepProposal) =>
      one.fastener !== undefined && step.fastener !== undefined && one.fastener !== step.fastener;
    const same = (one: StepProposal) =>
      one.title.toLowerCase() === step.title.toLowerCase() && !isOfOther(one);
    const [span] = step.spans;
    const again = (one: StepProposal) =>
      one.phase === "prove it" &&
      (same(one) || (one.spans[0]?.start === span?.start && one.spans[0]?.end === span?.end));
    if (step.phase !== "prove it" && steps.slice(i + 1).some(again)) return false;
    if (steps.slice(0, i).some((one) => same(one) && one.phase === step.phase)) return false;
    const figure = step.fastener === undefined ? "" : (figures.get(step.fastener) ?? "");
    const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, "");
    return !(
      figure !== "" &&
      !isPull(step) &&
      plain(step.title).endsWith(plain(figure)) &&
      steps.some((one) => one.fastener === step.fastener && isPull(one))
    );
  });
}

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
      title: `${isPushedIn(one.name) ? "Put back" : "Tighten"} ${one.name.charAt(0).toLowerCase()}${one.name.slice(1)}`,
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

const isPushedIn = (name: string): boolean =>
  /\b(?:clips?|pins?|clamps?)\b/i.test(name) && !/\b(?:bolts?|nuts?|screws?)\b/i.test(name);

/** So many letters on it is still spoken of. */
const SAME_BREATH = 200;
/** A step in which something can be measured. */
const LOOKS = /^(?:measure|check|look|inspect|adjust|feel|test|compare|set)\b/i;

/** The step whose words lie nearest before a span, of those that it can be said of. */
function nearest(
  steps: readonly StepProposal[],
  { start }: Span,
  of: (step: StepProposal, at: number) => boolean = () => true,
): number | undefined {
  const before = steps
    .map((step, i) => ({ i, step, at: step.spans[0]?.start ?? 0 }))
    .filter(({ step, at }) => at <= start && of(step, at));
  return before.sort((a, b) => b.at - a.at)[0]?.i;
}
