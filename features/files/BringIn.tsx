"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import type { Collection, RecordOf } from "@/core/model/household";
import { mergeChange } from "@/data/merge";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { FileField } from "@/ui/form/FileField";
import { Sheet } from "@/ui/Sheet";
import type { ReadFile } from "@/workers/files.worker";
import { useDo } from "../shell/DoProvider";
import { BusyBar } from "./BusyBar";
import { ConflictList } from "./ConflictList";
import { useFiles } from "./use-files";

type State = { at: "start" } | { at: "refused"; why: string } | { at: "read"; file: File; read: ReadFile } | { at: "in"; name: string };

/** A file chosen, checked, shown for what it will do, and only then brought in: all or nothing. */
export function BringIn() {
  const does = useDo();
  const { busy, run, stop } = useFiles();
  const [state, setState] = useState<State>({ at: "start" });
  /** Of the records that say different things, those kept against the later one, by id. */
  const [kept, setKept] = useState<Record<string, "here" | "incoming">>({});

  const choose = async (file: File) => {
    setState({ at: "start" });
    setKept({});
    try {
      const read = await run("Reading the file", (worker) => worker.read(file));
      if (read) setState({ at: "read", file, read });
    } catch (error) {
      setState({ at: "refused", why: error instanceof Error ? error.message : "The file could not be read." });
    }
  };
  const bringIn = async ({ file, read }: Extract<State, { at: "read" }>) => {
    // Chosen against the later one: it is as of now, so that the other device takes it too.
    const chosen = read.merge.conflicts.flatMap(({ collection, id, here, incoming, kept: later }): { collection: Collection; record: RecordOf<Collection> }[] => {
      const choice = kept[id] ?? later;
      return choice === later ? [] : [{ collection, record: touched(choice === "here" ? here : incoming) }];
    });
    try {
      if (Object.keys(read.photos).length > 0) {
        const taken = await run("Taking in the photos", (worker, progress) => worker.takePhotos(file, read.photos, progress).then(() => true));
        if (!taken) return;
      }
      stop();
      if (await does(mergeChange(read.here, read.merge, chosen), `${file.name} is in.`)) setState({ at: "in", name: file.name });
    } catch (error) {
      setState({ at: "refused", why: error instanceof Error ? error.message : "The file could not be read." });
    }
  };

  return (
    <Sheet title="Bring in" padding="5">
      <Box marginBottom="4">A file that was exported here or on another device, with photos or without. What is here stays; you see what it would do before anything changes.</Box>
      <FileField label="File" accept="application/json,.json,application/zip,.zip" disabled={busy !== undefined} onFile={(file) => void choose(file)} />
      {busy && <BusyBar busy={busy} onCancel={stop} />}
      <Box aria-live="polite" marginTop="3">
        {state.at === "refused" && (
          <Box color="stop" fontWeight="600" data-testid="refused">
            ■ {state.why} Nothing was changed.
          </Box>
        )}
        {state.at === "read" && !busy && (
          <>
            <Box marginBottom="3">
              {state.file.name}: {countWords(state.read)}
            </Box>
            <ConflictList conflicts={state.read.merge.conflicts} kept={kept} onKeep={(id, which) => setKept({ ...kept, [id]: which })} />
            <Button look="primary" onClick={() => void bringIn(state)}>
              Bring it in
            </Button>
          </>
        )}
        {state.at === "in" && (
          <Box color="good" fontWeight="600">
            ● {state.name} is in. <Link href="/garage">Open the Garage</Link>
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
