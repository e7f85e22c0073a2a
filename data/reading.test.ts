import { QueryClient } from "@tanstack/react-query";
import { reading } from "./reading";
import { StoreError } from "./store";

const dropped = () =>
  Promise.reject(new StoreError("The browser has dropped what was stored here.", "dropped"));
const client = () => new QueryClient({ defaultOptions: { queries: { networkMode: "always" } } });

test("a read that fell with its store is asked again, and no other", async () => {
  let asked = 0;
  const falls = () =>
    ++asked < 3
      ? Promise.reject(new DOMException("The transaction was aborted.", "AbortError"))
      : Promise.resolve(["wren"]);
  expect(await client().fetchQuery(reading(["vehicles"], falls, []))).toEqual(["wren"]);
  expect(asked).toBe(3);
  let other = 0;
  const breaks = () => Promise.reject(new Error(`broken ${++other}`));
  await expect(client().fetchQuery(reading(["vehicles"], breaks, []))).rejects.toThrow("broken 1");
});

test("of a dropped store, what was never read is lost; what was read is never put away for it", async () => {
  const fresh = client();
  expect(await fresh.fetchQuery(reading<string[]>(["jobs"], dropped, []))).toEqual([]);
  const held = client();
  held.setQueryData(["jobs"], ["brakes"]);
  await expect(held.fetchQuery(reading<string[]>(["jobs"], dropped, []))).rejects.toThrow("dropped");
  expect(held.getQueryData(["jobs"])).toEqual(["brakes"]);
  expect(
    reading<string[]>(["jobs"], dropped, []).throwOnError(new Error(), { state: { data: ["brakes"] } }),
  ).toBe(false);
  expect(
    reading<string[]>(["jobs"], dropped, []).throwOnError(new Error(), { state: { data: undefined } }),
  ).toBe(true);
});
