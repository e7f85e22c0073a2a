import type { Job } from "@/core/model/job";
import { planFromSheet, usualAnswers } from "@/core/shelf/plan-from-sheet";
import { thermostat as sheet } from "@/core/shelf/sheets/thermostat";
import { demo } from "./authoring";

/** Half planned, as it comes off the shelf: a head to try and a torque to look up. */
export const thermostat: Job = (() => {
  let made = 0;
  const { title, routes } = planFromSheet(sheet, usualAnswers(sheet), () => `thermostat-${++made}`);
  return {
    ...demo("thermostat"),
    vehicleId: "demo-minnow",
    title,
    system: sheet.system,
    sheet: sheet.name,
    state: "planned",
    routes,
    chosenRouteId: routes[0]?.id ?? "",
  };
})();
