import type { Job } from "../core/model/job";
import { fastener, head, thread, figure, supply, step, part, demo } from "./authoring";
import { below } from "./stances";

export const starterFasteners = [
  fastener("earth", "Battery earth clamp", 1, {
    sizeToUndo: head("10"),
    thread: thread("M6"),
    figure: figure("snug"),
  }),
  fastener("cable", "Starter cable nut", 1, {
    sizeToUndo: head("12"),
    thread: thread("M8"),
    figure: figure("168 in-lb"),
    source: "parts maker",
  }),
  fastener("starter", "Starter bolts", 2, {
    sizeToUndo: head("14"),
    thread: thread("M10"),
    figure: figure("32 ft-lb"),
    source: "vehicle maker",
    reachMm: 180,
  }),
];

export const shieldFasteners = [
  fastener("shield", "Heat shield screws", 3, {
    sizeToUndo: head("E8"),
    thread: thread("M6"),
    figure: figure("snug"),
  }),
  fastener("lead-clip", "Lead clip screw", 1, {
    sizeToUndo: head("T40"),
    thread: thread("M8"),
    figure: figure("snug"),
  }),
];

export const starterSupplies = [
  supply("grease", "Terminal grease", 5, "g"),
  supply("soak", "Penetrant", 50, "mL"),
  supply("rags", "Rags", 2, "pieces"),
];

export const starterMotor: Job = {
  ...demo("starter"),
  vehicleId: "demo-drover",
  title: "Starter motor",
  system: "starting and charging",
  state: "planned",
  plannedFor: "2026-12-05",
  chosenRouteId: "below",
  routes: [
    {
      id: "below",
      name: "From below, on stands",
      undoable: "fully",
      laysBare: [
        {
          id: "bare-lead",
          name: "Starter cable",
          place: "engine",
          priceMinor: 2400,
          minutesNow: 10,
          minutesLater: 70,
          lastsKm: 240000,
        },
        {
          id: "bare-mount",
          name: "Gearbox mount",
          place: "gearbox",
          priceMinor: 5200,
          minutesNow: 60,
          minutesLater: 75,
          lastsKm: 200000,
        },
      ],
      fasteners: [...starterFasteners, ...shieldFasteners],
      supplies: starterSupplies,
      parts: [part("starter-new", "Starter motor", "engine", { partNumber: "SM-4406", priceMinor: 13900 })],
      steps: [
        step("earth-off", "make safe", "undo", "Battery earth lead off first", {
          fastenerId: "earth",
          minutes: { usual: 5 },
          cautions: ["Earth lead off first, on last."],
        }),
        step("raise", "make safe", "raise", "Front up on two stands", { ...below, minutes: { usual: 12 } }),
        step("shield-off", "take apart", "undo", "Heat shield off", {
          ...below,
          fastenerId: "shield",
          minutes: { usual: 8 },
          detail: "Soak the screws with penetrant the evening before.",
        }),
        step("clip-off", "take apart", "undo", "Lead clip off its bracket", {
          ...below,
          fastenerId: "lead-clip",
          minutes: { usual: 3 },
        }),
        step("cable-off", "take apart", "undo", "Starter cable and trigger lead off", {
          ...below,
          fastenerId: "cable",
          minutes: { usual: 10 },
          takesOff: ["trigger lead"],
        }),
        step("starter-off", "take apart", "undo", "Starter out", {
          ...below,
          fastenerId: "starter",
          minutes: { usual: 30 },
          movesPast: ["trigger lead"],
          cautions: ["It is heavy: support it before the last bolt."],
        }),
        step("ring", "look closely", "look", "Ring gear teeth through the hole, all the way round", {
          ...below,
          minutes: { usual: 10 },
        }),
        step("starter-hand", "put back", "hand-start", "New starter in, both bolts by hand", {
          ...below,
          fastenerId: "starter",
          minutes: { usual: 15 },
        }),
        step("starter-tight", "put back", "torque", "Starter bolts", {
          ...below,
          fastenerId: "starter",
          minutes: { usual: 5 },
        }),
        step("cable-on", "put back", "torque", "Cable nut and trigger lead", {
          ...below,
          fastenerId: "cable",
          minutes: { usual: 8 },
          putsBack: ["trigger lead"],
        }),
        step("clip-on", "put back", "torque", "Lead clip on its bracket", {
          ...below,
          fastenerId: "lead-clip",
          minutes: { usual: 3 },
        }),
        step("shield-on", "put back", "torque", "Heat shield on", {
          ...below,
          fastenerId: "shield",
          minutes: { usual: 8 },
        }),
        step("lower", "put back", "lower", "Down off the stands", { ...below, minutes: { usual: 5 } }),
        step("earth-on", "put back", "torque", "Battery earth lead on last", {
          fastenerId: "earth",
          minutes: { usual: 4 },
        }),
        step("crank", "prove it", "look", "Three starts, lamp out, no grinding", { minutes: { usual: 5 } }),
      ],
    },
    {
      id: "above",
      name: "From above, intake pipe off",
      harm: "Old intake pipe clamps may not close again",
      undoable: "with a new part",
      fasteners: [
        ...starterFasteners,
        fastener("clamp", "Intake pipe clamps", 2, { sizeToUndo: head("8"), figure: figure("snug") }),
      ],
      supplies: starterSupplies,
      parts: [part("starter-new", "Starter motor", "engine", { partNumber: "SM-4406", priceMinor: 13900 })],
      steps: [
        step("earth-off", "make safe", "undo", "Battery earth lead off first", {
          fastenerId: "earth",
          minutes: { usual: 5 },
          cautions: ["Earth lead off first, on last."],
        }),
        step("pipe-off", "take apart", "undo", "Intake pipe off", {
          fastenerId: "clamp",
          minutes: { usual: 15 },
        }),
        step("cable-off", "take apart", "undo", "Starter cable and trigger lead off", {
          fastenerId: "cable",
          minutes: { usual: 20 },
          takesOff: ["trigger lead"],
        }),
        step("starter-off", "take apart", "undo", "Starter out, by feel", {
          fastenerId: "starter",
          minutes: { usual: 50 },
          movesPast: ["trigger lead"],
        }),
        step("starter-tight", "put back", "torque", "New starter in, bolts to figure", {
          fastenerId: "starter",
          minutes: { usual: 25 },
        }),
        step("cable-on", "put back", "torque", "Cable nut and trigger lead", {
          fastenerId: "cable",
          minutes: { usual: 12 },
          putsBack: ["trigger lead"],
        }),
        step("pipe-on", "put back", "torque", "Intake pipe on", {
          fastenerId: "clamp",
          minutes: { usual: 10 },
        }),
        step("earth-on", "put back", "torque", "Battery earth lead on last", {
          fastenerId: "earth",
          minutes: { usual: 4 },
        }),
        step("crank", "prove it", "look", "Three starts, no whistle from the intake", {
          minutes: { usual: 5 },
        }),
      ],
    },
  ],
};
