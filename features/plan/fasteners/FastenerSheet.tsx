"use client";

import { Box } from "@chakra-ui/react";
import { fastenerDoubts } from "@/core/fastener/doubts";
import type { Route } from "@/core/model/job";
import { formatFigure } from "@/core/quantity/torque-words";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { Line } from "../Line";

/** A plan may have hundreds: those out of sight are not laid out. */
const OFF_SCREEN = { contentVisibility: "auto", containIntrinsicSize: "auto 400px" } as const;

/** Every fastener of the route with its figure; one with something doubtful says so. */
export function FastenerSheet({
  route,
  onEdit,
  onAdd,
}: {
  route: Route;
  onEdit: (fastenerId: string) => void;
  onAdd: () => void;
}) {
  return (
    <Sheet title="Fasteners" {...OFF_SCREEN}>
      {route.fasteners.length === 0 && (
        <Box color="soft">None yet. Bolts, nuts, pins and clips that come off or are tightened.</Box>
      )}
      {route.fasteners.map((fastener) => {
        const doubts = fastenerDoubts(fastener);
        const grave = doubts.some((doubt) => doubt.grave);
        return (
          <Line
            key={fastener.id}
            onClick={() => onEdit(fastener.id)}
            label={`${fastener.count} × ${fastener.name}`}
          >
            {doubts.length > 0 && (
              <Box as="span" color={grave ? "stop" : "watch"} fontWeight="600">
                {grave ? "■ wrong? " : "▲ look "}
              </Box>
            )}
            {fastener.figure ? formatFigure(fastener.figure) : "no figure"}
          </Line>
        );
      })}
      <Button look="quiet" paddingInline="0" onClick={onAdd}>
        Add a fastener
      </Button>
    </Sheet>
  );
}
