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
import { garageHref } from "../shell/addresses";
import { useDo } from "../shell/DoProvider";
import { BusyBar } from "./BusyBar";
import { ConflictList } from "./ConflictList";
import { useFiles } from "./use-files";

type State =
  | { kind: "start" }
  | { kind: "refused"; why: string }
  | { kind: "read"; file: File; read: ReadFile; moved?: boolean }
  | { kind: "in"; name: string };

/** A file chosen, checked, shown for what it will do, and only then brought in: all or nothing. */
export function BringIn() {
  const perform = useDo();
  const { busy, run, stop } = useFiles();
  const [state, setState] = useState<State>({ kind: "start" });
  /** Of the records that say different things, those kept against the later one, by id. */
  const [kept, setKept] = useState<Record<string, "here" | "incoming">>({});

  const choose = async (file: File) => {
    setState({ kind: "start" });
    setKept({});
    try {
      const read = await run("Reading the file", (worker) => worker.read(file));
      if (read) setState({ kind: "read", file, read });
    } catch (error) {
      setState({
        kind: "refused",
        why: error instanceof Error ? error.message : "The file could not be read.",
      });
    }
  };
  /**
   * What was shown, where nothing was written since; anew where the file would now do the same; undefined
   * where it would not, and is shown again.
   */
  const stillSo = async (file: File, read: ReadFile): Promise<ReadFile | undefined> => {
    const revision = await run("Looking what is here", (worker) =>
      worker.revision().then((now) => ({ now })),
    );
    if (!revision || revision.now === read.revision) return revision && read;
    const again = await run("Something was changed meanwhile: reading the file again", (worker) =>
      worker.read(file),
    );
    if (!again) return undefined;
    if (outcomeOf(again) === outcomeOf(read)) return again;
    setState({ kind: "read", file, read: again, moved: true });
    return undefined;
  };
  const bringIn = async ({ file, read: shown }: Extract<State, { kind: "read" }>) => {
    try {
      const read = await stillSo(file, shown);
      if (read) await bringInRead(file, read);
    } catch (error) {
      setState({
        kind: "refused",
        why: error instanceof Error ? error.message : "The file could not be read.",
      });
    }
  };
  const bringInRead = async (file: File, read: ReadFile) => {
    // Chosen against the later one: it is as of now, so that the other device takes it too.
    const chosen = read.merge.conflicts.flatMap(
      ({
        collection,
        id,
        here,
        incoming,
        kept: later,
      }): { collection: Collection; record: RecordOf<Collection> }[] => {
        const choice = Object.hasOwn(kept, id) ? (kept[id] ?? later) : later;
        return choice === later ? [] : [{ collection, record: touched(choice === "here" ? here : incoming) }];
      },
    );
    try {
      if (Object.keys(read.photos).length > 0) {
        const taken = await run("Taking in the photos", (worker, progress) =>
          worker.takePhotos(file, read.photos, progress).then(() => true),
        );
        if (!taken) return;
      }
      stop();
      if (
        await perform(mergeChange(read.here, read.merge, chosen), `${file.name} is in.`, {
          revision: read.revision,
        })
      )
        setState({ kind: "in", name: file.name });
    } catch (error) {
      setState({
        kind: "refused",
        why: error instanceof Error ? error.message : "The file could not be read.",
      });
    }
  };

  return (
    <Sheet title="Bring in" padding="5">
      <Box marginBottom="4">
        A file that was exported here or on another device, with photos or without. What is here stays; you
        see what it would do before anything changes.
      </Box>
      <FileField
        label="File"
        accept="application/json,.json,application/zip,.zip"
        disabled={busy !== undefined}
        onFile={(file) => void choose(file)}
      />
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
            <ConflictList
              conflicts={state.read.merge.conflicts}
              kept={kept}
              onKeep={(id, which) => setKept({ ...kept, [id]: which })}
            />
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

/** What bringing it in comes to, as one text to compare. */
function outcomeOf({ merge: { counts, conflicts } }: ReadFile): string {
  return JSON.stringify([
    counts,
    conflicts.map(({ collection, id, here, incoming, kept }) => [
      collection,
      id,
      here.updatedAt,
      incoming.updatedAt,
      kept,
    ]),
  ]);
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
