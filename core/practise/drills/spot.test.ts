import { routeSchema } from "../../model/job";
import { secondLook } from "../../plan/second-look/second-look";
import { SPOILT, SPOT_ROUTE, SPOT_VEHICLE, spotJob } from "./spot-plan";

const rulesIn = (route: typeof SPOT_ROUTE) =>
  secondLook(spotJob(route), route, SPOT_VEHICLE, [])
    .map(({ rule }) => rule.id)
    .filter((id) => id !== "no-wrench");

test("the plan as it should be has nothing wrong that a chest would not mend", () => {
  expect(routeSchema.safeParse(SPOT_ROUTE).success).toBe(true);
  expect(rulesIn(SPOT_ROUTE)).toEqual([]);
});

test.each(SPOILT.map((one) => [one.rule, one] as const))(
  "spoilt, the second look finds %s",
  (rule, { spoil }) => {
    expect(rulesIn(spoil(SPOT_ROUTE))).toContain(rule);
  },
);
