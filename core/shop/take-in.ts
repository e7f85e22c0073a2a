import { type ToolDraft } from "../chest/missing";
import { toolsOfLine } from "../chest/read-chest";
import type { KitRecord } from "../model/kit";
import type { FollowUp } from "../model/log";
import { sharesOf } from "./paid";
import type { OrderLine, ToldPlan } from "./tell";

type Got = KitRecord["got"][number];

/** Everything of a plan noted as on its way. @param dueIn the day so many days from now. */
export function ordered(plan: ToldPlan, dueIn: (days: number) => string): Got[] {
  return bought(plan).flatMap(({ covers, shop, leadDays }) =>
    covers.map(({ key }): Got => ({ key, how: "on order", from: shop, due: dueIn(leadDays) })),
  );
}

/** What comes into the chest, what is in hand for the job, and what is owed for it. */
export interface TakenIn {
  tools: ToolDraft[];
  got: Got[];
  followUps: Pick<FollowUp, "kind" | "text" | "dueOn">[];
}

/** How long a counter waits for an old part. */
const CORE_DAYS = 30;

/**
 * Everything of a plan as it is brought home: tools and supplies go into the chest, parts are in hand, and
 * hired things and cores are owed back. What is hired lies in the chest as a set of its own, so that Work can
 * set the hired wrench, and goes out again as one.
 */
export function takenIn(plan: ToldPlan, dueIn: (days: number) => string): TakenIn {
  const lines = bought(plan);
  const toChest = lines.filter(({ holds }) => holds.length > 0);
  return {
    tools: toChest.flatMap((line) => {
      const each = line.holds.flatMap(toolsOfLine);
      const drafts = Array.from({ length: line.count }, () => each).flat();
      // What a set cost is what its tools cost.
      const shares = sharesOf(line.costMinor, Math.max(1, drafts.length));
      return drafts.map((draft, i) =>
        isHired(line)
          ? { ...draft, set: `Hired from ${line.shop}`.slice(0, 200) }
          : { ...draft, ...(line.costMinor > 0 ? { priceMinor: shares[i] ?? 0 } : {}) },
      );
    }),
    got: lines
      .filter(({ holds }) => holds.length === 0)
      .flatMap(({ covers, shop }) => covers.map(({ key }): Got => ({ key, how: "in hand", from: shop }))),
    followUps: lines.flatMap(({ kind, title, shop, days, coreMinor }) => [
      ...(isHired({ kind })
        ? [
            {
              kind: "return hire" as const,
              text: `Take back to ${shop}: ${title.replace(/, by the day$/, "")}`.slice(0, 200),
              dueOn: dueIn(days),
            },
          ]
        : []),
      ...(coreMinor > 0
        ? [
            {
              kind: "return core" as const,
              text: `Take the old part back to ${shop}: ${title}`.slice(0, 200),
              dueOn: dueIn(CORE_DAYS),
            },
          ]
        : []),
    ]),
  };
}

function isHired({ kind }: Pick<OrderLine, "kind">): boolean {
  return kind === "hire" || kind === "borrow";
}

function bought({ lines }: ToldPlan): OrderLine[] {
  return lines.filter(({ kind }) => kind !== "stand-in");
}
