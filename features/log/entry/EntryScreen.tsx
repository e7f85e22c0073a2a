"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { type Lifetime, lifetimesOf } from "@/core/log/upkeep/lifetimes";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Job } from "@/core/model/job";
import type { Replacement } from "@/core/model/log";
import type { Work } from "@/core/model/work";
import { chosenRoute } from "@/core/plan/chosen-route";
import { formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { removing } from "@/data/change";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Row, Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import type { LogRecords } from "../../shared/use-logs";
import { WrapUpReport } from "../../shared/WrapUpReport";
import { planHref, logHref, entryHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { spanWords } from "../due/when-words";
import { EntryForm } from "./EntryForm";
import { EntryPhotos } from "./EntryPhotos";

/**
 * One replacement: how long it has lasted, what it took the place of, and how the job went that it came from.
 */
export function EntryScreen({ id, records, logs }: { id: string; records: LogRecords; logs: VehicleLog[] }) {
  const [editing, setEditing] = useState(false);
  const entry = records.replacements.find((one) => one.id === id);
  const log = logs.find(({ vehicle }) => vehicle.id === entry?.vehicleId);
  if (!entry || !log) {
    return (
      <Sheet title="This entry is no longer in the log" padding="5">
        <Button asChild>
          <Link href={logHref(undefined, "")}>Back to the log</Link>
        </Button>
      </Sheet>
    );
  }
  if (editing)
    return (
      <EntryForm
        entry={entry}
        vehicle={log.vehicle}
        records={records}
        logs={logs}
        onClose={() => setEditing(false)}
      />
    );
  const lives = lifetimesOf(
    entry.vehicleId,
    records.replacements,
    records.intervals,
    log.mileage,
    log.nowKm,
    today(),
  );
  const life = lives.find(({ replacement }) => replacement.id === id);
  const chain = life ? chainOf(life, lives) : [];
  const job = records.jobs.find((one) => one.id === entry.jobId);
  const work = job && records.works.find((one) => one.jobId === job.id && one.routeId === job.chosenRouteId);

  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" }}
      gap={{ base: "3", lg: "18px" }}
      alignItems="start"
      paddingRight={{ lg: "20px" }}
    >
      <Box display="grid" gap={{ base: "3", lg: "18px" }}>
        <EntrySheet entry={entry} log={log} life={life} onEdit={() => setEditing(true)} />
        <ChainSheet chain={chain} id={id} />
      </Box>
      <Box display="grid" gap={{ base: "3", lg: "18px" }}>
        {job && <JobOfEntry job={job} work={work} unit={log.vehicle.torqueUnit} />}
        <EntryPhotos entry={entry} />
      </Box>
    </Box>
  );
}

interface EntrySheetProps {
  entry: Replacement;
  log: VehicleLog;
  life: Lifetime | undefined;
  onEdit: () => void;
}

/** What was put in, where and when, how long it has lasted, and what it cost. */
function EntrySheet({ entry, log, life, onEdit }: EntrySheetProps) {
  const money = useMoney();
  const router = useRouter();
  const perform = useDo();
  const remove = () =>
    void perform(removing({ replacements: [entry] }), `${entry.part} taken out of the log.`).then(
      (done) => done && router.push(logHref(entry.vehicleId, "")),
    );
  return (
    <Sheet padding={{ base: "4", lg: "6" }}>
      <Box asChild color="soft" textDecoration="underline">
        <Link href={logHref(entry.vehicleId, "")}>{log.vehicle.name}, the log</Link>
      </Box>
      <Box as="h1" fontSize="34px" marginTop="1">
        {entry.count > 1 && `${entry.count} × `}
        {entry.part}
      </Box>
      <Box
        fontFamily="heading"
        fontWeight="600"
        fontSize="26px"
        marginBlock="2"
        color={life?.short ? "stop" : "ink"}
      >
        {life && lastedWords(life)}
      </Box>
      <Row label="Fitted">{formatDay(entry.on)}</Row>
      <Row label="Odometer">{formatDistance(entry.odometer)}</Row>
      <Row label="Where">
        {[...new Set([entry.place, entry.hand && `${entry.hand}-hand part`, entry.system])]
          .filter(Boolean)
          .join(", ")}
      </Row>
      {entry.priceMinor !== undefined && <Row label="Price">{formatPrice(entry.priceMinor, money)}</Row>}
      {entry.quoteMinor !== undefined && (
        <Row label="A workshop asked">{formatPrice(entry.quoteMinor, money)}</Row>
      )}
      {entry.partNumber && <Row label="Part number">{entry.partNumber}</Row>}
      {entry.warrantyUntil && (
        <Row label="Warranty">
          {entry.warrantyUntil >= today() ? "until" : "ended"} {formatDay(entry.warrantyUntil)}
        </Row>
      )}
      {entry.note && (
        <Box marginTop="3" whiteSpace="pre-wrap">
          {entry.note}
        </Box>
      )}
      <Box display="flex" gap="3" marginTop="4">
        <Button look="primary" onClick={onEdit}>
          Edit
        </Button>
        <Button look="quiet" color="stop" onClick={remove}>
          Remove
        </Button>
      </Box>
    </Sheet>
  );
}

/** How the job went that it came from. */
function JobOfEntry({ job, work, unit }: { job: Job; work: Work | undefined; unit: TorqueUnit }) {
  return (
    <Sheet padding={{ base: "4", lg: "6" }} display="grid" gap="4">
      <Box>
        <Box as="h2" fontSize="26px">
          The job it came from
        </Box>
        <Box asChild textDecoration="underline">
          <Link href={planHref(job.id)}>{job.title}</Link>
        </Box>
        {job.doneOn && `, ${formatDay(job.doneOn)}`}
      </Box>
      {work ? (
        <WrapUpReport route={chosenRoute(job)} work={work} unit={unit} />
      ) : (
        <Box color="soft">It was not worked through here: no torques, times or photos were kept.</Box>
      )}
    </Sheet>
  );
}

/** All lives of the part at this place, oldest first. */
function chainOf(life: Lifetime, lives: Lifetime[]): Lifetime[] {
  const byId = new Map(lives.map((one) => [one.replacement.id, one]));
  let first = life;
  for (let before = first.before; before; before = first.before) first = byId.get(before.id) ?? first;
  const chain = [first];
  for (let after = first.after; after;) {
    const next = byId.get(after.id);
    if (!next) break;
    chain.push(next);
    after = next.after;
  }
  return chain;
}

function lastedWords({ after, gone, days, short }: Lifetime): string {
  const long = `${formatDistance(gone)}, ${spanWords(days)}`;
  return after ? `${short ? "■ Lasted only" : "Lasted"} ${long}` : `On it for ${long}`;
}

/** What replaced what at this place, with what each cost and how long it lasted. */
function ChainSheet({ chain, id }: { chain: Lifetime[]; id: string }) {
  const money = useMoney();
  if (chain.length < 2) return null;
  return (
    <Sheet title="What replaced what" padding={{ base: "4", lg: "6" }}>
      {[...chain].reverse().map((life) => (
        <Row
          key={life.replacement.id}
          label={
            life.replacement.id === id ? (
              <b>{formatDay(life.replacement.on)}, this one</b>
            ) : (
              <Link href={entryHref(life.replacement.id)}>
                <u>{formatDay(life.replacement.on)}</u>
              </Link>
            )
          }
        >
          {life.replacement.priceMinor !== undefined &&
            `${formatPrice(life.replacement.priceMinor, money)}; `}
          {lastedWords(life)}
        </Row>
      ))}
    </Sheet>
  );
}
