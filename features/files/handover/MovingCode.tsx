"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useEffect, useRef } from "react";
import { encode } from "uqr";
import { framesOnce, writeFrame } from "@/core/transfer/frame";

/** White around a code, modules: without it no reader finds it (ISO/IEC 18004). */
const QUIET = 4;
const MASKS = 8;
/** All of it is on the screen at once, with what it is about above it. */
const MOST_PX = 640;
const SHARE_OF_SCREEN = 0.6;

/** Draws a code black on white, whatever the look: a camera reads it by that. */
function draw(canvas: HTMLCanvasElement, code: { size: number; data: boolean[][] }): void {
  const side = code.size + 2 * QUIET;
  const room = Math.min(MOST_PX, canvas.parentElement?.clientWidth ?? MOST_PX, innerHeight * SHARE_OF_SCREEN);
  const scale = Math.max(1, Math.floor((room * devicePixelRatio) / side));
  canvas.width = canvas.height = side * scale;
  canvas.style.width = `${(side * scale) / devicePixelRatio}px`;
  const pen = canvas.getContext("2d");
  if (!pen) return;
  pen.fillStyle = "#ffffff";
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.fillStyle = "#000000";
  for (const [y, row] of code.data.entries())
    for (const [x, dark] of row.entries())
      if (dark) pen.fillRect((x + QUIET) * scale, (y + QUIET) * scale, scale, scale);
}

interface MovingCodeProps {
  data: Uint8Array;
  of: string;
  /** Frames a second; none while it is paused. */
  pace: number;
  /** Told with each frame: how many were shown, and how many show all of it once. */
  onShown: (shown: number, once: number) => void;
}

/** Data as a series of codes that has no end: whichever are read, in whatever order, enough of them make it whole. */
export function MovingCode({ data, of, pace, onShown }: MovingCodeProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const shown = useRef(0);
  const told = useRef(onShown);
  useEffect(() => {
    told.current = onShown;
  });
  useEffect(() => {
    const once = framesOnce(data.length);
    const show = () => {
      const bytes = [...writeFrame(data, of, shown.current)];
      if (canvas.current)
        draw(
          canvas.current,
          encode(bytes, { ecc: "L", boostEcc: false, border: 0, maskPattern: shown.current % MASKS }),
        );
      shown.current++;
      told.current(shown.current, once);
    };
    show();
    if (pace === 0) return undefined;
    const timer = setInterval(show, 1000 / pace);
    return () => clearInterval(timer);
  }, [data, of, pace]);
  return <Paper label="Codes for the other device’s camera" canvas={canvas} />;
}

/** Words as one code that stands still. */
export function StillCode({ text }: { text: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current) draw(canvas.current, encode(text, { ecc: "L", border: 0 }));
  }, [text]);
  return <Paper label="A code for the other device’s camera" canvas={canvas} />;
}

const Canvas = chakra("canvas", { base: { display: "block", marginInline: "auto", maxWidth: "100%" } });

function Paper({ label, canvas }: { label: string; canvas: React.RefObject<HTMLCanvasElement | null> }) {
  return (
    <Box background="white" maxWidth="660px" marginInline="auto" padding="2" borderRadius="sheet">
      <Canvas ref={canvas} role="img" aria-label={label} />
    </Box>
  );
}
