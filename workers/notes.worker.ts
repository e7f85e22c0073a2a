import { expose } from "comlink";
import { type Proposed } from "@/core/notes/proposal";
import { proposalsFrom } from "@/core/notes/proposals";
import { readStory } from "@/core/notes/story";

/** Reads a narration away from the screen; the tagger is loaded here and nowhere else. */
const worker = {
  read: (text: string): Proposed => proposalsFrom(readStory(text)),
};

export type NotesWorker = typeof worker;
expose(worker);
