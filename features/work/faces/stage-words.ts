/** How a bolt is taken through each kind of stage. */
export const HOW = {
  torque: "Tap when it clicks. Stop at the first click; a second pull over-tightens.",
  angle: "Mark the head, turn it in one pull, tap when the mark is there.",
  turns: "Count to the mark, then tap.",
  snug: "Good and tight with a short tool, then tap.",
  "hand tight": "As far as your fingers turn it, then tap.",
  "no figure": "Do it up, then tap.",
} as const;

/** What the one button says at each kind of stage: what was just done with the hands. */
export const SAYS = {
  torque: "Clicked",
  angle: "Turned",
  turns: "Counted",
  snug: "Tight",
  "hand tight": "Hand tight",
  "no figure": "Tight",
} as const;
