"use client";

import type { ReactNode } from "react";
import type { Tool } from "@/core/model/tool";
import { HeadSilhouette } from "./HeadSilhouette";

/** What is drawn for things that are no tool of the chest. */
export type OtherShape = "box" | "bag" | "bottle" | "gap";

/** A tool or thing as it lies on the mat, drawn in outline; a gap is dashed. */
export function ToolSilhouette({ tool, other = "gap" }: { tool: Tool | undefined; other?: OtherShape }) {
  if (tool && "head" in tool) {
    const type = tool.kind === "key" ? "key" : tool.kind;
    return (
      <HeadSilhouette
        head={tool.head}
        type={type}
        missing={false}
        slotted={isSlotted(tool)}
        deep={tool.kind === "socket" && tool.deep === true}
      />
    );
  }
  const gap = tool === undefined && other === "gap";
  return <Outline dashed={gap}>{tool ? shapeOf(tool) : OTHERS[other]}</Outline>;
}

function isSlotted(tool: Tool): boolean {
  return (
    (tool.kind === "spanner" && tool.form === "flare") || (tool.kind === "crowfoot" && tool.flare === true)
  );
}

function Outline({ dashed, children }: { dashed: boolean; children: ReactNode }) {
  return (
    <svg
      viewBox="0 0 128 84"
      width="128"
      height="84"
      aria-hidden
      stroke={dashed ? "var(--chakra-colors-stop)" : "var(--chakra-colors-drawing)"}
      fill={dashed ? "none" : "var(--chakra-colors-raised)"}
      strokeWidth={2}
      strokeLinejoin="round"
      strokeDasharray={dashed ? "5 4" : undefined}
    >
      {children}
    </svg>
  );
}

const OTHERS: Record<OtherShape, ReactNode> = {
  box: (
    <>
      <path d="M 26 28 L 64 18 L 102 28 V 66 L 64 76 L 26 66 Z" />
      <path d="M 26 28 L 64 38 L 102 28 M 64 38 V 76" fill="none" />
    </>
  ),
  bag: (
    <>
      <path d="M 38 26 H 90 L 96 72 H 32 Z" />
      <path d="M 44 34 h 40" fill="none" />
      <circle cx="54" cy="54" r="6" />
      <circle cx="74" cy="58" r="6" />
    </>
  ),
  bottle: <path d="M 56 12 H 72 V 24 C 84 30 84 36 84 42 V 76 H 44 V 42 C 44 36 44 30 56 24 Z" />,
  gap: <rect x="24" y="22" width="80" height="44" rx="6" />,
};

function shapeOf(tool: Tool): ReactNode {
  switch (tool.kind) {
    case "torque wrench":
      return (
        <>
          <circle cx="18" cy="42" r="12" />
          <path d="M 29 37 H 84 V 47 H 29 Z" />
          <rect x="84" y="33" width="34" height="18" rx="4" />
          <path d="M 90 33 v 18 M 96 33 v 18" fill="none" />
          <rect x="14" y="38" width="8" height="8" />
        </>
      );
    case "bar or ratchet":
      return (
        <>
          <circle cx="18" cy="42" r="13" />
          <rect x="30" y="37" width="88" height="10" rx="5" />
          <rect x="13" y="37" width="10" height="10" />
        </>
      );
    case "extension":
      return (
        <>
          <rect x="14" y="34" width="16" height="16" rx="2" />
          <rect x="30" y="38" width={Math.min(76, 20 + tool.lengthMm / 4)} height="8" />
          <rect x={30 + Math.min(76, 20 + tool.lengthMm / 4)} y="36" width="10" height="12" />
        </>
      );
    case "drive adapter":
      return (
        <>
          <rect x="34" y="28" width="30" height="28" rx="3" />
          <rect x="64" y="34" width="18" height="16" />
        </>
      );
    case "universal joint":
      return (
        <>
          <rect x="26" y="32" width="26" height="20" rx="3" />
          <circle cx="64" cy="42" r="12" />
          <rect x="76" y="32" width="26" height="20" rx="3" />
        </>
      );
    case "angle gauge":
      return (
        <>
          <circle cx="64" cy="42" r="30" />
          <path d="M 64 42 L 84 22 M 64 14 v 6 M 92 42 h -6 M 36 42 h 6" fill="none" />
        </>
      );
    case "multiplier":
      return (
        <>
          <circle cx="44" cy="42" r="22" />
          <path d="M 60 56 L 104 72" fill="none" strokeWidth={6} />
          <rect x="39" y="37" width="10" height="10" />
        </>
      );
    case "stands":
      return (
        <path d="M 52 14 H 76 V 22 H 70 V 40 L 96 76 H 84 L 68 50 V 76 H 60 V 50 L 44 76 H 32 L 58 40 V 22 H 52 Z" />
      );
    case "jack":
      return (
        <>
          <path d="M 12 58 H 80 L 92 46 V 66 H 12 Z" />
          <path d="M 40 56 L 26 26 M 20 26 h 14 M 88 50 L 118 20" fill="none" />
          <circle cx="24" cy="68" r="6" />
          <circle cx="78" cy="68" r="6" />
        </>
      );
    case "consumable":
      return OTHERS[tool.left.unit === "pieces" ? "bag" : "bottle"];
    default:
      return specialShape(tool.name);
  }
}

function specialShape(name: string): ReactNode {
  if (/chock/i.test(name)) return <path d="M 24 66 L 84 66 L 84 24 C 70 40 50 56 24 60 Z" />;
  if (/glasses|goggles|eye/i.test(name))
    return (
      <>
        <rect x="20" y="32" width="38" height="24" rx="10" />
        <rect x="70" y="32" width="38" height="24" rx="10" />
        <path d="M 58 42 H 70" fill="none" />
      </>
    );
  if (/mask/i.test(name)) return <path d="M 34 30 H 94 L 86 60 C 74 70 54 70 42 60 Z" />;
  if (/pan|tray|tub|bowl/i.test(name)) return <path d="M 18 34 H 110 L 98 62 H 30 Z" />;
  return (
    <>
      <rect x="24" y="30" width="80" height="34" rx="4" />
      <path d="M 50 30 V 22 H 78 V 30" fill="none" />
    </>
  );
}
