import type { Fastener, Route } from "../../model/job";
import { plainStep } from "./changes";
import type { Fix } from "./rule";

/** That it was looked up is for the person to write down, with where: a button only plans it. */
export function planLookUp(...fasteners: Fastener[]): Fix {
  return {
    says: fasteners.length > 1 ? "Plan to look both up" : "Plan to look it up",
    apply: (now, newId) => ({
      ...now,
      steps: [
        ...fasteners.map((fastener) => plainStep(newId(), "make safe", "do", lookUpTitle(fastener))),
        ...now.steps,
      ],
    }),
  };
}

/** Whether looking it up is in the plan already. */
export function lookUpPlanned({ steps }: Route, fastener: Fastener): boolean {
  return steps.some(({ title }) => title === lookUpTitle(fastener));
}

function lookUpTitle({ name }: Fastener): string {
  return `Look up the torque of the ${name.toLowerCase()}`.slice(0, 200);
}
