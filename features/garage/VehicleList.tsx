"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { latestReading } from "@/core/log/mileage/odometer";
import type { Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { standingNotes } from "@/core/work/stopping";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { useRemoveDemo } from "../shared/demo-garage";
import { garageHref, filesHref } from "../shell/addresses";

const VehicleLink = chakra(Link, {
  base: {
    display: "block",
    padding: { base: "8px 14px", lg: "14px 14px 12px" },
    color: "ink",
    textDecoration: "none",
    borderBottom: "1px solid",
    borderColor: "edge",
    borderLeft: "6px solid transparent",
    _currentPage: { background: "raised", borderLeftColor: "drawing" },
  },
});

/** The vehicles, the chosen one marked, and the ways to more. */
export function VehicleList({
  vehicles,
  chosen,
  onAdd,
}: {
  vehicles: Vehicle[];
  chosen: Vehicle;
  onAdd: () => void;
}) {
  const readings = useCollection("readings") ?? [];
  const jobs = useCollection("jobs") ?? [];
  const works = useCollection("works") ?? [];
  const removeDemo = useRemoveDemo();
  return (
    <Box
      as="nav"
      aria-label="Vehicles"
      background="sheet"
      border="1px solid"
      borderColor="edge"
      borderRadius="sheet"
      flex={{ lg: "1" }}
      display="flex"
      flexDirection="column"
    >
      {[...vehicles]
        .sort((a, b) => a.createdAt.localeCompare(b.createdAt))
        .map((vehicle) => {
          const reading = latestReading(readings, vehicle.id);
          return (
            <VehicleLink
              key={vehicle.id}
              href={garageHref(vehicle.id)}
              aria-current={vehicle.id === chosen.id ? "page" : undefined}
            >
              <Box fontFamily="heading" fontWeight="600" fontSize="22px" lineHeight="1.15">
                {vehicle.name}
              </Box>
              <Box color="soft" fontSize="15px" display={{ base: "none", lg: "block" }}>
                {[vehicle.year, vehicle.engine].filter(Boolean).join(", ")}
              </Box>
              {reading && (
                <Box color="soft" fontSize="15px">
                  {formatDistance(reading.distance)}
                </Box>
              )}
              {standingNotes(jobs, works, vehicle.id).length > 0 && (
                <Box color="stop" fontWeight="600" fontSize="15px">
                  ■ Do not drive
                </Box>
              )}
            </VehicleLink>
          );
        })}
      <Box
        display="flex"
        flexWrap="wrap"
        flexDirection={{ base: "row", lg: "column" }}
        alignItems="flex-start"
        flex={{ lg: "1" }}
      >
        <Button look="quiet" onClick={onAdd}>
          Add a vehicle
        </Button>
        <Button asChild look="quiet" marginTop={{ lg: "auto" }}>
          <Link href={filesHref()}>Export or bring in</Link>
        </Button>
        {vehicles.some(({ origin }) => origin === "demo") && (
          <Button look="quiet" onClick={() => void removeDemo()}>
            Remove the demo
          </Button>
        )}
      </Box>
    </Box>
  );
}
