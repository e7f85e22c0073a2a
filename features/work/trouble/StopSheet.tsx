"use client";

import { Box } from "@chakra-ui/react";
import { memo, useState } from "react";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../../shell/DoProvider";
import type { Move } from "../use-work";

interface StopSheetProps {
  /** Something has been done, and no note was left yet. */
  offered: boolean;
  /** What speaks against driving it as it stands. */
  proposed: string | undefined;
  move: Move;
}

/** Leaving the job half done: why it must not be driven, in words that the Garage shows large. */
export const StopSheet = memo(function StopSheet({ offered, proposed, move }: StopSheetProps) {
  const [open, setOpen] = useState(false);
  const [because, setBecause] = useState<string>();
  const perform = useDo();
  if (!offered) return null;
  const text = because ?? proposed ?? "";
  const leave = async () => {
    if (!(await move((now) => ({ ...now, doNotDrive: text.trim() })))) return;
    setOpen(false);
    void perform({}, "Kept. The Garage says not to drive it.");
  };
  return (
    <Sheet title="Stopping for now?">
      {!open ? (
        <>
          <Box fontSize="15px" marginBottom="2">
            Every tap is kept; just close it.{proposed && " Leave a note, so that nobody drives it."}
          </Box>
          <Button minHeight="56px" width="100%" onClick={() => setOpen(true)}>
            Leave a “do not drive” note
          </Button>
        </>
      ) : (
        <Box
          as="form"
          display="grid"
          gap="2"
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() !== "") void leave();
          }}
        >
          <TextField
            label="Do not drive, because"
            value={text}
            maxLength={190}
            autoFocus
            onChange={(event) => setBecause(event.currentTarget.value)}
            style={{ minHeight: 56 }}
          />
          <Box display="flex" gap="2">
            <Button type="submit" minHeight="56px" look="primary" flex="1" disabled={text.trim() === ""}>
              Leave the note
            </Button>
            <Button minHeight="56px" onClick={() => setOpen(false)}>
              Not now
            </Button>
          </Box>
        </Box>
      )}
    </Sheet>
  );
});
