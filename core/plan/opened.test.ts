import { demoHousehold } from "@/demo/household";
import type { Fastener, Part, Route, Step } from "../model/job";
import { beforeYouDrive, followUpsFrom } from "./after-the-work";
import { OPENINGS, type Opening, openedBy } from "./opened";

const step = (title: string, more: Partial<Step> = {}): Step => ({
  id: title,
  title,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const undone = (name: string): { fastener: Fastener; step: Step } => ({
  fastener: { id: name, name, count: 2 },
  step: step(`Undo ${name}`, { kind: "undo", fastenerId: name }),
});

interface Plan {
  steps?: string[];
  fasteners?: string[];
  parts?: string[];
}

function routeOf({ steps = [], fasteners = [], parts = [] }: Plan): Route {
  const off = fasteners.map(undone);
  return {
    id: "r",
    name: "By the book",
    steps: [...steps.map((title) => step(title)), ...off.map((one) => one.step)],
    fasteners: off.map((one) => one.fastener),
    parts: parts.map((name): Part => ({ id: name, name, place: "left front", count: 1 })),
  };
}

const opens = (plan: Plan): Opening[] => [...openedBy(routeOf(plan)).keys()];

/** One that opens it and a near miss that does not, whatever the job is called. */
test.each<[Opening, opens: Plan, not: Plan]>([
  ["brake line", { steps: ["Brake pipe off the cylinder"] }, { steps: ["Brake hose bracket off the strut"] }],
  ["brake line", { parts: ["Wheel cylinder"] }, { parts: ["Caliper slide pins"] }],
  ["brake line", { fasteners: ["Brake pipe union"] }, { fasteners: ["Oil cooler union"] }],
  ["brake", { fasteners: ["Caliper carrier bolts"] }, { fasteners: ["Handbrake cable nut"] }],
  ["brake", { parts: ["Brake pads"] }, { parts: ["Handbrake shoes cable"] }],
  ["alignment", { fasteners: ["Track rod end nut"] }, { fasteners: ["Drop link nuts"] }],
  ["alignment", { fasteners: ["Lower arm pivot bolts"] }, { fasteners: ["Tailgate strut stud"] }],
  ["alignment", { steps: ["Outer ball joint out of the knuckle"] }, { steps: ["Gearbox mount off"] }],
  ["hub", { fasteners: ["Axle nut"] }, { fasteners: ["Wheel trim screws"] }],
  ["wheel", { fasteners: ["Lug nuts"] }, { fasteners: ["Wheel arch liner screws"] }],
  ["fluid", { fasteners: ["Sump plug"], steps: ["Sump plug out"] }, { steps: ["Sump guard bracket off"] }],
  ["fluid", { parts: ["Shaft seal"] }, { parts: ["Door seal"] }],
  ["coolant", { steps: ["Top hose off"] }, { steps: ["Radiator grille off"] }],
  ["belt", { steps: ["Drive belt off"] }, { steps: ["Seat belt reel cover off"] }],
  ["fuel", { steps: ["Fuel line off"] }, { steps: ["Fuel cap bracket off"] }],
  ["restraint", { fasteners: ["Seat belt anchor bolt"] }, { fasteners: ["Seat cover screws"] }],
  ["battery", { steps: ["Earth lead off"] }, { steps: ["Battery tray out"] }],
])("%s", (opening, trips, misses) => {
  expect(opens(trips)).toContain(opening);
  expect(opens(misses)).not.toContain(opening);
});

test("what is only put back or looked at opens nothing", () => {
  const route = routeOf({});
  expect([
    ...openedBy({
      ...route,
      steps: [
        step("Brake pipe: look for rust", { kind: "look", phase: "look closely" }),
        step("Brake pipe on", { phase: "put back" }),
      ],
    }).keys(),
  ]).toEqual([]);
});

test("a joint undone in a gearbox job books an alignment, and says when it was counted", () => {
  const job = { id: "j", vehicleId: "v" };
  const route = routeOf({ fasteners: ["Track rod end nut"], steps: ["Gearbox down"] });
  const texts = (one: Route) =>
    followUpsFrom(job, one, { value: 1000, unit: "km" }, "2026-11-24").map(({ text }) => text);
  expect(texts(route)).toEqual(["Book a wheel alignment"]);
  expect(
    texts({ ...route, steps: [...route.steps, step("Count it off", { kind: "count", mark: "turns" })] })[0],
  ).toMatch(/counted or marked/);
});

test("each opening has something to check before driving", () => {
  const by: Record<Opening, Plan> = {
    brake: { parts: ["Brake pads"] },
    "brake line": { steps: ["Brake pipe off"] },
    alignment: { fasteners: ["Track rod end nut"] },
    hub: { fasteners: ["Axle nut"] },
    wheel: { fasteners: ["Wheel nuts"] },
    fluid: { steps: ["Oil filter off"] },
    coolant: { steps: ["Thermostat out"] },
    belt: { steps: ["Drive belt off"] },
    fuel: { steps: ["Fuel line off"] },
    restraint: { fasteners: ["Seat belt anchor bolt"] },
    battery: { steps: ["Earth lead off"] },
  };
  for (const opening of OPENINGS)
    expect([opening, beforeYouDrive(routeOf(by[opening])).length > 0]).toEqual([opening, true]);
  expect(beforeYouDrive(routeOf({ steps: ["Door panel off"] }))).toEqual([]);
});

test("the demo's jobs open what a mechanic would say they do", () => {
  const opened = Object.fromEntries(
    demoHousehold("2026-11-24").jobs.map(({ id, routes }) => [
      id,
      [...openedBy(routes[0] as Route).keys()].sort(),
    ]),
  );
  expect(opened).toEqual({
    "demo-brake-shoes": ["brake", "brake line", "wheel"],
    "demo-cam-cover": ["battery", "fluid"],
    "demo-engine-mount": [],
    "demo-starter": ["battery"],
    "demo-thermostat": ["coolant"],
  });
});
