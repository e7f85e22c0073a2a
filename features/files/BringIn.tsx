"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { Button } from "@/ui/Button";
import { FileField } from "@/ui/form/FileField";
import { Sheet } from "@/ui/Sheet";
import type { ReadFile } from "@/workers/files.worker";
import { garageHref } from "../shell/addresses";
import { BusyBar } from "./BusyBar";
import { ConflictList } from "./ConflictList";
import { type Given, useBringIn } from "./use-bring-in";

/** A file chosen or given, checked, shown for what it will do, and only then brought in: all or nothing. */
export function BringIn({ given }: { given?: Given | undefined }) {
  const { state, kept, keep, busy, stop, choose, bringIn } = useBringIn(given);
  return (
    <Sheet title="Bring in" padding="5">
      <Box marginBottom="4">
        {given
          ? `From ${given.transfer?.from.name ?? given.file.name}. `
          : "A file that was exported here or on another device, with photos or without. "}
        What is here stays; you see what it would do before anything changes.
      </Box>
      {given ? null : (
        <FileField
          label="File"
          accept="application/json,.json,application/zip,.zip"
          disabled={busy !== undefined}
          onFile={(file) => void choose(file)}
        />
      )}
      {busy && <BusyBar busy={busy} onCancel={stop} />}
      <Box aria-live="polite" marginTop="3">
        {state.kind === "refused" && (
          <Box color="stop" fontWeight="600" data-testid="refused">
            ■ {state.why} Nothing was changed.
          </Box>
        )}
        {state.kind === "read" && !busy && (
          <>
            {state.moved && (
              <Box color="watch" fontWeight="600" marginBottom="2">
                ▲ Something was changed meanwhile, in another tab: this is what the file would do now.
              </Box>
            )}
            <Box marginBottom="3">
              {state.file.name}: {countWords(state.read)}
            </Box>
            <ConflictList conflicts={state.read.merge.conflicts} kept={kept} onKeep={keep} />
            <Button look="primary" onClick={() => void bringIn(state)}>
              Bring it in
            </Button>
          </>
        )}
        {state.kind === "in" && (
          <Box color="good" fontWeight="600">
            ● {state.name} is in. <Link href={garageHref()}>Open the Garage</Link>
          </Box>
        )}
      </Box>
    </Sheet>
  );
}

function countWords({ merge: { counts, conflicts }, photos }: ReadFile): string {
  const photoCount = Object.keys(photos).length;
  return [
    `${counts.added} new`,
    `${counts.changed} changed`,
    `${counts.same} the same`,
    ...(counts.removed > 0 ? [`${counts.removed} to be removed, as they were removed there`] : []),
    ...(conflicts.length > 0 ? [`${conflicts.length} said differently in the two`] : []),
    ...(photoCount > 0 ? [`${photoCount} ${photoCount === 1 ? "photo" : "photos"}`] : []),
  ]
    .join(", ")
    .concat(".");
}
