import { orSentence } from "../input-error";
import { readSupply } from "../kit/needs/read-supply";
import { type Fastener, PHASES, type Part, type Route, type Step } from "../model/job";
import type { SpecialTool, Supply } from "../model/supply";
import { placeIn } from "../order/runs";
import { readHeadSize } from "../quantity/read-head-size";
import { readNumber } from "../quantity/read-number";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { sharesWord } from "../shares-word";
import type { Span } from "./heard";
import type { Proposal } from "./proposal";
import type { StepProposal } from "./proposal";
import type { FastenerProposal } from "./proposal";
import { standing } from "./standing";

/** The sentence that words lie in, to stand beside what was made of them: 190 letters at the most. */
export function sentenceAt(text: string, { start, end }: Span): string {
  const from = Math.max(
    text.lastIndexOf("\n", start - 1) + 1,
    ...[". ", "! ", "? "].map(
      (mark) => text.lastIndexOf(mark, start - 1) + (text.lastIndexOf(mark, start - 1) < 0 ? 1 : mark.length),
    ),
    0,
  );
  const stops = ["\n", ". ", "! ", "? "].map((mark) => text.indexOf(mark, end)).filter((at) => at >= 0);
  const to = Math.min(text.length, ...stops.map((at) => at + 1));
  const [least, most] =
    to - from <= 190 ? [from, to] : [Math.max(from, start - 60), Math.min(to, Math.max(end, start) + 100)];
  return text
    .slice(least, Math.min(most, least + 190))
    .replace(/\s+/g, " ")
    .trim()
    .replace(/^(?:[-–*•]|\d{1,2}[.)]) /, "");
}

export interface Taken {
  newId: () => string;
  /** The narration, for the sentence that each came from. */
  text: string;
}

/**
 * The route with the accepted proposals in it: each fastener with its doubt, each step with its fastener, its
 * cautions and the sentence it came from.
 * @throws InputError when one of them cannot be read (checkProposal says which).
 */
export function applyProposals(route: Route, accepted: readonly Proposal[], { newId, text }: Taken): Route {
  const ids = new Map(accepted.map(({ id }) => [id, newId()]));
  const said = ({ spans: [span] }: Pick<Proposal, "spans">) =>
    span ? `“${sentenceAt(text, span)}”` : undefined;
  const fasteners = accepted.flatMap((one) =>
    one.kind === "fastener"
      ? [fastenerOf(one, ids.get(one.id) ?? newId(), said({ ...one, spans: one.spans.slice(-1) }))]
      : [],
  );
  const place = route.parts[0]?.place ?? "underneath";
  const parts = accepted.flatMap((one): Part[] =>
    one.kind === "part" ? [partOf(one.name.trim().slice(0, 200), ids.get(one.id) ?? newId(), place)] : [],
  );
  const pinned = fasteners.filter(({ locking }) => locking === "split pin");
  const known = new Set(fasteners.map(({ id }) => id));
  const steps = accepted.flatMap((one): Step[] => {
    if (one.kind !== "step") return [];
    const fastenerId = one.fastener === undefined ? undefined : ids.get(one.fastener);
    const sentence = said(one);
    const minutes = one.wait.trim() === "" ? 0 : readNumber(one.wait, "The wait").value;
    return [
      {
        id: ids.get(one.id) ?? newId(),
        title: one.title.trim().slice(0, 200),
        phase: one.phase,
        kind: one.lifts ?? (fastenerId && known.has(fastenerId) ? kindOf(one) : lookOrDo(one)),
        // Which end goes up was asked; where nobody said, the whole car is made safe.
        stance: one.lifts === "raise" ? (one.stance ?? "all up") : "on the ground",
        cautions: [...one.cautions],
        ...(fastenerId && known.has(fastenerId) ? { fastenerId } : {}),
        ...(sentence && !saysTheSame(sentence, one.title) ? { detail: sentence } : {}),
        ...saidOfIt(one, fastenerId !== undefined && known.has(fastenerId)),
        ...(one.measure ? { measure: one.measure } : {}),
        ...(minutes > 0
          ? { wait: { minutes: Math.min(minutes, 20_000), until: one.until.trim() || "it is done" } }
          : {}),
      },
    ];
  });
  const wanted = accepted.flatMap((one): (Supply | SpecialTool)[] => {
    if (one.kind === "tool")
      return [{ id: ids.get(one.id) ?? newId(), name: one.name.trim().slice(0, 200), days: 1 }];
    return one.kind === "supply" ? [supplyOf(one.name.trim().slice(0, 200), ids.get(one.id) ?? newId())] : [];
  });
  const supplies = wanted.filter((one): one is Supply => "amount" in one);
  const tools = wanted.filter((one): one is SpecialTool => "days" in one);
  const byHand = new Map(
    accepted.flatMap((one) =>
      one.kind === "fastener" && one.traits.includes("by hand first")
        ? [[ids.get(one.id), one.name.trim()] as const]
        : [],
    ),
  );
  const taken = [...route.fasteners, ...fasteners];
  const told = inWorkingOrder(startedByHand(steps, byHand, newId));
  const made = waitedFor(standing(told, taken, newId));
  const [nut] = pinned;
  // The pin that was told to be new is that of the only nut that has one.
  const renewing = parts.map((part) =>
    nut && pinned.length === 1 && /\b(?:split|cotter) ?pins?\b/i.test(part.name)
      ? { ...part, renews: nut.id }
      : part,
  );
  return {
    ...route,
    fasteners: taken,
    parts: [...route.parts, ...renewing],
    // Into a plan that has steps each goes where its phase is, and the rest stays in its order.
    steps: route.steps.length === 0 ? made : made.reduce(putIn, route.steps),
    ...(supplies.length > 0 ? { supplies: [...(route.supplies ?? []), ...supplies].slice(0, 100) } : {}),
    ...(tools.length > 0 ? { specialTools: [...(route.specialTools ?? []), ...tools].slice(0, 100) } : {}),
  };
}

/** What a step's own words say of it: that it only cracks, that something is marked or photographed. */
function saidOfIt(
  { title, phase }: StepProposal,
  hasFastener: boolean,
): Pick<Step, "leaves" | "mark" | "photo"> {
  const apart = phase === "make safe" || phase === "take apart";
  return {
    ...(apart && hasFastener && /^(?:crack|slacken|loosen|break)(?:ed)?\b(?!.*\b(?:off|out)\b)/i.test(title)
      ? { leaves: "cracked" as const }
      : {}),
    ...(apart && MARKS.test(title) ? { mark: title.slice(0, 200) } : {}),
    ...(/^photograph\b|\b(?:take|get) a (?:photo|picture)\b/i.test(title) ? { photo: true } : {}),
  };
}

/** Counted or marked on the way apart, so that it can be the same again. */
const MARKS =
  /^(?:mark|count)\b|\b(?:paint|witness|alignment|pen|chalk) marks?\b|\bcount(?:ing|ed)? (?:the )?turns\b/i;

const putIn = (steps: readonly Step[], step: Step): Step[] => {
  const at = placeIn(steps, step.phase);
  return [...steps.slice(0, at), step, ...steps.slice(at)];
};

const byPhase = (steps: readonly Step[]): Step[] =>
  PHASES.flatMap((phase) => steps.filter((step) => step.phase === phase));

/**
 * The steps in their phases. What is looked at or cleaned on the way belongs to what it is told among: while
 * things still come off to taking apart, once the first is back to putting back.
 */
function inWorkingOrder(steps: readonly Step[]): Step[] {
  const lastOff = steps.findLastIndex(({ phase, kind }) => phase === "take apart" && kind === "undo");
  const firstOff = steps.findIndex(({ phase }) => phase === "take apart");
  const firstBack = steps.findIndex(({ phase }) => phase === "put back");
  return byPhase(
    steps.map((step, i): Step => {
      if (step.phase !== "look closely") return step;
      if (i < firstOff) return { ...step, phase: "make safe" };
      if (i < lastOff) return { ...step, phase: "take apart" };
      return firstBack >= 0 && i > firstBack ? { ...step, phase: "put back" } : step;
    }),
  );
}

/** The steps, each wait held by the next that speaks of the same thing, or else by the next. */
function waitedFor(steps: readonly Step[]): Step[] {
  const holds = new Map<string, string>();
  steps.forEach((step, i) => {
    const rest = step.wait ? steps.slice(i + 1) : [];
    const next = rest.find(({ title }) => sharesWord(title, step.title)) ?? rest[0];
    if (next) holds.set(next.id, step.id);
  });
  return steps.map((step) => {
    const wait = holds.get(step.id);
    return wait === undefined ? step : { ...step, needs: [...(step.needs ?? []), wait] };
  });
}

/** Whether a sentence is no more than the title that was made of it. */
const saysTheSame = (sentence: string, title: string): boolean => {
  const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, "");
  return plain(sentence) === plain(title);
};

/** "by hand first": a step of its own before the first that tightens. */
function startedByHand(
  steps: readonly Step[],
  byHand: ReadonlyMap<string | undefined, string>,
  newId: () => string,
): Step[] {
  const started = new Set(
    steps.filter(({ kind }) => kind === "hand-start").map(({ fastenerId }) => fastenerId),
  );
  return steps.flatMap((step) => {
    const name = byHand.get(step.fastenerId);
    if (name === undefined || step.kind !== "torque" || started.has(step.fastenerId)) return [step];
    started.add(step.fastenerId);
    return [
      {
        id: newId(),
        title: `${name}, all by hand`.slice(0, 200),
        phase: step.phase,
        kind: "hand-start" as const,
        stance: step.stance,
        cautions: [],
        fastenerId: step.fastenerId,
      },
      step,
    ];
  });
}

/** "2 copper washers": how many, and what. */
function partOf(name: string, id: string, place: Part["place"]): Part {
  const counted = /^(\d{1,2}) (?!mm\b|in\b)(\S.*)$/.exec(name);
  return { id, name: counted?.[2] ?? name, place, count: Math.max(1, Number(counted?.[1] ?? 1)) };
}

const lookOrDo = ({ title }: StepProposal): Step["kind"] =>
  /^(?:look|check|compare|inspect|measure|listen|feel)\b|\b(?:and|then) compare\b/i.test(title)
    ? "look"
    : "do";

/** What a step does to the fastener that it is about, by the verb it begins with. */
function kindOf({ title, phase }: StepProposal): Step["kind"] {
  if (phase !== "put back" && UNDOES.test(title)) return "undo";
  if (/\bby hand\b|finger/i.test(title)) return "hand-start";
  return /^(?:torque|tighten)/i.test(title) ? "torque" : "do";
}

const UNDOES = /^(?:remove|undo|loosen|slacken|crack|break|take|unscrew|unbolt|pull|get)\b/i;

function supplyOf(name: string, id: string): Supply {
  const read = orSentence(
    () => readSupply(name, id),
    () => undefined,
  );
  return read && "amount" in read ? read : { id, name, amount: { value: 1, unit: "pieces" } };
}

function fastenerOf(one: FastenerProposal, id: string, note: string | undefined): Fastener {
  const head = (typed: string) => (typed.trim() === "" ? undefined : readHeadSize(typed));
  const [undo, doUp, hold] = [head(one.size), head(one.sizeToDoUp), head(one.hold)];
  const figure = one.torque.trim() === "" ? undefined : readTorqueFigure(one.torque);
  const has = (trait: string) => one.traits.includes(trait);
  const locker = one.traits.find(
    (trait): trait is NonNullable<Fastener["locking"]> & `threadlocker${string}` =>
      /^threadlocker, (?:low|medium|high) strength$/.test(trait),
  );
  return {
    id,
    name: one.name.trim().slice(0, 200),
    count: readNumber(one.count, "The count").value,
    ...(undo ? { sizeToUndo: undo } : {}),
    ...(doUp ? { sizeToDoUp: doUp } : {}),
    ...(hold ? { counterHold: { by: "on the other end" as const, size: hold } } : {}),
    ...(figure ? { figure } : {}),
    ...(one.doubtful && figure ? { doubtful: true } : {}),
    ...(one.doubtfulSize && undo ? { sizeDoubtful: true as const } : {}),
    ...(has("single-use") ? { singleUse: true } : {}),
    ...(has("left-hand thread") ? { leftHand: true as const } : {}),
    ...(has("cross") ? { pattern: { layout: "circle" as const } } : {}),
    ...tightenedWhere(has),
    ...lockedBy(locker, has),
    ...(has("anti-seize") ? { threadIs: "anti-seize" as const } : {}),
    ...(note ? { note: note.slice(0, 200) } : {}),
  };
}

function lockedBy(locker: Fastener["locking"], has: (trait: string) => boolean): Pick<Fastener, "locking"> {
  if (locker) return { locking: locker };
  if (has("new pin")) return { locking: "split pin" as const };
  return {};
}

function tightenedWhere(has: (trait: string) => boolean): Pick<Fastener, "tightened"> {
  if (has("on the ground")) return { tightened: "on the ground" as const };
  if (has("at ride height")) return { tightened: "at ride height" as const };
  return {};
}
