"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { Mileage } from "@/core/log/mileage/mileage";
import type { Wear } from "@/core/log/upkeep/wear";
import { type DistanceUnit, formatDistance } from "@/core/quantity/distance";
import { formatDay } from "@/ui/day";

const Cell = chakra("td", {
  base: { padding: "6px 8px 6px 0", borderTop: "1px solid", borderColor: "edge" },
});

const Head = chakra("th", {
  base: { textAlign: "left", paddingRight: "10px", fontFamily: "heading", fontWeight: "600" },
});

/** The chart's figures: a row a day, a column a place; those from before a new part are greyed and say so. */
export function WearTable({ wears, unit, mileage }: { wears: Wear[]; unit: DistanceUnit; mileage: Mileage }) {
  const days = new Map<string, { totalKm: number; values: Map<number, { value: number; old: boolean }> }>();
  wears.forEach(({ points, earlier }, i) => {
    for (const [list, old] of [
      [earlier, true],
      [points, false],
    ] as const) {
      for (const { on, totalKm, value } of list) {
        const day = days.get(on) ?? { totalKm, values: new Map() };
        day.values.set(i, { value, old });
        days.set(on, day);
      }
    }
  });
  const rows = [...days].sort(([a], [b]) => b.localeCompare(a));
  return (
    // With very large letters it is wider than a phone: then it is moved by itself, and not the page.
    <Box overflowX="auto" tabIndex={0} role="group" aria-label="What was measured">
      <Box as="table" width="100%" borderCollapse="collapse" fontSize="15px">
        <thead>
          <tr>
            <Head scope="col">Day</Head>
            <Head scope="col">Odometer</Head>
            {wears.map(({ at, unit: of }) => (
              <Head scope="col" key={at ?? ""}>
                {at ?? "Value"}, {of}
              </Head>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([on, { totalKm, values }]) => (
            <tr key={on}>
              <Cell whiteSpace={{ md: "nowrap" }}>{formatDay(on)}</Cell>
              <Cell whiteSpace={{ md: "nowrap" }}>{formatDistance(mileage.shown(totalKm, unit))}</Cell>
              {wears.map(({ at, decimals }, i) => {
                const said = values.get(i);
                return (
                  <Cell key={at ?? ""} color={said?.old ? "soft" : undefined}>
                    {said && `${said.value.toFixed(decimals)}${said.old ? ", the part before" : ""}`}
                  </Cell>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
