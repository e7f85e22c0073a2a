import type { Example } from "@/ui/drawing/Examples";

interface ScreenHelp {
  title: string;
  example: Example;
  /** Five lines, in the order in which they are needed. */
  lines: readonly [string, string, string, string, string];
}

/** What each screen is for and what can be done on it, by its path. */
export const SCREEN_HELP: Readonly<Record<string, ScreenHelp>> = {
  "/garage": {
    title: "Garage",
    example: "garage",
    lines: [
      "The vehicle from above, with what sits at each place and how old it is.",
      "■ has to be done, ▲ soon has to, ● is well, ○ is not known.",
      "Do next holds what comes first, over all vehicles.",
      "Add a reading whenever you fill up: what is due rests on it.",
      "Export or bring in makes a backup, or takes over from another device.",
    ],
  },
  "/plan": {
    title: "Plan",
    example: "plan",
    lines: [
      "A job as steps in order, by phase; touch one to see and change it.",
      "Begin from the shelf, from somebody’s telling, from an earlier job, or blank.",
      "A fastener’s figure is typed as people write it, and read back in words.",
      "Second look says what is missing, doubtful or dangerous, and mends it where it can.",
      "Routes holds two ways of doing it against each other.",
    ],
  },
  "/kit": {
    title: "Kit",
    example: "kit",
    lines: [
      "Everything that the plan needs, in order of use; tick what you have laid out.",
      "Dashed and ■ is what you do not have; touch it for what else would do.",
      "On your wrenches says what to set, crowfoot included.",
      "Shopping finds the cheapest way to get the rest in time.",
      "Chest holds your tools: type them as you would say them.",
    ],
  },
  "/day": {
    title: "Day",
    example: "day",
    lines: [
      "How likely it rolls in time, from 20 000 runs of the day.",
      "Drag the start, the rests or the steps; the odds follow.",
      "Start when holds other days and other ways against this one.",
      "Decide by names the step after which there is no way back.",
      "Put it down, and Work tells how you keep to it.",
    ],
  },
  "/work": {
    title: "Work",
    example: "work",
    lines: [
      "One step at a time: what to set, which bolt is next, and the one button.",
      "Under a raised car no step opens before it stands, is chocked and was shaken.",
      "Space or a press ticks; Take back takes the last one back.",
      "Not as planned: it is stuck, snapped, missing or different.",
      "It is kept at every tick; a dead battery costs nothing.",
    ],
  },
  "/log": {
    title: "Log",
    example: "replaced",
    lines: [
      "What was replaced hangs from each vehicle’s line; what is due stands ahead.",
      "One line adds an entry: “front wipers 61 200 km 18.50 today”.",
      "Due says when, as a date with a band, from how it is driven.",
      "Wear tells when a part that was measured meets its limit.",
      "Follow-ups are what a job left to look at again.",
    ],
  },
  "/bench": {
    title: "Bench",
    example: "bench",
    lines: [
      "Calculations, found by plain words such as “how long a bar”.",
      "Any length or torque is typed in any unit, with a comma, a point or a fraction.",
      "The answer comes with its working, its margin and what it assumes.",
      "Pin it to a step, and it is there in Work.",
      "B pulls it out over any screen; it keeps what was typed.",
    ],
  },
  "/practise": {
    title: "Practise",
    example: "practise",
    lines: [
      "Two minutes on a bolt that is nobody’s; it begins with what you are least sure of.",
      "Swing the wrench by its handle, hold the button or the space bar, or turn the phone.",
      "Let go at the click; where it does not feel right, stop.",
      "What is sure shows each skill with how far that is known.",
      "“Practise this one” in Plan, Kit or Work pulls that very bolt.",
    ],
  },
  "/files": {
    title: "Files",
    example: "files",
    lines: [
      "Export all writes one file with everything; with the photos it is a zip.",
      "A file that comes in is shown for what it would do, and can be undone.",
      "Show to another device hands over by codes that its camera reads, with no network.",
      "A vehicle’s history is printed for whoever buys it.",
      "Nothing leaves this browser unless you take it out here.",
    ],
  },
};
