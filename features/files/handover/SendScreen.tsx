"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import Link from "next/link";
import { useEffect, useState } from "react";
import { sentTo } from "@/data/device-news";
import type { KnownDevice } from "@/data/devices";
import { useCollection } from "@/data/hooks";
import { LONGEST_LINK, LONGEST_STILL, inLink } from "@/data/link";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { CheckField, SelectField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import type { Packed, PackedUp } from "@/workers/files.worker";
import { filesHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useFiles } from "../use-files";
import { MovingCode, StillCode } from "./MovingCode";
import { canShare, shareFile } from "./share";
import { useDevice } from "./use-device";

const ALL = "all";
const PACES = [
  { value: "10", label: "ten a second" },
  { value: "5", label: "five a second" },
  { value: "0", label: "held still" },
];

/** What is here, shown to another device's camera: all of it, what was changed since, or one job. */
export function SendScreen({ jobId }: { jobId: string | undefined }) {
  const jobs = useCollection("jobs");
  const own = useDevice();
  if (!jobs || !own) return <Loading />;
  return <Send key={own.device.id} jobs={jobs} jobId={jobId} own={own} />;
}

interface SendProps {
  jobs: readonly { id: string; title: string }[];
  jobId: string | undefined;
  own: NonNullable<ReturnType<typeof useDevice>>;
}

function Send({ jobs, jobId, own }: SendProps) {
  const { device, known, know } = own;
  const [what, setWhat] = useState(
    jobs.some(({ id }) => id === jobId) ? `job ${jobId}` : (known.at(-1)?.id ?? ALL),
  );
  const [chest, setChest] = useState(true);
  const to = known.find(({ id }) => id === what);
  const packed = packedOf(what, chest, to);
  const { up, why } = usePacked(packed, own);
  const choices = [
    ...known.map(({ id, name, hasOurs }) => ({
      value: id,
      label: hasOurs ? `what ${name} does not have yet` : `everything, to ${name}`,
    })),
    { value: ALL, label: "everything, to another device" },
    ...jobs.map(({ id, title }) => ({ value: `job ${id}`, label: `only “${title}”` })),
  ];
  const came = async () => {
    const asOf = up?.asOf;
    if (to && asOf !== undefined) await know((all) => sentTo(all, to, asOf, new Date().toISOString()));
  };
  return (
    <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="18px" maxWidth="720px" marginInline="auto">
      <Sheet title="Show it to another device" padding="5">
        <Box marginBottom="3">
          On the other one open Files → “Read from another device” and hold its camera at the code. Nothing
          goes over any network.
        </Box>
        <SelectField
          label="What goes over"
          choices={choices}
          value={what}
          onChange={({ target }) => setWhat(target.value)}
        />
        {what.startsWith("job ") && (
          <CheckField
            label="with the chest, so that its kit is told there too"
            checked={chest}
            onChange={({ target }) => setChest(target.checked)}
          />
        )}
        {why !== undefined && (
          <Box marginTop="3" color="stop" fontWeight="600" role="status">
            ■ {why}
          </Box>
        )}
        {!up && why === undefined && <Box marginTop="3">Packing …</Box>}
        {up && up.records === 0 && (
          <Box marginTop="3" color="good" fontWeight="600" role="status">
            ● {to ? `${to.name} has all of it.` : "There is nothing here yet."}
          </Box>
        )}
        {up && up.records > 0 && (
          <Shown key={up.of} up={up} packed={packed} named={`vest-pocket-${today()}.json`} />
        )}
        <Box display="flex" gap="3" flexWrap="wrap" marginTop="4">
          {to && up && up.records > 0 && <Button onClick={() => void came()}>It arrived on {to.name}</Button>}
          <Button asChild look="quiet">
            <Link href={filesHref()}>Back to Files</Link>
          </Button>
        </Box>
        <Box marginTop="3" fontSize="15px" color="soft">
          It says that it comes from “{device.name}”
          {to?.hasOurs
            ? `, and has what ${to.name} did not have on ${format(parseISO(to.hasOurs), "d MMM HH:mm")}`
            : ""}
          .
        </Box>
      </Sheet>
    </Box>
  );
}

const packedOf = (what: string, chest: boolean, to: KnownDevice | undefined): Packed =>
  what.startsWith("job ")
    ? { kind: "job", id: what.slice(4), chest }
    : { kind: "changes", since: to?.hasOurs };

/** What is chosen, packed by the worker; or why it cannot be. */
function usePacked(packed: Packed, { device, known }: SendProps["own"]) {
  const { run } = useFiles();
  const [result, setResult] = useState<{ asked: string; up?: PackedUp | undefined; why?: string }>();
  const head = {
    from: device,
    has: known.flatMap(({ id, haveTheirs }) => (haveTheirs === undefined ? [] : [{ id, asOf: haveTheirs }])),
  };
  const asked = JSON.stringify([packed, head, known]);
  useEffect(() => {
    let wanted = true;
    const [what, who, others] = JSON.parse(asked) as [Packed, typeof head, KnownDevice[]];
    run("Packing", (worker) => worker.pack(what, who, others)).then(
      (up) => wanted && setResult({ asked, up }),
      (error: unknown) =>
        wanted &&
        setResult({ asked, why: error instanceof Error ? error.message : "It could not be packed." }),
    );
    return () => {
      wanted = false;
    };
  }, [asked, run]);
  return result?.asked === asked ? result : { up: undefined, why: undefined };
}

function Shown({ up, packed, named }: { up: PackedUp; packed: Packed; named: string }) {
  const [pace, setPace] = useState("10");
  const [shown, setShown] = useState({ shown: 0, once: 1 });
  const link = `${location.origin}${filesHref()}${inLink(up.data)}`;
  const small = link.length <= LONGEST_STILL;
  return (
    <Box marginTop="4">
      {small ? (
        <StillCode text={link} />
      ) : (
        <MovingCode
          data={up.data}
          of={up.of}
          pace={Number(pace)}
          onShown={(count, once) => setShown({ shown: count, once })}
        />
      )}
      <Box marginTop="3" data-testid="sending">
        {up.records} {up.records === 1 ? "record" : "records"}, {Math.ceil(up.data.length / 1000)} kB packed
        {up.photos > 0 ? `; ${up.photos} ${up.photos === 1 ? "photo stays" : "photos stay"} here` : ""}.
        {!small &&
          ` ${shown.shown} codes shown; a camera that misses none has all of it after ${shown.once}.`}
      </Box>
      {!small && (
        <SelectField
          label="Codes"
          choices={PACES}
          value={pace}
          onChange={({ target }) => setPace(target.value)}
        />
      )}
      <Box display="flex" gap="3" flexWrap="wrap" marginTop="3">
        {link.length <= LONGEST_LINK && <CopyButton text={link} says="Copy it as a link" />}
        {canShare() && <ShareButton packed={packed} named={named} />}
      </Box>
    </Box>
  );
}

function ShareButton({ packed, named }: { packed: Packed; named: string }) {
  const { run } = useFiles();
  const [why, setWhy] = useState<string>();
  const share = async () => {
    const blob = await run("Writing", (worker) => worker.partOf(packed, new Date())).catch(() => undefined);
    setWhy(blob ? await shareFile(named, blob) : "It could not be written.");
  };
  return (
    <>
      <Button onClick={() => void share()}>Share it as a file</Button>
      {why !== undefined && <Box role="status">{why}</Box>}
    </>
  );
}
