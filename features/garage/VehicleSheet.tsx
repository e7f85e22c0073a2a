"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo } from "react";
import { capital } from "@/core/capital";
import {
  type Condition,
  type ConditionLine,
  type PlaceCondition,
  WARRANTY_SIGN,
  conditionOf,
} from "@/core/log/upkeep/condition";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Place } from "@/core/model/place";
import { formatFigure } from "@/core/quantity/torque-words";
import { Button } from "@/ui/Button";
import { type PlaceMark, VehicleFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { Sheet } from "@/ui/Sheet";
import type { LogRecords } from "../shared/use-logs";
import { logHref } from "../shell/addresses";
import { today } from "../shell/clock";
import { DoNotDriveBanner } from "./DoNotDriveBanner";

const SHOWN_AT_ONCE = 3;
/** Characters that fit beside the drawing. */
const LONGEST_LINE = 27;
const CORNERS: Place[] = ["left front", "right front", "left rear", "right rear"];
/** Letters of a part that still say which. */
const STUMP = 9;
const SIGN: Record<Condition, string> = { stop: "■ ", watch: "▲ ", good: "", unknown: "" };
const COLOUR: Record<Condition, string> = { stop: "stop", watch: "watch", good: "good", unknown: "edge" };

/** The vehicle from above: what is on each place, how far it has gone, what wears and what is due there. */
export function VehicleSheet({
  log,
  records,
  onEdit,
}: {
  log: VehicleLog;
  records: LogRecords;
  onEdit: () => void;
}) {
  const { vehicle } = log;
  const on = today();
  const places = useMemo(() => conditionOf(log, records.replacements, on), [log, records, on]);
  const known = new Set(places.map(({ place }) => place));
  const bare: PlaceCondition[] = CORNERS.filter((place) => !known.has(place)).map((place) => ({
    place,
    state: "unknown",
    lines: [],
  }));
  const all = [...places, ...bare];
  const marks = all.map(({ place, state, lines }): PlaceMark => ({
    place,
    state,
    lines: [capital(place), ...shortLines(lines)],
  }));

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }}>
      <DoNotDriveBanner vehicleId={vehicle.id} />
      <Box
        display="flex"
        flexDirection={{ base: "column", md: "row" }}
        justifyContent="space-between"
        alignItems="flex-start"
        gap="3"
      >
        <Box>
          <Box as="h1" fontSize="32px">
            {vehicle.name}
          </Box>
          <Box color="soft">
            Where the parts are, how far they have gone, what is due
            {vehicle.wheelTorque && `. Wheel bolts ${formatFigure(vehicle.wheelTorque)}`}
          </Box>
        </Box>
        <Box display="flex" gap="2">
          <Button asChild look="quiet" whiteSpace="nowrap">
            <Link href={logHref(vehicle.id, "due")}>What is due</Link>
          </Button>
          <Button onClick={onEdit}>Edit</Button>
        </Box>
      </Box>
      <Box display={{ base: "none", md: "block" }} marginTop="2">
        <VehicleFromAbove marks={marks} />
      </Box>
      <Box
        as="ul"
        display={{ base: "grid", md: "none" }}
        gridTemplateColumns="1fr 1fr"
        gap="4"
        listStyleType="none"
        padding="0"
        marginTop="4"
      >
        {all.map(({ place, lines, state }) => (
          <Box as="li" key={place} borderTop="3px solid" borderColor={COLOUR[state]} paddingTop="2">
            <Box as="h2" fontSize="20px">
              {capital(place)}
            </Box>
            {(lines.length === 0 ? ["nothing logged yet"] : shortLines(lines, 200)).map((line) => (
              <Box key={line} color="soft" fontSize="15px">
                {line}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
      <Box color="soft" fontSize="14px" marginTop="2">
        ■ beyond or overdue, ▲ soon or put off, {WARRANTY_SIGN} under warranty
      </Box>
      {vehicle.notes && (
        <Box color="soft" marginTop="3" fontSize="15px">
          {vehicle.notes}
        </Box>
      )}
    </Sheet>
  );
}

/** The worst first, as many as there is room for. */
function shortLines(lines: ConditionLine[], longest = LONGEST_LINE): string[] {
  if (lines.length === 0) return ["nothing logged yet"];
  const more = lines.length - SHOWN_AT_ONCE;
  return [
    ...lines.slice(0, SHOWN_AT_ONCE).map((line) => oneLine(line, longest)),
    ...(more > 0 ? [`and ${more} more in the log`] : []),
  ];
}

/**
 * One line beside the drawing: the part is cut short before its figure is, but not to a stump: then it says
 * how far it has gone, and not of how far.
 */
function oneLine({ state, what, figure: whole }: ConditionLine, longest: number): string {
  const roomBeside = (figure: string) => longest - figure.length - 2 - SIGN[state].length;
  const figure =
    roomBeside(whole) < Math.min(what.length, STUMP) ? whole.replace(/ of [\d\u202f]+/, "") : whole;
  const room = roomBeside(figure);
  const short = what.length > room ? `${what.slice(0, Math.max(3, room - 1)).replace(/[\s,]+$/, "")}…` : what;
  return `${SIGN[state]}${short}, ${figure}`;
}
