import type { Example } from "@/ui/drawing/Examples";

interface ScreenHelp {
  title: string;
  /** What to do first, said once when it is first opened. */
  first: string;
  example: Example;
  /** Five lines, in the order in which they are needed. */
  lines: readonly [string, string, string, string, string];
}

/** What each screen is for and what can be done on it, by its path. */
export const SCREEN_HELP: Readonly<Record<string, ScreenHelp>> = {
  "/garage": {
    title: "Garage",
    first: "Add an odometer reading first: everything that comes due rests on it.",
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
    first: "Begin from the shelf or from notes; then touch a step, and mend what Second look says.",
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
    first: "Lay things out in this order and tick them; begin with what is dashed, it is missing.",
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
    first: "Say when you start and when it has to roll; the odds follow.",
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
    first: "Read the step, do it, press the one big button. Nothing is lost if you stop.",
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
    first: "Write what you replaced last in one line, with the odometer and the price.",
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
    first: "Type what you look for in your own words, such as “crowfoot”.",
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
    first: "Press the first drill: it takes two minutes, and nothing can break.",
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
    first: "Export all once, so that there is a copy outside this browser.",
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

/** The screen of an address: its path and its help. */
export const helpOf = (pathname: string): readonly [path: string, help: ScreenHelp] | undefined =>
  Object.entries(SCREEN_HELP).find(([path]) => pathname.startsWith(path));
