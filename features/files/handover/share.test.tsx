import { canShare, shareFile } from "./share";

const give = (name: "share" | "canShare", value: unknown) =>
  Object.defineProperty(navigator, name, { value, configurable: true });
const file = new Blob(["{}"], { type: "application/json" });

test("a device that passes no files on is not offered to", () => {
  give("canShare", undefined);
  expect(canShare()).toBe(false);
  give("canShare", ({ files }: { files: File[] }) => files.length === 0);
  expect(canShare()).toBe(false);
  give("canShare", ({ files }: { files: File[] }) => files[0]?.type === "application/json");
  expect(canShare()).toBe(true);
});

test("a file goes by its name; let be is no fault, refused is said", async () => {
  const share = jest.fn().mockResolvedValue(undefined);
  give("share", share);
  expect(await shareFile("garage.json", file)).toBeUndefined();
  const [{ files }] = share.mock.calls[0] as [{ files: File[] }];
  expect(files.map(({ name, type }) => [name, type])).toEqual([["garage.json", "application/json"]]);
  share.mockRejectedValueOnce(new DOMException("no", "AbortError"));
  expect(await shareFile("garage.json", file)).toBeUndefined();
  share.mockRejectedValueOnce(new DOMException("no", "NotAllowedError"));
  expect(await shareFile("garage.json", file)).toMatch(/^This device did not take the file\./);
});
