import type { KitRecord } from "@/core/model/kit";
import { demo } from "./authoring";

/**
 * The brake job's parts came last week; half the mat is laid. The starter has a workshop's quote to be held
 * against.
 */
export const kits: KitRecord[] = [
  {
    ...demo("kit-brake-shoes"),
    jobId: "demo-brake-shoes",
    laidOut: ["demo-breaker-12", "demo-stands", "demo-jack"],
    got: ["left-shoes", "left-cylinder-new", "right-shoes", "right-cylinder-new"].map((id) => ({
      key: `part ${id}`,
      how: "in hand",
      from: "the parts counter",
    })),
    typed: [],
    wishes: { own: [] },
    quoteMinor: 31_000,
    hourMinor: 1500,
  },
  {
    ...demo("kit-starter"),
    jobId: "demo-starter",
    laidOut: [],
    got: [],
    typed: [],
    wishes: { own: [] },
    quoteMinor: 34_500,
    hourMinor: 1500,
    toolUses: 10,
  },
  {
    ...demo("kit-cam-cover"),
    jobId: "demo-cam-cover",
    laidOut: [],
    got: [],
    typed: [],
    wishes: { own: [] },
    quoteMinor: 21_000,
    hourMinor: 1500,
    toolUses: 10,
  },
  {
    ...demo("kit-engine-mount"),
    jobId: "demo-engine-mount",
    laidOut: [],
    got: [],
    typed: [],
    wishes: { own: [] },
    quoteMinor: 26_500,
    hourMinor: 1500,
  },
];
