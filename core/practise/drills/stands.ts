import type { Drill } from "../drill";

export const standsDrill: Drill = {
  skill: "stands",
  title: "Stands and chocks",
  about: "What carries it, what keeps it from rolling, and the shake",
  slip: "stands",
  task: (level, luck) => {
    const up =
      level < 4 ? luck.pick(["front", "rear"] as const) : luck.pick(["front", "rear", "both"] as const);
    const slopes = level < 3 ? "level" : luck.pick(["level", "nose down", "nose up"] as const);
    return {
      kind: "place",
      asks: up === "both" ? "All four wheels are to come off" : `The ${up} is to come up`,
      detail:
        slopes === "level"
          ? "Level, firm ground. Put stands and chocks, then shake it."
          : `The ground falls: it stands ${slopes}. Put stands and chocks and shake it, or leave it down.`,
      up,
      slopes,
    };
  },
};
