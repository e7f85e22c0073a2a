import MiniSearch from "minisearch";
import type { Topic } from "@/core/decide/topic";
import { TOPICS } from "@/core/decide/topics";
import type { Sheet } from "@/core/shelf/sheet";
import { SHELF, sheetNamed } from "@/core/shelf/shelf";

/** Words that are in every second complaint and tell nothing of which job it is. */
const IDLE = new Set(
  "a an the of to for in on my it its is are at when with and or not does won t new change i".split(" "),
);

const telling = (words: string): string[] =>
  (words.toLowerCase().match(/\p{L}+/gu) ?? []).filter((word) => !IDLE.has(word));

/** Without the ending that changes with the sentence: squeals, squealing → squeal; brake, braking → brak. */
const stem = (word: string): string => (word.length > 4 ? word.replace(/(?:ing|ed|es|s|e)$/, "") : word);

/** Finds among some things by what each says of itself, a line a field; the first field counts twice. */
function finder<Thing>(things: readonly Thing[], says: (thing: Thing) => readonly [string, string]) {
  const index = new MiniSearch<{ id: number; name: string; more: string }>({
    fields: ["name", "more"],
    processTerm: (term) => stem(term.toLowerCase()),
    // A short word with a letter changed is another word.
    searchOptions: {
      prefix: true,
      fuzzy: (word) => (word.length > 4 ? 0.2 : false),
      boost: { name: 2 },
    },
  });
  index.addAll(
    things.map((thing, id) => {
      const [name, more] = says(thing);
      return { id, name, more };
    }),
  );
  return (words: readonly string[], all: boolean): Thing[] =>
    index
      .search(words.join(" "), all ? { combineWith: "AND" } : {})
      .flatMap(({ id }) => things[id as number] ?? []);
}

const sheets = finder(SHELF, ({ title, foundBy }) => [title, foundBy.join(" ")]);
const topics = finder(TOPICS, ({ symptom, causes }) => [
  symptom,
  // People say of a symptom what they say of what puts it right.
  causes.flatMap(({ name, sheet = "" }) => [name, ...(sheetNamed(sheet)?.foundBy ?? [])]).join(" "),
]);

/**
 * The sheets that plain words are about, the likeliest first: the name of a job, or what somebody noticed. All of
 * them for no words; none where nothing fits.
 */
export function findSheets(words: string): readonly Sheet[] {
  const told = telling(words);
  if (told.length === 0) return words.trim() === "" ? SHELF : [];
  return sheets(told, false);
}

/**
 * What it does that such words speak of, where checks tell several causes apart; undefined for the name of a job. Example: "squeals when braking" → a squeal or grinding when braking.
 */
export function findSymptom(words: string): Topic | undefined {
  const told = telling(words);
  const isAJob = SHELF.some(({ title }) => {
    const named = telling(title);
    return told.every((word) => named.some((one) => one.startsWith(word.replace(/s$/, ""))));
  });
  return told.length === 0 || isAJob ? undefined : topics(told, true)[0];
}
