import type { Stage } from "@/core/torque/target";

/** How a bolt is taken through each kind of stage. */
export const HOW: Record<Stage["kind"], string> = {
  torque: "Tap when it clicks. Stop at the first click; a second pull over-tightens.",
  angle: "Mark the head, turn it in one pull, tap when the mark is there.",
  turns: "Count to the mark, then tap.",
  snug: "Good and tight with a short tool, then tap.",
  "hand tight": "As far as your fingers turn it, then tap.",
  threads: "Count them with a fingernail, then tap.",
  depth: "A straight edge across the face tells, then tap.",
  "back off": "Turn it back, then tap.",
  fitted: "Tug it once; when it stays, tap.",
  lock: "Look at it, then tap.",
  "no figure": "Do it up, then tap.",
};

/** What the one button says at each kind of stage: what was just done with the hands. */
export const SAYS: Record<Stage["kind"], string> = {
  torque: "Clicked",
  angle: "Turned",
  turns: "Counted",
  snug: "Tight",
  "hand tight": "Hand tight",
  threads: "They show",
  depth: "It is there",
  "back off": "Backed off",
  fitted: "It holds",
  lock: "Locked",
  "no figure": "Tight",
};

/** What the hands do at a clamp, a clip or a plastic nut. */
export const FITTED = {
  "spring clamp":
    "Squeeze its ears and slide it to where it sat: behind the bead of the pipe, on the old mark of the hose.",
  "push clip": "Its pin out first, then the clip in, then the pin home until it clicks.",
  "plastic nut": "By hand until it sits, and no further: plastic strips at once.",
} as const;

/** How a fastener is locked once it is tight. */
export const LOCKED = {
  "tab washer": [
    "bend the tab",
    "Up against a flat of the head. A tab is bent once: a new washer each time.",
  ],
  "lock wire": ["wire it", "So that the wire pulls it tighter; twist it, and bend its end back."],
  staked: [
    "stake it",
    "Drive its collar into the groove with a blunt punch. A collar is staked once: a new nut each time.",
  ],
  peened: ["peen it", "Spread the end of the thread with a punch, so that it cannot come back."],
} as const;
