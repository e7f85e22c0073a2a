import { demoHousehold } from "../../demo/household";
import { coverAll } from "../kit/kit";
import { chosenRoute } from "./chosen-route";
import { planSheet } from "./plan-sheet";

const demo = demoHousehold("2026-11-24");

function sheetOf(id: string) {
  const job = demo.jobs.find((one) => one.id === id);
  const vehicle = demo.vehicles.find((one) => one.id === job?.vehicleId);
  if (!job || !vehicle) throw new Error(id);
  const route = chosenRoute(job);
  return {
    route,
    sheet: planSheet(job, route, vehicle, coverAll(route, demo.tools, { vehicle, thisYear: 2026 })),
  };
}

test("every step of the plan is on paper once, in its order", () => {
  for (const { id } of demo.jobs) {
    const { route, sheet } = sheetOf(id);
    const steps = sheet.phases.flatMap((phase) => phase.steps);
    expect(steps.map(({ title }) => title)).toEqual(route.steps.map(({ title }) => title));
    expect(steps.map(({ number }) => number)).toEqual(route.steps.map((_, i) => i + 1));
  }
});

test("where something is tightened there is its head, its figure, what to set and a box for each bolt", () => {
  const { sheet } = sheetOf("demo-brake-shoes");
  const steps = sheet.phases.flatMap((phase) => phase.steps);
  expect(steps.find(({ title }) => title === "Backing plate bolts, left")).toMatchObject({
    head: "16 mm, 40 N·m",
    set: ["26.5 lb·ft on Old foot-pound wrench, 45 mm crowfoot in line with the handle"],
    bolts: [1, 3, 2, 4],
  });
  expect(steps.find(({ title }) => title === "Brake pipe union, left")).toMatchObject({ bolts: [] });
  expect(steps.find(({ title }) => title === "Wheel off, left")).toMatchObject({ head: "17 mm", set: [] });
  expect(steps.find(({ title }) => title === "Rear up on two stands")?.cautions).toContain(
    "Both front wheels chocked, in gear.",
  );
});
