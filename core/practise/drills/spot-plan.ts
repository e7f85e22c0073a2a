import type { Fastener, Job, Route, Step } from "../../model/job";
import type { Vehicle } from "../../model/vehicle";
import { MODEL_VERSION } from "../../model/version";

const STAMP = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
} as const;

/** A car that a plan to be judged is of. */
export const SPOT_VEHICLE: Vehicle = {
  ...STAMP,
  id: "spot-car",
  name: "Estate",
  year: 2014,
  distanceUnit: "km",
  torqueUnit: "N.m",
  driven: "front",
  kerbWeightKg: 1250,
  frontShare: 0.6,
} as Vehicle;

const nm = (value: number) => ({
  form: "value" as const,
  torque: { value, unit: "N.m" as const, decimals: 0 },
});
const hexagon = (size: number) => ({ profile: "hexagon" as const, size, unit: "mm" as const });

const WHEEL: Fastener = {
  id: "wheel",
  name: "Wheel bolts",
  count: 5,
  sizeToUndo: hexagon(17),
  figure: nm(110),
  source: "vehicle maker",
  role: "wheel",
  pattern: { layout: "circle" },
};
const CYLINDER: Fastener = {
  id: "cylinder",
  name: "Wheel cylinder bolts",
  count: 2,
  sizeToUndo: hexagon(10),
  figure: nm(12),
  source: "vehicle maker",
  role: "brake",
};
const PIPE: Fastener = {
  id: "pipe",
  name: "Brake pipe union",
  count: 1,
  sizeToUndo: hexagon(11),
  figure: nm(16),
  source: "vehicle maker",
  role: "brake",
};

type Told = Pick<Step, "id" | "title" | "phase" | "kind" | "stance"> & Partial<Step>;
const step = (told: Told): Step => ({ cautions: [], ...told });

/** A left rear wheel cylinder renewed, told as it should be. */
export const SPOT_ROUTE: Route = {
  id: "spot",
  name: "By the book",
  fasteners: [WHEEL, CYLINDER, PIPE],
  parts: [{ id: "new", name: "Wheel cylinder", place: "left rear", count: 1 }],
  steps: [
    step({
      id: "crack",
      title: "Crack the wheel bolts",
      phase: "make safe",
      kind: "undo",
      stance: "on the ground",
      fastenerId: "wheel",
      leaves: "cracked",
    }),
    step({
      id: "up",
      title: "Chock both front wheels, raise the rear onto stands",
      phase: "make safe",
      kind: "raise",
      stance: "rear up",
      vehicleIs: "in gear, both front wheels chocked",
    }),
    step({
      id: "off",
      title: "Wheel bolts out, wheel off",
      phase: "take apart",
      kind: "undo",
      stance: "rear up",
      fastenerId: "wheel",
    }),
    step({ id: "drum", title: "Drum off", phase: "take apart", kind: "do", stance: "rear up" }),
    step({
      id: "lead",
      title: "Unplug the wheel speed sensor",
      phase: "take apart",
      kind: "do",
      stance: "rear up",
      takesOff: ["wheel speed sensor lead"],
    }),
    step({
      id: "pipe-off",
      title: "Undo the brake pipe",
      phase: "take apart",
      kind: "undo",
      stance: "rear up",
      fastenerId: "pipe",
    }),
    step({
      id: "cyl-off",
      title: "Wheel cylinder out",
      phase: "take apart",
      kind: "undo",
      stance: "rear up",
      fastenerId: "cylinder",
      movesPast: ["wheel speed sensor lead"],
    }),
    step({ id: "cyl-in", title: "New wheel cylinder in", phase: "put back", kind: "do", stance: "rear up" }),
    step({
      id: "cyl-hand",
      title: "Wheel cylinder bolts by hand",
      phase: "put back",
      kind: "hand-start",
      stance: "rear up",
      fastenerId: "cylinder",
    }),
    step({
      id: "cyl-tight",
      title: "Tighten the wheel cylinder bolts",
      phase: "put back",
      kind: "torque",
      stance: "rear up",
      fastenerId: "cylinder",
    }),
    step({
      id: "pipe-hand",
      title: "Brake pipe union by hand",
      phase: "put back",
      kind: "hand-start",
      stance: "rear up",
      fastenerId: "pipe",
    }),
    step({
      id: "pipe-tight",
      title: "Tighten the brake pipe union",
      phase: "put back",
      kind: "torque",
      stance: "rear up",
      fastenerId: "pipe",
    }),
    step({
      id: "lead-in",
      title: "Plug the wheel speed sensor in",
      phase: "put back",
      kind: "do",
      stance: "rear up",
      putsBack: ["wheel speed sensor lead"],
    }),
    step({ id: "drum-on", title: "Drum on", phase: "put back", kind: "do", stance: "rear up" }),
    step({
      id: "bleed",
      title: "Bleed the brake",
      phase: "put back",
      kind: "do",
      stance: "rear up",
      hands: 2,
    }),
    step({
      id: "hand",
      title: "Wheel on, bolts by hand",
      phase: "put back",
      kind: "hand-start",
      stance: "rear up",
      fastenerId: "wheel",
    }),
    step({ id: "down", title: "Let it down", phase: "put back", kind: "lower", stance: "on the ground" }),
    step({
      id: "tight",
      title: "Tighten the wheel bolts",
      phase: "put back",
      kind: "torque",
      stance: "on the ground",
      fastenerId: "wheel",
    }),
    step({
      id: "pedal",
      title: "Pump the pedal until it is firm",
      phase: "prove it",
      kind: "look",
      stance: "on the ground",
    }),
    step({
      id: "stops",
      title: "Slow test stops",
      phase: "prove it",
      kind: "do",
      stance: "on the ground",
    }),
  ],
};

/** Each way in which the plan may be spoilt: the rule of the second look that finds it, and what is wrong in a line. */
export interface Spoilt {
  rule: string;
  says: string;
  spoil: (route: Route) => Route;
}

const without = (route: Route, ...ids: readonly string[]): Route => ({
  ...route,
  steps: route.steps.filter(({ id }) => !ids.includes(id)),
});
const withFigure = (route: Route, id: string, figure: Fastener["figure"]): Route => ({
  ...route,
  fasteners: route.fasteners.map((one) => (one.id === id ? { ...one, figure } : one)),
});
const moved = (route: Route, id: string, after: string): Route => {
  const one = route.steps.find((step) => step.id === id);
  const rest = route.steps.filter((step) => step.id !== id);
  const at = rest.findIndex((step) => step.id === after) + 1;
  return { ...route, steps: one ? [...rest.slice(0, at), one, ...rest.slice(at)] : rest };
};

export const SPOILT: readonly Spoilt[] = [
  {
    rule: "wheel-in-the-air",
    says: "The wheel bolts get their torque in the air",
    spoil: (route) => {
      const early = moved(route, "tight", "hand");
      return {
        ...early,
        steps: early.steps.map((one) => (one.id === "tight" ? { ...one, stance: "rear up" as const } : one)),
      };
    },
  },
  {
    rule: "no-bleed",
    says: "The brake was opened, and nobody bleeds it",
    spoil: (route) => without(route, "bleed"),
  },
  {
    rule: "no-pedal",
    says: "Nobody tries the pedal before it rolls",
    spoil: (route) => without(route, "pedal"),
  },
  {
    rule: "never-put-back",
    says: "The sensor stays unplugged",
    spoil: (route) => without(route, "lead-in"),
  },
  {
    rule: "still-attached",
    says: "The cylinder is moved past a lead that is still plugged in",
    spoil: (route) => moved(route, "lead", "cyl-off"),
  },
  {
    rule: "torque-before-hand",
    says: "The wheel cylinder bolts are not started by hand",
    spoil: (route) => without(route, "cyl-hand"),
  },
  {
    rule: "only-the-parking-brake",
    says: "Nothing keeps the front wheels from rolling",
    spoil: (route) => ({
      ...route,
      steps: route.steps.map(({ vehicleIs: _, ...one }) =>
        one.id === "up" ? { ...one, title: "Raise the rear onto stands" } : one,
      ),
    }),
  },
  {
    rule: "never-done-up",
    says: "The wheel cylinder bolts are never tightened",
    spoil: (route) => without(route, "cyl-tight", "cyl-hand"),
  },
  {
    rule: "crack-on-the-ground",
    says: "The wheel bolts are cracked loose in the air",
    spoil: (route) => without(route, "crack"),
  },
  {
    rule: "unit-slip",
    says: "The wheel bolts' figure is in the wrong unit",
    spoil: (route) =>
      withFigure(route, "wheel", { form: "value", torque: { value: 110, unit: "lbf.in", decimals: 0 } }),
  },
];

/** The job that a route is of, so that it can be looked at. */
export const spotJob = (route: Route): Job =>
  ({
    ...STAMP,
    id: "spot-job",
    vehicleId: SPOT_VEHICLE.id,
    title: "Wheel cylinder, left rear",
    system: "brakes",
    state: "planned",
    routes: [route],
    chosenRouteId: route.id,
  }) as Job;
