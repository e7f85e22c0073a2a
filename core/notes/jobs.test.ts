import { readFileSync } from "node:fs";
import { join } from "node:path";
import { jobSchema, type Route } from "../model/job";
import { applyProposals } from "./apply-proposals";
import { listedLines } from "./listed-steps";
import { proposalsFrom } from "./proposals";
import { readStory } from "./story";

const EMPTY: Route = { id: "r", name: "By the book", steps: [], fasteners: [], parts: [] };

function planOf(text: string, answers: Record<string, object> = {}) {
  const { rows, questions } = proposalsFrom(readStory(text));
  const answered = rows.map((row) => ({ ...row, ...answers[row.id] }));
  let made = 0;
  return { questions, route: applyProposals(EMPTY, answered, { newId: () => `n${++made}`, text }) };
}
const job = (name: string) =>
  planOf(readFileSync(join(__dirname, "__fixtures__/jobs", `${name}.txt`), "utf8"));
const lines = ({ steps }: Route) => steps.map(({ kind, stance, title }) => `${kind}, ${stance}: ${title}`);

test("a list is a plan of its lines: none is lost, what goes up comes down, the wheel is tightened on it", () => {
  expect(lines(job("lower-arm").route)).toEqual([
    "undo, on the ground: Crack the wheel bolts on the ground",
    "raise, front up: Raise the front on stands",
    "do, front up: Wheel off",
    "do, front up: Soak pinch bolt penetrating oil 30 min",
    "undo, front up: Undo the pinch bolt",
    "do, front up: Pry the ball joint out of the knuckle",
    "undo, front up: Undo the front bush bolt",
    "undo, front up: Undo the two rear bush bolts",
    "do, front up: Arm out",
    "look, front up: Put the new arm beside the old one and compare",
    "do, front up: New arm in",
    "do, front up: Front bush bolt and rear bush bolts finger tight only",
    "do, front up: Ball joint into the knuckle",
    "do, front up: New pinch bolt",
    "torque, front up: Torque pinch bolt",
    "do, front up: Jack under the hub",
    "do, front up: Lift it to ride height",
    "torque, front up: Torque bush bolts",
    "hand-start, front up: Rear bush bolts, all by hand",
    "torque, front up: Torque rear bush bolts",
    "do, front up: Wheel on, bolts by hand",
    "lower, front up: Down on the ground",
    "torque, on the ground: Torque wheel bolts",
    "do, on the ground: Later: Book the wheel alignment",
  ]);
});

test.each(["lower-arm", "brake-hose", "thermostat", "alternator", "gearbox-oil"])(
  "%s: the plan is one that can be kept, each wait holds something, and nothing is raised for good",
  (name) => {
    const { route } = job(name);
    expect(
      jobSchema.shape.routes.safeParse([route]).error?.issues.map(({ path, message }) => [path, message]),
    ).toBeUndefined();
    for (const wait of route.steps.filter((step) => step.wait))
      expect(route.steps.some(({ needs }) => needs?.includes(wait.id))).toBe(true);
    const last = route.steps.findLast(({ kind }) => kind === "raise" || kind === "lower");
    expect(last?.kind).not.toBe("raise");
    // No step says again what another says.
    const titles = route.steps.map(({ title }) => title.toLowerCase());
    expect(new Set(titles).size).toBe(titles.length);
  },
);

test("figures of lines behind each other go each to its own fastener, and nothing is asked", () => {
  const { route, questions } = job("alternator");
  expect(questions).toEqual([]);
  expect(
    route.fasteners.map(({ name, figure }) => [
      name,
      figure?.form === "value" ? [figure.torque.value, figure.torque.unit] : figure?.form,
    ]),
  ).toEqual([
    ["Battery terminal", [6, "N.m"]],
    ["Cable nut", [12, "N.m"]],
    ["Upper bolt", [45, "N.m"]],
    ["Lower bolts", [25, "N.m"]],
  ]);
});

const jacked = (which: string) =>
  `1. Jack it up and stands under it.\n2. Take the wheel off, four nuts, 19 mm.\n3. ${which}\n4. Wheel on.\n5. Set it down.\n6. Wheel nuts 110 Nm.`;

test("which end goes up is asked where nothing says it, and told from what does", () => {
  const asked = planOf(jacked("Clean the hub face."));
  expect(asked.questions.map(({ asks }) => asks)).toEqual([
    "“Raise the car onto stands”: which end goes up?",
  ]);
  const [question] = asked.questions;
  const front = question?.answers[0];
  expect(front?.says).toBe("The front");
  // Unanswered, the whole car is made safe.
  expect(asked.route.steps.find(({ kind }) => kind === "raise")?.stance).toBe("all up");
  const answered = planOf(jacked("Clean the hub face."), { [front?.proposal ?? ""]: front?.change ?? {} });
  expect(answered.route.steps.find(({ kind }) => kind === "raise")?.stance).toBe("front up");
  expect(
    planOf(jacked("Clean the rear hub face.")).route.steps.find(({ kind }) => kind === "raise")?.stance,
  ).toBe("rear up");
});

test("a jack under an arm raises nothing, and the end that is chocked stays down", () => {
  const text =
    "1. Chock the front wheels.\n2. Jack it up, stands, wheel off, 17 mm bolts.\n3. Jack under the arm to take the load.\n4. Undo the damper bolt, 18 mm.\n5. Damper out.\n6. New damper in.\n7. Damper bolt 90 Nm.\n8. Jack away.\n9. Down off the stands.";
  const { route } = planOf(text);
  expect(route.steps.filter(({ kind }) => kind === "raise")).toHaveLength(1);
  expect(route.steps.filter(({ kind }) => kind === "lower").map(({ title }) => title)).toEqual([
    "Down off the stands",
  ]);
});

test.each([
  ["1. One thing\n2. Another\n3. A third\n4. A fourth\n5. A fifth", 5],
  ["- One thing\n- Another", 0],
  ["It was a long story that I told in one breath and it never came to an end.\nAnd so on.", 0],
])("%j is a list of %p lines", (text, count) => {
  expect(listedLines(text)).toHaveLength(count);
});
