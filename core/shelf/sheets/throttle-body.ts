import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, cold, look, often, tighten, undo } from "../writing";

export const throttleBody: Sheet = {
  name: "throttle-body",
  title: "Throttle body clean",
  system: "ignition and fuel",
  place: "engine",
  foundBy: ["idle hunts or stalls", "sticky accelerator", "throttle body dirty"],
  asks: [],
  fasteners: {
    clamp: { name: "Intake hose clamp", count: 1, role: "engine", often: "7", by: "snug" },
    body: { name: "Throttle body bolts", count: 4, role: "engine", often: "10", into: "aluminium" },
  },
  phases: {
    "make safe": [cold, batteryOff],
    "take apart": [
      undo("Intake hose off", "clamp", [2, 4, 8], { takesOff: ["intake hose"] }),
      act("Connector off", [1, 2, 4], { takesOff: ["throttle connector"] }),
      undo("Throttle body off", "body", [4, 8, 20], {
        troubles: [often("seized", 1, 8)],
        takesOff: ["throttle body"],
        needs: ["cold"],
        detail: "Coolant runs through some: clamp those hoses off, or clean it where it sits.",
      }),
    ],
    "look closely": [look("Gasket; flap's edge; its shaft without play", [1, 2, 4])],
    "put back": [
      act("Bore and flap's edge cleaned with a cloth and its own cleaner", [5, 10, 20], {
        cautions: [
          "No flame. Gloves and glasses.",
          "An electric flap is never pushed by hand or screwdriver.",
        ],
        detail: "Cleaner on the cloth, not into the shaft.",
      }),
      tighten("Throttle body on, new gasket", "body", [3, 5, 10], { putsBack: ["throttle body"] }),
      act("Connector on", [1, 1, 3], { putsBack: ["throttle connector"] }),
      tighten("Intake hose on", "clamp", [1, 3, 6], { putsBack: ["intake hose"] }),
      batteryOn,
    ],
    "prove it": [
      act("Flap taught: ignition on for half a minute, then idle warm", [2, 5, 10]),
      look("Idle even; no warning light", [2, 4, 8]),
    ],
  },
  parts: [{ name: "Throttle body gasket", count: 1 }],
  supplies: [{ name: "Throttle cleaner", amount: { value: 200, unit: "mL" } }],
};
