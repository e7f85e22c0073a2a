import type { ReactNode } from "react";
import type { Way } from "@/core/decide/topic";

const WHEEL = (
  <>
    <circle cx="60" cy="40" r="30" />
    <circle cx="60" cy="40" r="17" />
    <circle cx="60" cy="40" r="4" />
  </>
);

/** A line with its head at the end that it is drawn to. */
function Arrow({ d, head }: { d: string; head: string }) {
  return (
    <g strokeWidth="3">
      <path d={d} />
      <path d={head} />
    </g>
  );
}

/** Each way of checking, as a hand would draw it on squared paper. */
const DRAWN: Readonly<Record<Way, ReactNode>> = {
  look: (
    <>
      <path d="M 8 50 L 34 36 L 40 47 L 14 61 Z" />
      <path d="M 40 38 L 92 10 M 42 48 L 104 44" strokeDasharray="5 5" />
      <circle cx="97" cy="30" r="13" />
    </>
  ),
  listen: (
    <>
      <path d="M 84 62 C 76 72, 66 64, 70 54 C 74 46, 60 40, 66 26 C 74 12, 96 16, 96 34 C 96 46, 88 48, 84 62 Z" />
      <path d="M 74 34 C 78 26, 88 28, 86 38" />
      <path d="M 18 30 A 14 14 0 0 1 18 50 M 30 22 A 26 26 0 0 1 30 58 M 42 14 A 38 38 0 0 1 42 66" />
    </>
  ),
  feel: (
    <>
      <path d="M 84 12 A 30 30 0 1 0 84 68" />
      <path d="M 14 36 H 44 M 12 43 H 46 M 14 50 H 44 M 18 57 H 40" strokeWidth="5" strokeLinecap="round" />
      <path d="M 48 44 H 54" strokeDasharray="3 3" />
    </>
  ),
  rock: (
    <>
      {WHEEL}
      <Arrow d="M 14 28 V 52" head="M 8 45 L 14 54 L 20 45 M 8 35 L 14 26 L 20 35" />
      <Arrow d="M 106 28 V 52" head="M 100 45 L 106 54 L 112 45 M 100 35 L 106 26 L 112 35" />
    </>
  ),
  spin: (
    <>
      {WHEEL}
      <Arrow d="M 24 24 A 40 40 0 0 1 92 20" head="M 82 16 L 93 21 L 88 9" />
    </>
  ),
  pedal: (
    <>
      <path d="M 20 10 L 62 44 M 54 50 L 72 38 L 80 50 L 62 62 Z" />
      <path d="M 8 74 H 112" strokeDasharray="6 4" />
      <Arrow d="M 96 24 V 62" head="M 89 54 L 96 64 L 103 54" />
    </>
  ),
  drive: (
    <>
      <path d="M 14 50 V 40 L 34 38 L 46 22 H 78 L 92 38 L 106 42 V 50 Z" />
      <circle cx="36" cy="52" r="9" />
      <circle cx="86" cy="52" r="9" />
      <path d="M 6 68 H 114" strokeDasharray="12 8" />
    </>
  ),
  meter: (
    <>
      <rect x="12" y="18" width="40" height="48" rx="4" />
      <rect x="19" y="25" width="26" height="13" />
      <circle cx="32" cy="51" r="7" />
      <path d="M 52 54 C 72 54, 66 22, 84 22 H 92 M 52 60 C 78 60, 72 50, 84 50 H 92" />
      <path d="M 92 22 H 108 M 92 50 H 108" strokeWidth="4" />
    </>
  ),
  swap: (
    <>
      <rect x="10" y="28" width="22" height="26" rx="3" />
      <rect x="88" y="28" width="22" height="26" rx="3" />
      <Arrow d="M 40 32 C 56 20, 66 20, 80 32" head="M 71 31 L 81 33 L 79 23" />
      <Arrow d="M 80 50 C 66 62, 56 62, 40 50" head="M 49 51 L 39 49 L 41 59" />
    </>
  ),
  smell: (
    <>
      <rect x="30" y="56" width="60" height="14" rx="3" />
      <path d="M 44 50 C 36 42, 52 36, 44 26 M 60 50 C 52 42, 68 34, 60 20 M 76 50 C 68 42, 84 36, 76 26" />
    </>
  ),
};

/** By what a check is made, as a small drawing; what it is stands in words beside it. */
export function CheckDrawing({ way }: { way: Way }) {
  return (
    <svg
      aria-hidden
      viewBox="0 0 120 80"
      width="96"
      height="64"
      fill="none"
      stroke="var(--chakra-colors-drawing)"
      strokeWidth="2"
      style={{ flexShrink: 0 }}
    >
      {DRAWN[way]}
    </svg>
  );
}
