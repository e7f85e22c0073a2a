import fc from "fast-check";
import ICAL from "ical.js";
import type { DayTold } from "@/core/day/day";
import type { FollowUp } from "@/core/model/log";
import { demoHousehold } from "@/demo/household";
import { writeCalendar, writeDayCalendar } from "./calendar";
import { stamp } from "./stamp";

const made = new Date("2026-11-20T08:00:00.000Z");
const followUp = (more: Partial<FollowUp> = {}): FollowUp => ({
  ...stamp("own", made),
  id: "one",
  vehicleId: "v",
  kind: "other",
  text: "Recheck; 80 km, at the kerb",
  state: "open",
  ...more,
});

const read = (entries: Parameters<typeof writeCalendar>[0], now = made) => {
  const text = writeCalendar(entries, now);
  const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
  return {
    text,
    events: calendar
      .getAllSubcomponents("vevent")
      .map((one) => ({ event: new ICAL.Event(one), component: one })),
  };
};

test("a second parser reads each follow-up as one whole day with its alarms", () => {
  const { text, events } = read([
    {
      followUp: followUp(),
      on: "2026-12-04",
      vehicle: "Wren estate",
      says: "At 62 000 km\nby the driving so far",
    },
  ]);
  const [{ event, component } = { event: undefined, component: undefined }] = events;
  expect(events).toHaveLength(1);
  expect(event?.summary).toBe("Wren estate: Recheck; 80 km, at the kerb");
  expect(event?.description).toBe("At 62 000 km\nby the driving so far");
  expect(event?.startDate.toString()).toBe("2026-12-04");
  expect(event?.startDate.isDate).toBe(true);
  expect(event?.endDate.toString()).toBe("2026-12-05");
  const alarms = component
    ?.getAllSubcomponents("valarm")
    .map((alarm) => String(alarm.getFirstPropertyValue("trigger")));
  expect(alarms).toEqual(["-PT5H", "PT8H"]);
  expect(text).toMatch(/\r\n/);
  expect(text.split("\r\n").every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
});

test("taken in again after a move it updates: the same UID, a higher SEQUENCE, and cancelled when it is done", () => {
  const before = read([{ followUp: followUp(), on: "2026-12-04", vehicle: "Wren", says: "" }]).events[0]
    ?.event;
  const moved = read([
    {
      followUp: followUp({ updatedAt: "2026-11-21T08:00:00.000Z" }),
      on: "2026-12-11",
      vehicle: "Wren",
      says: "",
    },
  ]).events[0]?.event;
  const done = read([
    {
      followUp: followUp({ updatedAt: "2026-11-22T08:00:00.000Z", state: "done" }),
      on: "2026-12-11",
      vehicle: "Wren",
      says: "",
    },
  ]).events[0];
  expect(moved?.uid).toBe(before?.uid);
  expect(moved?.sequence).toBeGreaterThan(before?.sequence ?? 0);
  expect(done?.component.getFirstPropertyValue("status")).toBe("CANCELLED");
  expect(done?.component.getAllSubcomponents("valarm")).toEqual([]);
});

test("whatever is in a text, it is one line's text in one entry and nothing else", () => {
  const odd = fc.string({
    unit: fc.oneof(
      fc.constantFrom(...'\r\n;,:\\"=\u0000\u0085\u2028\t'),
      fc.string({ unit: "grapheme", minLength: 1, maxLength: 1 }),
    ),
    maxLength: 80,
  });
  fc.assert(
    fc.property(odd, odd, odd, (text, vehicle, says) => {
      const inject = (words: string) => `${words}\r\nEND:VEVENT\r\nATTENDEE:mailto:x@y.example`;
      const { text: file, events } = read([
        { followUp: followUp({ text: inject(text) }), on: "2026-12-04", vehicle, says: inject(says) },
      ]);
      expect(events).toHaveLength(1);
      expect(file).not.toMatch(/^ATTENDEE/m);
      expect(file.split("\r\n").every((line) => !/[\n\r]/.test(line))).toBe(true);
      const told = events[0]?.event.summary ?? "";
      expect(told.replace(/\s/g, "")).toBe(`${vehicle}: ${inject(text)}`.replace(/\s/g, ""));
    }),
    { numRuns: 200 },
  );
});

test("a forecast that has moved by itself is told as the newer of two", () => {
  const stampOf = (now: string) =>
    String(
      read(
        [{ followUp: followUp(), on: "2026-12-04", vehicle: "Wren", says: "" }],
        new Date(now),
      ).events[0]?.component.getFirstPropertyValue("dtstamp"),
    );
  expect(stampOf("2026-11-25T09:00:00.000Z") > stampOf("2026-11-24T09:00:00.000Z")).toBe(true);
});

test("a day is read by a second parser: the whole of it, each wait's end and each decision, with alarms, its words harmless", () => {
  const [first] = demoHousehold("2026-11-29").jobs;
  if (!first) throw new Error("the demo has a job");
  const [step, other] = first.routes[0]?.steps ?? [];
  const job = { ...first, title: "Shoes\r\nATTENDEE:mailto:x@y.example" };
  const told = {
    zero: "2026-12-05",
    begins: 480,
    p50: 700,
    p80: 730,
    p95: Infinity,
    decide: [
      { stepId: other?.id ?? "", says: "From here on it cannot be driven away.", by: 600, wanting: [] },
      { stepId: step?.id ?? "", says: "Too late already.", by: -20, wanting: [] },
    ],
  } as unknown as DayTold;
  const slots = [{ id: step?.id ?? "", from: 480, to: 490, over: 520, people: [0] }];
  const text = writeDayCalendar(job, "Wren", told, slots, made);
  const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
  const events = calendar.getAllSubcomponents("vevent");
  expect(events).toHaveLength(3);
  expect(events.every((one) => one.getAllSubcomponents("valarm").length === 1)).toBe(true);
  expect(events.every((one) => one.getFirstProperty("attendee") === null)).toBe(true);
  expect(text).not.toMatch(/^ATTENDEE/m);
  const [whole] = events.map((one) => new ICAL.Event(one));
  expect(whole?.startDate.toJSDate().getTime()).toBe(new Date("2026-12-05T08:00").getTime());
  expect(whole?.endDate.toJSDate().getTime()).toBe(new Date("2026-12-05T08:40").getTime());
});
