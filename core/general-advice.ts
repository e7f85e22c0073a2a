/** What stands at the foot of everything that is taken along or given to somebody. */
export const GENERAL_ADVICE =
  "Figures and advice here are general. The vehicle maker's instructions, local rules and a licensed workshop come first.";
