import type { Route } from "../model/job";
import { routeSchema } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { blanksOf } from "./blanks";
import { forAnotherVehicle } from "./for-another-vehicle";

test("another vehicle gets the steps and none of the first one's torques and limits; its sizes are to be tried", () => {
  const fastener = (id: string, figure: string) => ({
    id,
    name: `Bolts ${id}`,
    count: 2,
    sizeToUndo: readHeadSize("13"),
    figure: readTorqueFigure(figure),
    source: "vehicle maker" as const,
  });
  const step = (id: string, fastenerId: string) => ({
    id,
    title: id,
    phase: "put back" as const,
    kind: "torque" as const,
    stance: "on the ground" as const,
    cautions: [],
    fastenerId,
  });
  const route: Route = {
    id: "r",
    name: "By the book",
    parts: [],
    fasteners: [fastener("a", "40 Nm + 90°"), fastener("b", "snug"), fastener("c", "max 12 Nm")],
    steps: [
      step("one", "a"),
      step("two", "b"),
      step("three", "c"),
      {
        ...step("width", "b"),
        kind: "look",
        measure: { what: "drum's inside width", unit: "mm", most: 204 },
      },
    ],
  };
  const other = forAnotherVehicle(route);
  expect(routeSchema.parse(other)).toEqual(other);
  expect(other.steps.map(({ title }) => title)).toEqual(route.steps.map(({ title }) => title));
  expect(other.fasteners.map(({ figure, source }) => [figure?.form, source])).toEqual([
    [undefined, undefined],
    ["snug", "vehicle maker"],
    [undefined, undefined],
  ]);
  expect(blanksOf(other).map(({ kind, what }) => `${kind} ${what}`)).toEqual([
    "torque Bolts a",
    "torque Bolts c",
    "limit drum's inside width",
    "size Bolts a",
    "size Bolts b",
    "size Bolts c",
  ]);
});
