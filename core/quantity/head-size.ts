import { z } from "zod";

/**
 * The shapes a tool takes hold of. A twelve-point head is not a hexagon: only a twelve-point socket or ring
 * goes on.
 */
export const HEAD_PROFILES = [
  "hexagon",
  "hexagon key",
  "six-lobe",
  "six-lobe external",
  "multi-spline",
  "twelve-point",
  "cross",
  "slot",
  "square",
] as const;

/** Turned from inside: on a square drive it is a bit that does it, in the hand a key or a driver. */
const RECESSES: readonly (typeof HEAD_PROFILES)[number][] = [
  "hexagon key",
  "six-lobe",
  "multi-spline",
  "cross",
  "slot",
  "square",
];

export const isRecess = ({ profile }: Pick<HeadSize, "profile">): boolean => RECESSES.includes(profile);

/**
 * A head by shape and size: across flats in mm or inches, the width of a slot, or the shape's own number
 * (T40, E12, M10 spline, cross-head 2).
 */
export const headSizeSchema = z.strictObject({
  profile: z.enum(HEAD_PROFILES),
  size: z.number().positive().max(200),
  unit: z.enum(["mm", "in", "number"]),
});
export type HeadSize = z.infer<typeof headSizeSchema>;
export type HeadProfile = HeadSize["profile"];

/**
 * Numbers that are made of the shapes that go by number. ISO 10664 six-lobe; external six-lobe; multi-spline.
 */
export const MADE_NUMBERS: Partial<Record<HeadSize["profile"], readonly number[]>> = {
  "six-lobe": [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 15, 20, 25, 27, 30, 40, 45, 50, 55, 60, 70, 80, 90, 100],
  "six-lobe external": [4, 5, 6, 7, 8, 10, 11, 12, 14, 16, 18, 20, 24],
  // ISO 4757, recess H.
  cross: [0, 1, 2, 3, 4],
  "multi-spline": [4, 5, 6, 8, 10, 12, 14, 16, 18],
};
