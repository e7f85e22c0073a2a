"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, createContext, useCallback, useContext, useState } from "react";
import type { Change } from "@/data/change";
import { useCommit, useUndo } from "@/data/hooks";
import type { Done } from "@/data/undo";
import type { Revision } from "@/data/write-change";
import { Button } from "@/ui/Button";
import { whyNotSaved } from "./why-not-saved";

type Do = (
  change: Change | (() => Change),
  says?: string,
  basedOn?: { revision: Revision },
) => Promise<boolean>;

const DoContext = createContext<Do | undefined>(undefined);

/**
 * Does a change to the data. With `says`, the bar at the foot says what was done and offers to undo it.
 * A change that could not be written is said there too, and resolves to false; so is one that was shown for a
 * revision that is past.
 */
export function useDo(): Do {
  const does = useContext(DoContext);
  if (!does) throw new Error("useDo is used outside DoProvider.");
  return does;
}

interface Note {
  says: string;
  done?: Done;
  /** What taking it back is called. */
  back?: "Undo" | "Redo";
}

export function DoProvider({ children }: { children: ReactNode }) {
  const commit = useCommit();
  const takeBack = useUndo();
  const [note, setNote] = useState<Note>();

  const does = useCallback<Do>(
    async (change, says, basedOn) => {
      try {
        const done = await commit(change, basedOn);
        if (says) setNote({ says, done, back: "Undo" });
        return true;
      } catch (error) {
        setNote({ says: whyNotSaved(error) });
        return false;
      }
    },
    [commit],
  );

  const back = async ({ done, back: called }: Note) => {
    if (!done) return;
    setNote(undefined);
    try {
      const undone = await takeBack(done);
      const left = undone.left > 0 ? " What was changed since then stays as it is." : "";
      setNote({
        says: `${called === "Redo" ? "Done again." : "Undone."}${left}`,
        done: undone.done,
        back: called === "Redo" ? "Undo" : "Redo",
      });
    } catch (error) {
      setNote({ says: whyNotSaved(error) });
    }
  };

  return (
    <DoContext value={does}>
      <Box
        role="status"
        position={{ base: "sticky", lg: "fixed" }}
        zIndex="30"
        insetInline="0"
        top={{ base: "0", lg: "auto" }}
        bottom={{ lg: "0" }}
        display="flex"
        justifyContent="center"
        background={{ base: "denim", lg: "transparent" }}
        pointerEvents="none"
        padding={note ? "2" : "0"}
      >
        {note && (
          <Box
            pointerEvents="auto"
            display="flex"
            alignItems="center"
            gap="3"
            background="denim"
            color="onDenim"
            borderRadius="sheet"
            paddingInline="4"
            paddingBlock="2"
            maxWidth="100%"
          >
            <span>{note.says}</span>
            {note.done && (
              <Button look="quiet" color="onDenim" onClick={() => void back(note)}>
                {note.back}
              </Button>
            )}
            <Button
              look="quiet"
              color="onDenim"
              aria-label="Close this message"
              onClick={() => setNote(undefined)}
            >
              ×
            </Button>
          </Box>
        )}
      </Box>
      {children}
      {/* Room to scroll what the message would lie on out from under it. */}
      {note && <Box height={{ lg: "72px" }} />}
    </DoContext>
  );
}
