import { type DrillDone, SKILLS } from "../model/drill";
import { nextSkill, practisedOf } from "./practised";

const done = (skill: DrillDone["skill"], day: number, grade: DrillDone["grade"]): DrillDone =>
  ({
    skill,
    level: 2,
    seed: 1,
    grade,
    createdAt: new Date(Date.UTC(2026, 0, day, 18)).toISOString(),
  }) as DrillDone;
const now = new Date(Date.UTC(2026, 1, 1)).toISOString();

test("the pull comes first; then what is due, the least likely still to go before the others", () => {
  expect(nextSkill(practisedOf([], now))).toBe("pull");
  const drills = [done("ring", 3, "wrong"), done("unit", 30, "wrong"), done("fit", 31, "right")];
  const practised = practisedOf(drills, now);
  expect(practised.filter(({ isDue }) => isDue).map(({ skill }) => skill)).toEqual(["unit", "ring"]);
  expect(nextSkill(practised)).toBe("ring");
  // Nothing due: what was never tried.
  expect(nextSkill(practisedOf([done("pull", 31, "right")], now))).toBe("setting");
  // All tried, nothing due: the shakiest.
  const all = SKILLS.flatMap((skill) =>
    [31, 31, 31].map(() => done(skill, 31, skill === "order" ? "near" : "right")),
  );
  expect(nextSkill(practisedOf(all, new Date(Date.UTC(2026, 0, 31, 19)).toISOString()))).toBe("order");
});

test("drills that came over from another device out of order count in the order in which they were done", () => {
  const drills = [done("pull", 3, "wrong"), done("pull", 5, "right"), done("pull", 9, "right")];
  expect(practisedOf(drills.toReversed(), now)).toEqual(practisedOf(drills, now));
});
