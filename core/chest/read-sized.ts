import { InputError } from "../input-error";
import type { SquareDrive } from "../model/square-drive";
import { type HeadProfile, type HeadSize, isRecess } from "../quantity/head-size";
import { readLengthMm } from "../quantity/length";
import { formatHeadSize } from "../quantity/read-head-size";
import { NUMBER } from "../quantity/read-number";
import { SPANNER_WORDS } from "./chest-words";
import { type ToolDraft } from "./missing";
import { LENGTH, tenths } from "./read-lengths";
import { readSizeList } from "./read-sizes";

export const OFFSET = [
  new RegExp(`(?:offset|cent(?:re|er) to cent(?:re|er))\\s*(?:of|is|by|=|:)?\\s*(${LENGTH})`),
  new RegExp(`(${NUMBER}\\s*(?:mm|cm|in|inch|inches|"))\\s*(?:offset|cent(?:re|er) to cent(?:re|er))`),
];

/** "10/11 spanner": an end of each size, where no inch is divided so. */
export const twoEnds = (sizes: string): string =>
  sizes.replace(/(?<![\d/])(\d{1,2})\/(\d{1,2})(?![\d/])/g, (said, one: string, other: string) =>
    [2, 4, 8, 16, 32, 64].includes(Number(other)) ? said : `${one} ${other}`,
  );
/** How many of them, or how many are in the box: a number that would be read as a size. */
const COUNTED = /\b\d+[ -]?(?:pieces?|pcs?|pce)\b|\b\d+ ?x(?= )|(?<=\s)x ?\d+\b|\bset of \d+\b/;

/** The shape of bare numbers, by what is said beside them. */
const SHAPE_WORDS: readonly [RegExp, HeadProfile][] = [
  [/\b(?:hex(?:agon)?|allen)\b/, "hexagon key"],
  [/\bspline\b/, "multi-spline"],
  [/\b(?:torx|star|six-?lobe)\b/, "six-lobe"],
  [/\b(?:cross(?:-?heads?)?|phillips)\b|\bph ?\d/, "cross"],
  [/\b(?:slotted|flat[ -]?(?:heads?|blades?))\b/, "slot"],
  [/\bsquare (?:bits?|keys?)\b/, "square"],
];

/** Tools that come in sizes: `text` has the sizes, `said` all the words. */
export function sized(
  text: string,
  said: string,
  kind: "socket" | "spanner" | "key" | "crowfoot",
  drive: SquareDrive | undefined,
): ToolDraft[] {
  const counted = COUNTED.exec(said)?.[0];
  if (counted !== undefined)
    throw new InputError(
      `“${counted.trim()}” is how many, and no size. Write the sizes themselves, one of each: 3/8 sockets 8-19.`,
    );
  const offset = OFFSET.map((pattern) => pattern.exec(text)).find((found) => found !== null);
  const points = /\b(6|12)[ -]?(?:pt|point)s?\b/.exec(text);
  const inch = /\b(?:inch(?:es)?|in|imperial|af|sae)\b|"/.test(offset ? text.replace(offset[0], " ") : text);
  const shape = SHAPE_WORDS.find(([words]) => words.test(said))?.[1];
  const bare = [offset?.[0], points?.[0]]
    .reduce<string>((left, gone) => (gone ? left.replace(gone, " ") : left), text)
    .replace(/\bmm\b|\bdrive\b/g, " ");
  const heads = readSizeList(kind === "spanner" ? twoEnds(bare) : bare, {
    profile: shape ?? (kind === "key" ? "hexagon key" : "hexagon"),
    inch,
  });
  if (heads.length === 0) throw new InputError("Say which sizes: 8-19, or 8 10 13, or T20-T50.");
  if (kind === "crowfoot" && !offset)
    throw new InputError("Say how far the crowfoot's bolt lies from its square: offset 38 mm.");
  const flare = /\b(?:flare|flare nut|brake pipe|line|union)\b/.test(said);
  const deep = /\bdeep\b|\blong\b/.test(said);
  const impact = /\bimpact\b/.test(said);
  const form = SPANNER_WORDS.find(([words]) => words.test(said))?.[1];
  return heads.map((head): ToolDraft => {
    const size = formatHeadSize(head);
    switch (kind) {
      case "socket":
        return {
          kind,
          name: [
            size.replace(/ key$/, " hexagon"),
            deep && "deep",
            impact && "impact",
            isRecess(head) ? "bit" : "socket",
          ]
            .filter(Boolean)
            .join(" "),
          drive: drive ?? "1/2",
          head,
          ...(deep && { deep }),
          ...(impact && { impact }),
          ...(points && { points: points[1] === "6" ? (6 as const) : (12 as const) }),
        };
      case "key":
        return { kind, name: handName(head, size), head };
      case "spanner":
        return { kind, name: `${size} ${form ? `${form} ` : ""}spanner`, head, ...(form && { form }) };
      case "crowfoot":
        return {
          kind,
          name: `${size} ${flare ? "flare " : ""}crowfoot`,
          drive: drive ?? "3/8",
          head,
          offsetMm: tenths(readLengthMm(offset?.[1] ?? "", "mm", "The offset")),
          ...(flare && { flare }),
        };
    }
  });
}

/** What is held in the hand: "5 mm key", "T30 key", "cross-head 2 driver". */
function handName({ profile }: HeadSize, size: string): string {
  if (profile === "cross" || profile === "slot") return `${size} driver`;
  return size.endsWith("key") ? size : `${size} key`;
}
