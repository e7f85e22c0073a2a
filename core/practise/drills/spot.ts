import type { Luck } from "../../chance";
import type { Level } from "../../model/drill";
import type { Route } from "../../model/job";
import { secondLook } from "../../plan/second-look/second-look";
import { formatFigure } from "../../quantity/torque-words";
import type { Drill } from "../drill";
import { SPOILT, SPOT_ROUTE, SPOT_VEHICLE, type Spoilt, spotJob } from "./spot-plan";

export const spotDrill: Drill = {
  skill: "spot",
  title: "What is wrong in the plan",
  about: "One thing is missing or misplaced: find it as the second look would",
  task: (level, luck) => {
    const spoilt = luck.pick(SPOILT.slice(0, 4 + level * 2));
    const route = spoilt.spoil(SPOT_ROUTE);
    return {
      kind: "pick",
      asks: "A wheel cylinder is renewed. What is wrong here?",
      lines: linesOf(route),
      choices: luck.shuffled([spoilt, ...others(spoilt, level, luck)]).map((one) => ({
        says: one.says,
        isRight: one === spoilt,
        why: one === spoilt ? foundSays(one.rule, route) : "Look again: that is as it should be.",
      })),
    };
  },
};

function others(spoilt: Spoilt, level: Level, luck: Luck): Spoilt[] {
  return luck.shuffled(SPOILT.filter((one) => one !== spoilt)).slice(0, level < 3 ? 2 : 4);
}

/** A plan's steps as they are read out, each with its figure. */
function linesOf({ steps, fasteners }: Route): string[] {
  return steps.map(({ title, kind, fastenerId, stance }) => {
    const figure = kind === "torque" ? fasteners.find(({ id }) => id === fastenerId)?.figure : undefined;
    return `${title}${figure ? `, ${formatFigure(figure)}` : ""}${kind === "torque" && stance !== "on the ground" ? ", in the air" : ""}`;
  });
}

/** What the second look says of it, in its own words. */
function foundSays(rule: string, route: Route): string {
  const found = secondLook(spotJob(route), route, SPOT_VEHICLE, []).find((one) => one.rule.id === rule);
  return found ? `${found.says} ${found.rule.reason}` : "";
}
