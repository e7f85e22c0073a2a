import { BRAKE_TOPICS } from "./brake-topics";
import { CHASSIS_TOPICS } from "./chassis-topics";
import { ENGINE_TOPICS } from "./engine-topics";
import type { Topic } from "./topic";

/*
 * General knowledge in our own words: how often, and how likely a result is, are judgements of practice in
 * rough steps (0.9 nearly always, 0.5 as often as not, 0.1 hardly ever), not measured figures. They order the
 * looking; they prove nothing.
 */
export const TOPICS: readonly Topic[] = [...CHASSIS_TOPICS, ...BRAKE_TOPICS, ...ENGINE_TOPICS];
