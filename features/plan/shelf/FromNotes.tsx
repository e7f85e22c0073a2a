"use client";

import { Box } from "@chakra-ui/react";
import { useDeferredValue, useEffect, useMemo } from "react";
import type { Job } from "@/core/model/job";
import { MOST_LETTERS } from "@/core/notes/plain-text";
import type { Blank } from "@/core/shelf/blanks";
import { type Fills, fillsFrom } from "@/core/shelf/fills";
import { Button } from "@/ui/Button";
import { TextAreaField } from "@/ui/form/Field";
import { Fold } from "@/ui/form/Fold";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { useNotes } from "../notes/use-notes";

interface FromNotesProps {
  job: Job;
  blanks: readonly Blank[];
  /** What the words say, each time they have been read. */
  onRead: (fills: Fills) => void;
  /** One of several things that they say of a blank. */
  onChoose: (blank: Blank, typed: string) => void;
}

/** Somebody's words, or a page, that fill in what they speak of; where they contradict themselves it is asked. */
export function FromNotes({ job, blanks, onRead, onChoose }: FromNotesProps) {
  const form = useDraftForm(`look up from notes ${job.id}`, { words: "" });
  const typed = form.watch("words");
  const words = useDeferredValue(typed);
  const tooLong = words.length > MOST_LETTERS;
  const { proposed, failed } = useNotes(tooLong ? "" : words);
  const fills = useMemo(
    () => (proposed && words.trim() !== "" ? fillsFrom(proposed.rows, blanks) : undefined),
    [proposed, words, blanks],
  );
  useEffect(() => {
    if (fills) onRead(fills);
    // Only what was read anew fills anything in: a field that was emptied since stays empty.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [fills]);
  const said = [...(fills?.said ?? [])];
  const doubted = said.filter(([, all]) => all.length === 1 && all[0]?.doubtful);
  return (
    <Fold title="Paste notes, and they fill it in" mustShow={typed !== ""}>
      <Box gridColumn="1 / -1">
        <TextAreaField label="Somebody’s words, a page, a line" rows={5} {...form.field("words")} />
      </Box>
      <Box aria-live="polite" gridColumn="1 / -1" display="grid" gap="2">
        {(failed || tooLong) && (
          <Box color="watch">
            ▲ These words are too many to be read at once. Paste the part with the figures.
          </Box>
        )}
        {fills && (
          <Box color="soft">
            {said.length === 0
              ? "Nothing in there that is on this list."
              : `${said.length} of the ${blanks.length} are in there. Look at each before you write it down.`}
          </Box>
        )}
        {doubted.map(([blank, [one]]) => (
          <Box key={`${blank.kind} ${blank.about}`} color="watch">
            ▲ {blank.what}: “{one?.typed}” is not sure, as it was told.
          </Box>
        ))}
        {said
          .filter(([, all]) => all.length > 1)
          .map(([blank, all]) => (
            <Box key={`${blank.kind} ${blank.about}`}>
              <Box fontWeight="600">
                {blank.what}, {blank.kind}: which of these?
              </Box>
              <Box display="flex" gap="2" flexWrap="wrap">
                {all.map((one) => (
                  <Button key={one.typed} minHeight="44px" onClick={() => onChoose(blank, one.typed)}>
                    {one.typed}
                  </Button>
                ))}
              </Box>
            </Box>
          ))}
        {fills && fills.spare.length > 0 && (
          <Box color="soft">Said, and on no line here: {fills.spare.slice(0, 6).join("; ")}.</Box>
        )}
      </Box>
    </Fold>
  );
}
