export const SIDES = ["left", "right"] as const;
export type Side = (typeof SIDES)[number];

export const OTHER_SIDE: Record<Side, Side> = { left: "right", right: "left" };

/** What remains is left, and what is as it should be is right: neither is a side. */
const NO_SIDE =
  /\b(?:no|not|nothing|none|any|much|is|are|what's|been|be) (?:[\w-]+ ){0,4}left\b(?! (?:side|hand|front|rear|wheel))|\bleft (?:over|in|off|on|out|hanging|loose)\b|\b(?:all|just|not) right\b|\bright (?:away|size|way|one|order|torque|amount|place|tool|through|up|down|in|to|at|on|length|hand thread)\b/gi;

/**
 * The side that a title speaks of; undefined when it speaks of none, or of both. Nearside and offside are
 * left to the reader: they differ by country.
 */
export function sideOf(title: string): Side | undefined {
  const said = title.replace(NO_SIDE, "");
  const [left, right] = [/\bleft\b/i.test(said), /\bright\b/i.test(said)];
  if (left === right) return undefined;
  return left ? "left" : "right";
}
