import type { QueryClient } from "@tanstack/react-query";
import { StoreError } from "./store";

/**
 * A request that fell with its store, as when the browser drops it in the middle of a read: asked again, the
 * store says what became of it.
 */
const fellWithStore = (error: unknown) =>
  error instanceof DOMException && (error.name === "AbortError" || error.name === "InvalidStateError");

/**
 * How something is read from the store. What has been read once stays on the screen whatever befalls the
 * store; what a dropped store has taken before it was ever read is `lost`. Any other error reaches the
 * nearest error screen.
 */
export function reading<T>(queryKey: readonly string[], read: () => Promise<T>, lost: T) {
  return {
    queryKey,
    queryFn: async ({ client }: { client: QueryClient }): Promise<T> => {
      try {
        return await read();
      } catch (error) {
        if (
          error instanceof StoreError &&
          error.trouble === "dropped" &&
          client.getQueryData(queryKey) === undefined
        )
          return lost;
        throw error;
      }
    },
    retry: (times: number, error: Error) => times < 3 && fellWithStore(error),
    retryDelay: 100,
    throwOnError: (_: Error, { state }: { state: { data: T | undefined } }) => state.data === undefined,
  };
}
