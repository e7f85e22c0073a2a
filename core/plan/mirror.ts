import type { Fastener, Route, Step } from "../model/job";
import { formatHeadSize, sameHead } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { STEP_KIND } from "../step-kinds";
import { torquesOf } from "../torque/torques-of";

/** What a hand does to get something off, and does not do to put it on. */
const BY_FORCE =
  "(?:pull(?:ed)?|pop(?:ped)?|pry|pried|work(?:ed)?|wriggled?|lever(?:ed)?|prised?|slide?|lift(?:ed)?|drop(?:ped)?|knock(?:ed)?|tap(?:ped)?|drive|drove|press(?:ed)?|lower(?:ed)?|split)";

/** Words of taking apart, and those of putting back. The first that is found is turned round. */
const TURNED: readonly [apart: RegExp, back: string][] = [
  [
    /^(?:move|swing|swung|tuck|push)(?:ed|d)?\b(.*?)(?: out (?:of )?the way| to (?:the|one) side)\b/i,
    "Put$1 back",
  ],
  [new RegExp(`^${BY_FORCE}\\b(.*)\\bout of\\b`, "i"), "Put$1into"],
  [new RegExp(`^${BY_FORCE}\\b(.*)\\boff (?:of )?(?=(?:the|its|a)\\b)`, "i"), "Put$1onto "],
  [new RegExp(`^${BY_FORCE}\\b(.*)\\boff\\b`, "i"), "Put$1on"],
  [new RegExp(`^${BY_FORCE}\\b(.*)\\bout\\b`, "i"), "Put$1in"],
  [/\bout of\b/i, "into"],
  [/\boff of\b/i, "onto"],
  [/\b(?:away|clear) from\b/i, "back to"],
  [/^(?:undo|undid|loosen(?:ed)?|slacken(?:ed)?|crack(?:ed)?)\b/i, "Do up"],
  [/^(?:removed?|(?:take|took) (?:off|out)|pull(?:ed)? (?:off|out))\b/i, "Refit"],
  [/^(?:unplug(?:ged)?|disconnect(?:ed)?)\b/i, "Plug in"],
  [/^unclip(?:ped)?\b/i, "Clip in"],
  [/^peel(?:ed)? back\b/i, "Press back"],
  [/^drain\b/i, "Refill"],
  [/^(?:unhook|unhang)\b/i, "Hook in"],
  [/^(?:unscrew|unbolt|unwind)\b/i, "Screw in"],
  [/^open\b/i, "Close"],
  [/\baside\b/i, "back"],
  // "Pull the split pin": nothing says where to.
  [
    new RegExp(
      `^${BY_FORCE}( (?:the|a|an|both|all|its|each)\\b(?!.*\\b(?:off|out|aside|apart|down)\\b).*)$`,
      "i",
    ),
    "Put$1 back",
  ],
  [/\bunplugged and out\b/i, "in and plugged"],
  [/\boff\b/i, "on"],
  [/\bout\b/i, "in"],
  [/\bapart\b/i, "together"],
  [/\bdown\b/i, "up"],
];

/** The title of the step that puts another right again. Example: "Intake pipe off" → "Intake pipe on". */
export function mirrorTitle(title: string): string {
  const turn = TURNED.find(([apart]) => apart.test(title));
  return (turn ? title.replace(turn[0], turn[1]) : `Back: ${title}`).slice(0, 200);
}

/** What is done so that something comes off, and leaves nothing to be put back. */
const ON_THE_WAY =
  /^(?:blow|clean|brush|wipe|scrape|mark|photograph|count|compare|measure|look|check|soak|spray|wait|let)\b|^(?:squeeze|push|press|support|prop|place|put|mask|tape|wiggle|twist|rock|tap|turn|drain|pump)\b(?!.*\b(?:off|out|aside|apart)\b)/i;

/** Said of what was made clean or measured, and of what has its new one in already. */
const DONE_WITH =
  /\b(?:brushed|blown|washed|wiped|cleaned|rinsed|measured|written down)\b|, new (?:\w+ )?in\b/i;

/** What soaks or cools, is marked or held up, or only helps something off. */
const leavesNothing = ({ title, wait, mark, heldUp, takesOff }: Step): boolean =>
  wait !== undefined ||
  (takesOff === undefined &&
    (mark !== undefined || heldUp !== undefined || ON_THE_WAY.test(title) || DONE_WITH.test(title)));

/** Steps that have a way back: what is taken apart by undoing, or by doing something that leaves it off. */
function sources(route: Route): Step[] {
  return route.steps.filter(
    (step) =>
      step.phase === "take apart" &&
      step.noWayBack === undefined &&
      (step.kind === "undo" || step.kind === "count" || (step.kind === "do" && !leavesNothing(step))),
  );
}

/**
 * The putting-back of one step, and before it the starting by hand where bolts are many and have a figure.
 */
function mirrorsOf(step: Step, fastener: Fastener | undefined, newId: () => string): Step[] {
  const title = mirrorTitle(step.title);
  const base = {
    phase: "put back" as const,
    stance: step.stance,
    cautions: [],
    ...(step.minutes === undefined ? {} : { minutes: step.minutes }),
    ...(step.hands === undefined ? {} : { hands: step.hands }),
  };
  const back: Step = {
    ...base,
    id: newId(),
    title,
    kind: STEP_KIND[step.kind].back,
    mirrorOf: { stepId: step.id, title },
    ...(step.fastenerId === undefined ? {} : { fastenerId: step.fastenerId }),
    ...(step.count === undefined ? {} : { count: step.count }),
    ...(step.takesOff ? { putsBack: step.takesOff } : {}),
    ...(step.loaded ? { loaded: step.loaded } : {}),
  };
  const many = fastener && fastener.count > 1 && fastener.figure && torquesOf(fastener.figure).length > 0;
  if (step.kind !== "undo" || !many) return [back];
  const byHand = `${title}, by hand`.slice(0, 200);
  return [
    {
      ...base,
      id: newId(),
      title: byHand,
      kind: "hand-start",
      mirrorOf: { stepId: step.id, title: byHand },
      ...(step.fastenerId === undefined ? {} : { fastenerId: step.fastenerId }),
    },
    back,
  ];
}

export interface MirrorState {
  /** Steps of the first half that nothing puts right again. */
  unmirrored: Step[];
  /** Steps of the second half whose first is gone. */
  orphaned: Step[];
  /** Steps of the second half whose first was renamed, and that still have the title they were given. */
  renamed: Step[];
}

/**
 * How the second half stands to the first. A step that was written by hand and does up the same fastener
 * counts as a way back.
 */
export function mirrorState(route: Route): MirrorState {
  const first = new Map(sources(route).map((step) => [step.id, step]));
  const second = route.steps.filter(({ phase }) => phase === "put back" || phase === "prove it");
  const mirrored = new Set(second.flatMap(({ mirrorOf }) => (mirrorOf ? [mirrorOf.stepId] : [])));
  const doneUp = new Set(
    second.flatMap(({ kind, fastenerId }) =>
      (kind === "torque" || kind === "count") && fastenerId !== undefined ? [fastenerId] : [],
    ),
  );
  const putBack = new Set(
    second.flatMap(({ putsBack }) => putsBack ?? []).map((thing) => thing.toLowerCase()),
  );
  const titles = new Set(second.map(({ title }) => title.toLowerCase()));
  const hasWayBack = (step: Step) =>
    mirrored.has(step.id) ||
    (step.fastenerId !== undefined && doneUp.has(step.fastenerId)) ||
    (step.takesOff !== undefined && step.takesOff.every((thing) => putBack.has(thing.toLowerCase()))) ||
    titles.has(mirrorTitle(step.title).toLowerCase()) ||
    second.some(
      ({ title }) =>
        saysAllOf(title, mirrorTitle(step.title)) ||
        isNewOne(title, step.title) ||
        isDoneToNewOne(title, mirrorTitle(step.title)),
    );
  const renamed = second.filter(({ mirrorOf, title, kind }) => {
    const source = mirrorOf && first.get(mirrorOf.stepId);
    return source !== undefined && mirrorOf?.title === title && title !== given(source, kind);
  });
  return {
    unmirrored: [...first.values()].filter((step) => !hasWayBack(step)),
    orphaned: second.filter(({ mirrorOf }) => mirrorOf !== undefined && !first.has(mirrorOf.stepId)),
    renamed,
  };
}

const EMPTY = new Set("the a an its and put back new old".split(" "));
const wordsIn = (title: string): string[] =>
  (title.toLowerCase().match(/[a-z]+/g) ?? []).filter((word) => !EMPTY.has(word));

/** Whether a title says all that another says, and perhaps more: "New arm in" all of "Arm in". */
function saysAllOf(title: string, other: string): boolean {
  const [said, asked] = [new Set(wordsIn(title)), wordsIn(other)];
  return asked.length > 1 && asked.every((word) => said.has(word));
}

/** "Screw the new one on" for "Unscrew the joint": the same deed the other way, done to what is new. */
function isDoneToNewOne(title: string, back: string): boolean {
  const [verb] = wordsIn(back);
  return (
    verb !== undefined && wordsIn(title)[0] === verb && /^\w+ (?:in |on )?(?:the )?new one\b/i.test(title)
  );
}

/** "New pin" for "Pull the split pin": what goes in is a new one of what came out. */
function isNewOne(title: string, out: string): boolean {
  const [said, was] = [wordsIn(title), new Set(wordsIn(out))];
  return (
    /^new\b/i.test(title) &&
    said.length > 0 &&
    said.every((word) => was.has(word) || /^(?:in|on)$/.test(word))
  );
}

function given(source: Step, kind: Step["kind"]): string {
  const title = mirrorTitle(source.title);
  return kind === "hand-start" ? `${title}, by hand`.slice(0, 200) : title;
}

/**
 * The route with its second half brought in step with the first: what is missing put in, in reverse; what has
 * lost its step taken out, unless it was edited; what was renamed renamed. Whatever a person changed in the
 * second half stays as it is.
 */
export function syncMirror(route: Route, newId: () => string): Route {
  const { unmirrored, orphaned, renamed } = mirrorState(route);
  const first = new Map(sources(route).map((step) => [step.id, step]));
  const gone = new Set(
    orphaned.filter(({ mirrorOf, title }) => mirrorOf?.title === title).map(({ id }) => id),
  );
  const lost = new Set(orphaned.map(({ id }) => id));
  const renames = new Set(renamed.map(({ id }) => id));
  let steps = route.steps
    .filter(({ id }) => !gone.has(id))
    .map((step): Step => {
      const source = step.mirrorOf && first.get(step.mirrorOf.stepId);
      if (source && renames.has(step.id)) {
        const title = given(source, step.kind);
        return { ...step, title, mirrorOf: { stepId: source.id, title } };
      }
      if (!lost.has(step.id)) return step;
      const { mirrorOf: _gone, ...rest } = step;
      return rest;
    });
  const order = [...first.keys()];
  const fasteners = new Map(route.fasteners.map((fastener) => [fastener.id, fastener]));
  for (const source of unmirrored) {
    const made = mirrorsOf(
      source,
      source.fastenerId === undefined ? undefined : fasteners.get(source.fastenerId),
      newId,
    );
    // Right before the way back of the nearest earlier step; else last in the phase, before the vehicle is
    // let down.
    let anchor = -1;
    for (let before = order.indexOf(source.id) - 1; before >= 0 && anchor < 0; before--) {
      const id = order[before];
      const earlier = id === undefined ? undefined : first.get(id);
      anchor = steps.findIndex((step) => step.mirrorOf?.stepId === id || isWayBack(step, earlier));
    }
    const lowered = steps.findIndex(({ kind, phase }) => kind === "lower" && phase === "put back");
    const after = steps.findLastIndex(({ phase }) => phase !== "prove it") + 1;
    const at = placeBack(anchor, lowered, source, after);
    steps = [...steps.slice(0, at), ...made, ...steps.slice(at)];
  }
  return { ...route, steps };
}

function placeBack(anchor: number, lowered: number, source: Step, after: number) {
  if (anchor >= 0) return anchor;
  if (lowered >= 0 && source.stance !== "on the ground") return lowered;
  return after;
}

function isWayBack(step: Step, source: Step | undefined): boolean {
  return (
    source?.fastenerId !== undefined &&
    step.phase === "put back" &&
    step.fastenerId === source.fastenerId &&
    (step.kind === "torque" || step.kind === "hand-start")
  );
}

/**
 * What is different on the way back: other socket, torque, pattern, hand, place, a new part. Short, in the
 * order the hand needs it.
 */
export function differencesOf(route: Route, step: Step): string[] {
  const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
  if (!fastener || step.phase !== "put back" || (step.kind !== "torque" && step.kind !== "hand-start"))
    return [];
  const { sizeToUndo, sizeToDoUp, figure, pattern, tightened, locking, singleUse, count } = fastener;
  const renewed = route.parts.find(({ renews }) => renews === fastener.id);
  return [
    singleUse || renewed ? `new ${count === 1 ? "one" : "ones"}` : undefined,
    sizeToDoUp && sizeToUndo && !sameHead(sizeToDoUp, sizeToUndo)
      ? `${formatHeadSize(sizeToDoUp)} instead of ${formatHeadSize(sizeToUndo)}`
      : undefined,
    locking,
    step.kind === "hand-start" ? "three turns by hand" : undefined,
    step.kind === "torque" && figure ? formatFigure(figure) : undefined,
    step.kind === "torque" && pattern?.layout === "circle" && count > 2 ? "in a cross" : undefined,
    step.kind === "torque" && tightened ? `final torque ${tightened}` : undefined,
  ].filter((one) => one !== undefined);
}
