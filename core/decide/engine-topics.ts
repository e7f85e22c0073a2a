import type { Topic } from "./topic";

/** Engine, cooling and starting. See topics.ts for where the numbers come from. */
export const ENGINE_TOPICS: readonly Topic[] = [
  {
    id: "no-crank",
    symptom: "It cranks slowly or not at all",
    senses: ["hear"],
    places: ["engine"],
    causes: [
      { id: "battery", name: "Battery flat or worn out", often: 6, sheet: "battery" },
      { id: "cable", name: "Earth lead or cable with a bad joint", often: 3 },
      { id: "starter", name: "Starter motor", often: 3, sheet: "starter" },
      {
        id: "engine",
        name: "Engine that is stiff or stuck",
        often: 0.5,
        handOver: "An engine that does not turn by hand is for somebody who opens engines.",
      },
    ],
    checks: [
      {
        id: "lamps",
        ask: "While cranking, the headlamps",
        results: ["go dim", "stay bright"],
        tells: { battery: [0.9, 0.1], cable: [0.5, 0.5], starter: [0.4, 0.6], engine: [0.9, 0.1] },
      },
      {
        id: "volts",
        ask: "Across the battery's posts while cranking there are",
        results: ["less than 9.6 V", "more"],
        tells: { battery: [0.9, 0.1], cable: [0.1, 0.9], starter: [0.3, 0.7], engine: [0.7, 0.3] },
      },
      {
        id: "drop",
        ask: "From the battery's earth post to the engine while cranking there are",
        results: ["more than 0.5 V", "less"],
        tells: { battery: [0.05, 0.95], cable: [0.8, 0.2], starter: [0.05, 0.95], engine: [0.05, 0.95] },
      },
      {
        id: "tap",
        ask: "A tap on the starter's body",
        results: ["gets it going", "changes nothing"],
        tells: { battery: [0.03, 0.97], cable: [0.1, 0.9], starter: [0.5, 0.5], engine: [0.02, 0.98] },
      },
    ],
  },
  {
    id: "coolant",
    symptom: "It loses coolant",
    senses: ["see", "smell"],
    places: ["engine", "cabin"],
    causes: [
      { id: "hose", name: "Hose or clamp", often: 5, sheet: "radiator" },
      { id: "radiator", name: "Radiator", often: 3, sheet: "radiator" },
      { id: "pump", name: "Coolant pump", often: 3, sheet: "coolant-pump" },
      {
        id: "gasket",
        name: "Head gasket",
        often: 1.5,
        handOver: "Taking a head off takes a workshop, or somebody who has done it.",
      },
    ],
    checks: [
      {
        id: "puddle",
        ask: "After a night there is",
        results: ["a wet patch under it", "none"],
        tells: { hose: [0.8, 0.2], radiator: [0.7, 0.3], pump: [0.7, 0.3], gasket: [0.1, 0.9] },
      },
      {
        id: "where",
        ask: "The crust of dried coolant is",
        results: ["at a hose's end", "on the radiator", "below the pump's pulley", "nowhere"],
        tells: {
          hose: [0.75, 0.05, 0.05, 0.15],
          radiator: [0.05, 0.75, 0.05, 0.15],
          pump: [0.05, 0.05, 0.75, 0.15],
          gasket: [0.05, 0.05, 0.05, 0.85],
        },
      },
      {
        id: "bubbles",
        ask: "Cold, cap off, engine started: in the tank there are",
        results: ["bubbles that do not stop", "none after a minute"],
        tells: { hose: [0.05, 0.95], radiator: [0.05, 0.95], pump: [0.05, 0.95], gasket: [0.8, 0.2] },
      },
      {
        id: "smoke",
        ask: "From the exhaust, warm, comes",
        results: ["sweet white steam", "nothing to see"],
        tells: { hose: [0.03, 0.97], radiator: [0.03, 0.97], pump: [0.03, 0.97], gasket: [0.6, 0.4] },
      },
    ],
  },
  {
    id: "oil",
    symptom: "Oil on the outside of the engine",
    senses: ["see", "smell"],
    places: ["engine", "underneath"],
    causes: [
      { id: "cover", name: "Cam cover gasket", often: 5, sheet: "cam-cover" },
      { id: "plug", name: "Drain plug or oil filter", often: 4, sheet: "engine-oil" },
      { id: "sump", name: "Sump gasket", often: 2 },
      {
        id: "end-seal",
        name: "Seal between engine and gearbox",
        often: 1.5,
        handOver: "The gearbox has to come out: a lift, and two people.",
      },
    ],
    checks: [
      {
        id: "highest",
        ask: "Washed and driven, the highest wet place is",
        results: [
          "along the top cover",
          "at the plug or filter",
          "round the sump's edge",
          "where gearbox meets engine",
        ],
        tells: {
          cover: [0.85, 0.05, 0.05, 0.05],
          plug: [0.02, 0.85, 0.1, 0.03],
          sump: [0.02, 0.13, 0.75, 0.1],
          "end-seal": [0.02, 0.05, 0.13, 0.8],
        },
      },
      {
        id: "smell",
        ask: "After a drive it smells of hot oil",
        results: ["yes", "no"],
        tells: { cover: [0.8, 0.2], plug: [0.2, 0.8], sump: [0.2, 0.8], "end-seal": [0.2, 0.8] },
      },
      {
        id: "lately",
        ask: "The oil was last changed",
        results: ["just before it began", "long ago"],
        tells: { cover: [0.15, 0.85], plug: [0.8, 0.2], sump: [0.2, 0.8], "end-seal": [0.1, 0.9] },
      },
    ],
  },
  {
    id: "misfire",
    symptom: "It runs unevenly, with the engine lamp on",
    senses: ["feel", "see"],
    places: ["engine"],
    causes: [
      { id: "plug", name: "Spark plug", often: 4, sheet: "spark-plugs" },
      { id: "coil", name: "Ignition coil", often: 4, sheet: "spark-plugs" },
      { id: "air", name: "Air let in behind the meter", often: 3 },
      { id: "injector", name: "Injector", often: 1.5 },
    ],
    checks: [
      {
        id: "swap-coil",
        ask: "Two coils changed over, the fault",
        results: ["goes with the coil", "stays"],
        tells: { plug: [0.05, 0.95], coil: [0.9, 0.1], air: [0.03, 0.97], injector: [0.03, 0.97] },
      },
      {
        id: "look-plug",
        ask: "The plug of the cylinder that misses is",
        results: ["worn, oiled or cracked", "like the others"],
        tells: { plug: [0.85, 0.15], coil: [0.3, 0.7], air: [0.15, 0.85], injector: [0.3, 0.7] },
      },
      {
        id: "idle-only",
        ask: "It runs badly",
        results: ["only at idle", "at all speeds"],
        tells: { plug: [0.3, 0.7], coil: [0.25, 0.75], air: [0.85, 0.15], injector: [0.4, 0.6] },
      },
      {
        id: "hiss",
        ask: "Round the intake at idle there is",
        results: ["a hiss", "nothing to hear"],
        tells: { plug: [0.05, 0.95], coil: [0.05, 0.95], air: [0.7, 0.3], injector: [0.05, 0.95] },
      },
    ],
  },
];
