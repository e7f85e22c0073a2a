import type { Tone } from "@/core/slip/slip";

/** Shapes beside the colours, so that neither is needed alone. */
export const TONE_SHAPE: Record<Tone, string> = { good: "●", watch: "▲", stop: "■" };
