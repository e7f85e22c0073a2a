import type { Job } from "@/core/model/job";
import type { Work, WorkEvent } from "@/core/model/work";
import { demo, fastener, figure, head, part, step, thread } from "./authoring";
import { camCover } from "./cam-cover";
import { starterMotor } from "./starter-motor";
import { thermostat } from "./thermostat";

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
          minutes: { usual: 10 },
          cautions: ["Take the weight only: do not lift the engine."],
        }),
        step("nuts-off", "take apart", "undo", "Nuts off the engine side", {
          fastenerId: "to-engine",
          minutes: { usual: 10 },
        }),
        step("bolts-out", "take apart", "undo", "Body bolts out, mount off", {
          fastenerId: "to-body",
          minutes: { usual: 15 },
        }),
        step("threads", "look closely", "look", "Threads in the body clean and dry", {
          minutes: { usual: 5 },
        }),
        step("bolts-hand", "put back", "hand-start", "New mount and new bolts by hand", {
          fastenerId: "to-body",
          minutes: { usual: 10 },
        }),
        step("bolts-tight", "put back", "torque", "Body bolts, torque then angle", {
          fastenerId: "to-body",
          minutes: { usual: 10 },
        }),
        step("nuts-tight", "put back", "torque", "Engine nuts, two passes", {
          fastenerId: "to-engine",
          minutes: { usual: 8 },
        }),
        step("rock", "prove it", "look", "Rev it and watch: no knock, no touching", {
          minutes: { usual: 5 },
        }),
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
        ...at(pulls.length > 0 ? 2 : (one.minutes?.usual ?? 5)),
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

export const otherJobs: Job[] = [starterMotor, camCover, engineMount, thermostat];
