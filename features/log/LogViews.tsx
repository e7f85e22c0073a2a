"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import type { Vehicle } from "@/core/model/vehicle";
import { SelectField } from "@/ui/form/Field";
import { logHref, ALL, LOG_VIEWS, type LogView } from "../shell/addresses";

const Flap = chakra(Link, {
  base: {
    display: "flex",
    alignItems: "center",
    justifyContent: { base: "center", lg: "flex-start" },
    flexGrow: "1",
    minHeight: "44px",
    paddingInline: { base: "1", lg: "3" },
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    color: "ink",
    textDecoration: "none",
    borderLeft: { lg: "3px solid transparent" },
    borderBottom: { base: "3px solid transparent", lg: "none" },
    _currentPage: { borderColor: "drawing", background: "raised" },
  },
});

/** Where in the Log I am, the way to its other pages, and whose log it is. */
export function LogViews({
  at,
  vehicle,
  vehicles,
}: {
  at: LogView;
  vehicle: Vehicle | undefined;
  vehicles: Vehicle[];
}) {
  const router = useRouter();
  return (
    <>
      <Box
        as="nav"
        aria-label="Log"
        display={{ base: "flex", lg: "grid" }}
        flexWrap="wrap"
        marginInline="-2"
        marginBottom="3"
      >
        {LOG_VIEWS.map(({ view, says }) => (
          <Flap key={view} href={logHref(vehicle?.id, view)} aria-current={view === at ? "page" : undefined}>
            {says}
          </Flap>
        ))}
      </Box>
      <SelectField
        label="Vehicle"
        value={vehicle?.id ?? ALL}
        onChange={(event) => router.replace(logHref(event.target.value, at))}
        choices={[
          { value: ALL, label: "All vehicles" },
          ...vehicles.map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
    </>
  );
}
