"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import { useEffect, useState } from "react";
import { MODEL_VERSION } from "@/core/model/version";
import { useDoor } from "@/data/DataProvider";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useBackup } from "../shared/files/use-backup";
import { today } from "../shell/clock";
import { saveAs } from "../shell/save-as";
import { chooseFolder, folderAllowed, writeInto } from "./backup-folder";
import { BusyBar } from "./BusyBar";
import { canShare, shareFile } from "./handover/share";
import { useFiles } from "./use-files";

type Said = { good: boolean; says: string };

/** Everything out: as JSON, as a zip with the photos, or into a folder that was chosen once. */
export function ExportSheet() {
  const door = useDoor();
  const { busy, run, stop } = useFiles();
  const backup = useBackup();
  const [folder, setFolder] = useState<FileSystemDirectoryHandle>();
  const [said, setSaid] = useState<Said>();
  useEffect(() => {
    void door()
      .then((repository) => repository.folder())
      .then(setFolder);
  }, [door]);

  const out = async (
    name: string,
    says: string,
    make: Parameters<typeof run<Blob>>[1],
    keep: (blob: Blob) => Promise<string | undefined>,
  ) => {
    setSaid(undefined);
    try {
      const blob = await run(says, make);
      stop();
      if (!blob) return;
      const failed = await keep(blob);
      if (failed === undefined) backup?.made();
      setSaid({ good: failed === undefined, says: failed ?? `${name} written.` });
    } catch (error) {
      setSaid({ good: false, says: error instanceof Error ? error.message : "It could not be written." });
    }
  };
  const save = (name: string, type: string) => (blob: Blob) => {
    saveAs(name, blob, type);
    return Promise.resolve(undefined);
  };
  const json = `vest-pocket-${today()}.json`;
  const zip = `vest-pocket-${today()}.zip`;
  const plain: Parameters<typeof run<Blob>>[1] = (worker) => worker.exportAll(new Date());
  const withPhotos: Parameters<typeof run<Blob>>[1] = (worker, progress) =>
    worker.exportWithPhotos(new Date(), progress);
  const intoFolder = async (handle: FileSystemDirectoryHandle) =>
    out(zip, "Writing the backup", withPhotos, async (blob) =>
      (await writeInto(handle, zip, blob))
        ? undefined
        : "The browser no longer allows that folder. Choose it again.",
    );
  const choose = async () => {
    const handle = await chooseFolder();
    if (!handle) return;
    await (await door()).saveFolder(handle);
    setFolder(handle);
    await intoFolder(handle);
  };

  return (
    <Sheet title="Export all" padding="5">
      <Box marginBottom="3">
        Everything in this browser in one file: vehicles, jobs, work under way, chest and log. Keep a copy
        somewhere else. The format is open: JSON, described by{" "}
        <Box asChild color="ink" textDecoration="underline">
          <a href={`/schema/household-${MODEL_VERSION}.schema.json`}>a schema</a>
        </Box>{" "}
        that ships with the app; with photos, a zip that holds it.
      </Box>
      <Box marginBottom="3" color={backup?.state.remind ? "watch" : "soft"}>
        {backup &&
          (backup.last
            ? `${backup.state.remind ? "▲ " : ""}Last backup ${format(parseISO(backup.last), "d MMM yyyy HH:mm")}, ${backup.state.changes} changes since.`
            : `${backup.state.remind ? "▲ " : ""}No backup from this browser yet.`)}
      </Box>
      <Box display="flex" gap="3" flexWrap="wrap">
        <Button
          look="primary"
          disabled={busy !== undefined}
          onClick={() => void out(json, "Writing", plain, save(json, "application/json"))}
        >
          Export all
        </Button>
        <Button
          disabled={busy !== undefined}
          onClick={() => void out(zip, "Packing the photos", withPhotos, save(zip, "application/zip"))}
        >
          Export with photos
        </Button>
        {canShare() && (
          <Button
            disabled={busy !== undefined}
            onClick={() => void out(json, "Writing", plain, (blob) => shareFile(json, blob))}
          >
            Share it
          </Button>
        )}
        {folder ? (
          <Button disabled={busy !== undefined} onClick={() => void intoFolder(folder)}>
            Back up to “{folder.name || "the folder"}”
          </Button>
        ) : (
          folderAllowed() && (
            <Button disabled={busy !== undefined} onClick={() => void choose()}>
              Back up to a folder
            </Button>
          )
        )}
        {folder && (
          <Button look="quiet" onClick={() => void choose()}>
            Another folder
          </Button>
        )}
      </Box>
      {busy && <BusyBar busy={busy} onCancel={stop} />}
      <Box marginTop="3" color={said?.good === false ? "stop" : "good"} role="status">
        {said && `${said.good ? "●" : "■"} ${said.says}`}
      </Box>
    </Sheet>
  );
}
