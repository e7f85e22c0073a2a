import { type DrillDone, type Grade, LEVELS, type Level, type Skill } from "../model/drill";
import type { Band } from "../quantity/band";

/** What somebody is able to, as far as drills tell. */
export interface Estimate {
  /** On the scale of the levels: a drill of level 3 is at 0, each level is so much further. */
  ability: number;
  /** Where it lies with 95 of 100. */
  band: Band;
  /** The chance to get a drill of the middle level right, and what that band makes of it. */
  chance: number;
  chanceBand: Band;
  /** How many drills it rests on. */
  count: number;
}

/** How far apart levels are, in log-odds. */
const PER_LEVEL = 1.2;
/** Before the first drill: somewhere about the second level, and far from sure. */
const PRIOR = { mean: -1, deviation: 1.8 };
/** Each drill before the last counts a little less, as people learn. */
const FADES = 0.96;
const GRID = Array.from({ length: 161 }, (_, i) => -6 + i * 0.075);

/** Some are got right by picking blindly. */
const GUESSED: Readonly<Partial<Record<Skill, number>>> = {
  wrench: 0.25,
  unit: 0.3,
  fit: 0.25,
  spot: 0.25,
};

const difficultyOf = (level: Level) => (level - 3) * PER_LEVEL;

/**
 * The chance that somebody of an ability gets a drill of a level right.
 * Source: Rasch's model, with a floor for guessing. Example: ability 0, level 3 → 0.5.
 */
export function chanceOfRight(ability: number, level: Level, skill: Skill): number {
  const floor = GUESSED[skill] ?? 0.02;
  return floor + (1 - floor) / (1 + Math.exp(difficultyOf(level) - ability));
}

const RIGHTNESS: Readonly<Record<Grade, number>> = { right: 1, near: 0.5, wrong: 0 };

/**
 * What drills of one skill tell of it: the mean of what they leave of a normal prior, and the middle 95 of 100.
 * @param done in the order in which they were done. None → the prior.
 * Source: Bayes' rule on a grid (the expected a posteriori estimate of item response theory).
 */
export function estimateOf(skill: Skill, done: readonly Pick<DrillDone, "level" | "grade">[]): Estimate {
  const logs = GRID.map((ability) => {
    const prior = -0.5 * ((ability - PRIOR.mean) / PRIOR.deviation) ** 2;
    return done.reduce((sum, { level, grade }, i) => {
      const chance = chanceOfRight(ability, level, skill);
      const right = RIGHTNESS[grade];
      return (
        sum + FADES ** (done.length - 1 - i) * (right * Math.log(chance) + (1 - right) * Math.log(1 - chance))
      );
    }, prior);
  });
  const top = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - top));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const ability = GRID.reduce((sum, at, i) => sum + (at * (weights[i] ?? 0)) / all, 0);
  const quantile = (share: number) => {
    let sum = 0;
    return GRID.find((_, i) => (sum += (weights[i] ?? 0) / all) >= share) ?? ability;
  };
  const band: Band = [quantile(0.025), quantile(0.975)];
  const usual = (at: number) => chanceOfRight(at, 3, skill);
  return {
    ability,
    band,
    chance: usual(ability),
    chanceBand: [usual(band[0]), usual(band[1])],
    count: done.length,
  };
}

/** Drills are as hard as three of four are got right. */
const AIMED = 0.75;

/** The level of the next drill: the one whose chance is nearest to three in four. Example: no drill yet → 1 or 2. */
export function nextLevel(skill: Skill, { ability }: Estimate): Level {
  return LEVELS.reduce((best, level) => {
    const off = (one: Level) => Math.abs(chanceOfRight(ability, one, skill) - AIMED);
    return off(level) < off(best) ? level : best;
  });
}

/** How sure it is, in words. */
export type Sureness = "sure" | "nearly" | "shaky" | "not known yet";

/** Fewer drills than this tell nothing. */
const FEWEST = 3;

/** Sure: at least three of four of the middle level even at the lower end of the band. */
export function surenessOf({ chance, chanceBand, count }: Estimate): Sureness {
  if (count < FEWEST) return "not known yet";
  if (chanceBand[0] >= 0.7) return "sure";
  return chance >= 0.6 ? "nearly" : "shaky";
}
