import type { Highs } from "highs";
import type { IntegerProgram, Solve } from "@/core/shop/integer-program";
import { lpText } from "./lp-text";

const QUIET = { output_flag: false } as const;
/** No gap is left between the plan found and the best there is; a first guess comes sooner by other ways. */
const EXACT = {
  ...QUIET,
  mip_rel_gap: 0,
  mip_abs_gap: 0,
  mip_heuristic_run_feasibility_jump: false,
} as const;
/** Of the relaxation's cost: so far above it the best is looked for at first. */
const FIRST_LOOK = 0.005;

/**
 * HiGHS as an exact solver. The relaxation says how much more it costs at the least to choose one of each; only
 * what can be in a plan so little above the relaxation is tried, and again with more where the best of those
 * is further above it (reduced cost fixing).
 */
export function highsSolver(highs: Highs): Solve {
  return (program) => {
    const relaxed = highs.solve(lpText(program, "any"), QUIET);
    if (relaxed.Status !== "Optimal") return undefined;
    const atLeast = program.variables.map((_, i) => {
      const column = relaxed.Columns[`x${i}`];
      return column && "Dual" in column ? column.Dual : 0;
    });
    const among = (above: number) => atLeast.map((more) => more <= above + 0.5);
    const best = (tried: readonly boolean[]) =>
      highs.solve(lpText(onlyThose(program, tried), "whole"), EXACT);

    const above = relaxed.ObjectiveValue * FIRST_LOOK;
    const first = best(among(above));
    const found = first.Status === "Optimal" ? first.ObjectiveValue - relaxed.ObjectiveValue : Infinity;
    const solution = found <= above ? first : best(among(found));
    if (solution.Status !== "Optimal") return undefined;
    return atLeast.map((_, i) => {
      const column = solution.Columns[`x${i}`];
      return column && "Primal" in column ? Math.round(column.Primal) : 0;
    });
  };
}

/** The program with none of the variables that are not tried. */
const onlyThose = ({ variables, constraints }: IntegerProgram, tried: readonly boolean[]) => ({
  variables: variables.map((variable, i) => (tried[i] ? variable : { ...variable, most: 0 })),
  constraints,
});
