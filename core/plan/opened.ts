import { roleOf } from "../fastener/role";
import type { Route, Step } from "../model/job";
import type { Role } from "../model/role";

/** What a job opens or loosens, and what therefore has to follow, whatever the job is called. */
export const OPENINGS = [
  "brake",
  "brake line",
  "alignment",
  "hub",
  "wheel",
  "fluid",
  "coolant",
  "belt",
  "fuel",
  "restraint",
  "battery",
] as const;
export type Opening = (typeof OPENINGS)[number];

interface Sign {
  /** Said of what comes off or is undone. */
  words?: RegExp;
  /** A part that is renewed: it was off. */
  parts?: RegExp;
  /** What a fastener that is undone holds, where its name is of these words too if they are given. */
  role?: Role;
  named?: RegExp;
  /** Said of it, it is not opened: only its bracket or clip comes off. */
  not?: RegExp;
}

/** Only what holds a line or a lead, and nothing of what runs in it. */
const ONLY_ITS_HOLDER =
  /\b(?:bracket|clip|clips|clamp|holder|support|mount|plug|connector|lead|sensor|switch)s?\b/i;
const PARKING = /\b(?:hand ?brake|parking brake|equali[sz]er)\b/i;

/**
 * General workshop knowledge, as no standard has it; source of what has to follow: the cautions of the
 * product.
 */
const SIGNS: Readonly<Record<Opening, readonly Sign[]>> = {
  "brake line": [
    {
      words:
        /\b(?:brake|clutch) (?:pipes?|lines?|hoses?|unions?|banjos?)\b|\b(?:wheel|master|slave) cylinders?\b(?! bolts?)|\bbleed/i,
      not: ONLY_ITS_HOLDER,
    },
    {
      parts:
        /\b(?:wheel|master|slave) cylinders?\b|\bcallipers?\b|\bcalipers?\b(?! (?:slide |slider |guide )?(?:pins?|carriers?|brackets?|bolts?|kit))|\bbrake (?:hoses?|pipes?|lines?)\b/i,
    },
    { role: "brake", named: /\b(?:unions?|banjos?|bleed(?:er)?|nipples?|fittings?|flare nuts?)\b/i },
  ],
  brake: [
    {
      words:
        /\b(?:callipers?|calipers?|brake (?:pads?|shoes?|drums?|discs?)|shoes|drums?|wheel cylinders?)\b/i,
    },
    {
      parts: /\b(?:pads?|shoes|linings?|discs?|rotors?|drums?|callipers?|calipers?|cylinders?)\b/i,
      not: PARKING,
    },
    { role: "brake", not: PARKING },
  ],
  alignment: [
    {
      words:
        /\b(?:rod ends?|tie[- ]rods?|track[- ](?:rods?|joints?)|steering joints?|drag[- ]links?|pitman|idler arms?|ball[- ]joints?|control arms?|wishbones?|trailing arms?|lower arms?|upper arms?|sub-?frames?|struts?(?! brace)|steering rack)\b/i,
      not: /\b(?:tailgate|bonnet|hood|hatch|boot)\b/i,
    },
    {
      role: "suspension",
      named:
        /\b(?:arms?|wishbones?|ball[- ]joints?|struts?|sub-?frames?|pivot|pinch|camber|eccentric|toe|radius|panhard|shackles?|u-?bolts?|beam)\b/i,
      not: /\b(?:link|anti-?roll|sway|stabili[sz]er|damper|shock)\b/i,
    },
    { role: "steering", not: /\bdamper|\bcolumn cover|\bshroud/i },
  ],
  hub: [{ role: "hub and axle" }, { words: /\b(?:hub|wheel bearing|axle nut|stub axle)\b(?! cap)/i }],
  wheel: [{ role: "wheel" }, { words: /\b(?:road ?)?wheels? off\b/i }],
  fluid: [
    {
      words:
        /\b(?:sump|oil pan|drain plug|fill(?:er)? plug|level plug|gearbox oil|diff(?:erential)? cover|transfer case|drive ?shaft out|oil seals?|cam cover|valve cover|oil filter|oil cooler|power[- ]steering (?:hose|pipe|pump)|transmission (?:pan|line)|cooler lines?)\b/i,
      not: /\b(?:bracket|clip|guard|shield|switch|sensor|loom|wire|radiator|coolant)s?\b/i,
    },
    {
      parts:
        /\b(?:oil seals?|shaft seals?|sump gasket|(?:oil )?pan gasket|cover gasket|oil filter|drain plug)\b/i,
    },
  ],
  coolant: [
    {
      words:
        /\b(?:coolant|radiator(?! (?:support|grille|fan|cover))|expansion (?:tank|bottle)|thermostat|water pump|heater (?:hose|matrix)|(?:top|bottom|upper|lower) hose)\b/i,
      not: ONLY_ITS_HOLDER,
    },
    { parts: /\b(?:thermostat|radiator|water pump|coolant hose|heater matrix)\b/i },
  ],
  belt: [
    {
      words:
        /\b(?:drive|serpentine|fan|alternator|timing|aux(?:iliary)?|v)[- ]?belts?\b|\bbelt (?:off|slack|loose)\b/i,
      not: /\bseat\b/i,
    },
  ],
  fuel: [
    { role: "fuel" },
    {
      words: /\bfuel (?:lines?|pipes?|rails?|hoses?|filters?|pumps?|tank)\b|\binjectors?\b/i,
      not: /\bcap\b|\bbracket\b/i,
    },
  ],
  restraint: [
    { role: "restraint" },
    { words: /\bair ?bags?\b|\bseat ?belts?\b|\bpre-?tensioners?\b|\bchild[- ]seat anchor/i },
  ],
  battery: [
    {
      words: /\bbattery\b(?! tray)|\bearth (?:lead|strap|terminal)\b|\bnegative (?:lead|terminal)\b/i,
      not: /\bcheck\b|\bvolts?\b/i,
    },
  ],
};

/**
 * A step that takes something off or lets it go; what is only looked at or put back opens nothing by itself.
 */
const takesOff = ({ kind, phase }: Step): boolean =>
  kind === "undo" || (phase === "take apart" && kind !== "look" && kind !== "raise" && kind !== "lower");

/**
 * What the steps, fasteners and parts of a route open, each with what opened it, in words.
 * Example: "Brake pipe off the cylinder" → brake line, because of that step; "Brake hose bracket off" →
 * nothing.
 */
export function openedBy(route: Route): ReadonlyMap<Opening, string> {
  const undone = new Set(
    route.steps.flatMap((step) => (takesOff(step) && step.fastenerId !== undefined ? [step.fastenerId] : [])),
  );
  const fasteners = route.fasteners.flatMap((one) =>
    undone.has(one.id) ? [{ name: one.name, role: roleOf(route, one) }] : [],
  );
  const off = route.steps.filter(takesOff).map(({ title }) => title);
  const leads = route.steps.filter(({ phase }) => phase === "make safe").map(({ title }) => title);
  const because = (sign: Sign, opening: Opening): string | undefined => {
    const fits = (words: RegExp | undefined, text: string) =>
      words !== undefined && words.test(text) && !sign.not?.test(text);
    const step = [...off, ...(opening === "battery" ? leads : [])].find((title) => fits(sign.words, title));
    const part = route.parts.find(({ name }) => fits(sign.parts, name))?.name;
    const fastener =
      sign.role === undefined
        ? undefined
        : fasteners.find(
            (one) =>
              one.role === sign.role &&
              (sign.named === undefined || sign.named.test(one.name)) &&
              !sign.not?.test(one.name),
          )?.name;
    return step ?? fastener ?? part;
  };
  return new Map(
    OPENINGS.flatMap((opening): [Opening, string][] => {
      const found = SIGNS[opening].flatMap((sign) => because(sign, opening) ?? [])[0];
      return found === undefined ? [] : [[opening, found]];
    }),
  );
}
