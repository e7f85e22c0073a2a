import { act, cleanup, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import type { Fastener, Job, Route, Step } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { stamp } from "@/data/stamp";
import { demoHousehold } from "@/demo/household";
import { press, stage, type } from "../../shared/__fixtures__/stage";
import type { Move } from "../use-work";
import { StepFace } from "./StepFace";

const { vehicles, tools } = demoHousehold("2026-11-24");
const vehicle = vehicles[0];
if (!vehicle) throw new Error("the demo has a vehicle");

const bolts: Fastener = {
  id: "b",
  name: "Cover bolts",
  count: 2,
  figure: readTorqueFigure("20 Nm"),
  sizeToUndo: { profile: "hexagon", size: 13, unit: "mm" },
};

const step = (more: Partial<Step>): Step => ({
  id: "s",
  title: "The cover",
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const later = step({ id: "later", title: "Later" });

interface Shown {
  steps: Step[];
  fasteners?: Fastener[];
  /** Which of the steps is open; the first where it is left out. */
  open?: number;
}

/** The open step of a job, moved as Work moves it; what it has come to is in `at`. */
function work({ steps, fasteners = [bolts], open = 0 }: Shown) {
  const route: Route = { id: "r", name: "By the book", steps: [...steps, later], fasteners, parts: [] };
  const job: Job = {
    ...stamp("own"),
    vehicleId: vehicle?.id ?? "",
    title: "Cover",
    system: "engine",
    state: "planned",
    routes: [route],
    chosenRouteId: "r",
  };
  const at: { work: Work } = { work: { ...stamp("own"), jobId: job.id, routeId: "r", events: [] } };
  function Table() {
    const [now, setNow] = useState(at.work);
    const move: Move = async (how) => {
      at.work = how(at.work);
      act(() => setNow(at.work));
      return true;
    };
    return (
      steps[open] &&
      vehicle && (
        <StepFace
          job={job}
          route={route}
          work={now}
          step={steps[open]}
          vehicle={vehicle}
          tools={tools}
          move={move}
        />
      )
    );
  }
  stage(<Table />);
  return { done: () => at.work.events.map(({ type }) => type), at };
}

afterEach(cleanup);

test.each<[string, Partial<Step>, string]>([
  ["something to do", {}, "Done"],
  ["a fastener to undo", { kind: "undo", fastenerId: "b" }, "All 2 are out"],
  ["bolts started by hand", { kind: "hand-start", fastenerId: "b", phase: "put back" }, "All 2 are started"],
  ["one of two", { kind: "undo", fastenerId: "b", count: 1 }, "It is out"],
  ["something to look at", { kind: "look" }, "Good"],
  ["a vehicle let down", { kind: "lower" }, "It is down"],
])("%s: one press finishes it", async (_, more, button) => {
  const { done } = work({ steps: [step(more)] });
  await press(new RegExp(button));
  expect(done()).toEqual(["step"]);
});

test("an undone fastener shows its size and never the torque wrench", () => {
  work({ steps: [step({ kind: "undo", fastenerId: "b" })] });
  expect(screen.getByText("13")).toBeTruthy();
  expect(screen.getByText(/Not with the torque wrench\./)).toBeTruthy();
});

test("bolts are tightened one by one to the setting on the screen", async () => {
  const { done } = work({ steps: [step({ kind: "torque", fastenerId: "b", phase: "put back" })] });
  expect(screen.getByTestId("bolt-count").textContent).toBe("Bolt 1 of 2");
  const one = () => screen.getByTestId("the-one");
  await act(async () => one().click());
  expect(screen.getByTestId("bolt-count").textContent).toBe("Bolt 2 of 2");
  await act(async () => one().click());
  expect(screen.getByTestId("bolt-count").textContent).toBe("All 2 done");
  expect(done()).toEqual(["bolt", "bolt"]);
  await act(async () => one().click());
  expect(done()).toEqual(["bolt", "bolt", "step"]);
});

test("what holds a life is not tightened without a figure, and “good and tight” is none", async () => {
  const { figure: _none, ...bare } = bolts;
  const { done } = work({
    steps: [step({ kind: "torque", fastenerId: "b", phase: "put back" })],
    fasteners: [{ ...bare, name: "Knuckle bolts", role: "steering" }],
  });
  expect((await screen.findByRole("alert")).textContent).toContain("No figure is written down");
  await type("Look it up, and write it here", "good and tight");
  await press("Keep");
  await waitFor(() => expect(screen.getByText(/is no figure for what holds/)).toBeTruthy());
  expect(screen.getByText(/Say where it is from/)).toBeTruthy();
  expect(done()).toEqual([]);
});

test("a raised vehicle stops the step until all four ticks are set", async () => {
  const { done } = work({ steps: [step({ stance: "front up", kind: "undo", fastenerId: "b" })] });
  expect(screen.queryByText("All 2 are out")).toBeNull();
  const ticks = screen
    .getAllByRole("button", { pressed: false })
    .filter((one) => one.getAttribute("aria-pressed") === "false");
  expect(ticks).toHaveLength(4);
  for (const tick of ticks) await act(async () => tick.click());
  expect(done()).toEqual(["safety", "safety", "safety", "safety"]);
  expect(screen.getByText("All 2 are out")).toBeTruthy();
});

test("a step that marks, waits and measures asks for one after the other", async () => {
  const { done } = work({
    steps: [
      step({
        mark: "how it faced",
        wait: { minutes: 10, until: "it has soaked" },
        measure: { what: "depth", unit: "mm", least: 2 },
      }),
    ],
  });
  await press(/Marked|Done/);
  await press(/begin the wait/);
  await press(/It is over/);
  await type(/It measures/, "1,4");
  await press("Keep");
  expect(screen.getByText(/0\.6 mm under the limit of 2 mm: replace it or put it right\./)).toBeTruthy();
  expect(done()).toEqual(["task", "task", "task", "measured"]);
});

test("a left-hand thread shows which way it is undone; any other says nothing", () => {
  work({
    steps: [step({ kind: "undo", fastenerId: "b" })],
    fasteners: [{ ...bolts, leftHand: true }],
  });
  expect(screen.getByText("■ Left-hand thread: undo it clockwise.")).toBeTruthy();
  cleanup();
  work({ steps: [step({ kind: "undo", fastenerId: "b" })] });
  expect(screen.queryByText(/Left-hand/)).toBeNull();
});

test("without a wrench for it a bolt is tight by feel or with a borrowed one, and the log is told which", async () => {
  const { at } = work({
    steps: [step({ kind: "torque", fastenerId: "b", phase: "put back" })],
    fasteners: [{ ...bolts, access: "by feel" }],
  });
  expect(screen.getByText(/No torque wrench gets on\./)).toBeTruthy();
  await press("Tight, by feel");
  await press("Borrowed wrench, set to 20 N·m");
  expect(at.work.events).toMatchObject([
    { type: "bolt", by: "feel" },
    { type: "bolt", by: "another wrench", set: { value: 20, unit: "N.m" } },
  ]);
});

test("not as planned: what is left out says why and is over", async () => {
  const { at } = work({ steps: [step({})] });
  await press("Not as planned");
  await press("Leave this step out");
  await press("Leave it out");
  await waitFor(() => expect(screen.getByText(/Say why it is left out/)).toBeTruthy());
  await type("It is left out, because", "not there on this one");
  await act(async () => press("Leave it out"));
  await waitFor(() =>
    expect(at.work.events).toMatchObject([{ type: "step", skipped: "not there on this one" }]),
  );
});

test("the new part is held against the old point by point; what differs is no part to fit", async () => {
  const { at, done } = work({ steps: [step({ kind: "look", title: "Compare the pump with the old one" })] });
  await press("The same");
  expect(done()).toEqual([]);
  await press("■ It differs");
  expect(at.work.events).toMatchObject([{ type: "trouble", kind: "wrong part" }]);
});

test("what goes back shows how it sat, and keeps whether it does again", async () => {
  const { at } = work({
    steps: [
      step({ id: "off", title: "Bracket off", facing: "arrow up" }),
      step({ phase: "put back", title: "Bracket back", mirrorOf: { stepId: "off", title: "x" } }),
    ],
    open: 1,
  });
  expect(screen.getByTestId("how-it-sat").textContent).toContain("It faced: arrow up.");
  expect(screen.getAllByText(/arrow up/)).toHaveLength(1);
  await press("▲ Cannot tell");
  expect(at.work.events).toMatchObject([{ type: "compared", stepId: "s", as: "cannot tell" }]);
  expect(screen.queryByText("● Same")).toBeNull();
  expect(screen.getByText(/Nobody can tell/)).toBeTruthy();
});
