import type { Route, Step } from "../model/job";
import { brokenBy } from "../order/order";
import { raisedOnce } from "./raise-once";

const step = (id: string, title: string, more: Partial<Step> = {}): Step => ({
  id,
  title,
  phase: "take apart",
  kind: "do",
  stance: "front up",
  cautions: [],
  ...more,
});
const up = (id: string, title = "Front up on stands", more: Partial<Step> = {}) =>
  step(id, title, { kind: "raise", ...more });
const down = (id: string, more: Partial<Step> = {}) => step(id, "Let it down", { kind: "lower", ...more });
const low = (id: string, title: string, more: Partial<Step> = {}) =>
  step(id, title, { stance: "on the ground", ...more });
const route = (...steps: Step[]): Route => ({ id: "r", name: "R", steps, fasteners: [], parts: [] });
const ids = (of: Route | undefined) => of?.steps.map(({ id }) => id).join(" ");
const once = (...steps: Step[]) => raisedOnce(route(...steps));

const left = step("left", "Left link off");
const right = step("right", "Right link off");

describe("raised once in place of twice", () => {
  test("with nothing between, it stays up, and the side that is up first is finished first", () => {
    const found = once(up("u1"), left, down("d1"), up("u2"), right, down("d2"));
    expect(ids(found?.route)).toBe("u1 left right d1");
    expect(found?.route.steps.find(({ id }) => id === "right")?.needs).toEqual(["left"]);
    expect([found?.lower.id, found?.raise.id]).toEqual(["d1", "u2"]);
  });

  test("what is done on the ground to the first side comes once it is down", () => {
    const nuts = low("nuts", "Left wheel nuts to torque", { needs: ["d1"] });
    const found = once(up("u1"), left, down("d1"), nuts, up("u2"), right, down("d2"), low("end", "Drive it"));
    expect(ids(found?.route)).toBe("u1 left right d1 nuts end");
    expect(found?.route.steps.find(({ id }) => id === "nuts")?.needs).toEqual(["d1"]);
    expect(brokenBy(found?.route.steps ?? [])).toBeUndefined();
  });

  test("what is done on the ground for the second side comes before it goes up", () => {
    const crack = low("crack", "Crack the right wheel nuts", { needs: ["d1"] });
    const off = step("off", "Right wheel off", { needs: ["crack", "u2"] });
    const found = once(up("u1"), left, down("d1"), crack, up("u2"), off, down("d2"));
    expect(ids(found?.route)).toBe("crack u2 left off d2");
    expect(found?.route.steps[0]?.needs).toEqual([]);
    expect(brokenBy(found?.route.steps ?? [])).toBeUndefined();
  });

  test("the other end raised between stays where it is", () => {
    const rear = [
      up("r", "Rear up on stands", { stance: "rear up" }),
      step("mid", "Left rear link off"),
      down("rd"),
    ];
    const found = once(up("u1"), left, down("d1"), ...rear, up("u2"), right, down("d2"));
    expect(ids(found?.route)).toBe("u1 left right d1 r mid rd");
  });

  test("cautions of the raising that falls away are kept", () => {
    const found = once(
      up("u1", undefined, { cautions: ["Chock the rear wheels"] }),
      left,
      down("d1"),
      up("u2", undefined, { cautions: ["Soft ground: boards under the stands"] }),
      right,
      down("d2"),
    );
    expect(found?.route.steps[0]?.cautions).toEqual([
      "Chock the rear wheels",
      "Soft ground: boards under the stands",
    ]);
  });

  test.each<[why: string, steps: Step[]]>([
    [
      "what is of no side may be what it was let down for",
      [up("u1"), left, down("d1"), low("run", "Run the engine"), up("u2"), right, down("d2")],
    ],
    [
      "a side waits for itself",
      [
        up("u1"),
        left,
        down("d1"),
        low("settle", "Left link to torque"),
        up("u2"),
        step("again", "Left cover on"),
        down("d2"),
      ],
    ],
    [
      "the plan says that it needs it",
      [
        up("u1"),
        left,
        down("d1"),
        low("nuts", "Left nuts to torque", { needs: ["left"] }),
        up("u2"),
        step("right", "Right link off", { needs: ["nuts"] }),
        down("d2"),
      ],
    ],
    [
      "it is raised otherwise",
      [up("u1"), left, down("d1"), up("u2", "All up", { stance: "all up" }), right, down("d2")],
    ],
    [
      "one corner is not the other",
      [up("u1", "Left front up"), left, down("d1"), up("u2", "Right front up"), right, down("d2")],
    ],
    [
      "it is let down for a wait",
      [
        up("u1"),
        left,
        down("d1", { wait: { minutes: 30, until: "it has settled" } }),
        up("u2"),
        right,
        down("d2"),
      ],
    ],
    [
      "more cautions come together than a step may have",
      [
        up("u1", undefined, { cautions: Array.from({ length: 6 }, (_, i) => `One ${i}`) }),
        left,
        down("d1"),
        up("u2", undefined, { cautions: Array.from({ length: 6 }, (_, i) => `Other ${i}`) }),
        right,
        down("d2"),
      ],
    ],
    ["it never comes down again", [up("u1"), left, down("d1"), up("u2"), right]],
    ["it is raised but once", [up("u1"), left, right, down("d1")]],
  ])("nothing is changed where %s", (_why, steps) => {
    expect(once(...steps)).toBeUndefined();
  });
});
