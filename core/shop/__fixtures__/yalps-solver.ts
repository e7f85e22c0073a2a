import { solve as yalps } from "yalps";
import type { Solve } from "../integer-program";

/**
 * The second solver, which shares nothing with the first: branch and cut over a simplex in plain JavaScript.
 */
export const yalpsSolver: Solve = ({ variables, constraints }) => {
  const columns = new Map(
    variables.map(({ cost }, i) => [
      `x${i}`,
      new Map<string, number>([
        ["cost", cost],
        [`b${i}`, 1],
      ]),
    ]),
  );
  constraints.forEach(({ terms }, i) =>
    terms.forEach(([at, coefficient]) =>
      columns.get(`x${at}`)?.set(`c${i}`, (columns.get(`x${at}`)?.get(`c${i}`) ?? 0) + coefficient),
    ),
  );
  const rows = new Map([
    ...constraints.map(
      ({ least, most }, i) =>
        [
          `c${i}`,
          { ...(least === undefined ? {} : { min: least }), ...(most === undefined ? {} : { max: most }) },
        ] as const,
    ),
    ...variables.map(({ most }, i) => [`b${i}`, { max: most }] as const),
  ]);
  const { status, variables: found } = yalps(
    { direction: "minimize", objective: "cost", constraints: rows, variables: columns, integers: true },
    { tolerance: 0, timeout: 60_000, maxIterations: 1_000_000 },
  );
  if (status === "infeasible") return undefined;
  if (status !== "optimal") throw new Error(`The second solver gave up: ${status}.`);
  const by = new Map(found);
  return variables.map((_, i) => Math.round(by.get(`x${i}`) ?? 0));
};
