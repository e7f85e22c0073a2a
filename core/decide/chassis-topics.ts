import type { Topic } from "./topic";

/** Wheels and what holds them. See topics.ts for where the numbers come from. */
export const CHASSIS_TOPICS: readonly Topic[] = [
  {
    id: "hum",
    symptom: "A hum that rises with speed",
    senses: ["hear", "feel"],
    places: ["front", "rear"],
    causes: [
      { id: "bearing", name: "Wheel bearing", often: 5, sheet: "wheel-bearing-bolted" },
      { id: "tyres", name: "Tyres worn in steps", often: 4 },
      {
        id: "final-drive",
        name: "Gearbox or axle drive",
        often: 1,
        handOver: "Inside a gearbox or axle special tools and settings decide: a workshop's job.",
      },
    ],
    checks: [
      {
        id: "steer",
        ask: "Swing gently left and right at speed. The hum",
        results: ["changes with the swing", "stays the same"],
        tells: { bearing: [0.85, 0.15], tyres: [0.15, 0.85], "final-drive": [0.1, 0.9] },
      },
      {
        id: "tread",
        ask: "Stroke the tread both ways. It feels",
        results: ["stepped one way", "even"],
        tells: { bearing: [0.15, 0.85], tyres: [0.9, 0.1], "final-drive": [0.15, 0.85] },
      },
      {
        id: "spin",
        ask: "Wheel up, spin it by hand with a hand on the spring. It feels",
        results: ["rough", "smooth"],
        tells: { bearing: [0.75, 0.25], tyres: [0.05, 0.95], "final-drive": [0.2, 0.8] },
      },
      {
        id: "throttle",
        ask: "Lift off and press again at one speed. The hum",
        results: ["changes with the pedal", "stays the same"],
        tells: { bearing: [0.1, 0.9], tyres: [0.05, 0.95], "final-drive": [0.85, 0.15] },
      },
    ],
  },
  {
    id: "knock",
    symptom: "A knock over bumps",
    senses: ["hear", "feel"],
    places: ["front", "rear"],
    causes: [
      { id: "link", name: "Anti-roll bar link", often: 5, sheet: "anti-roll-links" },
      { id: "ball-joint", name: "Lower ball joint", often: 3, sheet: "lower-arm" },
      { id: "track-rod", name: "Track rod end", often: 2, sheet: "outer-steering-rod" },
      {
        id: "damper",
        name: "Damper or its top mount",
        often: 3,
        sheet: "strut-assembly",
        handOver: "A compressed spring can kill: a whole assembly, or a workshop.",
      },
      { id: "bush", name: "Arm's bush", often: 2, sheet: "lower-arm" },
    ],
    checks: [
      {
        id: "nine-three",
        ask: "Wheel up, rock it held at 9 and 3 o'clock. There is",
        results: ["play", "none"],
        tells: {
          link: [0.05, 0.95],
          "ball-joint": [0.2, 0.8],
          "track-rod": [0.85, 0.15],
          damper: [0.05, 0.95],
          bush: [0.2, 0.8],
        },
      },
      {
        id: "twelve-six",
        ask: "Rock it held at 12 and 6 o'clock. There is",
        results: ["play", "none"],
        tells: {
          link: [0.05, 0.95],
          "ball-joint": [0.8, 0.2],
          "track-rod": [0.1, 0.9],
          damper: [0.2, 0.8],
          bush: [0.3, 0.7],
        },
      },
      {
        id: "one-side",
        ask: "Over small bumps under one wheel only the knock is",
        results: ["there", "gone"],
        tells: {
          link: [0.85, 0.15],
          "ball-joint": [0.6, 0.4],
          "track-rod": [0.5, 0.5],
          damper: [0.6, 0.4],
          bush: [0.4, 0.6],
        },
      },
      {
        id: "wet",
        ask: "The damper's casing is",
        results: ["wet with oil", "dry"],
        tells: {
          link: [0.08, 0.92],
          "ball-joint": [0.08, 0.92],
          "track-rod": [0.08, 0.92],
          damper: [0.6, 0.4],
          bush: [0.08, 0.92],
        },
      },
      {
        id: "braking",
        ask: "Moving off and braking it",
        results: ["clunks once", "does not"],
        tells: {
          link: [0.1, 0.9],
          "ball-joint": [0.3, 0.7],
          "track-rod": [0.1, 0.9],
          damper: [0.2, 0.8],
          bush: [0.8, 0.2],
        },
      },
    ],
  },
  {
    id: "click",
    symptom: "A click on full lock",
    senses: ["hear"],
    places: ["front"],
    causes: [
      { id: "outer-joint", name: "Outer drive joint", often: 6, sheet: "drive-shaft" },
      { id: "loose-wheel", name: "Loose wheel bolts", often: 1 },
      {
        id: "top-mount",
        name: "Top mount that binds",
        often: 2,
        sheet: "strut-assembly",
        handOver: "The spring has to be compressed: a whole assembly, or a workshop.",
      },
    ],
    checks: [
      {
        id: "boot",
        ask: "The joint's boot is",
        results: ["split, grease thrown about", "whole and dry"],
        tells: { "outer-joint": [0.8, 0.2], "loose-wheel": [0.1, 0.9], "top-mount": [0.1, 0.9] },
      },
      {
        id: "with-speed",
        ask: "Driven slowly on lock, the click",
        results: ["comes faster with speed", "comes once as the wheel is turned"],
        tells: { "outer-joint": [0.95, 0.05], "loose-wheel": [0.7, 0.3], "top-mount": [0.05, 0.95] },
      },
      {
        id: "bolts",
        ask: "Checked with the torque wrench, the wheel bolts are",
        results: ["loose", "tight"],
        tells: { "outer-joint": [0.02, 0.98], "loose-wheel": [0.98, 0.02], "top-mount": [0.02, 0.98] },
      },
    ],
  },
];
