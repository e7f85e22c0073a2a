import { figureOf } from "../fastener/how-tight";
import type { Route } from "../model/job";
import type { TightenedBy, Work } from "../model/work";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, formatTorque } from "../quantity/torque-quantity";
import { type TorqueUnit, fromNm, torqueSymbol } from "../quantity/torque-unit";
import { formatFigure } from "../quantity/torque-words";
import { eventsOf } from "./event";
import { readingAt, stepStages, tickedBolts } from "./progress";

/** Bolts that were tightened in one way: with what, and what was set on it. */
export interface Tightened {
  by: TightenedBy | undefined;
  count: number;
  set: TorqueQuantity | undefined;
  boltNm: number | undefined;
}

/**
 * What one fastener's bolts got in one step: the figure asked, what was read at each bolt where a wrench told it,
 * and of the others with what they were tightened. Nothing here is the plan's figure copied.
 */
export interface TorqueReached {
  stepId: string;
  fastenerId: string;
  fastener: string;
  figure: TorqueFigure | undefined;
  bolts: number;
  /** N·m at the bolt, one for each bolt that was read. */
  readNm: number[];
  /** The bolts that were not read; empty where the figure is no torque. */
  ways: Tightened[];
}

/** The torques that were really used, step by step: only steps of which something was tightened. */
export function torquesReached(work: Work, route: Route): TorqueReached[] {
  return route.steps.flatMap((step): TorqueReached[] => {
    const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
    const stages = stepStages(step, fastener);
    const last = stages.length - 1;
    if (!fastener || last < 0) return [];
    const ticked = [...new Set(tickedBolts(work, step.id, last))];
    if (ticked.length === 0) return [];
    // An angle is read from the head; the torque before it is the last that a wrench told.
    const read = new Map(
      ticked.flatMap((bolt) => {
        for (let stage = last; stage >= 0; stage--) {
          const reading = readingAt(work, step.id, stage, bolt);
          if (reading) return [[bolt, reading.boltNm] as const];
        }
        return [];
      }),
    );
    const pulled = stages.findLastIndex(({ kind }) => kind === "torque");
    const ways = new Map<string, Tightened>();
    for (const bolt of pulled < 0 ? [] : ticked.filter((one) => !read.has(one))) {
      const tick = eventsOf(work, "bolt").findLast(
        (event) => event.stepId === step.id && event.stage === pulled && event.bolt === bolt,
      );
      const key = `${tick?.by} ${tick?.set?.value} ${tick?.set?.unit} ${tick?.boltNm}`;
      const known = ways.get(key);
      ways.set(key, {
        by: tick?.by,
        set: tick?.set,
        boltNm: tick?.boltNm,
        count: (known?.count ?? 0) + 1,
      });
    }
    return [
      {
        stepId: step.id,
        fastenerId: fastener.id,
        fastener: fastener.name,
        figure: figureOf(fastener),
        bolts: ticked.length,
        readNm: [...read.values()],
        ways: [...ways.values()],
      },
    ];
  });
}

/** Fasteners of which a bolt was done up by feel although a torque was asked, each once. */
export function doneByFeel(work: Work, route: Route): string[] {
  const felt = torquesReached(work, route).filter(({ ways }) => ways.some(({ by }) => by === "feel"));
  return [...new Set(felt.map(({ fastenerId }) => fastenerId))];
}

const atBolt = (boltNm: number, unit: TorqueUnit) =>
  `${fromNm(boltNm, unit).toFixed(1)} ${torqueSymbol(unit)}`;

function wayWords({ by, count, set, boltNm }: Tightened, all: number, unit: TorqueUnit): string {
  const many = count === all ? "" : `${count} `;
  switch (by) {
    case "wrench":
      return `${many}set to ${set ? formatTorque(set) : "what is not known"}${boltNm && set && set.unit !== unit ? `, ${atBolt(boltNm, unit)} at the bolt` : ""}`;
    case "another wrench":
      return `${many}with another wrench${set ? ` at ${formatTorque(set)}` : ""}`;
    case "spanner":
      return `${many}by spanner`;
    case "feel":
      return `${many}by feel`;
    default:
      return `${many}not known`;
  }
}

/**
 * What was asked, and what the bolts got. Example: "35 lb·ft asked; 3 set to 35 lb·ft; 1 by feel"; where the
 * figure is no torque, what was done.
 */
export function reachedWords({ figure, bolts, readNm, ways }: TorqueReached, unit: TorqueUnit): string {
  const asked = figure ? formatFigure(figure) : "no figure";
  if (readNm.length + ways.length === 0) return asked;
  const read =
    readNm.length > 0
      ? [`read ${readNm.map((nm) => fromNm(nm, unit).toFixed(1)).join(", ")} ${torqueSymbol(unit)}`]
      : [];
  return [`${asked} asked`, ...read, ...ways.map((way) => wayWords(way, bolts, unit))].join("; ");
}
