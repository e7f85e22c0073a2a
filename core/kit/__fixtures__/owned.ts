import { chestOf } from "@/core/chest/chest";
import { readChest } from "@/core/chest/read-chest";
import type { Fastener, Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import { MODEL_VERSION } from "@/core/model/version";
import { readHeadSize } from "@/core/quantity/read-head-size";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";

/** Tools from lines as they are typed; a line that cannot be read fails the test. */
export function owned(...lines: string[]): Tool[] {
  return readChest(lines.join("\n")).flatMap((line, i) => {
    if ("why" in line) throw new Error(`${line.line}: ${line.why}`);
    return line.tools.map(
      (draft, j) =>
        ({
          id: `${i}-${j}`,
          createdAt: "2026-01-01T00:00:00.000Z",
          updatedAt: "2026-01-01T00:00:00.000Z",
          schema: MODEL_VERSION,
          origin: "own",
          ...draft,
        }) as Tool,
    );
  });
}

export const chest = (...lines: string[]) => chestOf(owned(...lines));

export function bolts(size: string, figure?: string, more: Partial<Fastener> = {}): Fastener {
  return {
    id: "bolts",
    name: "Bolts",
    count: 4,
    sizeToUndo: readHeadSize(size),
    source: "vehicle maker",
    ...(figure ? { figure: readTorqueFigure(figure) } : {}),
    ...more,
  };
}

export function step(id: string, kind: Step["kind"], more: Partial<Step> = {}): Step {
  return {
    id,
    title: id,
    phase: kind === "undo" ? "take apart" : "put back",
    kind,
    stance: "on the ground",
    cautions: [],
    ...more,
  };
}

/** A route that undoes and tightens every fastener given. */
export function routeOf(fasteners: Fastener[], more: Partial<Route> = {}): Route {
  const steps = [
    ...fasteners.map(({ id }) => step(`undo ${id}`, "undo", { fastenerId: id })),
    ...fasteners.map(({ id }) => step(`tighten ${id}`, "torque", { fastenerId: id })),
  ];
  return { id: "route", name: "route", steps, fasteners, parts: [], ...more };
}

/** 3/8 in, 20 to 100 N·m by 1, grip at 400 mm. */
export const WRENCH = "torque wrench 3/8 20-100 Nm by 1 grip 400";
