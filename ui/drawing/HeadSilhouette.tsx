"use client";

import { type HeadSize, isRecess } from "@/core/quantity/head-size";

/** Sizes are drawn to one scale; the largest that fits the tile is 36 mm across flats. */
const PX_PER_MM = 1.5;

interface HeadSilhouetteProps {
  head: HeadSize;
  type: "socket" | "spanner" | "crowfoot" | "key";
  missing: boolean;
  /** The ring has a slot for the pipe. */
  slotted?: boolean;
  deep?: boolean;
}

/** The end of a tool by shape and size, or a dashed outline where it is missing. */
export function HeadSilhouette({ head, type, missing, slotted = false, deep = false }: HeadSilhouetteProps) {
  const acrossMm = widthMm(head);
  const across = Math.min(acrossMm, 36) * PX_PER_MM;
  const wall = across / 2 + 9;
  const colour = missing ? "var(--chakra-colors-stop)" : "var(--chakra-colors-drawing)";
  const line = {
    fill: "none",
    stroke: colour,
    strokeWidth: 2,
    ...(missing ? { strokeDasharray: "5 4" } : {}),
  };
  const solid = missing ? line : { ...line, fill: "var(--chakra-colors-raised)" };
  const recess = isRecess(head);
  /** A screwdriver is straight, where a key is bent. */
  const isDriver = head.profile === "cross" || head.profile === "slot";
  const handled = type === "spanner" || type === "crowfoot";
  return (
    <svg viewBox="0 0 128 84" width="128" height="84" aria-hidden>
      {type === "key" && isDriver && (
        <>
          <path d="M 60 42 H 84" {...line} strokeWidth={4} />
          <rect x={84} y={33} width={38} height={18} rx={6} {...solid} />
        </>
      )}
      {type === "key" && !isDriver && (
        <path
          d={`M 46 42 V 14 H 112 V ${14 + Math.max(5, across / 3)}`}
          {...line}
          strokeWidth={Math.max(4, across / 4)}
        />
      )}
      {type === "socket" && deep && (
        <rect
          x={46 + wall - 4}
          y={42 - wall * 0.75}
          width={54 - wall * 0.4}
          height={wall * 1.5}
          rx={3}
          {...solid}
        />
      )}
      {type === "socket" && (
        <circle cx={46} cy={42} r={recess ? Math.max(14, wall * 0.8) : wall} {...solid} />
      )}
      {handled && <path d={`M ${46 + wall * 0.8} 34 H 124 V 50 H ${46 + wall * 0.8}`} {...solid} />}
      {handled && <circle cx={46} cy={42} r={wall} {...solid} />}
      <path d={outline(head, across)} {...line} fill={missing ? "none" : "var(--chakra-colors-pad)"} />
      {slotted && (
        <rect
          x={46 - wall - 2}
          y={42 - across * 0.22}
          width={wall * 0.9}
          height={across * 0.44}
          fill="var(--chakra-colors-sheet)"
          stroke={colour}
          strokeDasharray={missing ? "5 4" : undefined}
        />
      )}
      {type === "crowfoot" && <rect x={100} y={36} width={12} height={12} {...line} />}
    </svg>
  );
}

function widthMm(head: HeadSize) {
  if (head.unit === "in") return head.size * 25.4;
  if (head.unit === "mm") return head.size;
  return Math.max(5, head.size / 3);
}

function outline({ profile }: HeadSize, across: number): string {
  const half = across / 2;
  if (profile === "square") return rectangle(half, half);
  if (profile === "slot") return rectangle(Math.max(half, 9), 2.5);
  if (profile === "cross") {
    const [long, thin] = [Math.max(half, 11), 2.5];
    return `M ${46 - long} ${42 - thin} H ${46 - thin} V ${42 - long} H ${46 + thin} V ${42 - thin} H ${46 + long} V ${42 + thin} H ${46 + thin} V ${42 + long} H ${46 - thin} V ${42 + thin} H ${46 - long} Z`;
  }
  const points =
    profile === "six-lobe" ||
    profile === "six-lobe external" ||
    profile === "multi-spline" ||
    profile === "twelve-point"
      ? 12
      : 6;
  const corner = across / 2 / Math.cos(Math.PI / 6);
  const spots = Array.from({ length: points }, (_, i) => {
    const radius = points === 12 && i % 2 === 1 ? corner * 0.78 : corner;
    const angle = (i * 2 * Math.PI) / points;
    return `${46 + radius * Math.cos(angle)} ${42 + radius * Math.sin(angle)}`;
  });
  return `M ${spots.join(" L ")} Z`;
}

const rectangle = (x: number, y: number) => `M ${46 - x} ${42 - y} H ${46 + x} V ${42 + y} H ${46 - x} Z`;
