"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { withEvent } from "@/core/work/event";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { thisMoment } from "../../shell/clock";
import type { Move } from "../use-work";

/** What is written down at the end: what was learnt for next time, and what was seen for another day. */
export function WrapUpNotes({ move }: { move: Move }) {
  const note = (as: "lesson" | "noticed") => (text: string) =>
    void move((now) => withEvent(now, { ...thisMoment(), type: "noted", as, text }));
  return (
    <>
      <AddLine
        label="Learnt, for next time you do this"
        placeholder="the adjuster first, then the springs"
        onAdd={note("lesson")}
      />
      <AddLine
        label="Noticed on the way, for another day"
        placeholder="outer boot cracked"
        onAdd={note("noticed")}
      />
    </>
  );
}

function AddLine({
  label,
  placeholder,
  onAdd,
}: {
  label: string;
  placeholder: string;
  onAdd: (text: string) => void;
}) {
  const [text, setText] = useState("");
  const add = () => {
    if (text.trim() === "") return;
    onAdd(text.trim());
    setText("");
  };
  return (
    <Box display="flex" gap="3" alignItems="flex-end" maxWidth="640px">
      <Box flex="1">
        <TextField
          label={label}
          placeholder={placeholder}
          value={text}
          maxLength={190}
          onChange={(event) => setText(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            add();
          }}
          style={{ minHeight: 56 }}
        />
      </Box>
      <Button size="work" disabled={text.trim() === ""} onClick={add}>
        Add
      </Button>
    </Box>
  );
}
