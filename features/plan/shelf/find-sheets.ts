import MiniSearch from "minisearch";
import type { Sheet } from "@/core/shelf/sheet";
import { SHELF } from "@/core/shelf/shelf";

const index = new MiniSearch<Sheet>({
  idField: "name",
  fields: ["title", "foundBy"],
  extractField: (sheet, field) => {
    const value = (sheet as unknown as Record<string, string | string[]>)[field];
    return Array.isArray(value) ? value.join(" ") : (value ?? "");
  },
  // A short word with a letter changed is another word.
  searchOptions: { prefix: true, fuzzy: (word) => (word.length > 4 ? 0.2 : false), boost: { title: 2 } },
});
index.addAll(SHELF);

/** Words that are in every second complaint and tell nothing of which job it is. */
const IDLE = new Set(
  "a an the of to for in on my it its is are at when with and or not does new change".split(" "),
);

/**
 * The sheets that plain words are about, the likeliest first: the name of a job, or what somebody noticed. All of
 * them for no words; none where nothing fits.
 */
export function findSheets(words: string): readonly Sheet[] {
  const told = (words.toLowerCase().match(/\p{L}+/gu) ?? []).filter((word) => !IDLE.has(word));
  if (told.length === 0) return words.trim() === "" ? SHELF : [];
  return index.search(told.join(" ")).flatMap(({ id }) => SHELF.filter(({ name }) => name === id));
}
