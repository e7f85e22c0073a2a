"use client";

import { useEffect, useState } from "react";
import type { Collection } from "@/core/model/collections";
import type { RecordOf } from "@/core/model/household";
import { cameIn } from "@/data/device-news";
import { mergeChange } from "@/data/merge";
import { touched } from "@/data/stamp";
import { type Transfer, lastChange } from "@/data/transfer";
import type { ReadFile } from "@/workers/files.worker";
import { useDo } from "../shell/DoProvider";
import { useDevice } from "./handover/use-device";
import { useFiles } from "./use-files";

type State =
  | { kind: "start" }
  | { kind: "refused"; why: string }
  | { kind: "read"; file: File; read: ReadFile; moved?: boolean }
  | { kind: "in"; name: string };

/** Something that came by another way than by being chosen: what it is, and who sent it where a device did. */
export interface Given {
  file: File;
  transfer?: Transfer;
}

/** A file on its way in: read, shown, and brought in whole or not at all. */
export function useBringIn(given: Given | undefined) {
  const perform = useDo();
  const { busy, run, stop } = useFiles();
  const [state, setState] = useState<State>({ kind: "start" });
  /** Of the records that say different things, those kept against the later one, by id. */
  const [kept, setKept] = useState<Record<string, "here" | "incoming">>({});
  const own = useDevice();

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
  const file = given?.file;
  useEffect(() => {
    if (file) void Promise.resolve(file).then(choose);
    // Once for each that is given.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [file]);
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
      ) {
        setState({ kind: "in", name: file.name });
        const from = file === given?.file ? given.transfer : undefined;
        await own?.know((known) =>
          cameIn(
            known,
            from,
            { oldest: read.merge.oldestNew, ourLast: lastChange(read.here) },
            own.device.id,
            new Date().toISOString(),
          ),
        );
      }
    } catch (error) {
      setState({
        kind: "refused",
        why: error instanceof Error ? error.message : "The file could not be read.",
      });
    }
  };
  const keep = (id: string, which: "here" | "incoming") => setKept({ ...kept, [id]: which });
  return { state, kept, keep, busy, stop, choose, bringIn };
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
