import fc from "fast-check";
import { hostilePlan } from "./__fixtures__/hostile-plan";
import { EUROS } from "./__fixtures__/money";
import { chestOf } from "./chest/chest";
import { fastenerDoubts } from "./fastener/doubts";
import { standNeed } from "./kit/cover/stands";
import { kitFor } from "./kit/kit";
import { torqueNeeds } from "./kit/needs/torque-needs";
import { undoingNm } from "./kit/needs/undoing-torque";
import { matOf } from "./kit/sheet/mat";
import { sortSteps } from "./order/order";
import { compareRoutes } from "./plan/compare-routes";
import { secondLook } from "./plan/second-look/second-look";

/** No number that is none, nor a word for one, anywhere in what a screen would show. */
function expectShowable(value: unknown): void {
  const text =
    JSON.stringify(value, (_, inner: unknown) =>
      typeof inner === "number" && !Number.isFinite(inner) ? `<${String(inner)}>` : inner,
    ) ?? "";
  expect(text).not.toMatch(/<(?:NaN|-?Infinity)>|\bNaN\b|\bInfinity\b|\bundefined\b/);
}

test("whatever plan, vehicle and chest the model allows, every calculation of Plan, Kit and Work gives an answer or a sentence", () => {
  fc.assert(
    fc.property(hostilePlan, ({ job, vehicle, tools }) => {
      const [route] = job.routes;
      if (!route) return;
      const chest = chestOf(tools);
      expectShowable(secondLook(job, route, vehicle, tools).map(({ says, fix }) => [says, fix?.says]));
      const kit = kitFor(route, tools, { vehicle });
      expectShowable(kit.lines.map(({ cover }) => cover));
      expectShowable(matOf(kit.lines));
      for (const one of route.fasteners) {
        expectShowable(fastenerDoubts(one));
        expectShowable(
          torqueNeeds(one, chest).map(({ best, refused }) => [best?.bandNm, refused.map(({ why }) => why)]),
        );
        expectShowable(undoingNm(one, true));
      }
      for (const stance of ["front up", "rear up", "all up"] as const)
        expectShowable(standNeed(stance, vehicle, tools));
      expectShowable(compareRoutes(job, vehicle, tools, EUROS));
      sortSteps(route.steps);
    }),
    { numRuns: 400 },
  );
});
