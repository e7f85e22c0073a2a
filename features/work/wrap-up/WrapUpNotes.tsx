"use client";

import { Box } from "@chakra-ui/react";
import type { ComponentProps } from "react";
import { withEvent } from "@/core/work/event";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { thisMoment } from "../../shell/clock";
import type { Move } from "../use-work";

type NoteName = "lesson" | "noticed";

interface WrapUpNotesProps {
  /** What stands in the two fields; it goes into the log with the rest, added or not. */
  typed: Record<NoteName, string>;
  field: (name: NoteName) => Omit<ComponentProps<typeof TextField>, "label">;
  onAdded: (name: NoteName) => void;
  move: Move;
}

/** What is written down at the end: what was learnt for next time, and what was seen for another day. */
export function WrapUpNotes({ typed, field, onAdded, move }: WrapUpNotesProps) {
  const add = async (as: NoteName) => {
    const text = typed[as].trim().slice(0, 200);
    if (text === "") return;
    if (await move((now) => withEvent(now, { ...thisMoment(), type: "noted", as, text }))) onAdded(as);
  };
  const line = (as: NoteName, label: string, placeholder: string) => (
    <Box display="flex" gap="3" alignItems="flex-end" maxWidth="640px">
      <Box flex="1">
        <TextField
          label={label}
          placeholder={placeholder}
          maxLength={190}
          {...field(as)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            void add(as);
          }}
          style={{ minHeight: 56 }}
        />
      </Box>
      <Button size="work" disabled={typed[as].trim() === ""} onClick={() => void add(as)}>
        Add
      </Button>
    </Box>
  );
  return (
    <>
      {line("lesson", "Learnt, for next time you do this", "the adjuster first, then the springs")}
      {line("noticed", "Noticed on the way, for another day", "outer boot cracked")}
    </>
  );
}
