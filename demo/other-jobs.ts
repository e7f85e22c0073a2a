import type { Job } from "@/core/model/job";
import type { Work, WorkEvent } from "@/core/model/work";
import { demo, fastener, figure, head, part, step, supply, thread } from "./authoring";

const below = { stance: "front up" as const };

const starterFasteners = [
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
const shieldFasteners = [
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
const starterSupplies = [
  supply("grease", "Terminal grease", 5, "g"),
  supply("soak", "Penetrant", 50, "mL"),
  supply("rags", "Rags", 2, "pieces"),
];

const starterMotor: Job = {
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
          lastsKm: 240_000,
        },
        {
          id: "bare-mount",
          name: "Gearbox mount",
          place: "gearbox",
          priceMinor: 5200,
          minutesNow: 60,
          minutesLater: 75,
          lastsKm: 200_000,
        },
      ],
      fasteners: [...starterFasteners, ...shieldFasteners],
      supplies: starterSupplies,
      parts: [part("starter-new", "Starter motor", "engine", { partNumber: "SM-4406", priceMinor: 13_900 })],
      steps: [
        step("earth-off", "make safe", "undo", "Battery earth lead off first", {
          fastenerId: "earth",
          usualMinutes: 5,
          cautions: ["Earth lead off first, on last."],
        }),
        step("raise", "make safe", "raise", "Front up on two stands", { ...below, usualMinutes: 12 }),
        step("shield-off", "take apart", "undo", "Heat shield off", {
          ...below,
          fastenerId: "shield",
          usualMinutes: 8,
          detail: "Soak the screws with penetrant the evening before.",
        }),
        step("clip-off", "take apart", "undo", "Lead clip off its bracket", {
          ...below,
          fastenerId: "lead-clip",
          usualMinutes: 3,
        }),
        step("cable-off", "take apart", "undo", "Starter cable and trigger lead off", {
          ...below,
          fastenerId: "cable",
          usualMinutes: 10,
          takesOff: ["trigger lead"],
        }),
        step("starter-off", "take apart", "undo", "Starter out", {
          ...below,
          fastenerId: "starter",
          usualMinutes: 30,
          movesPast: ["trigger lead"],
          cautions: ["It is heavy: support it before the last bolt."],
        }),
        step("ring", "look closely", "look", "Ring gear teeth through the hole, all the way round", {
          ...below,
          usualMinutes: 10,
        }),
        step("starter-hand", "put back", "hand-start", "New starter in, both bolts by hand", {
          ...below,
          fastenerId: "starter",
          usualMinutes: 15,
        }),
        step("starter-tight", "put back", "torque", "Starter bolts", {
          ...below,
          fastenerId: "starter",
          usualMinutes: 5,
        }),
        step("cable-on", "put back", "torque", "Cable nut and trigger lead", {
          ...below,
          fastenerId: "cable",
          usualMinutes: 8,
          putsBack: ["trigger lead"],
        }),
        step("clip-on", "put back", "torque", "Lead clip on its bracket", {
          ...below,
          fastenerId: "lead-clip",
          usualMinutes: 3,
        }),
        step("shield-on", "put back", "torque", "Heat shield on", {
          ...below,
          fastenerId: "shield",
          usualMinutes: 8,
        }),
        step("lower", "put back", "lower", "Down off the stands", { ...below, usualMinutes: 5 }),
        step("earth-on", "put back", "torque", "Battery earth lead on last", {
          fastenerId: "earth",
          usualMinutes: 4,
        }),
        step("crank", "prove it", "look", "Three starts, lamp out, no grinding", { usualMinutes: 5 }),
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
      parts: [part("starter-new", "Starter motor", "engine", { partNumber: "SM-4406", priceMinor: 13_900 })],
      steps: [
        step("earth-off", "make safe", "undo", "Battery earth lead off first", {
          fastenerId: "earth",
          usualMinutes: 5,
          cautions: ["Earth lead off first, on last."],
        }),
        step("pipe-off", "take apart", "undo", "Intake pipe off", { fastenerId: "clamp", usualMinutes: 15 }),
        step("cable-off", "take apart", "undo", "Starter cable and trigger lead off", {
          fastenerId: "cable",
          usualMinutes: 20,
          takesOff: ["trigger lead"],
        }),
        step("starter-off", "take apart", "undo", "Starter out, by feel", {
          fastenerId: "starter",
          usualMinutes: 50,
          movesPast: ["trigger lead"],
        }),
        step("starter-tight", "put back", "torque", "New starter in, bolts to figure", {
          fastenerId: "starter",
          usualMinutes: 25,
        }),
        step("cable-on", "put back", "torque", "Cable nut and trigger lead", {
          fastenerId: "cable",
          usualMinutes: 12,
          putsBack: ["trigger lead"],
        }),
        step("pipe-on", "put back", "torque", "Intake pipe on", { fastenerId: "clamp", usualMinutes: 10 }),
        step("earth-on", "put back", "torque", "Battery earth lead on last", {
          fastenerId: "earth",
          usualMinutes: 4,
        }),
        step("crank", "prove it", "look", "Three starts, no whistle from the intake", { usualMinutes: 5 }),
      ],
    },
  ],
};

const COVER_BOLTS = [-2, -1, 0, 1, 2].flatMap((x) => [
  { x: x * 90, y: -60 },
  { x: x * 90, y: 60 },
]);

const camCover: Job = {
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
        step("cold", "make safe", "do", "Engine cold, key out", { usualMinutes: 2 }),
        step("lid-off", "take apart", "undo", "Engine lid off", { fastenerId: "lid", usualMinutes: 3 }),
        step("duct-off", "take apart", "undo", "Intake duct off", { fastenerId: "duct", usualMinutes: 6 }),
        step("strap-off", "take apart", "undo", "Earth strap off the cover", {
          fastenerId: "strap",
          usualMinutes: 2,
        }),
        step("bracket-off", "take apart", "undo", "Pipe bracket off", {
          fastenerId: "bracket",
          usualMinutes: 4,
        }),
        step("eye-off", "take apart", "undo", "Lifting eye off", { fastenerId: "eye", usualMinutes: 3 }),
        step("coils-off", "take apart", "undo", "Coils unplugged and out", {
          fastenerId: "coil",
          usualMinutes: 12,
        }),
        step("plugs-out", "take apart", "undo", "Blow the wells clean, plugs out", {
          fastenerId: "plug",
          usualMinutes: 15,
          cautions: ["Compressed air: eye protection on."],
        }),
        step("cover-off", "take apart", "undo", "Cam cover off, from the outside in", {
          fastenerId: "cover",
          usualMinutes: 20,
        }),
        step("face", "look closely", "look", "Sealing face: clean, flat, no old gasket left", {
          usualMinutes: 15,
        }),
        step("cover-hand", "put back", "hand-start", "New gasket, cover on, bolts by hand", {
          fastenerId: "cover",
          usualMinutes: 12,
        }),
        step("cover-tight", "put back", "torque", "Cam cover bolts", {
          fastenerId: "cover",
          usualMinutes: 8,
        }),
        step("plugs-in", "put back", "torque", "New plugs", { fastenerId: "plug", usualMinutes: 10 }),
        step("coils-on", "put back", "torque", "Coils in and plugged, tug each", {
          fastenerId: "coil",
          usualMinutes: 8,
        }),
        step("eye-on", "put back", "torque", "Lifting eye on", { fastenerId: "eye", usualMinutes: 3 }),
        step("bracket-on", "put back", "torque", "Pipe bracket on", {
          fastenerId: "bracket",
          usualMinutes: 4,
        }),
        step("strap-on", "put back", "torque", "Earth strap on the cover", {
          fastenerId: "strap",
          usualMinutes: 2,
        }),
        step("duct-on", "put back", "torque", "Intake duct on", { fastenerId: "duct", usualMinutes: 6 }),
        step("lid-on", "put back", "torque", "Engine lid on", { fastenerId: "lid", usualMinutes: 3 }),
        step("warm", "prove it", "look", "Warm it up, look for oil along the edge", { usualMinutes: 20 }),
      ],
    },
  ],
};

const engineMount: Job = {
  ...demo("engine-mount"),
  vehicleId: "demo-minnow",
  title: "Right engine mount",
  system: "engine",
  state: "done",
  doneOn: "2026-11-08",
  chosenRouteId: "book",
  routes: [
    {
      id: "book",
      name: "By the book",
      fasteners: [
        fastener("to-body", "Mount to body bolts", 3, {
          sizeToUndo: head("15"),
          sizeToDoUp: head("E12"),
          thread: thread("M10"),
          figure: figure("50 Nm + 90°"),
          source: "vehicle maker",
          singleUse: true,
        }),
        fastener("to-engine", "Mount to engine nuts", 2, {
          sizeToUndo: head("17"),
          thread: thread("M12"),
          figure: figure("40 Nm then 75 Nm"),
          source: "vehicle maker",
        }),
      ],
      parts: [part("mount", "Engine mount, right", "engine", { priceMinor: 6420, holds: ["to-body"] })],
      steps: [
        step("support", "make safe", "do", "Jack and a block under the sump, just touching", {
          usualMinutes: 10,
          cautions: ["Take the weight only: do not lift the engine."],
        }),
        step("nuts-off", "take apart", "undo", "Nuts off the engine side", {
          fastenerId: "to-engine",
          usualMinutes: 10,
        }),
        step("bolts-out", "take apart", "undo", "Body bolts out, mount off", {
          fastenerId: "to-body",
          usualMinutes: 15,
        }),
        step("threads", "look closely", "look", "Threads in the body clean and dry", { usualMinutes: 5 }),
        step("bolts-hand", "put back", "hand-start", "New mount and new bolts by hand", {
          fastenerId: "to-body",
          usualMinutes: 10,
        }),
        step("bolts-tight", "put back", "torque", "Body bolts, torque then angle", {
          fastenerId: "to-body",
          usualMinutes: 10,
        }),
        step("nuts-tight", "put back", "torque", "Engine nuts, two passes", {
          fastenerId: "to-engine",
          usualMinutes: 8,
        }),
        step("rock", "prove it", "look", "Rev it and watch: no knock, no touching", { usualMinutes: 5 }),
      ],
    },
  ],
};

/** How the mount was done: every step with its time, both passes of the nuts as a wrench read them. */
function mountDone(): WorkEvent[] {
  const day = "2026-11-08";
  let minute = 0;
  const at = (after: number) => ({
    at: new Date(Date.UTC(2026, 10, 8, 9, (minute += after))).toISOString(),
    on: day,
  });
  const nuts = (stage: number, read: number[]) =>
    read.flatMap((value, i): WorkEvent[] => {
      const bolt = { stepId: "nuts-tight", stage, bolt: i + 1 };
      return [
        {
          ...at(1),
          ...bolt,
          type: "reading",
          reading: { value, unit: "N.m", decimals: 0 },
          boltNm: value,
          by: "hand",
        },
        { ...at(0), ...bolt, type: "bolt" },
      ];
    });
  const bolts = (stage: number) =>
    [1, 2, 3].map((bolt): WorkEvent => ({ ...at(1), type: "bolt", stepId: "bolts-tight", stage, bolt }));
  const begun: WorkEvent = {
    ...at(0),
    type: "noted",
    as: "noticed",
    text: "Right front tyre wears on its outer edge",
  };
  const inside: Readonly<Record<string, () => WorkEvent[]>> = {
    "bolts-tight": () => [...bolts(0), ...bolts(1)],
    "nuts-tight": () => [...nuts(0, [40, 41]), ...nuts(1, [75, 76])],
  };
  const steps = (engineMount.routes[0]?.steps ?? []).flatMap((one): WorkEvent[] => {
    const pulls = inside[one.id]?.() ?? [];
    return [
      ...pulls,
      {
        ...at(pulls.length > 0 ? 2 : (one.usualMinutes ?? 5)),
        type: "step",
        stepId: one.id,
        ...(one.kind === "look" ? { found: "good" as const } : {}),
      },
    ];
  });
  return [
    begun,
    ...steps,
    {
      ...at(1),
      type: "noted",
      as: "lesson",
      text: "Engine nuts before body bolts: the mount then comes out level",
    },
  ];
}

export const engineMountWork: Work = {
  ...demo("engine-mount-work"),
  jobId: "demo-engine-mount",
  routeId: "book",
  events: mountDone(),
};

export const otherJobs: Job[] = [starterMotor, camCover, engineMount];
