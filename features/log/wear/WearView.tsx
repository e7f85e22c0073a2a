"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import { type Wear, sidesOf } from "@/core/log/upkeep/wear";
import type { VehicleLog } from "@/core/log/vehicle-log";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { Button } from "@/ui/Button";
import type { WearTrace } from "@/ui/chart/WearChart";
import { formatDay } from "@/ui/day";
import { Empty } from "@/ui/Empty";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { today } from "../../shell/clock";
import { useKey } from "../../shell/keys";
import { bandWords, bestWords } from "../due/when-words";
import { LogPage, type LogPageProps, NOTHING } from "../LogPage";
import { MeasureForm } from "./MeasureForm";
import { WearTable } from "./WearTable";

const WearChart = dynamic(() => import("@/ui/chart/WearChart"), { ssr: false, loading: () => <Loading /> });

/** What is wearing, and when it meets its limit. */
export function WearView({ records, logs, vehicle }: LogPageProps) {
  const [adding, setAdding] = useState(false);
  useKey("add", () => setAdding(true));
  return (
    <LogPage
      at="wear"
      vehicle={vehicle}
      records={records}
      left={
        <Button marginTop="4" onClick={() => setAdding(true)}>
          Add a measure
        </Button>
      }
    >
      {adding && <MeasureForm vehicle={vehicle} records={records} onClose={() => setAdding(false)} />}
      {logs.map((log) => (
        <VehicleWear key={log.vehicle.id} log={log} named={!vehicle} onAdd={() => setAdding(true)} />
      ))}
    </LogPage>
  );
}

function VehicleWear({ log, named, onAdd }: { log: VehicleLog; named: boolean; onAdd: () => void }) {
  const { vehicle, wears } = log;
  const groups = useMemo(() => {
    const things = new Map<string, Wear[]>();
    for (const wear of wears)
      things.set(`${wear.what} ${wear.unit}`, [...(things.get(`${wear.what} ${wear.unit}`) ?? []), wear]);
    return [...things.values()];
  }, [wears]);
  if (groups.length === 0) {
    return (
      <Empty
        title={named ? `${vehicle.name}: nothing measured yet` : NOTHING.wear.title}
        example="wear"
        action={
          <Button look="primary" onClick={onAdd}>
            Add a measure
          </Button>
        }
      >
        {NOTHING.wear.says} Measures taken in Work come here by themselves.
      </Empty>
    );
  }
  return groups.map((wears) => <WearSheet key={wears[0]?.what} wears={wears} log={log} named={named} />);
}

/**
 * One thing that is measured: the day that it meets its limit in large, the chart, and the same as a table.
 */
function WearSheet({ wears, log, named }: { wears: Wear[]; log: VehicleLog; named: boolean }) {
  const [first] = wears;
  if (!first) return null;
  const unit = log.vehicle.distanceUnit;
  const says = wears.map((wear) => `${wear.at ?? wear.what}: ${verdictWords(wear, log)}`);
  const title = `${named ? `${log.vehicle.name}: ` : ""}${first.what}`;
  return (
    <Sheet padding={{ base: "4", lg: "5" }}>
      <Box as="h2" fontSize="26px">
        {title}
        {first.limit && (
          <Box as="span" color="soft" fontSize="18px">
            , at {first.limit.is} {first.limit.value} {first.unit}
          </Box>
        )}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }}
        gap="3"
        marginBlock="2"
      >
        {wears.map((wear) => (
          <WearAnswer key={wear.at ?? ""} wear={wear} log={log} />
        ))}
      </Box>
      {sidesOf(wears).map((sentence) => (
        <Box key={sentence} color="soft">
          {sentence}
        </Box>
      ))}
      {wears.some(({ points }) => points.length > 1) && (
        <Box height={{ base: "240px", lg: "300px" }} marginBlock="3" position="relative">
          <WearChart
            traces={wears.map((wear) => traceOf(wear, log))}
            limit={first.limit?.value}
            xTitle={`odometer, ${unit}`}
            yTitle={first.unit}
            says={`${title} over distance. ${says.join(" ")} The figures are in the table below.`}
          />
        </Box>
      )}
      <WearTable wears={wears} unit={unit} mileage={log.mileage} />
    </Sheet>
  );
}

function WearAnswer({ wear, log }: { wear: Wear; log: VehicleLog }) {
  const last = wear.points.at(-1);
  return (
    <Box borderTop="3px solid" borderColor={COLOUR[wear.state] ?? "edge"} paddingTop="2">
      <Box fontSize="15px" color="soft">
        {[wear.at, last && `${last.value.toFixed(wear.decimals)} ${wear.unit} on ${formatDay(last.on)}`]
          .filter(Boolean)
          .join(": ")}
      </Box>
      <Box
        fontFamily="heading"
        fontWeight="600"
        fontSize="26px"
        lineHeight="1.15"
        color={COLOUR[wear.state] ?? "ink"}
      >
        {shortWords(wear)}
      </Box>
      <Box fontSize="15px" color="soft">
        {verdictWords(wear, log)}
      </Box>
    </Box>
  );
}

const COLOUR: Partial<Record<Wear["state"], string>> = { overdue: "stop", soon: "watch" };

function shortWords({ verdict, line, state }: Wear): string {
  if (verdict === "beyond") return "■ Beyond its limit";
  const on = line?.meets && line.on;
  if (!on) return SHORT[verdict];
  return `${state === "soon" ? "▲ " : ""}${on.best <= today() ? "At its limit by now: measure it" : bestWords(on)}`;
}

const SHORT: Record<Wear["verdict"], string> = {
  "renewed since": "Renewed since",
  "one point": "One measure",
  "two points": "Two measures",
  "no wear seen": "No wear seen",
  "no limit": "No limit given",
  beyond: "Beyond its limit",
  forecast: "Wearing",
};

/** What the series says, in sentences. */
function verdictWords(
  { verdict, line, limit, unit }: Wear,
  { mileage, vehicle, driving }: VehicleLog,
): string {
  const rate =
    line &&
    `${Number(Math.abs(convertRate(line.perThousandKm, vehicle.distanceUnit)).toPrecision(2))} ${unit} per 1000 ${vehicle.distanceUnit}.`;
  if (verdict === "beyond") return `Past its limit of ${limit?.value} ${unit}: replace it.`;
  if (verdict === "renewed since")
    return "What was measured was the part before: measure the new one, and it is counted from there.";
  if (verdict === "one point")
    return `Too few points for a line: measure again in a few thousand ${vehicle.distanceUnit === "km" ? "kilometres" : "miles"}.`;
  if (verdict === "no limit")
    return `${rate} Without a limit there is no date: look it up and add it to the next measure.`;
  if (verdict === "no wear seen" || !line?.meets)
    return "It does not get less from one measure to the next: measure again later.";
  const at = formatDistance(mileage.shown(line.meets.best, vehicle.distanceUnit));
  const when = line.on && bandWords(line.on);
  return [
    `Meets the limit at ${at}; ${rate}`,
    verdict === "two points" ? "Two points make a line but no band: it may be far out." : when && `${when}.`,
    driving ? "" : "How it is driven is not known, so there is no date.",
  ]
    .filter(Boolean)
    .join(" ");
}

function convertRate(perThousandKm: number, unit: "km" | "mi"): number {
  return perThousandKm * convertDistance({ value: 1, unit }, "km").value;
}

function traceOf({ at, what, points, line, limit }: Wear, { mileage, vehicle }: VehicleLog): WearTrace {
  const x = (totalKm: number) => mileage.shown(totalKm, vehicle.distanceUnit).value;
  const from = points[0]?.totalKm ?? 0;
  const to = Math.max(points.at(-1)?.totalKm ?? 0, line?.meets?.best ?? 0);
  const { earliest, latest } = line?.meets ?? {};
  return {
    name: at ?? what,
    points: points.map(({ totalKm, value }) => ({ x: x(totalKm), y: value })),
    line: line ? [from, to].map((total) => ({ x: x(total), y: line.valueAt(total) })) : [],
    meets:
      limit && earliest !== undefined && latest !== undefined
        ? [earliest, latest].map((total) => ({ x: x(total), y: limit.value }))
        : [],
  };
}
