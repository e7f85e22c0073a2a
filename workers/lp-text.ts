import type { IntegerProgram } from "@/core/shop/integer-program";

/**
 * A program in the plain LP format that solvers read (Minimize, Subject To, Bounds, General).
 * @param numbers "any" leaves out that they are whole: the relaxation, which is solved at once.
 */
export function lpText({ variables, constraints }: IntegerProgram, numbers: "whole" | "any"): string {
  const sum = (terms: readonly (readonly [number, number])[]) =>
    terms
      .map(([at, coefficient]) => `${coefficient < 0 ? "-" : "+"} ${Math.abs(coefficient)} x${at}`)
      .join(" ");
  const rows = constraints.flatMap(({ terms, least, most }, i) => [
    ...(least === undefined ? [] : [` l${i}: ${sum(terms)} >= ${least}`]),
    ...(most === undefined ? [] : [` m${i}: ${sum(terms)} <= ${most}`]),
  ]);
  return [
    "Minimize",
    ` cost: ${sum(variables.map(({ cost }, i) => [i, cost] as const))}`,
    "Subject To",
    ...rows,
    "Bounds",
    ...variables.map(({ most }, i) => ` 0 <= x${i} <= ${most}`),
    ...(numbers === "whole" ? ["General", ` ${variables.map((_, i) => `x${i}`).join(" ")}`] : []),
    "End",
  ].join("\n");
}
