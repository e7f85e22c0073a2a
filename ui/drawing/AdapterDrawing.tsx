"use client";

interface AdapterDrawingProps {
  gripLengthMm: number;
  offsetMm: number;
  angleDeg: number;
}

const WIDTH = 320;
const MARGIN = 26;
/** Room above the handle for the hand's arrow, and below it for the lengths. */
const ABOVE = 62;
const BELOW = 34;
const TALLEST = 190;

/** Wrench and adapter from above, to one scale: the drive, the bolt, and where the hand pulls. */
export function AdapterDrawing({ gripLengthMm, offsetMm, angleDeg }: AdapterDrawingProps) {
  const turned = (angleDeg * Math.PI) / 180;
  const ahead = Math.max(0, offsetMm * Math.cos(turned));
  const side = offsetMm * Math.sin(turned);
  const scale = Math.min((WIDTH - 2 * MARGIN) / (gripLengthMm + ahead), (TALLEST - MARGIN) / Math.max(side, 1));
  const height = Math.max(ABOVE, side * scale + MARGIN) + BELOW;
  const drive = { x: WIDTH - MARGIN - ahead * scale, y: height - BELOW };
  const grip = { x: drive.x - gripLengthMm * scale, y: drive.y };
  const bolt = { x: drive.x + offsetMm * Math.cos(turned) * scale, y: drive.y - side * scale };
  const says = `Wrench ${Math.round(gripLengthMm)} mm from drive to grip, adapter ${Math.round(offsetMm)} mm at ${Math.round(angleDeg)} degrees`;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} width="100%" role="img" aria-label={says} style={{ color: "var(--chakra-colors-drawing)" }}>
      <g stroke="currentColor" fill="none" strokeLinecap="round">
        <line x1={grip.x} y1={grip.y} x2={drive.x} y2={drive.y} strokeWidth={9} opacity={0.35} />
        <line x1={grip.x - 12} y1={grip.y} x2={grip.x + 24} y2={grip.y} strokeWidth={14} opacity={0.6} />
        <line x1={drive.x} y1={drive.y} x2={bolt.x} y2={bolt.y} strokeWidth={7} />
        <rect x={drive.x - 5} y={drive.y - 5} width={10} height={10} strokeWidth={2} fill="var(--chakra-colors-sheet)" />
      </g>
      <polygon points={hexagon(bolt, 11)} fill="var(--chakra-colors-sheet)" stroke="currentColor" strokeWidth={2.5} />
      <path d={`M ${grip.x} ${grip.y - 12} v -26 m -5 7 l 5 -8 l 5 8`} stroke="currentColor" strokeWidth={2} fill="none" />
      <g fill="var(--chakra-colors-ink)" style={{ fontSize: 12 }}>
        <text x={grip.x - 12} y={grip.y - 44}>
          pull here
        </text>
        <text x={(grip.x + drive.x) / 2} y={drive.y + 24} textAnchor="middle">
          {Math.round(gripLengthMm)} mm
        </text>
        {offsetMm > 0 && (
          <text x={Math.min(WIDTH - 4, Math.max(drive.x, bolt.x) + 12)} y={drive.y + 24} textAnchor="end">
            {Math.round(offsetMm)} mm
          </text>
        )}
      </g>
    </svg>
  );
}

function hexagon({ x, y }: { x: number; y: number }, radius: number): string {
  return Array.from({ length: 6 }, (_, i) => {
    const angle = (i * Math.PI) / 3;
    return `${x + radius * Math.cos(angle)},${y + radius * Math.sin(angle)}`;
  }).join(" ");
}
