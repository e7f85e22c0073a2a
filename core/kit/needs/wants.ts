import * as crc32 from "crc-32";
import { capital } from "../../capital";
import type { Chest } from "../../chest/chest";
import { fastenerDoubts } from "../../fastener/doubts";
import { isByHand } from "../../fastener/how-tight";
import { hasHead } from "../../fastener/role";
import type { Fastener, Route } from "../../model/job";
import { LONGEST_KEY } from "../../model/offer";
import type { Vehicle } from "../../model/vehicle";
import { stagesOf } from "../../torque/target";
import { withoutUndefined } from "../../without-undefined";
import { coverAngle } from "../cover/cover-angle";
import { barNeeds, coverBar } from "../cover/cover-bar";
import { coverHead } from "../cover/cover-head";
import { coverTorque, torqueName } from "../cover/cover-torque";
import {
  coverLifting,
  coverProtection,
  coverSpecialTool,
  liftingNeeds,
  protectionNeeds,
  specialToolNeeds,
} from "./gear-needs";
import { headKey, headName, headNeeds } from "./head-needs";
import type { Cover, KitLine, Need } from "./need";
import { coverPart, partNeeds, partPlace } from "./part-needs";
import { StepPlaces } from "./step-places";
import { coverSupply, supplyNeeds } from "./supply-needs";
import { torqueNeeds } from "./torque-needs";
import { turnerOf } from "./turned-by";

/** Something that a job needs, and how a chest would meet it. */
export interface Want extends Omit<KitLine, "cover"> {
  coverBy: (chest: Chest) => Cover;
}

/**
 * Everything that a route needs, whatever is owned; only how pulls and bars are told is read from the chest
 * given.
 * @param rusted whether its fasteners are to be taken as rusted.
 */
export function wantsOf(route: Route, chest: Chest, vehicle: Vehicle | undefined, rusted: boolean): Want[] {
  const places = new StepPlaces(route);
  // A figure that cannot be right is no measure of anything: it is looked up before tools are chosen by it.
  const doubted = new Map(
    route.fasteners.flatMap((fastener) =>
      fastenerDoubts(fastener).flatMap(({ grave, says }) => (grave ? [[fastener.id, says] as const] : [])),
    ),
  );
  const sane = route.fasteners.filter(({ id }) => !doubted.has(id));
  // What a special tool turns asks for no socket and no bar of its own; what holds its other end stays.
  const turned = new Set(route.fasteners.filter((one) => turnerOf(route, one)).map(({ id }) => id));
  const socketed = route.fasteners.map(({ sizeToUndo, sizeToDoUp, ...one }): Fastener =>
    turned.has(one.id) ? one : { ...one, ...withoutUndefined({ sizeToUndo, sizeToDoUp }) },
  );
  return [
    ...headWants(socketed, chest, rusted, places),
    ...route.fasteners.flatMap((fastener) => (turned.has(fastener.id) ? [] : sizeWants(fastener, places))),
    ...barWants(
      sane.filter(({ id }) => !turned.has(id)),
      chest,
      rusted,
      places,
    ),
    ...route.fasteners.flatMap((fastener) => pullWants(fastener, doubted.get(fastener.id), chest, places)),
    ...partNeeds(route).map((need): Want => {
      const coverBy = () => coverPart(need);
      if (need.kind === "part")
        return {
          key: `part ${need.part.id}`,
          need,
          name: need.part.name,
          for: [partPlace(need.part)],
          step: places.ofPart(need.part),
          coverBy,
        };
      return {
        key: keyOf(`hardware ${need.fastener ? `${need.fastener.id} ` : ""}${need.name}`),
        need,
        name: need.name,
        for: need.fastener ? [need.fastener.name] : [],
        step: places.putBack,
        coverBy,
      };
    }),
    ...supplyNeeds(route).map((need) =>
      named(`supply ${need.name.toLowerCase()} ${need.amount.unit}`, need, places.ofWords(need.name), (now) =>
        coverSupply(need, now),
      ),
    ),
    ...specialToolNeeds(route).map((need) => ({
      ...named(
        `tool ${need.name.toLowerCase()}`,
        need,
        need.turns[0] ? places.ofUndoing(need.turns[0]) : places.ofWords(need.name),
        (now) => coverSpecialTool(need, now),
      ),
      ...(need.onlyIfNeeded ? { name: `${capital(need.name)}, only if needed` } : {}),
      for: need.turns.map(({ name }) => name),
    })),
    ...liftingNeeds(route, vehicle, chest).map((need, i) =>
      named(`lifting ${need.name} ${i}`, need, places.raised, (now) =>
        coverLifting(now === chest ? need : (liftingNeeds(route, vehicle, now)[i] ?? need)),
      ),
    ),
    ...protectionNeeds(route).map(({ steps, ...need }) => ({
      ...named(`protection ${need.name}`, need, steps[0] ? places.of(steps[0]) : places.throughout, (now) =>
        coverProtection(need, now),
      ),
      for: steps.map(({ title }) => title),
    })),
  ].sort((a, b) => a.step - b.step);
}

/** A key of a name that may be as long as a line: what is too long for a key ends in a number of its own. */
const keyOf = (text: string): string =>
  text.length <= LONGEST_KEY ? text : `${text.slice(0, LONGEST_KEY - 12)} ${crc32.str(text) >>> 0}`;

function named(
  key: string,
  need: Extract<Need, { name: string }>,
  step: number,
  coverBy: Want["coverBy"],
): Want {
  return { key: keyOf(key), need, name: capital(need.name), for: [], step, coverBy };
}

function headWants(
  fasteners: readonly Fastener[],
  chest: Chest,
  rusted: boolean,
  places: StepPlaces,
): Want[] {
  const needs = headNeeds(fasteners);
  // What turns a fastener is in use while its other end is held, so it cannot hold it too.
  const turning = new Map<string, string>();
  for (const need of needs.filter(
    ({ holds, uses }) => !holds && uses.some(({ fastener }) => fastener.counterHold),
  )) {
    const cover = coverHead(need, chest, rusted);
    const tool = "tools" in cover ? cover.tools[0] : undefined;
    if (tool) for (const { fastener } of need.uses) turning.set(`${fastener.id} ${tool.id}`, tool.id);
  }
  return needs.map((need) => {
    const taken = need.holds
      ? new Set(
          [...turning].flatMap(([key, id]) =>
            need.uses.some(({ fastener }) => key.startsWith(`${fastener.id} `)) ? [id] : [],
          ),
        )
      : undefined;
    return {
      key: headKey(need),
      need,
      name: need.holds ? `${headName(need)} to hold with` : headName(need),
      for: [...new Set(need.uses.map(({ fastener }) => fastener.name))],
      step: places.ofHead(need),
      coverBy: (now) => coverHead(need, now, rusted, taken),
    };
  });
}

/** A fastener that a tool turns, of which no size is known: something has to be brought for it. */
function sizeWants(fastener: Fastener, places: StepPlaces): Want[] {
  if (fastener.sizeToUndo || fastener.sizeToDoUp || !hasHead(fastener) || isByHand(fastener)) return [];
  return [
    {
      key: `size ${fastener.id}`,
      need: { kind: "size", fastener },
      name: `${fastener.name}: size not known`,
      for: [fastener.name],
      step: places.ofUndoing(fastener),
      coverBy: () => ({
        kind: "look up",
        says: "Look at its head before the shops shut, or bring whole sets.",
      }),
    },
  ];
}

/** One line for all that the same bar undoes as hard. */
function barWants(fasteners: readonly Fastener[], chest: Chest, rusted: boolean, places: StepPlaces): Want[] {
  const wants = new Map<string, Want>();
  for (const need of barNeeds(fasteners, places.undone, rusted)) {
    const cover = coverBar(need, chest);
    if (!cover) continue;
    const same = `${"says" in cover ? cover.says : ""} ${"tools" in cover ? cover.tools.map(({ id }) => id).join(" ") : ""}`;
    const known = wants.get(same);
    const step = places.ofUndoing(need.fastener);
    if (known)
      wants.set(same, {
        ...known,
        for: [...known.for, need.fastener.name],
        step: Math.min(known.step, step),
      });
    else
      wants.set(same, {
        key: `bar ${need.fastener.id}`,
        need,
        name: "Bar or ratchet to undo",
        for: [need.fastener.name],
        step,
        coverBy: (now) => (now === chest ? cover : (coverBar(need, now) ?? cover)),
      });
  }
  return [...wants.values()];
}

function pullWants(fastener: Fastener, doubt: string | undefined, chest: Chest, places: StepPlaces): Want[] {
  if (!fastener.figure) return [];
  const step = places.ofTightening(fastener);
  const lookUp = (): Cover => ({ kind: "look up", says: doubt ?? "" });
  const torques = torqueNeeds(fastener, chest).map((need, i): Want => {
    const coverBy = (now: Chest) => {
      const anew = now === chest ? need : torqueNeeds(fastener, now)[i];
      return anew ? coverTorque(anew) : lookUp();
    };
    return {
      key: `torque ${fastener.id} ${i}`,
      need: { kind: "torque", ...need },
      name: torqueName(need),
      for: [fastener.name],
      step,
      coverBy: doubt ? lookUp : coverBy,
    };
  });
  const angles = stagesOf(fastener.figure).flatMap((stage, i): Want[] => {
    if (stage.kind !== "angle") return [];
    const { angleDeg } = stage;
    return [
      {
        key: `angle ${fastener.id} ${i}`,
        need: { kind: "angle", fastener, angleDeg },
        name: `${angleDeg}° further`,
        for: [fastener.name],
        step,
        coverBy: (now) => coverAngle(fastener, angleDeg, now),
      },
    ];
  });
  return [...torques, ...angles];
}
