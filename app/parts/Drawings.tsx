"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Household } from "@/core/model/household";
import { boltOrder } from "@/core/pattern/bolt-order";
import type { Owned, Typed } from "@/core/slip/field";
import type { SlipKind } from "@/core/slip/slip";
import { SLIPS } from "@/core/slip/slips";
import { SlipDrawing } from "@/features/bench/drawing/SlipDrawing";
import { BoltPattern } from "@/ui/drawing/BoltPattern";
import { HeadSilhouette } from "@/ui/drawing/HeadSilhouette";
import { StandsFromAbove } from "@/ui/drawing/StandsFromAbove";
import { ToolSilhouette } from "@/ui/drawing/ToolSilhouette";
import { VehicleFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { Named } from "./Named";

/** Every drawing: those of the slips as they open, and those of the other pockets. */
export function Drawings({ demo: { tools, vehicles, jobs } }: { demo: Household }) {
  const owned: Owned = {
    tools,
    vehicles,
    vehicleId: vehicles[0]?.id,
    torqueUnit: "N.m",
    money: { currency: "EUR", region: "IE" },
  };
  const kinds = [
    ...new Map(
      tools.map((tool) => [`${tool.kind} ${"head" in tool ? tool.head.profile : ""}`, tool]),
    ).values(),
  ];
  const fasteners = jobs
    .flatMap(({ routes }) => routes.flatMap((route) => route.fasteners))
    .filter(({ pattern }) => pattern);
  const patterns = [
    ...new Map(
      fasteners.map((fastener) => [`${fastener.pattern?.layout} ${fastener.count}`, fastener]),
    ).values(),
  ];
  return (
    <>
      {SLIPS.map((kind) => (
        <Named key={kind.name} name={`SlipDrawing: ${kind.name}`}>
          <OneSlip kind={kind} owned={owned} />
        </Named>
      ))}
      {patterns.map((fastener) => (
        <Named key={fastener.id} name={`BoltPattern: ${fastener.pattern?.layout}, ${fastener.count}`}>
          <BoltPattern
            fastener={fastener}
            order={boltOrder(fastener)}
            ticked={[1]}
            next={boltOrder(fastener)[1]}
            onTick={() => undefined}
          />
        </Named>
      ))}
      <Named name="ToolSilhouette, HeadSilhouette">
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, 90px)" gap="2" fontSize="13px">
          {kinds.map((tool) => (
            <Box key={tool.id}>
              <ToolSilhouette tool={tool} />
              {tool.name}
            </Box>
          ))}
          {kinds.flatMap((tool) =>
            "head" in tool
              ? [<HeadSilhouette key={`head ${tool.id}`} head={tool.head} type="socket" missing={false} />]
              : [],
          )}
        </Box>
      </Named>
      {(["front up", "rear up", "all up"] as const).map((stance) => (
        <Named key={stance} name={`StandsFromAbove: ${stance}`}>
          <StandsFromAbove stance={stance} chocked standing />
        </Named>
      ))}
      <Named name="VehicleFromAbove">
        <VehicleFromAbove marks={[]} />
      </Named>
    </>
  );
}

function OneSlip({ kind, owned }: { kind: SlipKind; owned: Owned }) {
  const [typed, setTyped] = useState<Typed>({});
  const { slip } = kind.work(typed, owned);
  return slip ? <SlipDrawing drawing={slip.drawing} typed={typed} onType={setTyped} /> : null;
}
