import type { HeadSize } from "../quantity/head-size";
import { formatHeadSize } from "../quantity/read-head-size";
import { formatTorque } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import type { Story } from "./story";

const plain = (text: string) => text.replace(/[\u00a0\u2009\u202f]/g, " ");

const sizeOf = (head: HeadSize | undefined) => head && formatHeadSize(head);

/** A cross-head of which nobody said the number. */
const shapeIn = (name: string) => (/\bcross-head\b/.test(name) ? "cross-head" : undefined);

/** A story in the plain words that a corpus of narrations has its answers in. */
export function asAnswers(story: Story) {
  return {
    fasteners: story.fasteners.map(
      ({ name, count, undo, doUp, hold, figure, traits, doubtful, doubtfulSize }) => ({
        name,
        count,
        undo: sizeOf(undo) ?? shapeIn(name),
        doUp: sizeOf(doUp ?? undo) ?? shapeIn(name),
        hold: sizeOf(hold),
        figure: figure && plain(figure.form === "hand tight" ? "hand-tight" : formatFigure(figure)),
        doubtful: doubtful || doubtfulSize,
        traits,
      }),
    ),
    struck: story.struck.map(({ what }) => what),
    slips: story.slips.map(({ said, meant }) => ({
      said: plain(formatTorque(said)),
      meant: plain(formatTorque(meant)),
    })),
    tools: story.tools.map(({ name }) => name),
    consumables: story.consumables.map(({ name }) => name),
    parts: story.parts.map(({ name }) => name),
    steps: story.steps.map(({ phase, says, what }) => ({ phase, do: says, what })),
    cautions: story.cautions.map(({ name }) => name),
    followUps: story.followUps.map(({ name }) => name),
    waits: story.waits.map(({ name }) => name),
    measures: story.measures.map(({ name }) => name),
  };
}
