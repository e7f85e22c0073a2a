"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo, useState } from "react";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { lacksFigure } from "@/core/fastener/role";
import type { KitLine } from "@/core/kit/needs/need";
import { settingRow } from "@/core/kit/sheet/kit-sheet";
import type { Fastener, Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { RowButton } from "@/ui/RowButton";
import { Sheet } from "@/ui/Sheet";
import { useCover } from "../../shared/use-cover";
import { planHref } from "../../shell/addresses";
import { FastenerForm } from "./FastenerForm";

/** Every fastener of the plan in one table: its size, its figure, what is set for it and what is doubtful. */
export function FastenersScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const route = chosenRoute(job);
  const [editing, edit] = useState<{ id?: string }>();
  const lines = useCover(route, vehicle);
  const rows = useMemo(
    () => lines && route.fasteners.map((fastener) => rowOf(route, fastener, lines)),
    [route, lines],
  );
  if (!rows) return <Loading />;
  if (editing)
    return (
      <FastenerForm
        key={editing.id ?? "new"}
        job={job}
        vehicle={vehicle}
        fastener={route.fasteners.find(({ id }) => id === editing.id)}
        forStepId={undefined}
        onClose={() => edit(undefined)}
      />
    );
  return (
    <Sheet padding={{ base: "3", lg: "6" }} maxWidth="1100px" marginInline="auto">
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="baseline" justifyContent="space-between">
        <Box as="h1" fontSize="30px">
          All fasteners
        </Box>
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button onClick={() => edit({})}>Add a fastener</Button>
          <Button asChild>
            <Link href={planHref(job.id)}>Back to the plan</Link>
          </Button>
        </Box>
      </Box>
      {rows.length === 0 ? (
        <Box color="soft" marginTop="3">
          None yet. Bolts, nuts, pins and clips that come off or are tightened.
        </Box>
      ) : (
        <Box
          as="table"
          width="100%"
          borderCollapse="collapse"
          marginTop="3"
          css={{
            "& th": { textAlign: "left", fontWeight: 600, color: "var(--chakra-colors-soft)" },
            "& td, & th": { padding: "6px 12px 6px 0", verticalAlign: "top" },
            "& tr": { borderBottom: "1px solid var(--chakra-colors-edge)" },
            // On a phone a fastener is a block: its name, then the rest line by line.
            "@media (max-width: 767px)": {
              "& thead": { display: "none" },
              "& tr, & td": { display: "block", padding: "2px 0" },
              "& tr": { padding: "6px 0" },
              "& td:empty": { display: "none" },
            },
          }}
        >
          <thead>
            <tr>
              {["Fastener", "Head", "Figure", "To set", "Doubts"].map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, heads, figure, set, doubts, grave }) => (
              <tr key={id}>
                <td>
                  <RowButton minHeight={{ base: "44px", lg: "28px" }} onClick={() => edit({ id })}>
                    <span style={{ fontWeight: 600 }}>{name}</span>
                  </RowButton>
                </td>
                <td style={{ whiteSpace: "nowrap" }}>{heads}</td>
                <td>
                  {figure === "" ? (
                    <Box as="span" color="soft">
                      no figure
                    </Box>
                  ) : (
                    <Box as="span" fontFamily="heading" fontWeight="700" fontSize="20px" whiteSpace="nowrap">
                      {figure}
                    </Box>
                  )}
                </td>
                <td>
                  {set.map((words) => (
                    <Box key={words}>{words}</Box>
                  ))}
                </td>
                <td>
                  {doubts.map((words) => (
                    <Box key={words} color={grave ? "stop" : "watch"} fontWeight="600" fontSize="15px">
                      {grave ? "■" : "▲"} {words}
                    </Box>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Sheet>
  );
}

function rowOf(route: Route, fastener: Fastener, lines: readonly KitLine[]) {
  const doubts = fastenerDoubts(fastener);
  const lacks = lacksFigure(route, fastener);
  const { size, sizeToUndo, figure, set } = settingRow(fastener, lines, lacks);
  return {
    id: fastener.id,
    name: `${fastener.count} × ${fastener.name}`,
    heads: sizeToUndo && size !== sizeToUndo ? `${sizeToUndo}, then ${size}` : size,
    figure,
    // By hand or by feel there is nothing to set, and the figure says it already.
    set: set.filter((words) => words !== figure && words !== ""),
    doubts: [...(lacks ? ["No figure yet: look it up."] : []), ...doubts.map(({ says }) => says)],
    grave: lacks || doubts.some((doubt) => doubt.grave),
  };
}
