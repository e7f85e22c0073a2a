import type { Route } from "../model/job";

/** What usually lies open at such a place, and is renewed while it does. General workshop knowledge. */
const USUALLY: readonly [opened: RegExp, lies: string, because: string][] = [
  [
    /\b(?:drive ?shaft|half ?shaft|axle shaft) (?:out|off)\b|\bshaft out of the (?:gearbox|diff)/i,
    "Shaft seal",
    "it has to come out for it again",
  ],
  [/\b(?:gearbox|transmission) (?:out|off|down)\b/i, "Clutch release bearing", "the gearbox hides it"],
  [/\b(?:gearbox|transmission) (?:out|off|down)\b/i, "Crankshaft seal, rear", "the gearbox hides it"],
  [/\bclutch (?:out|off)\b|\bpressure plate\b/i, "Clutch release bearing", "it wears with the clutch"],
  [/\btiming (?:belt|chain|cover)\b/i, "Tensioner and idlers", "they run with it"],
  [/\btiming (?:belt|cover)\b/i, "Water pump", "the belt has to come off for it again"],
  [
    /\b(?:drive|serpentine|fan|alternator|aux(?:iliary)?) ?belt (?:off|slack|loose)\b|\bbelt off\b/i,
    "Drive belt",
    "it is off already",
  ],
  [
    /\b(?:thermostat|coolant|radiator)\b.*\b(?:out|off|drain)|\bdrain (?:the )?coolant\b/i,
    "Coolant hoses",
    "the coolant is out",
  ],
  [/\b(?:cam|valve|rocker) cover off\b/i, "Spark plug tube seals", "the cover hides them"],
  [/\bintake (?:manifold|pipe) off\b|\bplenum (?:off|out)\b/i, "Intake gaskets", "they are pressed once"],
  [/\b(?:strut|damper|shock(?: absorber)?)s? (?:out|off)\b/i, "Top mount and bump stop", "it is apart there"],
  [
    /\b(?:lower|control|trailing) arm (?:out|off)\b|\bwishbone (?:out|off)\b|\barm (?:out|off)\b/i,
    "Bushes of the arm",
    "they are pressed with the arm out",
  ],
  [/\bknuckle (?:out|off)\b|\bhub (?:out|off)\b/i, "Wheel bearing", "the hub is off"],
  [/\b(?:drum|brake drum)s? off\b/i, "Wheel cylinder boots", "they show a leak first"],
  [/\bcall?iper (?:off|aside)\b/i, "Slide pins and their boots", "they are bare"],
  [/\b(?:sump|oil pan) (?:off|down)\b/i, "Oil pick-up seal", "the pan hides it"],
  [/\bexhaust (?:off|down)\b|\bmanifold off\b/i, "Manifold gasket and studs", "they are rusted and bare"],
  [/\bwheels? off\b/i, "Brake hose", "it is in front of you"],
];

/** Nobody reads more, and a wheel alone bares little. */
const MOST = 4;

export interface UsuallyOpen {
  name: string;
  because: string;
  /** The step that bares it. */
  bares: string;
}

/**
 * What usually lies open where a route has its steps, and is neither on its list of parts nor noted as lying
 * open. Example: "Drive shaft out of the gearbox" → its seal.
 */
export function usuallyOpen(route: Route): UsuallyOpen[] {
  const known = [...route.parts, ...(route.laysBare ?? [])].map(({ name }) => name.toLowerCase());
  const off = route.steps.filter(({ phase }) => phase === "take apart");
  const found = USUALLY.flatMap(([opened, name, because]): UsuallyOpen[] => {
    const step = off.find(({ title }) => opened.test(title));
    const isKnown = known.some((one) => one.includes(lastNoun(name)) || name.toLowerCase().includes(one));
    return step && !isKnown ? [{ name, because, bares: step.title }] : [];
  });
  return found.filter((one, i) => found.findIndex(({ name }) => name === one.name) === i).slice(0, MOST);
}

/** "Top mount and bump stop" → "top mount", "Shaft seal" → "shaft seal". */
const lastNoun = (name: string): string => (name.toLowerCase().split(/ and |, /)[0] ?? name).trim();
