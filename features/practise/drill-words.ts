import type { Grade } from "@/core/model/drill";
import type { Sureness } from "@/core/practise/skill";

/** How a drill went, told by a shape and a word too. */
export const GRADE_WORDS: Readonly<
  Record<Grade, { sign: string; says: string; tone: "good" | "watch" | "stop" }>
> = {
  right: { sign: "●", says: "Right", tone: "good" },
  near: { sign: "▲", says: "Nearly", tone: "watch" },
  wrong: { sign: "■", says: "Wrong", tone: "stop" },
};

/** How sure a skill is, told by a shape too; in short where there is little room. */
export const SURENESS_WORDS: Readonly<Record<Sureness, { sign: string; says: string; short: string }>> = {
  sure: { sign: "●", says: "sure", short: "sure" },
  nearly: { sign: "◐", says: "nearly sure", short: "nearly" },
  shaky: { sign: "▲", says: "shaky", short: "shaky" },
  "not known yet": { sign: "○", says: "not known yet", short: "open" },
};
