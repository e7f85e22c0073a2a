import type { Fastener, Step } from "../model/job";
import { cautionsOf, mindWords } from "./step-words";

const step = (id: string, more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase: "put back",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});
const bolt: Fastener = { id: "f", name: "Carrier bolts", count: 2, locking: "threadlocker, medium strength" };

test("how it sat on coming off stands beside its going on, unless it is said anew", () => {
  const off = step("off", {
    phase: "take apart",
    mark: "paint on the flange",
    facing: "pointer up",
    routing: ["crank", "pump"],
  });
  const on = step("on", { mirrorOf: { stepId: "off", title: "on" } });
  expect(mindWords({ steps: [off, on] }, on, undefined)).toEqual([
    "It was marked: paint on the flange.",
    "It faced: pointer up.",
    "It went round crank → pump.",
  ]);
  expect(mindWords({ steps: [off, on] }, { ...on, facing: "pointer down" }, undefined)).toEqual([
    "Which way: pointer down.",
    "It was marked: paint on the flange.",
    "It went round crank → pump.",
  ]);
  expect(mindWords({ steps: [on] }, on, undefined)).toEqual([]);
});

test("locker is said when the bolt is started by hand, and at no other time", () => {
  const said = (kind: Step["kind"]) => mindWords({ steps: [] }, step("s", { kind }), bolt);
  expect(said("hand-start")).toEqual(["Threadlocker, medium strength, on the threads now."]);
  expect([...said("undo"), ...said("torque")]).toEqual([]);
});

test("what goes on, what carries it, how it is left and what is under load are each said", () => {
  const all = step("s", {
    applies: [{ what: "grease", on: "splines" }],
    heldUp: "a jack with a board",
    leaves: "hanging",
    loaded: "the long spring",
    cautions: ["Hot."],
  });
  expect(mindWords({ steps: [] }, all, undefined)).toEqual([
    "Grease on splines.",
    "Carried meanwhile by a jack with a board.",
    "Left hanging for now.",
  ]);
  expect(cautionsOf(all)).toEqual([
    "Hot.",
    "Under load: the long spring. Stand aside, let it go slowly, eye protection on.",
  ]);
});
