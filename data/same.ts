/** Whether two records say the same, whatever order their keys were written in. */
export function isSame(a: unknown, b: unknown): boolean {
  return a === b || canonical(a) === canonical(b);
}

/**
 * A value as text with its keys in order, so that two records compare equal whatever order they were written
 * in.
 */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === "object" && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(
          Object.entries(inner).sort(([a], [b]) => {
            if (a < b) return -1;
            if (a > b) return 1;
            return 0;
          }),
        )
      : inner,
  );
}
