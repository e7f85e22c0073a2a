import type { Highs } from "highs";
import type { Solve } from "@/core/shop/integer-program";
import { lpText } from "./lp-text";

/** HiGHS as an exact solver: no gap is left between the plan found and the best there is. */
export function highsSolver(highs: Highs): Solve {
  return (program) => {
    const solution = highs.solve(lpText(program), { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false });
    if (solution.Status !== "Optimal") return undefined;
    return program.variables.map((_, i) => {
      const column = solution.Columns[`x${i}`];
      return column && "Primal" in column ? Math.round(column.Primal) : 0;
    });
  };
}
