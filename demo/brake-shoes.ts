import type { Fastener, Job, Part, Step } from "@/core/model/job";
import type { Supply } from "@/core/model/supply";
import type { Work, WorkEvent } from "@/core/model/work";
import { demo, fastener, figure, head, part, step, supply, thread } from "./authoring";

type Side = "left" | "right";
const SIDES: Side[] = ["left", "right"];

const fasteners: Fastener[] = [
  fastener("cable-nut", "Handbrake cable nut", 1, {
    sizeToUndo: head("13"),
    thread: thread("M8"),
    note: "Off and on again by the same turns: the cable is set to the new shoes at the end.",
  }),
  ...SIDES.flatMap((side) => [
    fastener(`${side}-wheel`, `Wheel bolts, ${side}`, 5, {
      sizeToUndo: head("17"),
      thread: thread("M12x1.5"),
      figure: figure("110 Nm"),
      source: "vehicle maker",
      condition: "dry",
      pattern: { layout: "circle" },
      role: "wheel",
    }),
    fastener(`${side}-drum-screw`, `Drum screw, ${side}`, 1, {
      sizeToUndo: head("T30"),
      thread: thread("M6"),
      figure: figure("snug"),
    }),
    fastener(`${side}-cylinder`, `Wheel cylinder bolts, ${side}`, 2, {
      sizeToUndo: head("10"),
      thread: thread("M6"),
      figure: figure("12 Nm"),
      source: "vehicle maker",
      condition: "dry",
    }),
    fastener(`${side}-union`, `Brake pipe union, ${side}`, 1, {
      sizeToUndo: head("10"),
      figure: figure("14 Nm"),
      source: "vehicle maker",
      overPipe: true,
      access: "spanner only",
      note: "Hold the pipe still; start it three turns by hand.",
    }),
    fastener(`${side}-plate`, `Backing plate bolts, ${side}`, 4, {
      sizeToUndo: head("16"),
      thread: thread("M10"),
      figure: figure("40 Nm"),
      source: "vehicle maker",
      condition: "dry",
      pattern: { layout: "circle" },
      // The left ones were reached with a crowfoot; the right ones still have to be written down.
      ...(side === "left" ? { adapter: { offsetMm: 45, angleDeg: 0 } } : {}),
      note: "The axle is in the way of a socket.",
    }),
    fastener(`${side}-bleed`, `Bleed screw, ${side}`, 1, {
      sizeToUndo: head("8"),
      figure: figure("6-9 Nm"),
      source: "parts maker",
    }),
  ]),
];

const parts: Part[] = SIDES.flatMap((side) => [
  part(`${side}-shoes`, "Brake shoes", `${side} rear`, { count: 2, priceMinor: 1740 }),
  part(`${side}-cylinder-new`, "Wheel cylinder", `${side} rear`, { priceMinor: 1495 }),
]);

const supplies: Supply[] = [
  supply("fluid", "Brake fluid", 400, "mL", 300),
  supply("cleaner", "Brake cleaner", 400, "mL"),
  supply("grease", "Brake grease", 5, "g"),
  supply("rags", "Rags", 4, "pieces"),
];

const up = { stance: "rear up" as const };

function eachSide(make: (side: Side) => Step[]): Step[] {
  return SIDES.flatMap(make);
}

const steps: Step[] = [
  step("crack", "make safe", "do", "Crack the wheel bolts, a quarter turn", {
    minutes: { usual: 5 },
    detail:
      "While the tyres still hold the wheels. Handbrake off afterwards: the shoes must let go of the drum.",
  }),
  step("raise", "make safe", "raise", "Rear up on two stands", {
    ...up,
    minutes: { usual: 10 },
    cautions: ["Both front wheels chocked, in gear."],
  }),
  step("cable-slack", "take apart", "count", "Handbrake cable slackened, turns counted", {
    ...up,
    fastenerId: "cable-nut",
    mark: "paint across nut and rod",
    minutes: { usual: 5 },
    detail: "With the handbrake off. The drums come over the worn shoes more easily.",
  }),
  step("soak", "take apart", "do", "Penetrant on bleed screws and pipe unions", {
    ...up,
    minutes: { usual: 3 },
    wait: { minutes: 20, until: "it has crept in" },
    cautions: ["Ventilate, no flame. None on shoes or drums that stay."],
  }),
  ...eachSide((side) => [
    step(`${side}-wheel-off`, "take apart", "undo", `Wheel off, ${side}`, {
      ...up,
      fastenerId: `${side}-wheel`,
      minutes: { usual: 5 },
    }),
    step(`${side}-drum-off`, "take apart", "undo", `Drum off, ${side}`, {
      ...up,
      fastenerId: `${side}-drum-screw`,
      minutes: { usual: 10 },
      cautions: ["Brake dust: wet it down, never blow or brush it dry."],
      detail: "If the drum hangs on the shoes, wind the adjuster back through the hole in the plate.",
    }),
    step(`${side}-photo`, "take apart", "look", `Photograph springs and levers, ${side}`, {
      ...up,
      minutes: { usual: 2 },
      photo: true,
    }),
    step(`${side}-shoes-off`, "take apart", "do", `Springs, pins and shoes off, ${side}`, {
      ...up,
      minutes: { usual: 15 },
      cautions: ["Springs let go: eye protection on."],
    }),
    step(`${side}-union-off`, "take apart", "undo", `Brake pipe off the cylinder, ${side}`, {
      ...up,
      fastenerId: `${side}-union`,
      needs: ["soak"],
      minutes: { usual: 8 },
      cautions: ["Brake fluid strips paint: rag under it, cap the pipe."],
    }),
    step(`${side}-cylinder-off`, "take apart", "undo", `Wheel cylinder off, ${side}`, {
      ...up,
      fastenerId: `${side}-cylinder`,
      minutes: { usual: 6 },
    }),
  ]),
  step("drums", "look closely", "look", "Drums: lip and cracks", { ...up, minutes: { usual: 4 } }),
  step("drum-width", "look closely", "look", "Drums: inside width against the limit", {
    ...up,
    minutes: { usual: 6 },
    detail: "The widest a drum may be is cast on its face. Measure in three places, take the widest.",
    measure: { what: "drum's inside width", unit: "mm", most: 204, places: ["left", "right"] },
  }),
  step("plates", "look closely", "look", "Ledges on the plates: grooved or smooth", {
    ...up,
    minutes: { usual: 5 },
  }),
  ...eachSide((side) => [
    step(`${side}-plate-tight`, "put back", "torque", `Backing plate bolts, ${side}`, {
      ...up,
      fastenerId: `${side}-plate`,
      minutes: { usual: 6 },
    }),
    step(`${side}-cylinder-on`, "put back", "torque", `New wheel cylinder, ${side}`, {
      ...up,
      fastenerId: `${side}-cylinder`,
      minutes: { usual: 8 },
    }),
    step(`${side}-union-hand`, "put back", "hand-start", `Brake pipe started by hand, ${side}`, {
      ...up,
      fastenerId: `${side}-union`,
      minutes: { usual: 4 },
    }),
    step(`${side}-union-tight`, "put back", "torque", `Brake pipe union, ${side}`, {
      ...up,
      fastenerId: `${side}-union`,
      minutes: { usual: 4 },
    }),
    step(`${side}-shoes-on`, "put back", "do", `New shoes, springs and adjuster, ${side}`, {
      ...up,
      mirrorOf: { stepId: `${side}-shoes-off`, title: `Springs, pins and shoes on, ${side}` },
      minutes: { usual: 25 },
      detail: "Thin grease on the ledges only. Compare with the photo: long lining faces the rear.",
      cautions: ["Springs let go: eye protection on."],
    }),
    step(`${side}-drum-on`, "put back", "torque", `Drum on and screw in, ${side}`, {
      ...up,
      fastenerId: `${side}-drum-screw`,
      minutes: { usual: 6 },
    }),
  ]),
  ...eachSide((side) => [
    step(`${side}-bleed-tight`, "put back", "torque", `Bleed, then the bleed screw, ${side}`, {
      ...up,
      fastenerId: `${side}-bleed`,
      minutes: { usual: 12 },
      cautions: ["Used brake fluid goes to a collection point."],
    }),
  ]),
  step("cable-back", "put back", "count", "Handbrake cable nut back by as many turns", {
    ...up,
    fastenerId: "cable-nut",
    mirrorOf: { stepId: "cable-slack", title: "Back: Handbrake cable slackened, turns counted" },
    mark: "paint across nut and rod",
    minutes: { usual: 6 },
  }),
  ...eachSide((side) => [
    step(`${side}-wheel-on`, "put back", "hand-start", `Wheel on, bolts by hand, ${side}`, {
      ...up,
      fastenerId: `${side}-wheel`,
      minutes: { usual: 4 },
    }),
  ]),
  step("lower", "put back", "lower", "Down off the stands", { ...up, minutes: { usual: 5 } }),
  ...eachSide((side) => [
    step(`${side}-wheel-tight`, "put back", "torque", `Wheel bolts on the ground, ${side}`, {
      fastenerId: `${side}-wheel`,
      minutes: { usual: 4 },
    }),
  ]),
  step("pedal", "prove it", "look", "Pump the pedal until it is hard; handbrake holds by the fifth click", {
    minutes: { usual: 3 },
  }),
  step("slow-stops", "prove it", "look", "Slow test stops, then look for leaks", { minutes: { usual: 15 } }),
];

export const brakeShoes: Job = {
  ...demo("brake-shoes"),
  vehicleId: "demo-wren",
  title: "Rear shoes and wheel cylinders",
  system: "brakes",
  state: "under way",
  plannedFor: "2026-11-23",
  routes: [{ id: "book", name: "By the book", steps, fasteners, parts, supplies }],
  chosenRouteId: "book",
};

/** As it was left the evening before: both sides apart and looked at, two bolts of the left plate tight. */
function yesterday(): WorkEvent[] {
  const day = "2026-11-23";
  const at = (minute: number, second = 0) => ({
    at: new Date(Date.UTC(2026, 10, 23, 13, 5 + minute * 4, second)).toISOString(),
    on: day,
  });
  const before = steps.slice(
    0,
    steps.findIndex((one) => one.id === "left-plate-tight"),
  );
  const done = before.flatMap((one, i): WorkEvent[] => {
    const finished: WorkEvent = { ...at(i), type: "step", stepId: one.id };
    if (one.kind === "count")
      return [
        ...Array.from({ length: 7 }, (_, turn): WorkEvent => ({
          ...at(i, turn * 2),
          type: "half turn",
          stepId: one.id,
          by: 1,
        })),
        { ...finished, ...at(i, 20) },
      ];
    if (one.wait) return [{ ...at(i), type: "task", stepId: one.id, task: "hands" }, finished];
    if (one.measure)
      return [
        ...SIDES.map((place): WorkEvent => ({
          ...at(i),
          type: "measured",
          stepId: one.id,
          place,
          value: place === "left" ? 203.2 : 203.6,
        })),
        finished,
      ];
    if (one.phase === "look closely") return [{ ...finished, found: "good" }];
    if (one.kind !== "raise") return [finished];
    return [
      ...(["ground", "chocks", "stands", "shake"] as const).map((tick): WorkEvent => ({
        ...at(i),
        type: "safety",
        tick,
        stance: "rear up",
      })),
      finished,
    ];
  });
  const bolts = [1, 3].map((bolt): WorkEvent => ({
    ...at(before.length),
    type: "bolt",
    stepId: "left-plate-tight",
    stage: 0,
    bolt,
  }));
  return [...done, ...bolts];
}

export const brakeShoesWork: Work = {
  ...demo("brake-shoes-work"),
  jobId: "demo-brake-shoes",
  routeId: "book",
  openStepId: "left-plate-tight",
  events: yesterday(),
};
