import { act, fireEvent, render, screen } from "@testing-library/react";
import { useLongPress } from "./use-long-press";

function Held({ wanted, action }: { wanted: boolean; action: (() => void) | undefined }) {
  const long = useLongPress(wanted, action);
  return (
    <button type="button" onClick={action} {...long?.on}>
      {long?.held ? "held" : "go"}
    </button>
  );
}

const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("held for half a second it does it, once; a drop of water does nothing", () => {
  const action = jest.fn();
  render(<Held wanted action={action} />);
  const button = screen.getByRole("button");
  fireEvent.pointerDown(button);
  expect(button.textContent).toBe("held");
  pass(300);
  fireEvent.pointerUp(button);
  fireEvent.click(button, { detail: 1 });
  pass(1000);
  expect(action).not.toHaveBeenCalled();
  fireEvent.pointerDown(button);
  pass(500);
  fireEvent.pointerUp(button);
  fireEvent.click(button, { detail: 1 });
  expect(action).toHaveBeenCalledTimes(1);
});

test("a finger that slides off has not meant it; a key means it at once; without it a tap is a tap", () => {
  const action = jest.fn();
  const { rerender } = render(<Held wanted action={action} />);
  const button = screen.getByRole("button");
  fireEvent.pointerDown(button);
  fireEvent.pointerLeave(button);
  pass(1000);
  expect(action).not.toHaveBeenCalled();
  fireEvent.click(button, { detail: 0 });
  expect(action).toHaveBeenCalledTimes(1);
  rerender(<Held wanted={false} action={action} />);
  fireEvent.click(button, { detail: 1 });
  expect(action).toHaveBeenCalledTimes(2);
  rerender(<Held wanted action={undefined} />);
  fireEvent.pointerDown(button);
  expect(button.textContent).toBe("go");
});
