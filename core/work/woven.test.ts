import fc from "fast-check";
import { MODEL_VERSION } from "../model/version";
import type { Work, WorkEvent } from "../model/work";
import { takeBack, withEvent } from "./event";
import { withTakenBack } from "./taken-back";
import { woven } from "./woven";

const fresh: Work = {
  id: "w",
  createdAt: "2026-11-29T08:00:00.000Z",
  updatedAt: "2026-11-29T08:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
  jobId: "j",
  routeId: "r",
  events: [],
};
const bolt = (minute: number, number = 1): WorkEvent => ({
  type: "bolt",
  at: new Date(Date.UTC(2026, 10, 29, 8, minute)).toISOString(),
  on: "2026-11-29",
  stepId: "s",
  stage: 0,
  bolt: number,
});
const did = (work: Work, ...events: WorkEvent[]) => events.reduce(withEvent, work);
const bolts = (work: Work) => work.events.map((event) => (event.type === "bolt" ? event.bolt : 0));

test("two phones at one job: what either did, in the order of its moments", () => {
  const begun = did(fresh, bolt(1, 1));
  const mine = did(begun, bolt(2, 2), bolt(5, 4));
  const theirs = did(begun, bolt(3, 3));
  expect(bolts(woven(mine, theirs))).toEqual([1, 2, 3, 4]);
  expect(woven(theirs, mine).events).toEqual(woven(mine, theirs).events);
});

test("what one has taken back does not come back from the other, which still has it as done", () => {
  const sent = did(fresh, bolt(1, 1), bolt(2, 2));
  const back = takeBack(sent);
  expect(back.takenBack).toHaveLength(1);
  expect(bolts(woven(sent, back))).toEqual([1]);
  expect(bolts(woven(back, sent))).toEqual([1]);
  expect(bolts(woven(did(back, bolt(4, 2)), sent))).toEqual([1, 2]);
});

test("taking back taken back: it counts as done again", () => {
  const done = did(fresh, bolt(1, 1));
  const undone = takeBack(done);
  expect(withTakenBack(undone, { ...undone, events: done.events }).takenBack).toBeUndefined();
});

test("where one device has done all of it, its own order stands: its clock may have been set back", () => {
  const work = did(fresh, bolt(30, 1), bolt(2, 2));
  expect(bolts(woven(fresh, work))).toEqual([1, 2]);
  expect(bolts(woven(work, fresh))).toEqual([1, 2]);
});

test("one thing written down twice at one moment is one thing, whichever is named first", () => {
  const once = did(fresh, bolt(1, 1));
  const twice = did(once, bolt(1, 1));
  expect(bolts(woven(once, twice))).toEqual([1]);
  expect(bolts(woven(twice, once))).toEqual([1]);
});

test("whatever is done and taken back on each: the same from both sides and again, and nothing taken back stands", () => {
  const doing = fc.array(
    fc.oneof(
      fc.record({ minute: fc.integer({ min: 0, max: 59 }), bolt: fc.integer({ min: 1, max: 4 }) }),
      fc.constant("back" as const),
    ),
    { maxLength: 12 },
  );
  const done = (from: Work, what: readonly ("back" | { minute: number; bolt: number })[]) =>
    what.reduce<Work>(
      (work, one) => (one === "back" ? takeBack(work) : withEvent(work, bolt(one.minute, one.bolt))),
      from,
    );
  const key = (work: Work) => work.events.map((event) => JSON.stringify(event)).sort();
  fc.assert(
    fc.property(doing, doing, doing, (before, left, right) => {
      const common = done(fresh, before);
      const [mine, theirs] = [done(common, left), done(common, right)];
      const [one, other] = [woven(mine, theirs), woven(theirs, mine)];
      expect(key(one)).toEqual(key(other));
      expect(key(woven(one, theirs))).toEqual(key(one));
      expect(key(woven(mine, other))).toEqual(key(one));
      const back = new Set((one.takenBack ?? []).map((event) => JSON.stringify(event)));
      expect(key(one).some((event) => back.has(event))).toBe(false);
    }),
  );
});
