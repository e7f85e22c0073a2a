import { type DrillDone, SKILLS, type Skill } from "../model/drill";
import { type Estimate, type Sureness, estimateOf, surenessOf } from "./skill";
import { type Spaced, spacedOf } from "./spaced";

/** How a skill stands. */
export interface Practised {
  skill: Skill;
  estimate: Estimate;
  sureness: Sureness;
  spaced: Spaced | undefined;
  /** It was practised, and is to come back by now. */
  isDue: boolean;
}

/** How each skill stands, in the order of the drills. @param now ISO instant. */
export function practisedOf(drills: readonly DrillDone[], now: string): Practised[] {
  const inTime = drills.toSorted((a, b) => a.createdAt.localeCompare(b.createdAt));
  return SKILLS.map((skill) => {
    const done = inTime.filter((one) => one.skill === skill);
    const estimate = estimateOf(skill, done);
    const spaced = spacedOf(done, now);
    return {
      skill,
      estimate,
      sureness: surenessOf(estimate),
      spaced,
      isDue: spaced !== undefined && spaced.dueAt <= now,
    };
  });
}

/**
 * What to practise next: what is due and least likely still to go, then what was never tried, then what is shakiest.
 * Example: nothing done yet → the pull.
 */
export function nextSkill(practised: readonly Practised[]): Skill {
  const due = practised
    .filter(({ isDue }) => isDue)
    .toSorted((a, b) => (a.spaced?.still ?? 0) - (b.spaced?.still ?? 0));
  const fresh = practised.filter(({ spaced }) => spaced === undefined);
  const shakiest = practised.toSorted((a, b) => a.estimate.chanceBand[0] - b.estimate.chanceBand[0]);
  return (due[0] ?? fresh[0] ?? shakiest[0])?.skill ?? "pull";
}
