import { readFileSync } from "node:fs";
import { basename, extname } from "node:path";
import { asAnswers } from "@/core/notes/as-answers";
import { readStory } from "@/core/notes/story";

/**
 * What the reader makes of each file of notes, as one JSON object by the files' names without their endings.
 */
const answers = Object.fromEntries(
  process.argv
    .slice(2)
    .map((file) => [basename(file, extname(file)), asAnswers(readStory(readFileSync(file, "utf8")))]),
);
console.log(JSON.stringify(answers, null, 2));
