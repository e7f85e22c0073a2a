import { fireEvent, render, screen } from "@testing-library/react";
import { KEYS, mean, useKey } from "./keys";

function Listens({ on, enabled = true }: { on: (key: string) => void; enabled?: boolean }) {
  useKey("primary", () => on("primary"), enabled);
  useKey("more", () => on("more"), enabled);
  return (
    <>
      <input aria-label="field" />
      <input aria-label="tick" type="checkbox" />
      <button>button</button>
    </>
  );
}

const pressed: string[] = [];
const on = (key: string) => pressed.push(key);
beforeEach(() => pressed.splice(0));

test("a key means what the table says, by each of its names", () => {
  render(<Listens on={on} />);
  for (const key of [...KEYS.primary.presses, ...KEYS.more.presses])
    fireEvent.keyDown(document.body, { key });
  expect(pressed).toEqual(["primary", "primary", "primary", "more", "more", "more"]);
});

test("what is typed into a field is left alone, and Space on a button is that button's", () => {
  render(<Listens on={on} />);
  fireEvent.keyDown(screen.getByLabelText("field"), { key: "+" });
  fireEvent.keyDown(screen.getByRole("button"), { key: " " });
  fireEvent.keyDown(document.body, { key: "+", ctrlKey: true });
  expect(pressed).toEqual([]);
  fireEvent.keyDown(screen.getByRole("button"), { key: "+" });
  fireEvent.keyDown(screen.getByLabelText("tick"), { key: "+" });
  expect(pressed).toEqual(["more", "more"]);
});

test("a component that is away, or told not to, hears nothing", () => {
  const { rerender, unmount } = render(<Listens on={on} enabled={false} />);
  fireEvent.keyDown(document.body, { key: "+" });
  rerender(<Listens on={on} />);
  fireEvent.keyDown(document.body, { key: "+" });
  unmount();
  fireEvent.keyDown(document.body, { key: "+" });
  expect(pressed).toEqual(["more"]);
});

test("what is meant without a key does the same, where that key would", () => {
  const { rerender } = render(<Listens on={on} />);
  mean("more");
  rerender(<Listens on={on} enabled={false} />);
  mean("more");
  expect(pressed).toEqual(["more"]);
});

test("no key has two meanings on one screen, and each has words for the help", () => {
  const all = Object.values(KEYS).flatMap(({ presses }) => presses as readonly string[]);
  expect(new Set(all).size).toBe(all.length);
  expect(Object.values(KEYS).every(({ says, shown }) => says.length > 3 && shown.length > 0)).toBe(true);
});
