import { demoHousehold } from "@/demo/household";
import type { Fastener, Route } from "../model/job";
import { ROLES, holdsALife } from "../model/role";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { withOwnFigures } from "./own-figure";
import { lacksFigure, roleByWords, roleOf } from "./role";

/** Written down by hand, as a mechanic would say it; not read off the table. */
test.each([
  ["Wheel bolts, left", "wheel"],
  ["Lug nuts", "wheel"],
  ["Lugs", "wheel"],
  ["Spare wheel bolts", "wheel"],
  ["Steering wheel bolt", "steering"],
  ["Wheel cylinder bolts", "brake"],
  ["Wheel arch liner screws", "body"],
  ["Flywheel bolts", "driveline"],
  ["Front caliper carrier bolts", "brake"],
  ["Bleed nipple", "brake"],
  ["Backing plate bolts, left", "brake"],
  ["Track rod end nut", "steering"],
  ["Steering damper bolt", "steering"],
  ["Power steering pump bolts", "engine"],
  ["Idler arm bracket bolts", "steering"],
  ["Idler pulley bolt", "engine"],
  ["Axle nut", "hub and axle"],
  ["Wheel bearing hub bolts", "hub and axle"],
  ["Knuckle pinch bolt", "hub and axle"],
  ["Lower damper bolts", "suspension"],
  ["Tailgate strut stud", "body"],
  ["Strut top nuts", "suspension"],
  ["Drop link nuts", "suspension"],
  ["Subframe bolts", "suspension"],
  ["Seat belt anchor bolt", "restraint"],
  ["Child-seat anchor bolts", "restraint"],
  ["Airbag screws", "restraint"],
  ["Seat rail bolts", "restraint"],
  ["Fuel rail bolts", "fuel"],
  ["Fuel tank strap bolts", "fuel"],
  ["Gearbox mount bolts", "driveline"],
  ["Cam cover bolts", "engine"],
  ["Sump plug", undefined],
  ["Oil pan drain plug", "engine"],
  ["Alternator bolt", "engine"],
  ["Bumper screws", "body"],
  ["Door hinge bolts", "body"],
  ["Push clips", "clip"],
] as const)("%s: %s", (name, role) => {
  // A sump plug says "sump", and that is the engine's.
  expect(roleByWords(name)).toBe(role ?? "engine");
});

const bolt = (more: Partial<Fastener>): Fastener => ({ id: "f", name: "Bolts", count: 2, ...more });
const routeOf = (fastener: Fastener, title = "Undo them"): Route => ({
  id: "r",
  name: "By the book",
  fasteners: [fastener],
  parts: [],
  steps: [
    {
      id: "s",
      title,
      phase: "take apart",
      kind: "undo",
      stance: "on the ground",
      cautions: [],
      fastenerId: fastener.id,
    },
  ],
});

test("where the name says nothing the step does, and what the person says stands over both", () => {
  expect(roleOf(routeOf(bolt({})), bolt({}))).toBeUndefined();
  const named = bolt({});
  expect(roleOf(routeOf(named, "Undo the track rod end"), named)).toBe("steering");
  const said = bolt({ name: "Wheel bolts", role: "body" });
  expect(roleOf(routeOf(said), said)).toBe("body");
  // A cover may be of a diff; a step that says more is heard.
  const cover = bolt({ name: "Cover bolts" });
  expect(roleOf(routeOf(cover, "Diff cover off"), cover)).toBe("driveline");
});

test("the seven that hold a life, in the order of the list", () => {
  expect(ROLES.filter(holdsALife)).toEqual([
    "wheel",
    "hub and axle",
    "brake",
    "steering",
    "suspension",
    "restraint",
    "fuel",
  ]);
  expect(holdsALife(undefined)).toBe(false);
});

test("what holds a life lacks a figure only where a step works on it and it has a thread", () => {
  const carrier = bolt({ name: "Carrier bolts" });
  expect(lacksFigure(routeOf(carrier), carrier)).toBe(true);
  expect(lacksFigure({ ...routeOf(carrier), steps: [] }, carrier)).toBe(false);
  // A drum's screw is nipped up; a wheel never is.
  expect(lacksFigure(routeOf(carrier), { ...carrier, figure: readTorqueFigure("snug") })).toBe(false);
  const wheel = bolt({ name: "Wheel nuts", figure: readTorqueFigure("snug") });
  expect(lacksFigure(routeOf(wheel), wheel)).toBe(true);
  expect(lacksFigure(routeOf(wheel), { ...wheel, figure: readTorqueFigure("110 Nm") })).toBe(false);
  const clip = bolt({ name: "Brake hose clip" });
  expect(lacksFigure(routeOf(clip), clip)).toBe(false);
});

test("wheel bolts take the vehicle's own torque, with where it is from, and keep what they have", () => {
  const wheelTorque = readTorqueFigure("110 Nm");
  const bare = bolt({ name: "Wheel nuts" });
  expect(withOwnFigures(routeOf(bare), { wheelTorque }).fasteners[0]).toMatchObject({
    figure: wheelTorque,
    source: "this vehicle's own",
  });
  const two = { ...routeOf(bare), fasteners: [bare, bolt({ id: "g", name: "Cover bolts" })] };
  expect(withOwnFigures(two, { wheelTorque }).fasteners.map(({ figure }) => figure)).toEqual([
    wheelTorque,
    undefined,
  ]);
  const had = bolt({ name: "Wheel nuts", figure: readTorqueFigure("90 Nm") });
  const route = routeOf(had);
  expect(withOwnFigures(route, { wheelTorque })).toBe(route);
  expect(withOwnFigures(routeOf(bare), { wheelTorque: undefined }).fasteners[0]?.figure).toBeUndefined();
});

test("nothing in the demo that holds a life goes without a figure", () => {
  const lacking = demoHousehold("2026-11-24").jobs.flatMap(({ routes }) =>
    routes.flatMap((route) =>
      route.fasteners.filter((one) => lacksFigure(route, one)).map(({ name }) => name),
    ),
  );
  expect(lacking).toEqual([]);
});
