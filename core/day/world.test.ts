import { clockOf, instantOf, minutesAt, minutesOf, minutesSince, momentWords } from "./clock";
import { readSpot, spotOfZone } from "./spot";
import { USUAL_SURROUNDINGS, cureFactor, lightOf, startOn, worldOf } from "./world";

const SATURDAY = "2026-11-28";
const plan = { startsOn: SATURDAY, startsAt: "08:30", pauses: [], helper: [] };

test("hours and days as minutes, and back; what is over is rounded up", () => {
  expect([minutesOf("08:30"), clockOf(510), clockOf(510.2), clockOf(1439.5)]).toEqual([
    510,
    "08:30",
    "08:31",
    "00:00",
  ]);
  expect(minutesAt(SATURDAY, "2026-11-29", "01:00")).toBe(1500);
  expect(momentWords(SATURDAY, 1500)).toBe("Sunday 01:00");
  expect(minutesSince(SATURDAY, new Date(instantOf(SATURDAY, 725)))).toBe(725);
});

test("moved to another day, it begins with the hours of that day; an hour that somebody chose stays", () => {
  const friday = { startsOn: "2026-11-27", startsAt: "17:00" };
  expect(startOn(USUAL_SURROUNDINGS, friday, SATURDAY)).toBe("08:00");
  expect(startOn(USUAL_SURROUNDINGS, { ...friday, startsAt: "17:30" }, SATURDAY)).toBe("17:30");
  expect(startOn({ ...USUAL_SURROUNDINGS, hands: Array(7).fill(null) }, plan, "2026-11-29")).toBe("08:30");
});

test("hands pause for meals and rest over night; the shop keeps its own hours", () => {
  const world = worldOf({ ...plan, pauses: [{ at: "12:30", minutes: 45 }] }, USUAL_SURROUNDINGS);
  expect(world.people).toHaveLength(1);
  expect(world.people[0]?.slice(0, 3)).toEqual([
    [480, 750],
    [795, 1200],
    [1440 + 480, 1440 + 750],
  ]);
  // Saturday nine to four, Sunday shut, Monday from eight.
  expect(world.shop.slice(0, 2)).toEqual([
    [540, 960],
    [2880 + 480, 2880 + 1080],
  ]);
});

test("a helper of one day is there on that day, one of each day on each", () => {
  const one = worldOf(
    { ...plan, helper: [{ from: "10:00", to: "11:00", on: "2026-11-29" }] },
    USUAL_SURROUNDINGS,
  );
  expect(one.people[1]).toEqual([[2040, 2100]]);
  const each = worldOf({ ...plan, helper: [{ from: "10:00", to: "11:00" }] }, USUAL_SURROUNDINGS);
  expect(each.people[1]?.slice(0, 2)).toEqual([
    [600, 660],
    [2040, 2100],
  ]);
});

test("a day under way goes on from now, whatever hours were told, and for a while past them", () => {
  const monday = { ...plan, startsOn: "2026-11-30" };
  // Hands were told from five to eight in the evening.
  expect(worldOf(monday, USUAL_SURROUNDINGS).people[0]?.[0]).toEqual([1020, 1200]);
  expect(worldOf(monday, USUAL_SURROUNDINGS, 600).people[0]?.[0]).toEqual([600, 1200]);
  expect(worldOf(monday, USUAL_SURROUNDINGS, 1230).people[0]?.[1]).toEqual([1230, 1410]);
});

test("light from civil dawn to civil dusk, as an almanac has it for London", () => {
  // 21 December 2026 at 51.5 N 0.1 W: civil dawn 07:23, civil dusk 16:33 UTC.
  const [[dawn, dusk] = [0, 0]] = lightOf("2026-12-21", readSpot("51.5 N 0.1 W"), 1);
  const utc = (at: number) => Date.parse(instantOf("2026-12-21", at));
  expect(Math.abs(utc(dawn) - Date.parse("2026-12-21T07:23:00Z"))).toBeLessThan(3 * 60_000);
  expect(Math.abs(utc(dusk) - Date.parse("2026-12-21T16:33:00Z"))).toBeLessThan(3 * 60_000);
});

test("beyond the polar circle it is light all day in summer and never in winter; nowhere nothing is said", () => {
  const north = readSpot("78 N 15 E");
  expect(lightOf("2026-06-21", north, 1)).toEqual([[0, 1440]]);
  expect(lightOf("2026-12-21", north, 1)).toEqual([]);
  expect(lightOf("2026-06-21", undefined)).toEqual([]);
});

test("a place is a town of a time zone, or degrees; anything else is a sentence", () => {
  expect(readSpot("vienna")).toMatchObject({ name: "Vienna", latitude: 48 + 13 / 60 });
  expect(readSpot("-33,9; 151.2")).toMatchObject({ latitude: -33.9, longitude: 151.2 });
  expect(readSpot("48.2 N 16.4 W").longitude).toBe(-16.4);
  expect(() => readSpot("Nowhere")).toThrow("latitude and longitude");
  expect(() => readSpot("95 N 10 E")).toThrow("Latitude goes from");
  expect(() => readSpot("")).toThrow();
  expect(spotOfZone("Europe/Vienna")?.name).toBe("Vienna");
  expect(spotOfZone("UTC")).toBeUndefined();
});

test("what cures takes twice as long for every ten degrees less, and never less than is written", () => {
  expect([cureFactor(20), cureFactor(10), cureFactor(0), cureFactor(30)]).toEqual([1, 2, 4, 1]);
});
