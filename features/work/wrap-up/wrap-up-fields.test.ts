import { EUROS } from "@/core/__fixtures__/money";
import { readForm } from "@/core/form";
import type { Route } from "@/core/model/job";
import type { followUpsFrom } from "@/core/plan/after-the-work";
import type { Distance } from "@/core/quantity/distance";
import { type WrapUpFields, wrapUpForm } from "./wrap-up-fields";

const TODAY = "2026-11-24";
const parts: Route["parts"] = [
  { id: "drum", name: "Drum", place: "left rear", count: 1 },
  { id: "clip", name: "Clip", place: "left rear", count: 2 },
];

const route: Route = { id: "r", name: "By the book", steps: [], fasteners: [], parts };
const followUps = (odometer: Distance, on: string): ReturnType<typeof followUpsFrom> => [
  {
    vehicleId: "v",
    jobId: "j",
    kind: "recheck torque",
    text: "Recheck",
    dueAt: { value: odometer.value + 80, unit: odometer.unit },
    state: "open",
  },
  { vehicleId: "v", jobId: "j", kind: "alignment", text: "Align", dueOn: on, state: "open" },
];

const typed = {
  odometer: "148 210",
  on: TODAY,
  "price drum": "24.50",
  "warranty drum": "24",
  "price clip": "",
  "warranty clip": "",
  "after recheck torque": "100",
  "after alignment": "7",
};

const read = (fields: WrapUpFields, dropped: string[] = []) =>
  readForm(
    wrapUpForm({ route, dropped: new Set(dropped), unit: "km", today: TODAY, followUps, money: EUROS }),
    fields,
  );

test("prices and warranties go to their parts, follow-ups are due from the reading and the day that were typed", () => {
  expect(read(typed)).toEqual({
    value: {
      odometer: { value: 148_210, unit: "km" },
      on: TODAY,
      fitted: [
        { part: parts[0], priceMinor: 2450, warrantyMonths: 24 },
        { part: parts[1], priceMinor: undefined, warrantyMonths: undefined },
      ],
      followUps: [
        expect.objectContaining({ kind: "recheck torque", dueAt: { value: 148_310, unit: "km" } }),
        expect.objectContaining({ kind: "alignment", dueOn: "2026-12-01" }),
      ],
    },
  });
});

test("what was not fitted or is not owed asks for nothing", () => {
  const result = read({ ...typed, "price drum": "nonsense", "after alignment": "" }, ["drum", "alignment"]);
  expect("value" in result && result.value.fitted.map(({ part }) => part.id)).toEqual(["clip"]);
  expect("value" in result && result.value.followUps.map(({ kind }) => kind)).toEqual(["recheck torque"]);
});

test("all that is wrong is said at once", () => {
  const result = read({
    ...typed,
    odometer: "92 000 mi",
    on: "",
    "warranty clip": "2.5",
    "after recheck torque": "0",
  });
  expect("errors" in result && result.errors).toEqual({
    odometer: expect.stringContaining("counts kilometres"),
    on: "Choose the day.",
    "warranty clip": expect.stringContaining("whole number from 1 to 240"),
    "after recheck torque": expect.stringContaining("whole number"),
  });
});
