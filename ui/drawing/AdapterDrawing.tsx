"use client";

interface AdapterDrawingProps {
  gripLengthMm: number;
  /** From the wrench's square to the bolt, each at its angle to the handle. */
  adapters: readonly { offsetMm: number; angleDeg: number }[];
}

const WIDTH = 320;
const MARGIN = 26;
/** Room above the handle for the hand's arrow, and below it for the lengths. */
const ABOVE = 62;
const BELOW = 34;
const TALLEST = 190;

interface Spot {
  x: number;
  y: number;
}

/** Wrench and adapters from above, to one scale: the drive, the bolt, and where the hand pulls. */
export function AdapterDrawing({ gripLengthMm, adapters }: AdapterDrawingProps) {
  // In mm, from the drive: ahead along the handle's line, and up to its side.
  const joints = adapters.reduce<Spot[]>(
    (before, { offsetMm, angleDeg }) => {
      const last = before[before.length - 1] ?? { x: 0, y: 0 };
      const turned = (angleDeg * Math.PI) / 180;
      return [
        ...before,
        { x: last.x + offsetMm * Math.cos(turned), y: last.y + offsetMm * Math.sin(turned) },
      ];
    },
    [{ x: 0, y: 0 }],
  );
  const ahead = Math.max(...joints.map(({ x }) => x));
  const up = Math.max(0, ...joints.map(({ y }) => y));
  const down = Math.max(0, ...joints.map(({ y }) => -y));
  const scale = Math.min(
    (WIDTH - 2 * MARGIN) / (gripLengthMm + ahead),
    (TALLEST - MARGIN) / Math.max(up + down, 1),
  );
  const height = Math.max(ABOVE, up * scale + MARGIN) + Math.max(BELOW, down * scale + MARGIN);
  const drive = { x: WIDTH - MARGIN - ahead * scale, y: Math.max(ABOVE, up * scale + MARGIN) };
  const grip = { x: drive.x - gripLengthMm * scale, y: drive.y };
  const spots = joints.map(({ x, y }) => ({ x: drive.x + x * scale, y: drive.y - y * scale }));
  const bolt = spots[spots.length - 1] ?? drive;
  const lengths = adapters.map(({ offsetMm }) => `${Math.round(offsetMm)} mm`).join(" + ");
  const says = `Wrench ${Math.round(gripLengthMm)} mm from drive to grip${adapters.map(({ offsetMm, angleDeg }) => `, adapter ${Math.round(offsetMm)} mm at ${Math.round(angleDeg)} degrees`).join("")}`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ color: "var(--chakra-colors-drawing)", display: "block", maxHeight: 260 }}
    >
      <g stroke="currentColor" fill="none" strokeLinecap="round">
        <line x1={grip.x} y1={grip.y} x2={drive.x} y2={drive.y} strokeWidth={9} opacity={0.35} />
        <line x1={grip.x - 12} y1={grip.y} x2={grip.x + 24} y2={grip.y} strokeWidth={14} opacity={0.6} />
        <polyline points={spots.map(({ x, y }) => `${x},${y}`).join(" ")} strokeWidth={7} />
        {spots.slice(0, -1).map(({ x, y }, i) => (
          <rect
            key={i}
            x={x - 5}
            y={y - 5}
            width={10}
            height={10}
            strokeWidth={2}
            fill="var(--chakra-colors-sheet)"
          />
        ))}
      </g>
      <polygon
        points={hexagon(bolt, 11)}
        fill="var(--chakra-colors-sheet)"
        stroke="currentColor"
        strokeWidth={2.5}
      />
      <path
        d={`M ${grip.x} ${grip.y - 12} v -26 m -5 7 l 5 -8 l 5 8`}
        stroke="currentColor"
        strokeWidth={2}
        fill="none"
      />
      <g fill="var(--chakra-colors-ink)" style={{ fontSize: 12 }}>
        <text x={grip.x - 12} y={grip.y - 44}>
          pull here
        </text>
        <text x={(grip.x + drive.x) / 2} y={drive.y + 24} textAnchor="middle">
          {Math.round(gripLengthMm)} mm
        </text>
        {lengths !== "" && (
          <text x={WIDTH - 4} y={drive.y + 24} textAnchor="end">
            {lengths}
          </text>
        )}
      </g>
    </svg>
  );
}

function hexagon({ x, y }: Spot, radius: number): string {
  return Array.from({ length: 6 }, (_, i) => {
    const angle = (i * Math.PI) / 3;
    return `${x + radius * Math.cos(angle)},${y + radius * Math.sin(angle)}`;
  }).join(" ");
}
