import { z } from "zod";

/** The shapes a tool takes hold of. */
export const HEAD_PROFILES = ["hexagon", "hexagon key", "six-lobe", "six-lobe external", "multi-spline"] as const;

/** A head by shape and size: across flats in mm or inches, or the shape's own number (T40, E12, M10 spline). */
export const headSizeSchema = z.strictObject({
  profile: z.enum(HEAD_PROFILES),
  size: z.number().positive().max(200),
  unit: z.enum(["mm", "in", "number"]),
});
export type HeadSize = z.infer<typeof headSizeSchema>;
