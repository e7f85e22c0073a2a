import type { Fastener, Route } from "../model/job";
import { ROLES, type Role, holdsALife } from "../model/role";
import { WHEEL_FASTENER } from "../thread/fastener-kind";
import { isByFeel } from "./how-tight";

/**
 * By what a thing is called, what it holds: the first that fits. General workshop knowledge; what is on a lid
 * or behind trim is told before what has the same word on an axle ("tailgate strut"), and what only sits on
 * an engine before what steers ("power steering pump").
 */
const TOLD_BY: readonly [role: Role, words: RegExp][] = [
  [
    "restraint",
    /\b(?:seat[- ]?belts?|belt (?:anchors?|buckles?|reels?|pre-?tensioners?)|air ?bags?|pre-?tensioners?|child[- ]seat|seat (?:rails?|runners?|frames?|bolts?|nuts?|mounts?))\b/i,
  ],
  [
    "clip",
    /\b(?:push[- ]?(?:clips?|pins?)|trim clips?|hose clips?|hose clamps?|jubilee clips?|spring clips?|wire clips?|circlips?|e-?clips?|cable ties?|rivets?|fir[- ]tree)\b/i,
  ],
  [
    "body",
    /\b(?:bonnet|hood|tailgate|hatch|boot[- ]?lid|doors?|bumper|trim|fascia|dash(?:board)?|console|mirror|wiper|head ?lamp|head ?light|tail ?light|lamp|grille|wheel[- ]?arch|arch liner|splash|under ?tray|apron|glove ?box|number plate|window regulator)\b/i,
  ],
  [
    "engine",
    /\b(?:power[- ]steering (?:pump|pulley|reservoir|bracket|tank)|fuel cap|brake servo pump|vacuum pump)\b/i,
  ],
  [
    "steering",
    /\b(?:steering(?! lock)|tie[- ]rods?|track[- ]rods?|rod ends?|drag[- ]links?|pitman|idler arms?|rack(?! feet)|column|pinch bolts? of the column)\b/i,
  ],
  [
    "brake",
    /\b(?:brakes?|calipers?|callipers?|carriers?|slide pins?|slider pins?|guide pins?|bleed(?:er)?(?: screws?| nipples?)?s?|bleed|wheel cylinders?|master cylinder|slave cylinder|backing plates?|brake drums?|drum screws?|discs?|rotors?|pads?|shoes|hand ?brake|parking brake|equali[sz]er)\b/i,
  ],
  ["fuel", /\b(?:fuel|petrol|injectors?|high[- ]pressure pump|tank straps?)\b/i],
  ["driveline", /\bflywheel\b/i],
  [
    "hub and axle",
    /\b(?:hubs?|axle nuts?|drive ?shaft nuts?|stub axles?|wheel bearings?|knuckles?|uprights?|wheel studs?|axle (?:flange|shaft|beam)s?)\b/i,
  ],
  ["wheel", WHEEL_FASTENER],
  [
    "suspension",
    /\b(?:suspension|control arms?|wishbones?|trailing arms?|lower arms?|upper arms?|radius (?:arms?|rods?)|panhard|ball[- ]joints?|struts?|shocks?|shock absorbers?|dampers?|top mounts?|shackles?|leaf springs?|coil springs?|u-?bolts?|anti-?roll|sway[- ]?bars?|drop[- ]?links?|stabili[sz]ers?|sub-?frames?|pivot bolts?|arm bolts?|link nuts?|bump stops?|beam)\b/i,
  ],
  [
    "driveline",
    /\b(?:gearbox|transmission|transaxle|diff(?:erential)?|prop(?:eller)?[- ]?shafts?|drive ?shafts?|cv joints?|universal joints?|clutch|transfer case|bell ?housing|selector|shifter)\b/i,
  ],
  [
    "engine",
    /\b(?:engine|sump|oil pan|cam|valve cover|rocker cover|timing|cylinder head|head bolts?|manifold|exhaust|turbo|intake|inlet|plenum|throttle|alternator|starter|pulley|tensioner|idler|water pump|coolant|thermostat|radiator|fan|coils?|spark|glow|sensor|distributor|oil filter|oil cooler|drain plug|fill(?:er)? plug|battery|terminal|earth|mount|air ?box|egr|catalyst|downpipe|heat ?shield)\b/i,
  ],
  ["body", /\b(?:panel|cover|shield|guard|skid plate|bracket|roof|rack feet|tow ?bar|seat|screws?)\b/i],
];

/** What has no thread that a torque could be given for, by the last word of its name. */
const UNTHREADED = /\b(?:clips?|pins?|clamps?|circlips?|grommets?|ties|rivets?|hooks?|straps?|springs?)$/i;

/** What hangs on each, in a few words: "they hold …". */
export const AT_STAKE: Readonly<Record<Role, string>> = {
  wheel: "a wheel on",
  "hub and axle": "a hub",
  brake: "a brake",
  steering: "the steering",
  suspension: "the suspension",
  restraint: "somebody in their seat",
  fuel: "fuel in",
  engine: "the engine together",
  driveline: "the driveline",
  body: "a part of the body",
  clip: "a part on",
};

/**
 * What words say of a role; undefined where they say nothing. Example: "Front caliper carrier bolts" →
 * "brake".
 */
export const roleByWords = (words: string): Role | undefined =>
  TOLD_BY.find(([, says]) => says.test(words))?.[0];

/**
 * What a fastener holds: as the person said, or told from its name, and where that says nothing from the
 * titles of its steps. Undefined where none of them says. Example: "Bolts", worked on by "Undo the track rod
 * end" → "steering".
 */
export function roleOf(route: Pick<Route, "steps">, fastener: Fastener): Role | undefined {
  if (fastener.role) return fastener.role;
  const byName = roleByWords(fastener.name);
  // "Cover bolts" says body, and the cover may be of a diff: a step that says more is heard.
  if (byName !== undefined && byName !== "body") return byName;
  const told = route.steps.flatMap((step) =>
    step.fastenerId === fastener.id ? (roleByWords(step.title) ?? []) : [],
  );
  return told.toSorted((a, b) => ROLES.indexOf(a) - ROLES.indexOf(b))[0] ?? byName;
}

/** Whether a tool turns it by a head: not a clip, a pin or a strap, and not what is driven in. */
export const hasHead = ({ name, figure }: Pick<Fastener, "name" | "figure">): boolean =>
  !UNTHREADED.test(name.trim()) && figure?.form !== "fitted" && figure?.form !== "depth";

/**
 * Where "good and tight" is no way of doing it up: a screw that only keeps a drum from falling off is nipped
 * up, a wheel never is.
 */
const NEVER_SNUG: readonly Role[] = ["wheel", "hub and axle", "steering", "suspension", "restraint"];

/**
 * Whether a fastener that holds a life is done up with nothing said of how tight: no figure, and no turns
 * that are counted.
 */
export function lacksFigure(route: Pick<Route, "steps">, fastener: Fastener): boolean {
  const role = roleOf(route, fastener);
  if (role === undefined || !holdsALife(role) || !hasHead(fastener)) return false;
  const { figure } = fastener;
  if (figure !== undefined && !(isByFeel(figure) && NEVER_SNUG.includes(role))) return false;
  const steps = route.steps.filter(({ fastenerId }) => fastenerId === fastener.id);
  return steps.length > 0 && !steps.some(({ kind }) => kind === "count");
}
