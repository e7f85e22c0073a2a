import { act, cleanup, render, screen } from "@testing-library/react";
import { useListening } from "./use-listening";

/** What this browser has kept. */
let kept: string | null = null;
const saved = jest.fn(async (value: string) => void (kept = value));
jest.mock("@/data/hooks", () => ({ useSetting: () => [kept, saved] }));

/** A browser that recognises speech, and what it was asked. */
class Ears extends EventTarget {
  static made: Ears[] = [];
  static available = jest.fn(async () => "available");
  processLocally = false;
  started = 0;
  constructor() {
    super();
    Ears.made.push(this);
  }
  start() {
    this.started++;
    this.dispatchEvent(new Event("start"));
  }
  abort() {
    this.dispatchEvent(new Event("end"));
  }
  hear(transcript: string, isFinal = true) {
    const results = [Object.assign([{ transcript }], { isFinal })];
    act(() => void this.dispatchEvent(Object.assign(new Event("result"), { resultIndex: 0, results })));
  }
}

const obeyed = jest.fn();

function Listens({ wanted }: { wanted: boolean }) {
  return <p>{useListening(wanted, obeyed)}</p>;
}

beforeEach(() => {
  kept = null;
  Ears.made = [];
  Ears.available.mockResolvedValue("available");
  Object.assign(window, { SpeechRecognition: Ears, speechSynthesis: { speaking: false } });
});
afterEach(cleanup);

const begun = async (wanted = true) => {
  const shown = render(<Listens wanted={wanted} />);
  for (let turns = 0; turns < 5; turns++) await act(async () => undefined);
  return { ...shown, ears: Ears.made[0] };
};

test("listens on the device alone, and obeys a command that was said to its end", async () => {
  const { ears } = await begun();
  expect(screen.getByText("listening")).toBeTruthy();
  expect(ears?.processLocally).toBe(true);
  expect(Ears.available).toHaveBeenCalledWith({ langs: ["en"], processLocally: true });
  ears?.hear("done", false);
  ears?.hear("not done");
  expect(obeyed).not.toHaveBeenCalled();
  ears?.hear("Done.");
  expect(obeyed.mock.calls).toEqual([["done"]]);
});

test("its own voice is not obeyed", async () => {
  const { ears } = await begun();
  obeyed.mockClear();
  Object.assign(window, { speechSynthesis: { speaking: true } });
  ears?.hear("next");
  expect(obeyed).not.toHaveBeenCalled();
});

test("listens again after a silence, and not once it is put away", async () => {
  jest.useFakeTimers();
  const { ears, rerender } = await begun();
  act(() => void ears?.dispatchEvent(new Event("end")));
  act(() => void jest.advanceTimersByTime(400));
  expect(ears?.started).toBe(2);
  rerender(<Listens wanted={false} />);
  act(() => void jest.advanceTimersByTime(400));
  expect(ears?.started).toBe(2);
  expect(screen.getByText("off")).toBeTruthy();
  jest.useRealTimers();
});

test("where speech would be sent away, or the microphone is not allowed, it says so and makes no sound", async () => {
  Ears.available.mockResolvedValue("downloadable");
  await begun();
  expect(screen.getByText("cannot")).toBeTruthy();
  expect(Ears.made).toEqual([]);
  cleanup();
  Ears.available.mockResolvedValue("available");
  const { ears } = await begun();
  act(() => {
    ears?.dispatchEvent(Object.assign(new Event("error"), { error: "not-allowed" }));
    ears?.dispatchEvent(new Event("end"));
  });
  expect(screen.getByText("refused")).toBeTruthy();
});

test("a browser that fell over when it was asked is not asked again", async () => {
  await begun();
  expect(saved.mock.calls.flat()).toEqual(expect.arrayContaining(["asking", "answered"]));
  cleanup();
  kept = "asking";
  Ears.available.mockClear();
  await begun();
  expect(screen.getByText("cannot")).toBeTruthy();
  expect(Ears.available).not.toHaveBeenCalled();
});
