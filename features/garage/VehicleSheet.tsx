"use client";

import { Box } from "@chakra-ui/react";
import { fittedParts } from "@/core/log/fitted";
import { latestReading } from "@/core/log/odometer";
import { PLACES, type Place } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { formatFigure } from "@/core/quantity/torque-words";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { type PlaceMark, VehicleFromAbove } from "@/ui/drawing/VehicleFromAbove";

import { DoNotDriveBanner } from "./DoNotDriveBanner";

const SHOWN_AT_ONCE = 3;
/** Characters that fit beside the drawing. */
const LONGEST_LINE = 25;
const CORNERS: Place[] = ["left front", "right front", "left rear", "right rear"];

/** The vehicle from above: what is on each corner, from the log, and how far it has gone. */
export function VehicleSheet({ vehicle, onEdit }: { vehicle: Vehicle; onEdit: () => void }) {
  const replacements = useCollection("replacements") ?? [];
  const readings = useCollection("readings") ?? [];
  const now = latestReading(readings, vehicle.id)?.distance ?? { value: 0, unit: vehicle.distanceUnit };
  const fitted = fittedParts(replacements, vehicle.id, { value: now.value, unit: now.unit });
  const marks = PLACES.flatMap((place): PlaceMark[] => {
    const parts = fitted.get(place) ?? [];
    if (parts.length === 0) return CORNERS.includes(place) ? [{ place, filled: false, lines: [capital(place), "nothing logged yet"] }] : [];
    const shown = parts.slice(0, SHOWN_AT_ONCE).map(({ replacement, gone }) => partLine(replacement.part, formatDistance(gone)));
    const more = parts.length - SHOWN_AT_ONCE;
    return [{ place, filled: true, lines: [capital(place), ...shown, ...(more > 0 ? [`and ${more} more in the log`] : [])] }];
  });

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }}>
      <DoNotDriveBanner vehicleId={vehicle.id} />
      <Box display="flex" justifyContent="space-between" alignItems="flex-start" gap="3">
        <Box>
          <Box as="h1" fontSize="32px">
            {vehicle.name}
          </Box>
          <Box color="soft">
            What is on it, and how far it has gone
            {vehicle.wheelTorque && `. Wheel bolts ${formatFigure(vehicle.wheelTorque)}`}
          </Box>
        </Box>
        <Button onClick={onEdit}>Edit</Button>
      </Box>
      <Box display={{ base: "none", md: "block" }} marginTop="2">
        <VehicleFromAbove marks={marks} />
      </Box>
      <Box as="ul" display={{ base: "grid", md: "none" }} gridTemplateColumns="1fr 1fr" gap="4" listStyleType="none" padding="0" marginTop="4">
        {marks.map(({ place, lines, filled }) => (
          <Box as="li" key={place} borderTop="3px solid" borderColor={filled ? "good" : "edge"} paddingTop="2">
            <Box as="h2" fontSize="20px">
              {lines[0]}
            </Box>
            {lines.slice(1).map((line) => (
              <Box key={line} color="soft" fontSize="15px">
                {line}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
      {vehicle.notes && (
        <Box color="soft" marginTop="3" fontSize="15px">
          {vehicle.notes}
        </Box>
      )}
    </Sheet>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** One line beside the drawing: the part is cut short before the distance is. */
function partLine(part: string, gone: string): string {
  const room = LONGEST_LINE - gone.length - 2;
  return `${part.length > room ? `${part.slice(0, room - 1).replace(/[\s,]+$/, "")}…` : part}, ${gone}`;
}
