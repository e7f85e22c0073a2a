import { capital } from "../capital";
import {
  type Fastener,
  type LaidOpen,
  PHASES,
  type Part,
  type Phase,
  type Route,
  type Stance,
  type Step,
} from "../model/job";
import type { Place } from "../model/place";
import { mirrorTitle } from "../plan/mirror";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { SIDES, type Side } from "../side";
import { withoutUndefined } from "../without-undefined";
import type { Answers, Ask, Sheet, SheetStep } from "./sheet";

const WHICH_SIDE: Ask = {
  id: "side",
  asks: "Which side?",
  tell: "Left and right are as the driver sits.",
  answers: [
    { id: "both", says: "both" },
    { id: "left", says: "left" },
    { id: "right", says: "right" },
  ],
};

/** The questions that change the plan of a sheet, the side among them where it has sides to choose. */
export function asksOf({ asks, sides }: Sheet): Ask[] {
  return sides === "ask" ? [...asks, WHICH_SIDE] : asks;
}

/** The first answer to each question, as it stands before anybody has said otherwise. */
export const usualAnswers = (sheet: Sheet): Answers =>
  Object.fromEntries(asksOf(sheet).map(({ id, answers: [first] }) => [id, first?.id ?? ""]));

/** What a sheet is called, and what its job is once it is known which axle. */
export const titleOf = ({ title }: Pick<Sheet, "title">, { axle = "" }: Answers = {}): string =>
  capital(title.replace("{axle}", axle).trim());

export interface Planned {
  title: string;
  routes: Route[];
}

/**
 * The plan that a sheet comes to with what was answered: a route for each way of doing it. Figures, limits and
 * sizes that belong to one vehicle are left blank; a head that is often so is marked as not sure.
 * @param newId gives an id that no record has.
 */
export function planFromSheet(sheet: Sheet, answers: Answers, newId: () => string): Planned {
  const ways = sheet.ways ?? [{ id: "", name: "By the book" }];
  return {
    title: titleOf(sheet, answers),
    routes: ways.map(({ id, ...way }) => ({
      id: newId(),
      ...way,
      ...new SheetReader(sheet, { ...answers, way: id }, newId).plan(),
    })),
  };
}

type Sided = Side | undefined;

class SheetReader {
  private readonly ids = new Map<string, string>();
  private readonly sides: readonly Side[];
  private readonly raised: Stance;
  private readonly axle: string;

  constructor(
    private readonly sheet: Sheet,
    private readonly answers: Answers,
    private readonly newId: () => string,
  ) {
    const asked = answers.side;
    this.sides = SIDES.filter((side) => sheet.sides === "both" || asked === "both" || asked === side);
    this.axle = (sheet.raised === "axle" ? answers.axle : sheet.raised) ?? "front";
    this.raised = `${this.axle} up` as Stance;
  }

  plan(): Omit<Route, "id" | "name"> {
    const { parts, supplies = [], tools = [], bare = [] } = this.sheet;
    const made = {
      steps: this.steps(),
      fasteners: this.fasteners(),
      parts: parts
        .filter((one) => this.isIn(one))
        .flatMap((one) => this.each(one).map((side) => this.part(one, side))),
    };
    const more = {
      supplies: this.all(supplies).map((one) => ({ id: this.newId(), ...one })),
      specialTools: this.all(tools).map(({ turns, ...one }) => ({
        id: this.newId(),
        ...one,
        ...(turns ? { turns: turns.flatMap((name) => this.idsOf(name)) } : {}),
      })),
    };
    const laysBare = bare
      .filter((one) => this.isIn(one))
      .flatMap((one) => this.each(one).map((side) => this.laidOpen(one, side)));
    return {
      ...made,
      ...(laysBare.length > 0 ? { laysBare } : {}),
      ...(more.supplies.length > 0 ? { supplies: more.supplies } : {}),
      ...(more.specialTools.length > 0 ? { specialTools: more.specialTools } : {}),
    };
  }

  private isIn({ when }: { when?: Record<string, string[]> | undefined }): boolean {
    return Object.entries(when ?? {}).every(([ask, those]) => those.includes(this.answers[ask] ?? ""));
  }

  /** The lines that are in this plan, without what said so. */
  private all<Line extends { when?: Record<string, string[]> | undefined }>(
    lines: readonly Line[],
  ): Omit<Line, "when">[] {
    return lines.filter((one) => this.isIn(one)).map(({ when: _asked, ...one }) => one);
  }

  private each({ sided }: { sided?: true | undefined }): Sided[] {
    return sided ? [...this.sides] : [undefined];
  }

  /** The id of a line, of a side where it has sides. */
  private id(name: string, side: Sided): string {
    const known = `${name} ${side ?? ""}`;
    const id = this.ids.get(known) ?? this.newId();
    this.ids.set(known, id);
    return id;
  }

  private idsOf(fastener: string): string[] {
    const one = this.sheet.fasteners[fastener];
    return one && this.isIn(one) ? this.each(one).map((side) => this.id(`with ${fastener}`, side)) : [];
  }

  /** The fastener of a line: of its own side, or the one there is of it. */
  private fastenerId(name: string, side: Sided): string {
    return this.id(`with ${name}`, this.sheet.fasteners[name]?.sided ? side : undefined);
  }

  private fasteners(): Fastener[] {
    return Object.entries(this.sheet.fasteners).flatMap(([name, one]) => {
      if (!this.isIn(one)) return [];
      const { often, by, sided: _sides, when: _asked, ...plain } = one;
      return this.each(one).map((side): Fastener => ({
        ...plain,
        id: this.id(`with ${name}`, side),
        name: called(plain.name, side),
        ...(often ? { sizeToUndo: readHeadSize(often), sizeDoubtful: true as const } : {}),
        ...(by ? { figure: readTorqueFigure(by) } : {}),
      }));
    });
  }

  private part(one: Sheet["parts"][number], side: Sided): Part {
    const { renews, holds, handed, sided: _sides, when: _asked, place, ...plain } = one;
    return withoutUndefined({
      ...plain,
      id: this.newId(),
      place: place ?? this.placeOf(side),
      renews: renews === undefined ? undefined : this.fastenerId(renews, side),
      holds: holds?.flatMap((name) => (side ? [this.fastenerId(name, side)] : this.idsOf(name))),
      hand: handed ? side : undefined,
    });
  }

  private laidOpen(one: NonNullable<Sheet["bare"]>[number], side: Sided): LaidOpen {
    const { sided: _sides, when: _asked, place, ...plain } = one;
    return { ...plain, id: this.newId(), place: place ?? this.placeOf(side) };
  }

  private placeOf(side: Sided): Place {
    return side ? (`${side} ${this.axle}` as Place) : this.sheet.place;
  }

  /** Every step in working order: what has sides is done to its end on one before the other is begun. */
  private steps(): Step[] {
    let stance: Stance = "on the ground";
    return PHASES.flatMap((phase) =>
      runsOfSides(this.sheet.phases[phase] ?? [])
        .map((run) => run.filter((one) => this.isIn(one)))
        .flatMap((run) =>
          this.each(run[0] ?? {}).flatMap((side) =>
            run.map((one) => {
              if (one.kind === "raise") stance = this.raised;
              const step = this.step(one, phase, one.kind === "lower" ? this.raised : stance, side);
              if (one.kind === "lower") stance = "on the ground";
              return step;
            }),
          ),
        ),
    );
  }

  private step(one: SheetStep, phase: Phase, stance: Stance, side: Sided): Step {
    const { key, with: fastener, needs, back, sided: _sides, when: _asked, cautions, ...plain } = one;
    const ofSide = (things: string[] | undefined) => things?.map((thing) => called(thing, side));
    const title = called(plain.title, side);
    return withoutUndefined({
      ...plain,
      id: key === undefined ? this.newId() : this.id(key, side),
      title,
      phase,
      stance,
      cautions: cautions ?? [],
      fastenerId: fastener === undefined ? undefined : this.fastenerId(fastener, side),
      needs: this.needs(needs, side),
      mirrorOf:
        back === undefined
          ? undefined
          : {
              stepId: this.id(back, this.stepNamed(back)?.sided ? side : undefined),
              // Its own title was written for it, and stays when that step is renamed.
              title: mirrorTitle(this.stepNamed(back)?.title ?? title),
            },
      takesOff: ofSide(plain.takesOff),
      putsBack: ofSide(plain.putsBack),
      movesPast: ofSide(plain.movesPast),
    });
  }

  /** The steps that have to come first, those that this plan has. */
  private needs(names: readonly string[] | undefined, side: Sided): string[] | undefined {
    const ids = names?.flatMap((name) => {
      const step = this.stepNamed(name);
      return step && this.isIn(step) ? [this.id(name, step.sided ? side : undefined)] : [];
    });
    return ids && ids.length > 0 ? ids : undefined;
  }

  private stepNamed(name: string): SheetStep | undefined {
    return PHASES.flatMap((phase) => this.sheet.phases[phase] ?? []).find(({ key }) => key === name);
  }
}

const called = (name: string, side: Sided): string => (side ? `${name}, ${side}` : name);

/** Steps beside each other that all have sides, or all have none. */
function runsOfSides(steps: readonly SheetStep[]): SheetStep[][] {
  const runs: SheetStep[][] = [];
  for (const step of steps) {
    const last = runs.at(-1);
    if (last && last[0]?.sided === step.sided) last.push(step);
    else runs.push([step]);
  }
  return runs;
}
