"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useMemo } from "react";
import { type Costs, costsOf, quotedOf, toolsPaid } from "@/core/log/costs/costs";
import { partKey } from "@/core/log/part-key";
import { lifetimesOf } from "@/core/log/upkeep/lifetimes";
import type { VehicleLog } from "@/core/log/vehicle-log";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import { formatMinutes } from "@/core/work/times";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Empty } from "@/ui/Empty";
import { Loading } from "@/ui/Loading";
import { Row, Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { entryHref, logHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { spanWords } from "../due/when-words";
import { LogPage, type LogPageProps, NOTHING } from "../LogPage";

const BarChart = dynamic(() => import("@/ui/chart/BarChart"), { ssr: false, loading: () => <Loading /> });
/** How many kinds of part are listed: those that cost the most. */
const MOST_PARTS = 12;

/** What the vehicles have cost, in money and in hours. */
export function CostsView({ records, logs, vehicle }: LogPageProps) {
  return (
    <LogPage at="costs" vehicle={vehicle} records={records}>
      {logs.map((log) => (
        <VehicleCosts key={log.vehicle.id} log={log} records={records} />
      ))}
      <ToolsSheet records={records} />
    </LogPage>
  );
}

const isAre = (count: number) => (count === 1 ? "is" : "are");

function VehicleCosts({ log, records }: { log: VehicleLog; records: LogPageProps["records"] }) {
  const money = useMoney();
  const { vehicle, mileage } = log;
  const costs = useMemo(() => costsOf(vehicle.id, records, mileage), [vehicle, records, mileage]);
  const unit = vehicle.distanceUnit;
  const per1000 =
    costs.per1000KmMinor === undefined
      ? undefined
      : Math.round(costs.per1000KmMinor * convertDistance({ value: 1, unit }, "km").value);
  const count = costs.years.reduce((sum, one) => sum + one.count, 0);
  if (count === 0) {
    return (
      <Empty
        title={vehicle.name}
        example="costs"
        action={
          <Button asChild look="primary">
            <Link href={logHref(vehicle.id)}>Write the first replacement</Link>
          </Button>
        }
      >
        Nothing in its log yet, so nothing spent. {NOTHING.costs.says}
      </Empty>
    );
  }
  return (
    <Sheet padding={{ base: "4", lg: "5" }}>
      <Box as="h1" fontSize="28px">
        {vehicle.name}
      </Box>
      <Box fontFamily="heading" fontWeight="600" fontSize="34px" lineHeight="1.1" marginBlock="1">
        {per1000 === undefined
          ? `${formatPrice(costs.totalMinor, money)} for parts`
          : `${formatPrice(per1000, money)} per 1000 ${unit}`}
      </Box>
      <Box color="soft">
        {formatPrice(costs.totalMinor, money)} for {count} {count === 1 ? "replacement" : "replacements"}.
        {costs.unpriced > 0 && ` ${costs.unpriced} without a price ${isAre(costs.unpriced)} left out.`}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "1fr 1fr" }}
        gap="5"
        marginTop="4"
      >
        <Box>
          <Box as="h2" fontSize="20px">
            By year
          </Box>
          <Box height="170px" position="relative">
            <BarChart
              labels={costs.years.map(({ year }) => year)}
              values={costs.years.map(({ spentMinor }) => spentMinor / 100)}
              says={`${vehicle.name}: parts by year; the figures are under it.`}
            />
          </Box>
          {costs.years.map(({ year, spentMinor, count: of }) => (
            <Row key={year} label={`${year}, ${of} ${of === 1 ? "replacement" : "replacements"}`}>
              {formatPrice(spentMinor, money)}
            </Row>
          ))}
        </Box>
        <Box>
          <Box as="h2" fontSize="20px">
            By system
          </Box>
          {costs.systems.map(({ system, spentMinor }) => (
            <Row key={system} label={system}>
              {formatPrice(spentMinor, money)}
            </Row>
          ))}
          <QuotesAndHours costs={costs} />
        </Box>
      </Box>
      <PartsList log={log} records={records} />
    </Sheet>
  );
}

function QuotesAndHours({ costs: { quoted, hours } }: { costs: Costs }) {
  const money = useMoney();
  return (
    <Box marginTop="4">
      <Box as="h2" fontSize="20px">
        Against workshops, and hours
      </Box>
      {quoted.count > 0 ? (
        <>
          <Row label={`Quoted for ${quoted.count}`}>{formatPrice(quoted.quoteMinor, money)}</Row>
          <Row label="Parts for the same">{formatPrice(quoted.partsMinor, money)}</Row>
          {quoted.otherMinor > 0 && (
            <Row label="Hire, delivery, used up">{formatPrice(quoted.otherMinor, money)}</Row>
          )}
          <Row label={quoted.savedMinor >= 0 ? "Saved" : "Cost more"}>
            <b>{formatPrice(Math.abs(quoted.savedMinor), money)}</b>
          </Row>
        </>
      ) : (
        quoted.unpriced === 0 && (
          <Box color="soft">No workshop’s price yet. Type one in the Kit, or on an entry.</Box>
        )
      )}
      {quoted.unpriced > 0 && (
        <Box color="soft">
          ▲ Left out, as a part has no price: {quoted.unpriced} {quoted.unpriced === 1 ? "quote" : "quotes"}.
        </Box>
      )}
      {hours.totalMin >= 1 && (
        <Row label={`Under it, ${hours.jobs} ${hours.jobs === 1 ? "job" : "jobs"} timed`}>
          <b>{formatMinutes(hours.totalMin)}</b>
        </Row>
      )}
      {hours.sides.map(({ job, firstMin, secondMin }) => (
        <Row key={job.id} label={`${job.title}: first side, second side`}>
          {formatMinutes(firstMin)}, {formatMinutes(secondMin)}
        </Row>
      ))}
    </Box>
  );
}

/** What each part cost each time and how long it lasted; what did not last stands out. */
function PartsList({ log, records }: { log: VehicleLog; records: LogPageProps["records"] }) {
  const money = useMoney();
  const lives = useMemo(
    () =>
      lifetimesOf(log.vehicle.id, records.replacements, records.intervals, log.mileage, log.nowKm, today()),
    [log, records],
  );
  const kinds = useMemo(() => {
    const groups = new Map<string, typeof lives>();
    for (const life of lives) {
      const key = `${partKey(life.replacement.part)} ${life.replacement.place}`;
      groups.set(key, [...(groups.get(key) ?? []), life]);
    }
    const cost = (group: typeof lives) =>
      group.reduce((sum, { replacement }) => sum + (replacement.priceMinor ?? 0), 0);
    return [...groups.values()]
      .filter((group) => group.length > 1 || group.some(({ short }) => short))
      .sort((a, b) => cost(b) - cost(a))
      .slice(0, MOST_PARTS);
  }, [lives]);
  if (kinds.length === 0) return null;
  return (
    <Box marginTop="4">
      <Box as="h2" fontSize="20px">
        Replaced more than once
      </Box>
      {kinds.map((group) => (
        <Box key={group[0]?.replacement.id} borderTop="1px solid" borderColor="edge" paddingBlock="2">
          <Box fontWeight="600">
            {group[0]?.replacement.part}
            {group[0] && !group[0].replacement.part.includes(group[0].replacement.place) && (
              <Box as="span" color="soft" fontWeight="400">
                , {group[0].replacement.place}
              </Box>
            )}
          </Box>
          {group.map(({ replacement, after, gone, days, short }) => (
            <Box
              key={replacement.id}
              display="grid"
              gridTemplateColumns="110px minmax(0, 1fr) auto"
              alignItems="center"
              gap="3"
              fontSize="15px"
              color={short ? "stop" : "ink"}
            >
              <Box
                asChild
                display="flex"
                alignItems="center"
                minHeight={{ base: "44px", md: "28px" }}
                textDecoration="underline"
              >
                <Link href={entryHref(replacement.id)} prefetch={false}>
                  {formatDay(replacement.on)}
                </Link>
              </Box>
              <span>
                {short && "■ only "}
                {formatDistance(gone)}, {spanWords(days)}
                {after ? "" : " so far"}
              </span>
              <span>
                {replacement.priceMinor === undefined
                  ? "no price"
                  : formatPrice(replacement.priceMinor, money)}
              </span>
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}

/** Whether the tools of the whole garage have paid for themselves. */
function ToolsSheet({ records }: { records: LogPageProps["records"] }) {
  const money = useMoney();
  const tools = useCollection("tools") ?? [];
  const paid = toolsPaid(tools, quotedOf(records.replacements, records.jobs, records.kits));
  return (
    <Sheet title="The tools" padding={{ base: "4", lg: "5" }}>
      {paid.priced === 0 ? (
        <Box color="soft">
          No tool has a price yet. Put it in where the tool is changed, in the Chest, and this says whether it
          has paid for itself.
        </Box>
      ) : (
        <>
          <Box fontFamily="heading" fontWeight="600" fontSize="26px" color={paid.paidBack ? "good" : "ink"}>
            {paid.paidBack
              ? `● Paid back, and ${formatPrice(paid.savedMinor - paid.toolsMinor, money)} over`
              : `${formatPrice(paid.toolsMinor - Math.max(0, paid.savedMinor), money)} to go until they are paid back`}
          </Box>
          <Row label={`${paid.priced} tools with a price`}>{formatPrice(paid.toolsMinor, money)}</Row>
          <Row label="Saved against workshops, all vehicles">{formatPrice(paid.savedMinor, money)}</Row>
          {paid.unpriced > 0 && (
            <Box color="soft">{`${paid.unpriced} ${paid.unpriced === 1 ? "tool" : "tools"} without a price ${isAre(paid.unpriced)} left out.`}</Box>
          )}
        </>
      )}
    </Sheet>
  );
}
