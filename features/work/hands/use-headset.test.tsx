import { cleanup, render } from "@testing-library/react";
import { useKey } from "../../shell/keys";
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

function Table({ wanted, heard }: { wanted: boolean; heard: (key: string) => void }) {
  useHeadset(wanted);
  useKey("primary", () => heard("primary"));
  useKey("later", () => heard("later"));
  useKey("earlier", () => heard("earlier"));
  return null;
}

test("play is the one button, next and previous the steps beside; put away, the keys are the player's again", () => {
  const heard = jest.fn();
  const { rerender } = render(<Table wanted heard={heard} />);
  expect(played).toHaveBeenCalled();
  for (const key of ["play", "pause", "nexttrack", "previoustrack"]) handlers.get(key)?.();
  expect(heard.mock.calls.flat()).toEqual(["primary", "primary", "later", "earlier"]);
  rerender(<Table wanted={false} heard={heard} />);
  expect([...handlers.values()]).toEqual([null, null, null, null]);
});
