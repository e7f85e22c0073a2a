import { type Card, Rating, createEmptyCard, fsrs } from "ts-fsrs";
import type { DrillDone } from "../model/drill";

const SCHEDULER = fsrs({ enable_fuzz: false, enable_short_term: false });

/** When a skill is to come back, and how likely it still goes now. */
export interface Spaced {
  /** ISO instant. */
  dueAt: string;
  /** 0 to 1. */
  still: number;
}

/**
 * When a skill comes back: one review for each day that it was practised, by that day's last drill; a day with
 * anything wrong in it is a hard one at best.
 * @param done in order; none → undefined, as nothing can be forgotten yet.
 * @param now ISO instant. Source: the free spaced repetition scheduler, as its package has it.
 */
export function spacedOf(
  done: readonly Pick<DrillDone, "createdAt" | "grade">[],
  now: string,
): Spaced | undefined {
  const [first] = done;
  if (!first) return undefined;
  const days = new Map<string, (typeof done)[number][]>();
  for (const one of done) {
    const day = one.createdAt.slice(0, 10);
    days.set(day, [...(days.get(day) ?? []), one]);
  }
  const card = [...days.values()].reduce<Card>(
    (before, drills) => {
      const last = drills.at(-1) ?? first;
      return SCHEDULER.next(before, new Date(last.createdAt), ratingOf(drills)).card;
    },
    createEmptyCard(new Date(first.createdAt)),
  );
  return {
    dueAt: card.due.toISOString(),
    still: SCHEDULER.get_retrievability(card, new Date(now), false),
  };
}

function ratingOf(drills: readonly Pick<DrillDone, "grade">[]): Rating.Again | Rating.Hard | Rating.Good {
  const last = drills.at(-1)?.grade;
  if (last === "wrong") return Rating.Again;
  return last === "near" || drills.some(({ grade }) => grade === "wrong") ? Rating.Hard : Rating.Good;
}
