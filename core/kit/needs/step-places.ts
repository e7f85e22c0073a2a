import type { Fastener, Part, Route, Step } from "../../model/job";
import type { HeadNeed } from "./need";

/** Where in a route things are first wanted, as places in its list of steps. */
export class StepPlaces {
  readonly putBack: number;
  readonly raised: number;
  /** After the last: what no one step asks for. */
  readonly throughout: number;
  /** Ids of the fasteners that a step undoes. */
  readonly undone: ReadonlySet<string>;
  private readonly undo = new Map<string, number>();
  private readonly tighten = new Map<string, number>();
  private readonly any = new Map<string, number>();
  private readonly steps: readonly Step[];
  private readonly at: ReadonlyMap<string, number>;
  private readonly words: readonly string[];

  constructor({ steps }: Pick<Route, "steps">) {
    this.steps = steps;
    this.throughout = steps.length;
    this.at = new Map(steps.map(({ id }, i) => [id, i]));
    this.words = steps.map(({ title, detail }) => `${title} ${detail ?? ""}`.toLowerCase());
    steps.forEach(({ fastenerId, kind }, i) => {
      if (fastenerId === undefined) return;
      const first = (map: Map<string, number>) => map.has(fastenerId) || map.set(fastenerId, i);
      first(this.any);
      if (kind === "undo") first(this.undo);
      if (kind === "torque") first(this.tighten);
    });
    this.undone = new Set(this.undo.keys());
    this.putBack = orLast(
      steps.findIndex(({ phase }) => phase === "put back"),
      steps,
    );
    this.raised = Math.max(
      0,
      steps.findIndex(({ stance }) => stance !== "on the ground"),
    );
  }

  of(step: Step | undefined): number {
    return step ? (this.at.get(step.id) ?? 0) : 0;
  }

  ofUndoing({ id }: Fastener): number {
    return this.undo.get(id) ?? this.any.get(id) ?? 0;
  }

  ofTightening({ id }: Fastener): number {
    return this.tighten.get(id) ?? this.any.get(id) ?? this.putBack;
  }

  ofHead({ uses }: HeadNeed): number {
    return Math.min(
      ...uses.map(({ fastener, when }) =>
        when === "do up" ? this.ofTightening(fastener) : this.ofUndoing(fastener),
      ),
    );
  }

  ofPart({ name, place }: Part): number {
    const side = /left|right/.exec(place)?.[0] ?? "";
    const named = this.steps.findIndex(
      ({ phase }, i) =>
        phase === "put back" &&
        this.words[i]?.includes(name.toLowerCase().split(" ").at(-1) ?? name) &&
        this.words[i]?.includes(side),
    );
    return named >= 0 ? named : this.putBack;
  }

  /** The first step that speaks of it; after the last where none does: it is wanted throughout. */
  ofWords(name: string): number {
    const named = this.words.findIndex((words) => words.includes(name.toLowerCase()));
    return named >= 0 ? named : this.throughout;
  }
}

function orLast(place: number, steps: readonly Step[]): number {
  return place >= 0 ? place : Math.max(0, steps.length - 1);
}
