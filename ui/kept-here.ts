/**
 * Small things that this browser keeps by name, drafts above all. A browser that has no room left, or keeps nothing,
 * costs only the keeping: whatever is on the screen stays and works.
 */

/** Keeps a text; false where it could not be. */
export function keepHere(name: string, text: string): boolean {
  try {
    localStorage.setItem(name, text);
    return true;
  } catch {
    return false;
  }
}

/** What is kept by a name; undefined where nothing is. */
export function keptHere(name: string): string | undefined {
  try {
    return localStorage.getItem(name) ?? undefined;
  } catch {
    return undefined;
  }
}

export function forgetHere(name: string): void {
  try {
    localStorage.removeItem(name);
  } catch {
    // Where nothing can be kept there is nothing to forget.
  }
}
