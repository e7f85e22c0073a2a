import { EUROS } from "@/core/__fixtures__/money";
import { readForm } from "@/core/form";
import { readQuickEntry } from "@/core/log/table/quick-entry";
import { replacementSchema } from "@/core/model/log";
import { stamp } from "@/data/stamp";
import { demoHousehold } from "@/demo/household";
import { type EntryFields, entryForm, fieldsOfEntry, fieldsOfLine, unitOf } from "./entry-fields";

const TODAY = "2026-11-24";
const { vehicles, replacements } = demoHousehold(TODAY);
const wren = vehicles[0];
if (!wren) throw new Error("the demo has a vehicle");

const read = (fields: EntryFields, jobId?: string) =>
  readForm(entryForm(fields, vehicles, TODAY, jobId, EUROS), fields);
const blank = fieldsOfLine(readQuickEntry("", wren.distanceUnit, TODAY), wren, TODAY);

test("every entry of the demo comes back the same from its own form", () => {
  for (const entry of replacements) {
    const unit = vehicles.find(({ id }) => id === entry.vehicleId)?.distanceUnit ?? "km";
    const result = read(fieldsOfEntry(entry, unit), entry.jobId);
    const { id: _i, createdAt: _c, updatedAt: _u, schema: _s, origin: _o, photoIds: _p, ...draft } = entry;
    expect("value" in result && result.value).toEqual(draft);
  }
});

test("a line that says all of it needs no more than a press", () => {
  const said = readQuickEntry(
    "Wheel cylinder left rear 148 210 km 18.50 yesterday",
    wren.distanceUnit,
    TODAY,
  );
  const result = read(fieldsOfLine(said, wren, TODAY));
  expect("value" in result && result.value).toMatchObject({
    place: "left rear",
    system: "brakes",
    odometer: { value: 148_210, unit: "km" },
    priceMinor: 1850,
    on: "2026-11-23",
    count: 1,
  });
  expect("value" in result && replacementSchema.safeParse({ ...stamp("own"), ...result.value }).success).toBe(
    true,
  );
});

test("what is missing or wrong is said at each field at once", () => {
  expect(
    read({
      ...blank,
      vehicleId: "",
      part: "",
      on: "2026-11-25",
      count: "0",
      price: "a lot",
      note: "x".repeat(20_001),
    }),
  ).toEqual({
    errors: {
      vehicleId: "Choose the vehicle.",
      part: "What was replaced?",
      place: "Choose where it sits.",
      system: "Choose the system.",
      odometer: expect.stringContaining("is empty"),
      on: "That day is still to come.",
      count: "The count: a whole number from 1 to 99.",
      price: expect.stringContaining("not a number"),
      note: expect.stringContaining("20000 fit"),
    },
  });
});

test("the log keeps a reading in the unit it was read in", () => {
  const typed = {
    ...blank,
    part: "Bulb",
    place: "front",
    system: "lights and electrics",
    odometer: "92 000 mi",
  };
  const result = read(typed);
  expect("value" in result && result.value.odometer).toEqual({ value: 92_000, unit: "mi" });
  expect([unitOf("92 000 mi"), unitOf("148 210"), unitOf("148 km")]).toEqual(["mi", undefined, "km"]);
});
