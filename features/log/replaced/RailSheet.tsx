"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { memo, useMemo } from "react";
import { type RailSize, layOutRail } from "@/core/log/rail";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Replacement } from "@/core/model/log";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { Button } from "@/ui/Button";
import { OdometerRail } from "@/ui/drawing/OdometerRail";
import { Sheet } from "@/ui/Sheet";
import { useWide } from "@/ui/use-wide";
import { entryHref } from "../../shell/addresses";
import { useRailView } from "./use-rail-view";

const WIDE: RailSize & { fontSize: number } = { width: 960, letter: 7.2, tiers: 6, fontSize: 14.5 };
const NARROW: RailSize & { fontSize: number } = { width: 350, letter: 7.4, tiers: 7, fontSize: 14 };

const SMALL = {
  minHeight: { base: "44px", lg: "32px" },
  minWidth: "44px",
  paddingInline: "2",
  fontSize: "18px",
} as const;

/** A vehicle's rail, for a wide screen or a phone, and how it is driven. */
export const RailSheet = memo(function RailSheet({
  log,
  replacements,
  named,
}: {
  log: VehicleLog;
  replacements: Replacement[];
  named: boolean;
}) {
  const looking = useRailView();
  const size = useWide("lg") ? WIDE : NARROW;
  const rail = useMemo(
    () => layOutRail(log, replacements, size, looking.view),
    [log, replacements, size, looking.view],
  );
  const router = useRouter();
  const { driving, dues, vehicle, mileage } = log;
  const unit = vehicle.distanceUnit;
  const rate = (kmPerDay: number) => Math.round(convertDistance({ value: kmPerDay, unit: "km" }, unit).value);
  const driven = driving
    ? `${rate(driving.kmPerDay)} ${unit} a day${driving.band ? `, ${rate(driving.band.low)} to ${rate(driving.band.high)} four times in five` : ", from two readings only"}`
    : "Not known yet how it is driven: add an odometer reading now and another in a few weeks.";
  const overdue = dues.filter(({ state }) => state === "overdue").map(({ interval }) => interval.part);
  if (!rail) {
    return (
      <Sheet title={named ? vehicle.name : "Odometer"}>
        <Box color="soft">No odometer reading yet: the first entry or reading begins its rail.</Box>
      </Sheet>
    );
  }
  const says = `${vehicle.name}: from ${rail.first.label} to ${rail.now.label} now. ${overdue.length > 0 ? `Overdue: ${overdue.join(", ")}. ` : ""}The entries are in the table below.`;
  return (
    <Sheet
      padding={{ base: "3", lg: "4" }}
      css={{ contentVisibility: "auto", containIntrinsicSize: "auto 260px" }}
    >
      <Box display="flex" flexWrap="wrap" alignItems="baseline" columnGap="3">
        <Box as="h2" fontSize="22px">
          {named ? `${vehicle.name}, ` : ""}
          {formatDistance(mileage.shown(log.nowKm, unit))} now
        </Box>
        <Box color="soft" fontSize="15px">
          {driven}
          {mileage.refused.length > 0 &&
            `. ▲ Left out, as they contradict the others: ${mileage.refused.map(({ distance, on }) => `${formatDistance(distance)} on ${on}`).join("; ")}`}
        </Box>
        <Box display="flex" gap="2" marginLeft="auto">
          {!looking.whole && (
            <>
              <Button aria-label="Earlier on the rail" {...SMALL} onClick={looking.earlier}>
                ←
              </Button>
              <Button aria-label="Later on the rail" {...SMALL} onClick={looking.later}>
                →
              </Button>
              <Button aria-label="Rail farther" {...SMALL} onClick={looking.farther}>
                Farther
              </Button>
            </>
          )}
          <Button aria-label="Rail nearer" {...SMALL} onClick={looking.nearer}>
            Nearer
          </Button>
        </Box>
      </Box>
      <Box
        marginTop="1"
        role="group"
        aria-label="Odometer rail: plus and minus draw it nearer and farther, the arrows move along it"
        {...looking.box}
      >
        <OdometerRail
          rail={rail}
          width={size.width}
          fontSize={size.fontSize}
          says={says}
          onOpen={(id) => router.push(entryHref(id))}
        />
      </Box>
    </Sheet>
  );
});
