import type { Measure } from "../model/job";
import type { FastenerProposal, Proposal } from "../notes/proposal";
import type { Blank } from "./blanks";

/** What somebody's words say of a blank. */
export interface Said {
  typed: string;
  /** What they call it. */
  from: string;
  /** They were not sure of it. */
  doubtful: boolean;
}

export interface Fills {
  /** What is said of a blank; several where the words contradict themselves, and then it is asked. */
  said: Map<Blank, Said[]>;
  /** What has a size or a figure, and is none of the blanks. */
  spare: string[];
}

/** Kinds of fastener and filler: they say nothing of which one it is. */
const IDLE = new Set(
  "bolt nut screw stud plug fastener cap clamp the and new old for all its of on in to two both each left right front rear upper lower or".split(
    " ",
  ),
);

const tellingWords = (name: string): string[] =>
  (name.toLowerCase().match(/[a-z]{3,}/g) ?? [])
    .map((word) => word.replace(/(?<!s)s$/, ""))
    .filter((word) => !IDLE.has(word));

/** At least so much of what a name tells has to be in the blank's. */
const LEAST_SHARED = 0.5;

/**
 * Which of the blanks a narration fills: its fasteners' sizes and figures, and the limits it gives, by what they are
 * called. What fits two blanks alike fills neither.
 * Example: "slide bolts, 13 mm, 35 Nm" fills size and torque of "Caliper slide pin bolts".
 */
export function fillsFrom(rows: readonly Proposal[], blanks: readonly Blank[]): Fills {
  const said = new Map<Blank, Said[]>();
  const spare: string[] = [];
  const note = (blank: Blank, one: Said) => {
    const before = said.get(blank) ?? [];
    if (one.typed.trim() === "" || before.some(({ typed }) => typed === one.typed)) return;
    said.set(blank, [...before, one]);
  };
  for (const row of rows) {
    if (row.kind === "fastener") {
      const mine = likest(row.name, blanks.filter(isOfFastener));
      if (mine.length === 0 && `${row.size}${row.torque}` !== "") spare.push(spareWords(row));
      const isUnsureOfSize = row.doubtfulSize || (row.otherHalf !== undefined && row.doubtful);
      for (const blank of mine)
        note(
          blank,
          blank.kind === "torque"
            ? { typed: row.torque, from: row.name, doubtful: row.doubtful }
            : { typed: row.size, from: row.name, doubtful: isUnsureOfSize },
        );
    }
    if (row.kind === "step" && row.measure) {
      const { measure } = row;
      const mine = likest(
        measure.what,
        blanks.filter((one) => one.kind === "limit" && one.unit === measure.unit),
      );
      for (const blank of mine)
        note(blank, { typed: limitWords(measure), from: measure.what, doubtful: row.doubtful });
    }
  }
  return { said, spare };
}

function limitWords({ least, most, unit }: Measure): string {
  if (least !== undefined && most !== undefined) return `${least} to ${most} ${unit}`;
  if (least !== undefined) return `at least ${least} ${unit}`;
  return most === undefined ? "" : `at most ${most} ${unit}`;
}

const isOfFastener = ({ kind }: Blank): boolean => kind === "torque" || kind === "size";

const spareWords = ({ name, size, torque }: FastenerProposal): string =>
  [name, size, torque].filter((one) => one !== "").join(", ");

/** The blanks of the one thing that a name fits best; none where nothing fits, or two things alike. */
function likest(name: string, blanks: readonly Blank[]): Blank[] {
  const told = new Set(tellingWords(name));
  if (told.size === 0) return [];
  const things = [...new Set(blanks.map(({ what }) => what))].map((what) => {
    const words = new Set(tellingWords(what));
    const shared = [...told].filter((word) => words.has(word)).length;
    return { what, shared, covered: shared / told.size, isAll: shared === words.size };
  });
  const fitting = things
    .filter(({ covered }) => covered >= LEAST_SHARED)
    .sort((a, b) => b.shared - a.shared || Number(b.isAll) - Number(a.isAll));
  const [best, next] = fitting;
  if (!best || (next && next.shared === best.shared && next.isAll === best.isAll)) return [];
  return blanks.filter(({ what }) => what === best.what);
}
