import { Box } from "@chakra-ui/react";
import type { DayTold } from "@/core/day/day";
import { inHundred } from "@/core/day/odds";

const COLUMNS = 20;
const STEP = 11;

/** A hundred such days, each a dot: full where it rolls in time, a ring where it rolls later, a cross where it stops. */
export function Hundred({ told: { hundred, chance, never } }: { told: DayTold }) {
  const inTime = inHundred(chance);
  const stops = Math.min(100 - inTime, inHundred(never));
  const says = [
    `${inTime} in time`,
    ...(100 - inTime - stops > 0 ? [`${100 - inTime - stops} later`] : []),
    ...(stops > 0 ? [`${stops} not over in these days`] : []),
  ].join(", ");
  return (
    <Box marginBlock="2">
      <svg
        viewBox={`0 0 ${COLUMNS * STEP} ${(100 / COLUMNS) * STEP}`}
        role="img"
        aria-label={`Of 100 such days: ${says}`}
        width="100%"
        style={{ maxWidth: 320 }}
      >
        {hundred.map((_, i) => {
          const [x, y] = [(i % COLUMNS) * STEP + STEP / 2, Math.floor(i / COLUMNS) * STEP + STEP / 2];
          if (i < inTime)
            return (
              <circle key={i} cx={x} cy={y} r={3.8} fill="var(--chakra-colors-good)" data-dot="in time" />
            );
          if (i < 100 - stops)
            return (
              <circle
                key={i}
                cx={x}
                cy={y}
                r={3.2}
                fill="none"
                stroke="var(--chakra-colors-watch)"
                strokeWidth={1.6}
              />
            );
          return (
            <path
              key={i}
              d={`M${x - 3} ${y - 3}l6 6m0 -6l-6 6`}
              stroke="var(--chakra-colors-stop)"
              strokeWidth={1.8}
            />
          );
        })}
      </svg>
      <Box fontSize="15px" color="soft">
        {says}
      </Box>
    </Box>
  );
}
