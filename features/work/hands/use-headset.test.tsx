import { cleanup, render } from "@testing-library/react";
import { useHeadset } from "./use-headset";

const handlers = new Map<string, (() => void) | null>();
const played = jest.fn(() => Promise.resolve());

beforeAll(() => {
  Object.assign(navigator, {
    mediaSession: { setActionHandler: (key: string, does: (() => void) | null) => handlers.set(key, does) },
  });
  Object.assign(URL, { createObjectURL: () => "blob:x", revokeObjectURL: () => undefined });
  HTMLMediaElement.prototype.play = played;
  HTMLMediaElement.prototype.pause = () => undefined;
});
afterEach(cleanup);

function Table({ wanted, open, done }: { wanted: boolean; open: (by: 1 | -1) => void; done: () => void }) {
  useHeadset(wanted, open);
  return (
    <button data-testid="the-one" onClick={done}>
      Done
    </button>
  );
}

test("play is the one button, next and previous the steps beside; put away, the keys are the player's again", () => {
  const open = jest.fn();
  const done = jest.fn();
  const { rerender } = render(<Table wanted open={open} done={done} />);
  expect(played).toHaveBeenCalled();
  handlers.get("play")?.();
  handlers.get("pause")?.();
  expect(done).toHaveBeenCalledTimes(2);
  handlers.get("nexttrack")?.();
  handlers.get("previoustrack")?.();
  expect(open.mock.calls).toEqual([[1], [-1]]);
  rerender(<Table wanted={false} open={open} done={done} />);
  expect([...handlers.values()]).toEqual([null, null, null, null]);
});
