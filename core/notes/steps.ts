import type { Phase } from "../model/job";
import type { TorqueFigure } from "../quantity/torque-figure";
import { formatFigure } from "../quantity/torque-words";
import type { Clause, Told } from "./clauses";
import { type Done, FILLERS, deedsOf } from "./deeds";
import type { Group, Grouped } from "./group";
import { type Span, saidIn, spanOf, topicIn } from "./heard";
import { singular } from "./mention";
import { measuresOf, waitsOf } from "./minded";
import { type FoundTorque, torqueUnitAt } from "./scan-torque";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { USUAL_STEPS } from "./usual-steps";
import { CONSUMABLE_HEADS, DENIED, HEADS, PART_HEADS, THINGS, TOOL_HEADS } from "./vocabulary";

/** Something to be done, with the words it came from. */
export interface ToldStep {
  phase: Phase;
  says: string;
  what: string;
  /** In the words of whoever told it, where those are few. */
  own: string | undefined;
  /** The fastener group it works on. */
  group: Group | undefined;
  span: Span;
}

type StepAt = ToldStep & { at: number; implied?: true };

/** What is known so far on the way through a telling. */
interface Telling {
  grouped: Grouped;
  steps: StepAt[];
  /** What was done last, for "take it off". */
  last: string | undefined;
  /** What was worked on last, apart from what holds it. */
  thing: string | undefined;
  /** The clauses of the first thing that comes off, and of the last that goes on. */
  firstOff: number;
  lastOn: number;
}

/** The steps of a telling, in the order of the work: what is done, to what, and when. */
export function stepsOf(grouped: Grouped): ToldStep[] {
  const { text, terms, told, listing, torques } = grouped;
  const deeds = deedsOf(grouped);
  const isTorque = ({ from, to }: Clause) => torques.some((one) => one.from >= from && one.from < to);
  const telling: Telling = {
    grouped,
    steps: [],
    last: undefined,
    thing: undefined,
    firstOff: deeds.findIndex(
      (deed, i) => deed?.way === "off" && !SAFE.test(saidIn(text, terms, told[i] ?? { from: 0, to: 0 })),
    ),
    lastOn: deeds.findLastIndex((deed, i) => deed?.way === "on" || isTorque(told[i] ?? { from: 0, to: 0 })),
  };
  for (const [i, clause] of told.entries()) if (!listing.has(i)) stepIn(telling, i, clause, deeds[i]);
  addTorques(telling);
  addWaits(grouped, telling.steps);
  addMeasures(grouped, telling.steps);
  addUsualSteps(grouped, telling.steps, telling.firstOff);
  return inOrder(telling.steps).map(({ phase, says, what, own, group, span }) => ({
    phase,
    says,
    what,
    own,
    group,
    span,
  }));
}

function addStep({ steps }: Telling, step: StepAt): void {
  // "The nut's a nineteen … now take the nut off": once, where it is said to come off.
  const told = steps.findIndex(
    (one) => one.implied && one.group !== undefined && one.group === step.group && one.says === step.says,
  );
  if (told >= 0 && !step.implied) steps.splice(told, 1);
  const before = steps.at(-1);
  if (before && before.says === step.says && before.group === step.group && step.group) {
    if (step.what.length > before.what.length) before.what = step.what;
    before.span = { start: before.span.start, end: step.span.end };
  } else if (!steps.slice(-3).some((one) => one.says === step.says && one.what.trim() === step.what.trim()))
    steps.push(step);
}

/** The step that a clause tells of, if it tells of one. */
function stepIn(telling: Telling, i: number, clause: Told, done: Done | undefined): void {
  const { text, terms, groups, torques, turn } = telling.grouped;
  const said = saidIn(text, terms, clause);
  const group = groups.filter(({ clauses }) => clauses.has(i)).at(-1);
  const topic = topicIn(terms, clause).join(" ");
  telling.thing = topic || telling.thing;
  const span = spanOf(terms, clause.from, clause.to);
  const torque = torques.find(({ from }) => from >= clause.from && from < clause.to);
  const used = torque && groupWith(telling.grouped, torque);
  if (torque && used && (!done || done.way === "on" || done.way === "either")) {
    addStep(telling, { ...toTorque(used, torque.figure), span, at: i });
    telling.last = used.name;
    return;
  }
  if (!done) {
    addOpened(telling, i, span);
    telling.last = topic || (group?.name ?? telling.last);
    return;
  }
  const what = doneTo(telling, done);
  if (what === undefined) return;
  const when = { back: i >= turn, before: i < telling.firstOff, after: i > telling.lastOn };
  addStep(telling, {
    phase: phaseOf(done, said, when),
    says: done.says,
    what,
    own: ownWords(said),
    group,
    span,
    at: i,
  });
  telling.last = group?.name ?? (topic || telling.last);
}

/** The group that a torque was given to. */
function groupWith({ terms, groups }: Grouped, { from, to }: FoundTorque): Group | undefined {
  const start = terms[from]?.start ?? -1;
  const end = terms[to - 1]?.end ?? Infinity;
  return groups.find(({ figures }) =>
    figures.some(({ span, notUsed }) => span.start <= start && span.end >= end && notUsed === undefined),
  );
}

const toTorque = (group: Group, figure: TorqueFigure) => ({
  phase: "put back" as const,
  says: "torque",
  what: `${group.name} to ${formatFigure(figure).replace(/[\u00a0\u2009\u202f]/g, " ")}`,
  own: undefined,
  group,
});

/** "Splash shield is eight pins and two bolts": said to be held so, it comes off. */
function addOpened(telling: Telling, i: number, span: Span): void {
  const { groups, turn } = telling.grouped;
  const opened = groups.find(
    ({ first, topic: holds, marks, count }) =>
      first === i && (holds.length > 0 || (marks.size > 0 && count !== undefined)) && i < turn,
  );
  if (!opened) return;
  const words = [...opened.topic, ...opened.marks];
  if (telling.steps.some((step) => i - step.at < 4 && words.some((word) => step.what.includes(word)))) return;
  addStep(telling, {
    phase: "take apart",
    says: "remove",
    what: `${opened.topic.join(" ")} ${opened.name}`
      .split(" ")
      .filter((word, n, all) => word !== "" && all.indexOf(word) === n)
      .join(" "),
    implied: true,
    own: undefined,
    group: opened,
    span,
    at: i,
  });
}

/** What is done, and to what; undefined where the words of a deed tell of no step. */
function doneTo({ grouped: { terms }, last, thing }: Telling, done: Done): string | undefined {
  const { way, says } = done;
  const { what, named, stood } = whatOf(terms, done, last, thing);
  const standing =
    (way === "prove" || way === "safe") && !named && (stood || what === "")
      ? (WHAT_ELSE[says] ?? what)
      : what;
  const saysEnough =
    named ||
    (stood && way === "off") ||
    way === "prove" ||
    WHAT_ELSE[says] !== undefined ||
    says === "wait" ||
    says === "let";
  if (standing === "" || !saysEnough) return undefined;
  // A spanner put somewhere is how it is done, and no part that goes on.
  const meant = what.split(" ").find((word) => isNamed(word)) ?? "";
  const isMeans =
    TOOL_HEADS.has(meant) &&
    !THINGS.has(meant) &&
    /^(?:on|off|either)$/.test(way) &&
    !/^(?:support|apply|drain)$/.test(says);
  if (isMeans || /^(?:when|there's|until|till|as|for|they're|how|if|where|who)\b/.test(what))
    return undefined;
  const byTool =
    /\b(?:spanner|wrench|socket|ratchet|bar|key|torch|light|hand|hands|fingers?|bowl|tray|pan)\b/;
  if (says === "fit" && byTool.test(what)) return undefined;
  const lets = /\b(?:cool|cold|sit|drip|dry|soak|drain|overnight|stand|idle|warm|minutes?|hours?)\b/;
  return says === "let" && !lets.test(what) ? undefined : standing;
}

/** Every figure is somebody's to pull: those said two in a breath too. */
function addTorques({ grouped: { groups }, steps }: Telling): void {
  for (const group of groups) {
    const figure = group.figures.findLast(({ notUsed }) => notUsed === undefined);
    if (!figure || steps.some((step) => step.group === group && step.says === "torque")) continue;
    const at = steps.findLastIndex((step) => step.span.start <= figure.span.start) + 1;
    const step = { ...toTorque(group, figure.figure), span: figure.span, at: steps[at - 1]?.at ?? 0 };
    steps.splice(at, 0, step);
  }
}

/** Adds what is waited for, where no step says it: "hit em with penetrating oil, give it ten minutes". */
function addWaits(grouped: Grouped, steps: (ToldStep & { at: number })[]): void {
  const { terms, told, groups, turn } = grouped;
  for (const { name, span } of waitsOf(grouped)) {
    const at = told.findIndex((clause) => spanOf(terms, clause.from, clause.to).end >= span.end);
    if (
      at < 0 ||
      steps.some(
        (step) => /^(?:let|wait|soak|let cool|apply)$/.test(step.says) && Math.abs(step.at - at) <= 2,
      )
    )
      continue;
    const soaks = /penetra|\bspray|\bsoak|\brelease\b|\bwd/i.test(name);
    const group = soaks
      ? groups.find(({ clauses }) => [0, 1, 2].some((back) => clauses.has(at - back)))
      : undefined;
    const what = [group?.name, name.replace(/,/g, "")].filter(Boolean).join(" ");
    const step = {
      phase: at < turn ? ("take apart" as const) : ("put back" as const),
      says: soaks ? "soak" : "wait",
      what,
      own: undefined,
      group: undefined,
      span,
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    steps.splice(next < 0 ? steps.length : next, 0, step);
  }
}

/** Adds what is measured, where no step looks at it. */
function addMeasures(grouped: Grouped, steps: (ToldStep & { at: number })[]): void {
  const { terms, told } = grouped;
  for (const { name, span } of measuresOf(grouped)) {
    const at = told.findIndex((clause) => spanOf(terms, clause.from, clause.to).end > span.start);
    if (
      at < 0 ||
      steps.some(
        (step) => /^(?:measure|look|check|inspect|adjust)$/.test(step.says) && Math.abs(step.at - at) <= 3,
      )
    )
      continue;
    const step = {
      phase: "look closely" as const,
      says: "measure",
      what: name.split(/[,;]/)[0] ?? name,
      own: undefined,
      group: undefined,
      span,
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    steps.splice(next < 0 ? steps.length : next, 0, step);
  }
}

/** Adds what every job begins and ends with, where the telling says it and no step does. */
function addUsualSteps(
  { text, terms, told, listing, turn }: Grouped,
  steps: (ToldStep & { at: number })[],
  firstOff: number,
): void {
  for (const { phase, says, when, same } of USUAL_STEPS) {
    if (steps.some((step) => step.phase === phase && same.includes(step.says))) continue;
    const first = phase === "make safe";
    const at = told.findIndex((clause, i) => {
      const said = saidIn(text, terms, clause);
      const when1 = when.exec(said);
      return (
        when1 !== null &&
        !listing.has(i) &&
        (first ? i <= Math.max(firstOff, 0) + 12 && i < turn : i >= turn) &&
        !DENIED.test(said.slice(0, when1.index)) &&
        !NEVER_SO.test(said)
      );
    });
    const clause = told[at];
    if (!clause) continue;
    const { start, end } = spanOf(terms, clause.from, clause.to);
    const found = when.exec(text.slice(start, end));
    const [here, there] = [
      start + (found?.index ?? 0),
      start + (found?.index ?? 0) + (found?.[0].length ?? 0),
    ];
    const inside = (n: number) => (terms[n]?.end ?? 0) > here && (terms[n]?.start ?? Infinity) < there;
    const [from, to] = [told[at]?.from ?? 0, told[at]?.to ?? 0];
    const [begins, ends] = [
      terms.findIndex((_, n) => n >= from && inside(n)),
      terms.findLastIndex((_, n) => n < to && inside(n)),
    ];
    // In a long breath only what stands about it.
    const object = to - from > 9 ? { from: Math.max(from, begins - 3), to: Math.min(to, ends + 4) } : clause;
    const { what } = whatOf(terms, { way: "either", says, object, particle: "" }, undefined);
    const about =
      what.replace(/^(?:start|fire|run|drive|drove|lower|set|drop|dropped|pump|take|chock)\b */, "") ||
      (WHAT_ELSE[says] ?? "engine");
    const step = {
      phase,
      says,
      what: about,
      own: ownWords(saidIn(text, terms, clause)),
      group: undefined,
      span: spanOf(terms, clause.from, clause.to),
      at,
    };
    const next = steps.findIndex((one) => one.at > at);
    if (next < 0) steps.push(step);
    else steps.splice(next, 0, step);
  }
}

/** What is meant where nothing is named. */
const WHAT_ELSE: Readonly<Record<string, string>> = {
  chock: "wheels",
  raise: "car",
  support: "car",
  lower: "car",
  drive: "car",
  start: "engine",
  test: "car",
};

/** Told of another day, or of what might be. */
const NEVER_SO =
  /^\W*(?:and |so |but )?(?:if|unless|when|until|till)\b|\b(?:last time|years? ago|used to|would|could)\b/i;

/** The teller's own words where they are few enough for a line, and speak of a thing by its name. */
function ownWords(said: string): string | undefined {
  const words = said
    .replace(/\s+/g, " ")
    .replace(
      /^(?:(?:and|so|but|then|now|ok|okay|alright|right|well|also|uh|um|just|first|i'm|i|you|we|we're|gonna|going to|want to|gotta|want|have to|need to|can|go ahead and|what you do is|step|\d+)\b[ ,.:]*|[-–*•] *)+/gi,
      "",
    )
    .trim();
  const count = words.split(" ").length;
  return count >= 2 && count <= 13 && !/\b(?:it|them|that|those|this|em|these)\b/i.test(words)
    ? words
    : undefined;
}

/**
 * What it is done to, in a few words: without fillers, a pronoun by what it stands for. `named` where the
 * clause itself names a thing.
 */
function whatOf(
  terms: readonly Term[],
  { object, particle }: Done,
  last: string | undefined,
  thing?: string,
): { what: string; named: boolean; stood: boolean } {
  const words: string[] = [];
  let named = false;
  let stood = false;
  for (let at = object.from; at < object.to && words.length < 11; at++) {
    const term = terms[at];
    if (!term || term.text === "\n") break;
    if (
      /^(?:it|them|em|that|those|these|this|both|they)$/.test(term.text) &&
      !named &&
      !stood &&
      !/^(?:noun|adjective|number)$/.test(terms[at + 1]?.tag ?? "")
    ) {
      // "Four 18 mm bolts, drop it": not the bolts.
      const meant = thing && last && /s$/.test(last) && /^(?:it|that|this)$/.test(term.text) ? thing : last;
      if (meant && !words.includes(meant)) words.push(meant);
      stood = true;
      continue;
    }
    // Where somebody else or something else begins, the thing is told.
    if (
      words.length > 0 &&
      (SOMETHING_ELSE.test(term.text) || (term.text === "and" && !isFurtherThing(terms, at + 1, object.to)))
    )
      break;
    if (
      FILLERS.has(term.text) ||
      /^(?:the|a|an|up|with|this|those|these|some|any|them|it)$/.test(term.text) ||
      term.text === particle ||
      (term.tag === "mark" && !/[/.]/.test(term.text))
    )
      continue;
    // A torque and its unit stand on the fastener.
    const number = spokenNumber(terms, at);
    const unit = number && torqueUnitAt(terms, number.next);
    if (unit) {
      at = unit.next - 1;
      continue;
    }
    if (isNamed(term.text)) named = true;
    words.push(term.text);
  }
  return { what: words.join(" ").trim(), named, stood };
}

const SOMETHING_ELSE =
  /^(?:which|who|because|cause|so|but|till|until|i|you|he|she|they|we|what|when|where|how|if|listen|look|while|or|\w+'(?:s|re|m|ll|ve|d)|don't|can't|won't|ain't|isn't|is|are|was|were)$/;

/** Whether a word names a thing of a vehicle, of a job, or what it is done with. */
const isNamed = (word: string) =>
  Object.hasOwn(HEADS, word) ||
  [word, singular(word)].some(
    (one) => THINGS.has(one) || PART_HEADS.has(one) || CONSUMABLE_HEADS.has(one) || NAMED_BESIDE.has(one),
  ) ||
  TOOL_HEADS.has(word);
/** Things that steps are about beside those that fasteners hold. */
const NAMED_BESIDE = new Set(
  "handbrake brake brakes car vehicle truck van trailer level leak leaks light lights photo picture mark line lines thread threads face faces surface surfaces wire wires connector connectors magnet ball jack engine wheel wheels lever tab lip edge hole holes boot panel bulb fuse tooth teeth crack cracks weep weeps drip drips rust idle brush fluid gauge key ignition pedal glass lens grommet sleeve groove weight load slope hill road block circuit washer ring".split(
    " ",
  ),
);

function isFurtherThing(terms: readonly Term[], at: number, to: number): boolean {
  for (let i = at; i < Math.min(to, at + 3); i++) {
    const term = terms[i];
    if (term && isNamed(term.text)) return true;
    if (!term || !/^(?:determiner|adjective|number|noun)$/.test(term.tag)) return false;
  }
  return false;
}

const SAFE =
  /\b(?:chock|jack|axle stands?|stands|raise|lift(?:ed)? the (?:car|front|rear)|in the air|battery|handbrake|parking brake|ignition|stone cold|cool (?:down|off|right)|cold|overnight|wheel (?:nuts|bolts).*(?:quarter|half|loose|crack)|crack.*wheel|soak|penetrat|mask|glasses|level ground|flat ground|safety|gloves)\b/i;
const PROVE =
  /\b(?:start (?:it|her|the engine|up)|fire it up|engine (?:on|running)|idle|road|drive|pump (?:the )?(?:pedal|brake)|test|lock to lock|turn the (?:key|ignition)|leaks?|run it|bounce|around the block|headlights on|listen)\b/i;

function phaseOf(
  { way, says }: Done,
  said: string,
  { back, before, after }: { back: boolean; before: boolean; after: boolean },
): Phase {
  if (way === "prove") {
    if (back) return "prove it";
    return before ? "make safe" : "look closely";
  }
  if (after && (way === "look" || way === "either" || PROVE.test(said)) && says !== "wait") return "prove it";
  if (way === "look" && says !== "mark" && says !== "photograph")
    return back && says === "clean" ? "put back" : "look closely";
  if (way === "look") return back ? "put back" : "take apart";
  if (!back && way === "safe" && (before || says !== "support")) return "make safe";
  if (before && (SAFE.test(said) || says === "let" || says === "wait")) return "make safe";
  return back || way === "on" ? "put back" : "take apart";
}

/**
 * Told out of order, "before that I should have …": making safe comes first, proving last; what is between
 * keeps its telling.
 */
function inOrder<T extends ToldStep>(steps: readonly T[]): T[] {
  const rank = (phase: Phase) => {
    if (phase === "make safe") return 0;
    if (phase === "prove it") return 2;
    return 1;
  };
  return steps
    .map((step, i) => ({ step, i }))
    .sort((a, b) => rank(a.step.phase) - rank(b.step.phase) || a.i - b.i)
    .map(({ step }) => step);
}
