import type { TorqueFigure } from "../quantity/torque-figure";
import { formatFigure } from "../quantity/torque-words";
import type { Clause, Told } from "./clauses";
import { deedsOf } from "./deeds";
import type { Group, Grouped } from "./group";
import { type Span, saidIn, spanOf } from "./heard";
import { addListed, listedLines } from "./listed-steps";
import { marksOf } from "./mention";
import { onceEach } from "./once-each";
import { type Done } from "./particle";
import { BATTERY, inOrder, phaseOf, SAFE } from "./step-phase";
import { isNamed, NEVER_SO, ownWords, WHAT_ELSE, whatOf } from "./step-words";
import { type StepAt, type ToldStep } from "./told-step";
import { topicIn } from "./topic";
import { addMeasures, addUsualSteps, addWaits } from "./unsaid-steps";
import { USUAL_STEPS } from "./usual-steps";
import { THINGS, TOOL_HEADS } from "./vocabulary";
import { type FoundTorque } from "./written-torque";

/** What is known so far on the way through a telling. */
interface Telling {
  grouped: Grouped;
  steps: StepAt[];
  /** What was done last, for "take it off". */
  last: string | undefined;
  /** The clause in which that was. */
  lastAt: number;
  /** What was worked on last, apart from what holds it. */
  thing: string | undefined;
  /** The clauses of the first thing that comes off, and of the last that goes on. */
  firstOff: number;
  lastOn: number;
  /** The clause from which the engine runs or the vehicle is driven, once things have gone back. */
  proving: number;
}

/** The steps of a telling, in the order of the work: what is done, to what, and when. */
export function stepsOf(grouped: Grouped): ToldStep[] {
  const { text, terms, told, listing, torques, turn } = grouped;
  const deeds = deedsOf(grouped);
  const isTorque = ({ from, to }: Clause) => torques.some((one) => one.from >= from && one.from < to);
  const telling: Telling = {
    grouped,
    steps: [],
    last: undefined,
    lastAt: -1,
    thing: undefined,
    firstOff: deeds.findIndex(
      (deed, i) => deed?.way === "off" && !SAFE.test(saidIn(text, terms, told[i] ?? { from: 0, to: 0 })),
    ),
    lastOn: deeds.findLastIndex((deed, i) => deed?.way === "on" || isTorque(told[i] ?? { from: 0, to: 0 })),
    proving: told.findIndex(
      (clause, i) => i >= turn && !listing.has(i) && runs(deeds[i], saidIn(text, terms, clause)),
    ),
  };
  for (const [i, clause] of told.entries()) if (!listing.has(i)) stepIn(telling, i, clause, deeds[i]);
  addTabled(telling);
  addTorques(telling);
  addWaits(grouped, telling.steps);
  addMeasures(grouped, telling.steps);
  addUsualSteps(grouped, telling.steps, telling.firstOff);
  addListed(grouped, telling.steps, telling.firstOff, telling.lastOn);
  return inOrder(onceEach(telling.steps, listedLines(text).length > 0)).map(
    ({ phase, says, what, own, group, span }) => ({
      phase,
      says,
      what,
      own,
      group,
      span,
    }),
  );
}

/** Whether a clause says that the engine runs or the vehicle is driven. */
const runs = (deed: Done | undefined, said: string): boolean =>
  /^(?:start|drive)$/.test(deed?.says ?? "") ||
  (!NEVER_SO.test(said) &&
    USUAL_STEPS.some(({ says, when }) => /^(?:start|drive)$/.test(says) && when.test(said)));

function workedOn(telling: Telling, at: number, name: string | undefined): void {
  if (!name) return;
  telling.last = name;
  telling.lastAt = at;
}

function addStep({ steps }: Telling, step: StepAt): void {
  // "The nut's a nineteen … now take the nut off": once, where it is said to come off.
  const told = steps.findIndex(
    (one) => one.implied && one.group !== undefined && one.group === step.group && one.says === step.says,
  );
  if (told >= 0 && !step.implied) steps.splice(told, 1);
  const before = steps.at(-1);
  // "Then do the flange nuts, 30 newton metres": done up to that, and not done up before.
  if (before?.group && before.group === step.group && before.says === "tighten" && step.says === "torque") {
    step.span = { start: before.span.start, end: step.span.end };
    steps.pop();
  }
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
  const things = topicIn(terms, clause);
  const group = workedOnBy(groups, i, things);
  const topic = things.join(" ");
  telling.thing = topic || telling.thing;
  const span = spanOf(terms, clause.from, clause.to);
  const torque = torques.find(({ from }) => from >= clause.from && from < clause.to);
  const used = torque && groupWith(telling.grouped, torque);
  const figure = used && figureOf(used);
  if (used && figure && (!done || done.way === "on" || done.way === "either")) {
    addStep(telling, { ...toTorque(used, figure), span, at: i });
    workedOn(telling, i, used.name);
    return;
  }
  if (!done) {
    addOpened(telling, i, span);
    workedOn(telling, i, topic || group?.name);
    return;
  }
  const to = doneTo(telling, done, i);
  if (to === undefined) return;
  const when = {
    back: i >= turn,
    before: i < telling.firstOff,
    after: i > telling.lastOn,
    proving: telling.proving >= 0 && i > telling.proving,
  };
  addStep(telling, {
    phase: phaseOf(done, said, when),
    says: done.says,
    what: to.what,
    own: ownWords(said, to.meant),
    group,
    span,
    at: i,
  });
  workedOn(telling, i, group?.name ?? topic);
}

/** The fastener of a clause: of several that of the thing that it names, or else the last. */
function workedOnBy(groups: readonly Group[], i: number, things: readonly string[]): Group | undefined {
  const here = groups.filter(({ clauses }) => clauses.has(i));
  const [only, ...others] = here.filter(({ marks, topic }) =>
    things.some((word) => marks.has(word) || topic.includes(word)),
  );
  return only && others.length === 0 ? only : here.at(-1);
}

/** What a group is torqued to in the end: said again, the last of it is meant. */
const figureOf = ({ figures }: Group): TorqueFigure | undefined =>
  figures.findLast(({ notUsed }) => notUsed === undefined)?.figure;

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

/** What is going to be done, told before it is. */
const INTENDS = /\b(?:we'll|i'll|we're|i'm|going to|gonna|want(?:ed)? to|today)\b/i;

/** "Splash shield is eight pins and two bolts": said to be held so, it comes off. */
function addOpened(telling: Telling, i: number, span: Span): void {
  const { groups, turn, text } = telling.grouped;
  const said = text.slice(span.start, span.end);
  const isFirst = ({ first, clauses }: Group) =>
    first === i
      ? !INTENDS.test(said)
      : // Named before as what would be done, and told now.
        clauses.has(i) && /\b(?:has|have|had|is|are)(?: got)? (?:\w+ )?(?:bolts|nuts|screws)\b/i.test(said);
  const isKnown = (group: Group) => telling.steps.some((step) => step.group === group);
  const opened = groups.find(
    (group) =>
      (isFirst(group) &&
        (group.first === i || !isKnown(group)) &&
        (group.topic.length > 0 || (group.marks.size > 0 && group.count !== undefined)) &&
        i < turn) ||
      // "16 mm plug socket": what is screwed out with it, where that is said.
      (group.family === "plug" &&
        group.undo &&
        group.undo.span.start >= span.start &&
        group.undo.span.end <= span.end),
  );
  if (!opened) return;
  const words = [...opened.topic, ...opened.marks];
  if (telling.steps.some((step) => i - step.at < 4 && words.some((word) => step.what.includes(word)))) return;
  // "Three bolts, two short one long": of one lot as they are undone, and each by itself later.
  const twins = groups.filter((group) => group !== opened && group.spans[0] === opened.spans[0]);
  for (const group of [opened, ...twins])
    addStep(telling, {
      phase: BATTERY.test(group.name) ? "make safe" : "take apart",
      says: "remove",
      what: withTopic(group),
      implied: true,
      own: undefined,
      group,
      span,
      at: i,
    });
}

/** What a group is called, with what it is of where its name does not say that: "U-bolt nuts" do. */
function withTopic({ topic, name }: Group): string {
  const said = new Set(marksOf(name.split(/[ -]/).map((word) => word.toLowerCase())));
  if (topic.every((word) => said.has(word))) return name;
  return [...new Set([...topic, ...name.split(" ")])].join(" ");
}

const ENGINE_DOES = /\b(?:cool|idle|run|warm|hot|temperature|tick over)\b/;

/** So many clauses on, "it" is still what was spoken of. */
const FRESH = 1;

/** What is done, and to what; undefined where the words of a deed tell of no step. */
function doneTo(
  { grouped: { terms }, last, lastAt, thing }: Telling,
  done: Done,
  at: number,
): { what: string; meant: string | undefined } | undefined {
  const { way, says } = done;
  const { what, named, stood, meant: pointedAt } = whatOf(terms, done, last, thing);
  // "Let it cool", whatever was spoken of: the engine.
  if (says === "let" && pointedAt !== undefined && ENGINE_DOES.test(what))
    return { what: what.replace(pointedAt, "engine").trim(), meant: "engine" };
  // "Fill it with six litres": what goes in is said, and the thing in hand is not what is filled.
  const rest = says === "fill" && pointedAt ? what.replace(pointedAt, "").trim() : "";
  const standing =
    rest ||
    ((way === "prove" || way === "safe" || says === "lower" || says === "fill") &&
    !named &&
    // "Bonnet up, prop it".
    ((stood && !(says === "support" && at - lastAt <= FRESH)) || what === "")
      ? (WHAT_ELSE[says] ?? what)
      : what);
  const saysEnough =
    named ||
    (stood && (way === "off" || (pointedAt !== undefined && /^(?:mark|tape)$/.test(says)))) ||
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
  if (says === "let" && !lets.test(what)) return undefined;
  // What was spoken of long ago may not be what is meant: the words stand as they are.
  const meantStill = pointedAt !== undefined && at - lastAt > FRESH ? "" : pointedAt;
  return { what: standing, meant: standing === what ? meantStill : WHAT_ELSE[says] };
}

/** What stands in a table and was told of nowhere else comes off too. */
function addTabled({ grouped: { groups }, steps }: Telling): void {
  for (const group of groups.filter(({ clauses }) => clauses.size === 0)) {
    const words = [...group.marks];
    if (steps.some((step) => step.group === group || words.every((word) => step.what.includes(word))))
      continue;
    const at = steps.findLastIndex(({ phase }) => phase === "take apart" || phase === "make safe") + 1;
    const [span = { start: 0, end: 0 }] = group.spans;
    const phase = BATTERY.test(group.name) ? ("make safe" as const) : ("take apart" as const);
    steps.splice(at, 0, {
      phase,
      says: "remove",
      what: group.name,
      implied: true,
      own: undefined,
      group,
      span,
      at: steps[at - 1]?.at ?? 0,
    });
  }
}

/** Every figure is somebody's to pull: those said two in a breath too. */
function addTorques({ grouped: { groups }, steps }: Telling): void {
  for (const group of groups) {
    const figure = group.figures.findLast(({ notUsed }) => notUsed === undefined);
    if (!figure || steps.some((step) => step.group === group && step.says === "torque")) continue;
    // Told on the way or in a table: nothing is pulled before all has come apart.
    const at = Math.max(
      steps.findLastIndex((step) => step.span.start <= figure.span.start) + 1,
      steps.findLastIndex(({ phase }) => phase === "take apart") + 1,
    );
    const step = { ...toTorque(group, figure.figure), span: figure.span, at: steps[at - 1]?.at ?? 0 };
    steps.splice(at, 0, step);
  }
}
