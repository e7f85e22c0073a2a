import MiniSearch from "minisearch";
import type { SlipKind } from "@/core/slip/slip";
import { SLIPS } from "@/core/slip/slips";

const index = new MiniSearch<SlipKind>({
  idField: "name",
  fields: ["title", "words", "about"],
  searchOptions: { prefix: true, boost: { title: 3, words: 2 } },
});
index.addAll(SLIPS);

/** Words that are in every second question and tell nothing of which slip is meant. */
const IDLE = new Set([
  "a",
  "an",
  "the",
  "of",
  "to",
  "for",
  "in",
  "on",
  "do",
  "i",
  "my",
  "is",
  "it",
  "how",
  "what",
  "which",
  "much",
  "many",
]);

/**
 * The slips that a question in plain words is about, the likeliest first; all of them for an empty one. Slips
 * of spelling are forgiven.
 */
export function findSlips(question: string): readonly SlipKind[] {
  const words =
    question
      .toLowerCase()
      .match(/[\p{L}\d/]+/gu)
      ?.filter((word) => !IDLE.has(word)) ?? [];
  if (words.length === 0) return SLIPS;
  const query = words.join(" ");
  const exact = index.search(query, { combineWith: "AND" });
  const hits = exact.length > 0 ? exact : index.search(query, { fuzzy: 0.25 });
  return hits.flatMap(({ id }) => SLIPS.filter(({ name }) => name === id));
}
