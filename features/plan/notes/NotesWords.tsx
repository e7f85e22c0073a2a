"use client";

import { Box } from "@chakra-ui/react";
import type { UseFormRegisterReturn } from "react-hook-form";
import type { EditedRow } from "@/core/notes/edited";
import { MOST_LETTERS } from "@/core/notes/plain-text";
import type { LeftOut } from "@/core/notes/proposal";
import { Button } from "@/ui/Button";
import { TextAreaField } from "@/ui/form/Field";
import { FileField } from "@/ui/form/FileField";
import { Sheet } from "@/ui/Sheet";
import { NotesMarked } from "./NotesMarked";

/** So much pasted in one go is somebody else’s text: it is shown as it was read at once. */
const LONG_PASTE = 300;

interface NotesWordsProps {
  /** The job's. */
  title: string;
  notes: UseFormRegisterReturn;
  text: string;
  rows: readonly EditedRow[];
  leftOut: readonly LeftOut[];
  chosen: EditedRow["proposal"]["spans"] | undefined;
  /** Whether the words are being written, or shown with what was read in them. */
  writing: boolean;
  /** What is wrong with them. */
  says: string | undefined;
  onWriting: (writing: boolean) => void;
  onFile: (file: File) => void;
  onChoose: (key: string) => void;
}

/** Somebody's words: to write or paste them, and then with what was read in them marked. */
export function NotesWords({
  title,
  notes,
  text,
  writing,
  says,
  onWriting,
  onFile,
  ...marked
}: NotesWordsProps) {
  return (
    <Sheet
      title={`Somebody’s words for “${title}”`}
      padding={{ base: "4", lg: "5" }}
      position={{ lg: "sticky" }}
      top={{ lg: "18px" }}
    >
      {writing ? (
        <Box as="form" onSubmit={(event) => event.preventDefault()}>
          <TextAreaField
            label={`Notes for “${title}”`}
            rows={10}
            placeholder="Paste captions, a memo, a page of your own: four 15 mil bolts, fifty newton metres, new ones every time…"
            {...notes}
            onPaste={({ clipboardData }) =>
              clipboardData.getData("text").length > LONG_PASTE && setTimeout(() => onWriting(false))
            }
          />
          <Box display="flex" gap="3" flexWrap="wrap" alignItems="end" marginTop="3">
            <FileField
              label="Or a file: text, captions, a page"
              accept=".txt,.srt,.vtt,.md,.html,.htm,text/plain,text/html,text/vtt"
              onFile={onFile}
            />
            {text.trim() !== "" && <Button onClick={() => onWriting(false)}>Show what was read in it</Button>}
          </Box>
        </Box>
      ) : (
        <>
          <Box
            maxHeight={{ base: "30vh", lg: "calc(100vh - 230px)" }}
            overflowY="auto"
            marginBottom="3"
            tabIndex={0}
            aria-label="The words, with what was read in them"
          >
            <NotesMarked text={text} {...marked} />
          </Box>
          <Button onClick={() => onWriting(true)}>Change the words</Button>
        </>
      )}
      <Box aria-live="polite" color="stop" fontWeight="600" marginTop="2">
        {says && `■ ${says}`}
        {text.length > MOST_LETTERS &&
          `■ These are ${text.length} letters, more than the ${MOST_LETTERS} that are read here. Take the part about the job.`}
      </Box>
    </Sheet>
  );
}
