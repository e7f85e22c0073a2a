import type { Topic } from "./topic";

/** Brakes. See topics.ts for where the numbers come from. */
export const BRAKE_TOPICS: readonly Topic[] = [
  {
    id: "squeal",
    symptom: "A squeal or grinding when braking",
    senses: ["hear"],
    places: ["front", "rear"],
    causes: [
      { id: "pads", name: "Pads worn out", often: 5, sheet: "pads-and-discs" },
      { id: "dust", name: "Dust, or pads that ring in dry clips", often: 4, sheet: "pads-and-discs" },
      { id: "stuck", name: "Caliper or slide that sticks", often: 2, sheet: "pads-and-discs" },
      { id: "drum", name: "Shoes or dust in a rear drum", often: 2, sheet: "drum-shoes" },
      { id: "stone", name: "Stone or a bent shield at the disc", often: 1 },
    ],
    checks: [
      {
        id: "lining",
        ask: "Seen between the spokes, the lining that is left is",
        results: ["less than 3 mm, or metal", "more"],
        tells: {
          pads: [0.9, 0.1],
          dust: [0.05, 0.95],
          stuck: [0.4, 0.6],
          drum: [0.05, 0.95],
          stone: [0.05, 0.95],
        },
      },
      {
        id: "grinds",
        ask: "The noise is",
        results: ["a grinding or scraping", "a high squeal"],
        tells: {
          pads: [0.5, 0.5],
          dust: [0.05, 0.95],
          stuck: [0.3, 0.7],
          drum: [0.5, 0.5],
          stone: [0.8, 0.2],
        },
      },
      {
        id: "without",
        ask: "With the foot off the pedal it",
        results: ["goes on", "stops"],
        tells: {
          pads: [0.4, 0.6],
          dust: [0.1, 0.9],
          stuck: [0.6, 0.4],
          drum: [0.1, 0.9],
          stone: [0.9, 0.1],
        },
      },
      {
        id: "hot",
        ask: "After a drive, one wheel beside the others is",
        results: ["much hotter", "as warm"],
        tells: {
          pads: [0.1, 0.9],
          dust: [0.05, 0.95],
          stuck: [0.8, 0.2],
          drum: [0.15, 0.85],
          stone: [0.05, 0.95],
        },
      },
      {
        id: "handbrake",
        ask: "Slowed by the handbrake alone, it",
        results: ["makes the noise", "is quiet"],
        tells: {
          pads: [0.1, 0.9],
          dust: [0.1, 0.9],
          stuck: [0.1, 0.9],
          drum: [0.8, 0.2],
          stone: [0.1, 0.9],
        },
      },
    ],
  },
  {
    id: "pulse",
    symptom: "A pulse in the brake pedal",
    senses: ["feel"],
    places: ["front", "rear", "cabin"],
    causes: [
      { id: "disc", name: "Disc of uneven thickness", often: 6, sheet: "pads-and-discs" },
      { id: "drum", name: "Drum out of round", often: 2, sheet: "drum-shoes" },
      { id: "hub-face", name: "Rust between disc and hub", often: 2, sheet: "pads-and-discs" },
      {
        id: "anti-lock",
        name: "Anti-lock cutting in",
        often: 1,
        handOver: "Reading its faults takes a maker's tester.",
      },
    ],
    checks: [
      {
        id: "wheel-shakes",
        ask: "Braking from speed, the steering wheel",
        results: ["shakes too", "is still"],
        tells: { disc: [0.75, 0.25], drum: [0.1, 0.9], "hub-face": [0.7, 0.3], "anti-lock": [0.1, 0.9] },
      },
      {
        id: "handbrake",
        ask: "Slowed by the handbrake alone, it",
        results: ["pulses", "does not"],
        tells: { disc: [0.1, 0.9], drum: [0.9, 0.1], "hub-face": [0.1, 0.9], "anti-lock": [0.02, 0.98] },
      },
      {
        id: "thickness",
        ask: "Measured in eight places, the disc's thickness varies by",
        results: ["more than 0.02 mm", "less"],
        tells: { disc: [0.9, 0.1], drum: [0.1, 0.9], "hub-face": [0.2, 0.8], "anti-lock": [0.1, 0.9] },
      },
      {
        id: "lamp",
        ask: "The anti-lock lamp",
        results: ["comes on", "stays out"],
        tells: { disc: [0.03, 0.97], drum: [0.03, 0.97], "hub-face": [0.03, 0.97], "anti-lock": [0.6, 0.4] },
      },
    ],
  },
  {
    id: "long-pedal",
    symptom: "A long or soft brake pedal",
    senses: ["feel"],
    places: ["cabin", "underneath"],
    causes: [
      { id: "adjust", name: "Shoes far from the drum", often: 4, sheet: "drum-shoes" },
      { id: "air", name: "Air in the lines", often: 3, sheet: "brake-fluid" },
      { id: "cylinder", name: "Leaking wheel cylinder or hose", often: 2, sheet: "drum-shoes" },
      { id: "master", name: "Master cylinder that lets past", often: 2 },
    ],
    checks: [
      {
        id: "pump",
        ask: "Pumped twice quickly, the pedal",
        results: ["comes up and stays", "comes up and sinks", "stays low"],
        tells: {
          adjust: [0.85, 0.05, 0.1],
          air: [0.7, 0.15, 0.15],
          cylinder: [0.2, 0.6, 0.2],
          master: [0.15, 0.75, 0.1],
        },
      },
      {
        id: "spongy",
        ask: "Under the foot it feels",
        results: ["springy", "hard, but low"],
        tells: { adjust: [0.15, 0.85], air: [0.9, 0.1], cylinder: [0.5, 0.5], master: [0.3, 0.7] },
      },
      {
        id: "wet-wheel",
        ask: "Inside the wheels and along the hoses it is",
        results: ["wet", "dry"],
        tells: { adjust: [0.05, 0.95], air: [0.1, 0.9], cylinder: [0.9, 0.1], master: [0.05, 0.95] },
      },
      {
        id: "level",
        ask: "The fluid's level has",
        results: ["fallen", "stayed"],
        tells: { adjust: [0.2, 0.8], air: [0.3, 0.7], cylinder: [0.9, 0.1], master: [0.2, 0.8] },
      },
    ],
  },
];
