/** What can be said aloud in Work, and how people say it. */
export const COMMANDS = {
  next: ["next", "next one", "next step"],
  done: ["done", "that is done", "got it", "it is done", "clicked", "tick", "tick it", "ok done"],
  again: ["again", "say again", "say that again", "repeat", "what was that"],
  "how much": [
    "how much",
    "how much is it",
    "how tight",
    "what torque",
    "what is the torque",
    "what setting",
  ],
  trouble: ["trouble", "not as planned", "problem", "it will not move", "stuck"],
  "take back": ["take back", "take it back", "take that back", "undo", "undo that"],
} as const satisfies Record<string, readonly string[]>;

export type Command = keyof typeof COMMANDS;

/** Said besides, and meaning nothing. */
const FILLERS = new Set(["um", "uh", "er", "okay", "ok", "please", "and", "right", "so", "now", "then"]);

/**
 * The command that an utterance is; undefined for one that is more than a command. "Done" inside other words
 * ("not done", "when you are done") ticks nothing: a bolt that is not done must not count.
 * Example: "OK, next please" → "next".
 */
export function commandHeard(utterance: string): Command | undefined {
  const said = plain(utterance);
  for (const [command, ways] of Object.entries(COMMANDS))
    if (ways.some((way) => plain(way) === said)) return command as Command;
  return undefined;
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/\bthat's\b/g, "that is")
    .replace(/\bit's\b/g, "it is")
    .replace(/\bwhat's\b/g, "what is")
    .replace(/\bwon't\b/g, "will not")
    .replace(/[^a-z ]/g, " ")
    .split(/\s+/)
    .filter((word) => word !== "" && !FILLERS.has(word))
    .join(" ");
