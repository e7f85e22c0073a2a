"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import { type RingState, looseRing, pullBolt } from "@/core/joint/ring";
import { judgeRing } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import type { TaskFaceProps } from "./face";

const SHARES = [0.3, 0.7, 1] as const;
const SIZE = 330;
const RADIUS = 128;
const HIGHEST = 54;

const Bolt = chakra("button", {
  base: {
    position: "absolute",
    width: "52px",
    height: "52px",
    marginLeft: "-26px",
    marginTop: "-26px",
    borderRadius: "50%",
    border: "3px solid",
    borderColor: "ink",
    background: "raised",
    color: "ink",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    cursor: "pointer",
    overflow: "hidden",
    padding: "0",
  },
});

/** Bolts on a ring, pulled one after another; how full each is stands in it. */
export function RingFace({ task, isOver, onDone }: TaskFaceProps<"ring">) {
  const { ring, most } = task;
  const [{ state, pulls, last }, setPulled] = useState<{ state: RingState; pulls: number; last: string }>(
    () => ({
      state: looseRing(ring),
      pulls: 0,
      last: "",
    }),
  );
  const [share, setShare] = useState<number>(SHARES[0]);
  const pull = (bolt: number) => {
    const next = pullBolt(state, bolt, share);
    setPulled({
      state: next,
      pulls: pulls + 1,
      last:
        next === state
          ? `Bolt ${bolt} clicks at once: it has enough.`
          : `Bolt ${bolt} to ${percent(share)} %.`,
    });
  };
  const spots = state.clamp.map((clamp, i) => {
    const angle = (i / ring.count) * 2 * Math.PI - Math.PI / 2;
    const place = (along: number) => `${50 + ((100 * RADIUS) / SIZE) * along}%`;
    return { clamp, left: place(Math.cos(angle)), top: place(Math.sin(angle)) };
  });
  return (
    <Box display="grid" gap="3" justifyItems="center">
      <Box
        role="group"
        aria-label="How far this pass goes"
        display="flex"
        gap="2"
        flexWrap="wrap"
        justifyContent="center"
      >
        {SHARES.map((one) => (
          <Button
            key={one}
            aria-pressed={share === one}
            look={share === one ? "primary" : "plain"}
            disabled={isOver}
            onClick={() => setShare(one)}
          >
            {one === 1 ? "Full figure" : `${percent(one)} % of it`}
          </Button>
        ))}
      </Box>
      <Box position="relative" width="100%" maxWidth={`${SIZE}px`} aspectRatio="1">
        <Box
          aria-hidden
          position="absolute"
          inset="20%"
          border="14px solid"
          borderColor="edge"
          borderRadius="50%"
        />
        <Box
          position="absolute"
          inset="0"
          display="grid"
          placeContent="center"
          textAlign="center"
          fontSize="15px"
          color="soft"
        >
          <span>{ring.between === "gasket" ? "cover on its gasket" : "metal to metal"}</span>
          <span data-testid="ring-pulls">
            {pulls} of {most} pulls
          </span>
        </Box>
        {spots.map(({ clamp, left, top }, i) => (
          <Bolt
            key={i}
            type="button"
            style={{ left, top }}
            disabled={isOver || pulls >= most}
            aria-label={`Bolt ${i + 1}, ${percent(clamp)} % of its force`}
            onClick={() => pull(i + 1)}
          >
            <Box
              aria-hidden
              position="absolute"
              insetInline="0"
              bottom="0"
              background="drawing"
              style={{ height: clamp * HIGHEST * 0.85 }}
            />
            <Box as="span" position="relative" color={clamp > 0.45 ? "sheet" : "ink"}>
              {i + 1}
            </Box>
          </Bolt>
        ))}
      </Box>
      <Box role="status" minHeight="24px" aria-live="polite">
        {pulls >= most && !isOver ? "No more pulls." : last}
      </Box>
      {!isOver && (
        <Button look="primary" size="work" onClick={() => onDone(judgeRing(task, state))}>
          It is done up
        </Button>
      )}
    </Box>
  );
}

const percent = (share: number) => Math.round(share * 100);
