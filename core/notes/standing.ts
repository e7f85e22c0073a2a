import type { Fastener, Stance, Step } from "../model/job";
import type { Question, StepProposal } from "./proposal";

const END = "(?:front|rear|back)(?: end| axle| corner)?(?: of (?:the|my) \\w+)?";
const CAR = `(?:(?:the|my|whole|a) )*(?:car|van|truck|vehicle|trailer|${END})`;

/** The vehicle goes up, and not an arm on a jack or a part off its studs. */
const RAISES = [
  new RegExp(
    `^(?:raise|jack|lift|get|got|put|secure|support)(?:ed|ing)?(?: up)? ${CAR}\\b(?: (?:up(?! over)|on|onto|in|and|with|at)\\b|[,.]|$)`,
    "i",
  ),
  /^(?:raise|jack) (?:it|her)\b|^jack up\b|^lift it (?:up )?(?:on|onto) (?:the )?stands/i,
  /\bon(?:to)? (?:\w+ ){0,3}(?:axle |jack )?stands\b/i,
  /^(?:the )?(?:front|rear)(?: end| wheels)?(?:'s| is| are)? (?:up|in the air)\b|^all four (?:corners )?up\b/i,
];
const LOWERS = [
  new RegExp(
    `\\b(?:lower|let|set|drop|take|bring) (?:it|her|${CAR}) (?:back )?(?:down|off the stands|on the ground)\\b`,
    "i",
  ),
  /\b(?:back )?down (?:off|from) (?:the )?stands\b|\boff the stands\b/i,
  /^(?:wheels? )?(?:back )?down (?:on|to|onto) (?:the |its )?(?:ground|floor|wheels)\b/i,
  /^lower (?:(?:the )?(?:car|van|truck|vehicle)|down|stands out)\b|\b(?:car|van|truck) (?:back )?down\b/i,
];
/** Says no more than that it goes up. */
const JUST_UP =
  /^raise (?:car|stands?\b.*)$|^(?:jack|raise|lift) (?:it|her|(?:the )?(?:car|van|truck|vehicle))(?: up)?(?: (?:and|,)? ?(?:put )?(?:it )?(?:axle |jack )?(?:on |onto )?stands?(?: under (?:it|her|the \w+))?)?$/i;
/** Said of something else in the same breath. */
const BESIDE = /^(?:chock|drive|drove|block)\b/i;

const ENDS: readonly [Exclude<Stance, "on the ground">, RegExp][] = [
  [
    "all up",
    /\ball (?:four|round|the way up)\b|\bboth ends\b|\bfour corners\b|\bfour stands\b|\bwhole (?:car|van)\b/i,
  ],
  ["front up", /\bfront\b/i],
  ["rear up", /\b(?:rear|back end|the back|at the back)\b/i],
];

const CHOCKED =
  /\b(?:chock|block)\w*(?: (?:the|both|your|its|under|behind|in front of|at|of))*(?: (?:front|rear|back))?(?: (?:wheels?|tyres?|tires?|ones?|ends?))?|\b(?:front|rear|back)s?(?: (?:wheels?|end))? (?:are |is |were |was )?chocked\b/gi;

/** Which end goes up by some words; undefined where they say neither, or both. */
function endIn(words: string): StepProposal["stance"] {
  // Chocked is the end that stays down.
  const said = words.replace(CHOCKED, "").replace(/\bback (?:on|in|off|up|down|together|out)\b/gi, "");
  const ends = ENDS.filter(([, names]) => names.test(said)).map(([stance]) => stance);
  if (ends.includes("all up")) return "all up";
  return ends.length === 1 ? ends[0] : undefined;
}

/** What a text says is worked on at an axle: "front wheels", "rear shoes". */
const axlesIn = (text: string): string =>
  (
    text.match(
      /\b(?:front|rear|back) (?:left |right |lower |upper )?(?:wheels?|brakes?|axle|suspension|arms?|struts?|dampers?|shocks?|springs?|links?|cal+ipers?|drums?|shoes|pads?|discs?|rotors?|hubs?|hose)\b/gi,
    ) ?? []
  ).join(", ");

/** The line that some words stand in. */
function lineAt(text: string, { start, end }: { start: number; end: number }): string {
  const from = text.lastIndexOf("\n", start - 1) + 1;
  const to = text.indexOf("\n", end);
  return text.slice(Math.max(from, start - 120), Math.min(to < 0 ? text.length : to, end + 120));
}

/**
 * The steps with what raises the vehicle and lets it down told apart; which end goes up by the words of the
 * step, its line, or else all that was told, where these name but one.
 */
export function withLifts(text: string, steps: readonly StepProposal[]): StepProposal[] {
  const lifted = steps.map((step): StepProposal => {
    const [span] = step.spans;
    const own = span ? text.slice(span.start, span.end) : "";
    if (step.fastener !== undefined || BESIDE.test(step.title)) return step;
    if (LOWERS.some((says) => says.test(step.title))) return { ...step, lifts: "lower" };
    if (!RAISES.some((says) => says.test(step.title)) && !/^raise (?:car|stands?)\b/i.test(step.title))
      return step;
    const stance = [step.title, own, span ? lineAt(text, span) : "", axlesIn(text)]
      .map(endIn)
      .find((one) => one !== undefined);
    const title = JUST_UP.test(step.title) ? "Raise the car onto stands" : step.title;
    return { ...step, title, lifts: "raise", ...(stance ? { stance } : {}) };
  });
  const lower = lifted.find(({ lifts }) => lifts === "lower");
  if (!lower || lifted.some(({ lifts }) => lifts === "raise")) return lifted;
  // What comes down was up, said or not.
  const stance = endIn(axlesIn(text));
  const up: StepProposal = {
    ...lower,
    id: `up ${lower.id}`,
    title: "Raise the car onto stands",
    phase: "make safe",
    cautions: [],
    wait: "",
    until: "",
    lifts: "raise",
    ...(stance ? { stance } : {}),
  };
  const at = lifted.findLastIndex(({ phase }) => phase === "make safe") + 1;
  return [...lifted.slice(0, at), up, ...lifted.slice(at)];
}

/** Which end goes up, where nothing that was told says so. */
export const liftQuestions = (steps: readonly StepProposal[]): Question[] =>
  steps.flatMap((step) =>
    step.lifts === "raise" && step.stance === undefined
      ? [
          {
            id: `lift ${step.id}`,
            asks: `“${step.title}”: which end goes up?`,
            spans: step.spans,
            answers: [
              { says: "The front", proposal: step.id, change: { stance: "front up" as const } },
              { says: "The rear", proposal: step.id, change: { stance: "rear up" as const } },
              { says: "Both", proposal: step.id, change: { stance: "all up" as const } },
            ],
          },
        ]
      : [],
  );

const downAgain = (id: string): Step => ({
  id,
  title: "Down off the stands",
  phase: "put back",
  kind: "lower",
  stance: "on the ground",
  cautions: [],
});

/** What gets its torque on its wheels, by what was told of it or because it is a wheel's. */
const onItsWheels = (step: Step, fasteners: ReadonlyMap<string, Fastener>): boolean => {
  const fastener = step.fastenerId === undefined ? undefined : fasteners.get(step.fastenerId);
  return (
    step.kind === "torque" &&
    fastener !== undefined &&
    (fastener.tightened === "on the ground" ||
      /\b(?:wheel|lug)[- ]?(?:nuts?|bolts?|lugs?)\b/i.test(fastener.name))
  );
};

/**
 * The steps with the stance that each is done in: raised from where the vehicle goes up until it comes down,
 * and it comes down before what gets its torque on its wheels. What went up comes down, said or not.
 */
export function standing(
  steps: readonly Step[],
  fasteners: readonly Fastener[],
  newId: () => string,
): Step[] {
  const known = new Map(fasteners.map((one) => [one.id, one]));
  const said = steps.filter(({ kind }) => kind === "lower");
  const isUp = steps.some(({ kind }) => kind === "raise");
  const lower = said.length === 0 && isUp ? [downAgain(newId())] : said;
  const rest = steps.filter(({ kind }) => kind !== "lower");
  const isLast = (step: Step) => step.phase === "prove it" || onItsWheels(step, known);
  const from = rest.findLastIndex((step) => !isLast(step)) + 1;
  // What runs on its wheels and was told among the rest comes after it.
  const late = rest.slice(0, from).filter((step) => step.phase === "put back" && onItsWheels(step, known));
  const ordered =
    lower.length === 0
      ? rest
      : [
          ...rest.slice(0, from).filter((step) => !late.includes(step)),
          ...lower.map((step) => ({ ...step, phase: "put back" as const })),
          ...late,
          ...rest.slice(from),
        ];
  let stance: Stance = "on the ground";
  return ordered.map((step) => {
    if (step.kind === "raise") stance = step.stance;
    const now = { ...step, stance };
    if (step.kind === "lower") stance = "on the ground";
    return now;
  });
}
