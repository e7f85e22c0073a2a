import type { Fastener, Part, Route, Step } from "../../model/job";
import type { Place, System } from "../../model/place";
import type { Tool } from "../../model/tool";
import type { TroubleKind } from "../../model/trouble";
import type { Work } from "../../model/work";
import { sharesWord } from "../../shares-word";
import { sideOf } from "../../side";
import { type Moment, eventsOf, withEvent } from "../event";
import type { Rung, TroubleNeed } from "./ladder";
import { LADDERS, ladderFor } from "./ladders";

/** A trouble met on the way, with what was tried. */
export interface Trouble {
  id: string;
  stepId: string;
  kind: TroubleKind;
  /** The fastener, part or thing it is about, in words. */
  about: string;
  on: string;
  tried: { rung: string; worked: boolean; passed: boolean }[];
  /** The rung that did it. */
  solvedBy: string | undefined;
}

/** The troubles of a job, in the order they were met. */
export function troublesOf(work: Work): Trouble[] {
  const tried = eventsOf(work, "tried");
  return eventsOf(work, "trouble").map(({ troubleId, stepId, kind, about, on }) => {
    const own = tried
      .filter((event) => event.troubleId === troubleId)
      .map(({ rung, worked, passed }) => ({ rung, worked, passed: passed === true }));
    return {
      id: troubleId,
      stepId,
      kind,
      about,
      on,
      tried: own,
      solvedBy: own.find(({ worked }) => worked)?.rung,
    };
  });
}

/** The trouble that a step is in and not yet out of; undefined when there is none. */
export function openTrouble(work: Work, stepId: string): Trouble | undefined {
  return troublesOf(work).findLast((trouble) => trouble.stepId === stepId && trouble.solvedBy === undefined);
}

/** The rungs of a trouble in the order to be tried, by what lies in the chest. */
export function rungsFor({ kind }: Pick<Trouble, "kind">, system: System, tools: readonly Tool[]): Rung[] {
  const { rungs } = ladderFor(kind, system);
  const first = rungs.filter(
    (rung) => rung.firstWhereOwned && troubleNeeds(rung, tools).some(({ owned }) => owned),
  );
  return [...first, ...rungs.filter((rung) => !first.includes(rung))];
}

/** The rung to try next; undefined when the ladder has been climbed to its end. */
export function nextRung(trouble: Trouble, system: System, tools: readonly Tool[] = []): Rung | undefined {
  const tried = new Set(trouble.tried.map(({ rung }) => rung));
  return rungsFor(trouble, system, tools).find(({ id }) => !tried.has(id));
}

/** The work with a trouble met. */
export function meetTrouble(
  work: Work,
  trouble: { troubleId: string; stepId: string; kind: TroubleKind; about: string },
  moment: Moment,
): Work {
  return withEvent(work, { ...moment, type: "trouble", ...trouble });
}

/** The work with a rung tried, or passed over as not for this one; one that was tried already changes nothing. */
export function tryRung(
  work: Work,
  trouble: Trouble,
  rung: string,
  worked: boolean | "not for this",
  moment: Moment,
): Work {
  if (eventsOf(work, "tried").some((event) => event.troubleId === trouble.id && event.rung === rung))
    return work;
  return withEvent(work, {
    ...moment,
    type: "tried",
    stepId: trouble.stepId,
    troubleId: trouble.id,
    rung,
    worked: worked === true,
    ...(worked === "not for this" ? { passed: true as const } : {}),
  });
}

/** What a rung needs, against the chest: what is lent out does not count. */
export function troubleNeeds(
  rung: Rung,
  tools: readonly Tool[],
): { need: TroubleNeed; owned: Tool | undefined }[] {
  const here = tools.filter(
    ({ lentTo, ...tool }) => lentTo === undefined && !(tool.kind === "consumable" && tool.left.value <= 0),
  );
  return rung.needs.map((need) => ({ need, owned: here.find(({ name }) => need.find.test(name)) }));
}

/**
 * The route with what a rung lacks on its lists, so that the Kit asks for it. What it lists already stays.
 */
export function withNeeds(route: Route, needs: readonly TroubleNeed[], newId: () => string): Route {
  const lists = new Set(
    [...(route.specialTools ?? []), ...(route.supplies ?? [])].map(({ name }) => name.toLowerCase()),
  );
  const fresh = needs.filter(({ name }) => !lists.has(name.toLowerCase()));
  if (fresh.length === 0) return route;
  const tools = fresh.flatMap(({ name, amount }) => (amount ? [] : [{ id: newId(), name, days: 1 }]));
  const supplies = fresh.flatMap(({ name, amount }) => (amount ? [{ id: newId(), name, amount }] : []));
  return {
    ...route,
    ...(tools.length > 0 ? { specialTools: [...(route.specialTools ?? []), ...tools] } : {}),
    ...(supplies.length > 0 ? { supplies: [...(route.supplies ?? []), ...supplies] } : {}),
  };
}

const RENEWED = new Set(LADDERS.filter(({ renew }) => renew).map(({ kind }) => kind));

/**
 * The route as a trouble changes it: what snapped, rounded or stripped is renewed, and so is a broken lead;
 * the part is on the list of parts, so that the Kit asks for it and the log has it. Other troubles, and what
 * is renewed already, change nothing.
 */
export function withRenewal(
  route: Route,
  kind: TroubleKind,
  about: string,
  step: Step,
  newId: () => string,
): Route {
  if (!RENEWED.has(kind)) return route;
  const fastener = route.fasteners.find(({ name }) => name === about);
  const renewed = fastener
    ? route.parts.some(({ renews, holds }) => renews === fastener.id || holds?.includes(fastener.id))
    : route.parts.some(({ name }) => name === about);
  // "Front up on two stands" is a step, and nothing to be bought.
  if (renewed || (!fastener && about === step.title)) return route;
  const part: Part = {
    id: newId(),
    name: about,
    place: placeFor(route, step, about),
    count: 1,
    ...(fastener ? { renews: fastener.id } : {}),
  };
  return { ...route, parts: [...route.parts, part] };
}

/**
 * Where the part of a trouble sits: on the side that is spoken of, at the end where the job's other parts
 * are.
 */
function placeFor(route: Route, step: Step, about: string): Place {
  const side = sideOf(about) ?? sideOf(step.title);
  const likely =
    route.parts.find(({ place }) => side === undefined || place.startsWith(side))?.place ??
    route.parts[0]?.place;
  return likely ?? "underneath";
}

/**
 * What a step's trouble may be about: its fastener first, then the leads it touches and the parts it speaks
 * of; the step itself before parts that it does not name.
 */
export function troubleSubjects(route: Route, step: Step, fastener: Fastener | undefined): string[] {
  const side = sideOf(step.title);
  const parts = route.parts
    .filter(
      ({ place, name }) =>
        (side === undefined || !sideOf(place) || place.startsWith(side)) && name !== fastener?.name,
    )
    .map(({ name }) => name);
  const spokenOf = parts.filter((name) => sharesWord(step.title, name));
  return [
    ...new Set([
      ...(fastener ? [fastener.name] : []),
      ...(step.takesOff ?? []),
      ...(step.putsBack ?? []),
      ...(step.movesPast ?? []),
      ...spokenOf,
      step.title,
      ...parts,
    ]),
  ];
}

/** A trouble as a lesson for the log. Example: "Bleed screw, left: snapped. Heat did it, after: stub." */
export function lessonOf(trouble: Trouble): string {
  const failed = trouble.tried.filter(({ worked, passed }) => !worked && !passed).map(({ rung }) => rung);
  const end = trouble.solvedBy ? `“${trouble.solvedBy}” did it` : "not solved";
  return `${trouble.about}: ${trouble.kind}; ${end}${failed.length > 0 ? `, after ${failed.join(", ")}` : ""}.`.slice(
    0,
    200,
  );
}
