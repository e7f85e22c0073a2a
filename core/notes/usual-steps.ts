import type { Phase } from "../model/job";

/**
 * What every job has at its beginning and its end, said without a verb as often as with one: "front end's up
 * on stands", "parking brake on", "round the block and no leaks". Each once a telling, with the words of its
 * clause.
 */
export interface UsualStep {
  phase: Phase;
  says: string;
  /** What a clause says that means it. */
  when: RegExp;
  /** A step that says so already, in the same words or others. */
  same: readonly string[];
}

export const USUAL_STEPS: readonly UsualStep[] = [
  {
    phase: "make safe",
    says: "chock",
    when: /\b(?:chock(?:s|ed|ing)?|block (?:behind|in front of|under) (?:the |each |both )?(?:\w+ )?(?:wheels?|tyres?|tires?))\b/i,
    same: ["chock"],
  },
  {
    phase: "make safe",
    says: "set",
    when: /\b(?:(?:hand|parking) ?brake(?:'s| is)? (?:on|off|released|up|set)|(?:level|flat) (?:ground|concrete|floor|driveway)|(?<!(?:spanner|wrench|socket|\d) )on the (?:level|flat)(?!s)|in (?:park|gear|first)\b)/i,
    same: ["set", "chock", "park"],
  },
  {
    phase: "make safe",
    says: "raise",
    when: /\b(?:(?:on|onto|under|down on) (?:\w+ ){0,3}(?:axle |jack )?stands?|stands? (?:go|goes|under|in|both|either|already|at|on)|jack it up|jacked up|up (?:on|it goes)|up on ramps|(?:wheels? )?up in the air|wheels? up)\b/i,
    same: ["raise", "support"],
  },
  {
    phase: "make safe",
    says: "let cool",
    when: /\b(?:(?:stone|completely|properly|dead) cold|engine(?:'s| is)? cold|sat all night|let (?:it|her|the \w+) cool|cold (?:engine|to the (?:hand|touch)))\b/i,
    same: ["let", "let cool", "wait"],
  },
  {
    phase: "prove it",
    says: "start",
    when: /\b(?:start (?:her|the engine|up|it up|it and|it\W*$)|fire (?:it|her) up|run (?:it|the engine)\b(?! (?:up|down|in|out|on|back|over)\b)|let (?:it|her) idle)\b/i,
    same: ["start", "run"],
  },
  {
    phase: "prove it",
    says: "look for leaks",
    when: /\b(?:(?:any|no|for|check for|look for|see if) (?:\w+ ){0,2}(?:leaks?|drips?|weeps?|weeping)|bone dry|dry as)\b/i,
    same: ["look", "look for leaks", "check"],
  },
  {
    phase: "prove it",
    says: "pump",
    when: /\bpump (?:the |that |your )?(?:brake )?pedal\b/i,
    same: ["pump"],
  },
  { phase: "prove it", says: "turn", when: /\block to lock\b/i, same: ["turn"] },
  {
    phase: "prove it",
    says: "lower",
    when: /\b(?:(?:(?:jack|axle) )?stands? out|(?:set|drop|dropped|lower|lowered|let|take|bring|back) (?:it|her|the \w+)?(?: back)? ?down(?: (?:on|off|to|from) the \w+)?\b(?! by)|down (?:off|from) the stands)\b/i,
    same: ["lower"],
  },
  {
    phase: "prove it",
    says: "drive",
    when: /\b(?:drive (?:it|her|around|round|up|down|about|a|the|over)|drove|test drive|road test|(?:a)?round the block|(?:go|take (?:it|her|him|the \w+)(?: out)?) for a (?:drive|spin|run))\b/i,
    same: ["drive"],
  },
];
