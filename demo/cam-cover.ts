import type { Job } from "../core/model/job";
import { demo, fastener, head, thread, figure, supply, part, step } from "./authoring";

export const COVER_BOLTS = [-2, -1, 0, 1, 2].flatMap((x) => [
  { x: x * 90, y: -60 },
  { x: x * 90, y: 60 },
]);

export const camCover: Job = {
  ...demo("cam-cover"),
  vehicleId: "demo-wren",
  title: "Cam cover gasket and plugs",
  system: "engine",
  state: "planned",
  chosenRouteId: "book",
  routes: [
    {
      id: "book",
      name: "By the book",
      fasteners: [
        fastener("coil", "Coil screws", 4, {
          sizeToUndo: head("T30"),
          thread: thread("M6"),
          figure: figure("8 Nm"),
          source: "vehicle maker",
        }),
        fastener("plug", "Spark plugs", 4, {
          sizeToUndo: head("16"),
          figure: figure("22 Nm"),
          source: "parts maker",
          condition: "dry",
          note: "Cold engine; no grease on the thread.",
        }),
        // Written down in the wrong unit: inch-pounds are meant. The plausibility check catches it.
        fastener("cover", "Cam cover bolts", 10, {
          sizeToUndo: head("10"),
          thread: thread("M6"),
          figure: figure("106 lb ft"),
          source: "memory",
          pattern: { layout: "points", points: COVER_BOLTS },
        }),
        fastener("duct", "Intake duct screws", 3, {
          sizeToUndo: head("T27"),
          thread: thread("M5"),
          figure: figure("snug"),
        }),
        fastener("lid", "Engine lid screws", 2, {
          sizeToUndo: head("T40"),
          thread: thread("M8"),
          figure: figure("snug"),
        }),
        fastener("eye", "Lifting eye bolt", 1, {
          sizeToUndo: head("T45"),
          thread: thread("M8"),
          figure: figure("22 Nm"),
          source: "vehicle maker",
        }),
        fastener("bracket", "Pipe bracket bolts", 2, {
          sizeToUndo: head("E8"),
          thread: thread("M6"),
          figure: figure("10 Nm"),
          source: "vehicle maker",
        }),
        fastener("strap", "Earth strap screw", 1, {
          sizeToUndo: head("E6"),
          thread: thread("M5"),
          figure: figure("snug"),
        }),
      ],
      supplies: [
        supply("cleaner", "Gasket cleaner", 100, "mL"),
        supply("sealant", "Corner sealant", 3, "mL"),
        supply("rags", "Rags", 4, "pieces"),
      ],
      parts: [
        part("gasket", "Cam cover gasket", "engine", { priceMinor: 2150, leavesOut: ["Plug well seals"] }),
        part("plugs", "Spark plugs", "engine", { count: 4, priceMinor: 3880 }),
      ],
      steps: [
        step("cold", "make safe", "do", "Engine cold, key out", { minutes: { usual: 2 } }),
        step("lid-off", "take apart", "undo", "Engine lid off", { fastenerId: "lid", minutes: { usual: 3 } }),
        step("duct-off", "take apart", "undo", "Intake duct off", {
          fastenerId: "duct",
          minutes: { usual: 6 },
        }),
        step("strap-off", "take apart", "undo", "Earth strap off the cover", {
          fastenerId: "strap",
          minutes: { usual: 2 },
        }),
        step("bracket-off", "take apart", "undo", "Pipe bracket off", {
          fastenerId: "bracket",
          minutes: { usual: 4 },
        }),
        step("eye-off", "take apart", "undo", "Lifting eye off", {
          fastenerId: "eye",
          minutes: { usual: 3 },
        }),
        step("coils-off", "take apart", "undo", "Coils unplugged and out", {
          fastenerId: "coil",
          minutes: { usual: 12 },
        }),
        step("plugs-out", "take apart", "undo", "Blow the wells clean, plugs out", {
          fastenerId: "plug",
          minutes: { usual: 15 },
          cautions: ["Compressed air: eye protection on."],
        }),
        step("cover-off", "take apart", "undo", "Cam cover off, from the outside in", {
          fastenerId: "cover",
          minutes: { usual: 20 },
        }),
        step("face", "look closely", "look", "Sealing face: clean, flat, no old gasket left", {
          minutes: { usual: 15 },
        }),
        step("cover-hand", "put back", "hand-start", "New gasket, cover on, bolts by hand", {
          fastenerId: "cover",
          minutes: { usual: 12 },
        }),
        step("cover-tight", "put back", "torque", "Cam cover bolts", {
          fastenerId: "cover",
          minutes: { usual: 8 },
        }),
        step("plugs-in", "put back", "torque", "New plugs", { fastenerId: "plug", minutes: { usual: 10 } }),
        step("coils-on", "put back", "torque", "Coils in and plugged, tug each", {
          fastenerId: "coil",
          minutes: { usual: 8 },
        }),
        step("eye-on", "put back", "torque", "Lifting eye on", { fastenerId: "eye", minutes: { usual: 3 } }),
        step("bracket-on", "put back", "torque", "Pipe bracket on", {
          fastenerId: "bracket",
          minutes: { usual: 4 },
        }),
        step("strap-on", "put back", "torque", "Earth strap on the cover", {
          fastenerId: "strap",
          minutes: { usual: 2 },
        }),
        step("duct-on", "put back", "torque", "Intake duct on", {
          fastenerId: "duct",
          minutes: { usual: 6 },
        }),
        step("lid-on", "put back", "torque", "Engine lid on", { fastenerId: "lid", minutes: { usual: 3 } }),
        step("warm", "prove it", "look", "Warm it up, look for oil along the edge", {
          minutes: { usual: 20 },
        }),
      ],
    },
  ],
};
