import { InputError } from "../input-error";
import type { Draft } from "../model/record";
import type { ToolOf } from "../model/tool";
import { readLengthMm } from "../quantity/length";
import { LineTaker } from "../quantity/line-taker";
import { SHORT_TON_KG, measurePattern, readMeasure } from "../quantity/measure";
import { NUMBER, readNumber } from "../quantity/read-number";
import { Missing, behind } from "./missing";
import { refuseLeftOver } from "./read-wrench";

type LiftDraft = Draft<ToolOf<"stands" | "jack">>;

const RATING = new RegExp(
  `(${NUMBER})\\s*-?\\s*(?:(tons?)(?![a-z])|((?:us|short)[ -]tons?|kgs?|kilos?|t|tonnes?|lbs?|pounds?)(?![a-z]))`,
);

const HEIGHTS = new RegExp(
  `(${NUMBER})\\s*(mm|cm|in|inch|inches|")?\\s*(?:-|–|to)\\s*(${measurePattern("length")})`,
);

const COUNT_WORDS: readonly [RegExp, number][] = [
  [/\bone\b|\bsingle\b/, 1],
  [/\btwo\b|\bpair(?: of)?\b/, 2],
  [/\bthree\b/, 3],
  [/\bfour\b/, 4],
];

/**
 * Stands or a jack from one line: how many, rating, heights.
 * A rating is of one stand or of the pair, which is asked where it is not said; "3 t pair" is 1.5 t each. A
 * bare "ton" is the least
 * that it may be, 907 kg.
 * @throws InputError asking for what is not said. Example: "2 stands 3 t the pair 280-420 mm" → two of 1500
 * kg.
 */
export function readLifting(plain: string, kind: "stands" | "jack"): LiftDraft {
  const line = new LineTaker(plain);
  const heights =
    line.take(HEIGHTS, ([, low = "", lowUnit, high = ""]) => heightsOf(low, lowUnit, high)) ?? {};
  const rating = line.take(RATING, ([said = "", number = "", ton]) => ({
    said: said.trim(),
    kg: ton
      ? readNumber(number, "The rating").value * SHORT_TON_KG
      : readMeasure(said.replace("-", " "), "mass", "The rating").value,
  }));
  if (!rating)
    throw kind === "stands"
      ? new Missing(
          "What are they rated for? Or type it: 2 stands 1500 kg each.",
          [2, 3, 6].map((t) => behind(`${t} t the pair`)),
        )
      : new Missing(
          "What is it rated for? Or type it: jack 2000 kg.",
          [2, 2.5, 3].map((t) => behind(`${t} t`)),
        );
  if (kind === "jack") {
    refuseLeftOver(line);
    return { kind, name: "Jack", ratingKg: rounded(rating.kg), ...heights };
  }
  const each = line.takes(/\b(?:each|per stand|a ?piece|apiece)\b/);
  const forPair = line.takes(/\b(?:(?:per|the|a|for the) pair|pair(?! of))\b/);
  if (each === forPair)
    throw new Missing(
      `“${rating.said}”: of one stand, or of the pair?`,
      ["each", "per pair"].map((of) => ({
        says: `${rating.said} ${of}`,
        put: (line: string) =>
          line.replace(/\bpair of\b/i, "two").replace(rating.said, `${rating.said} ${of}`),
      })),
    );
  const number = line.take(
    /(?<![\w.,/])(?:x\s?)?(\d{1,2})(?:\s?x)?(?![\w.,/]|\s*(?:kgs?|t|tonnes?|tons?|lbs?|mm|cm|in)\b)/,
    ([, count]) => Number(count),
  );
  const count =
    number ?? COUNT_WORDS.find(([words]) => words.test(line.rest()))?.[1] ?? (forPair ? 2 : undefined);
  if (count === undefined) throw new InputError(`Say how many: 2 stands ${rating.said} each.`);
  if (count < 1 || count > 12) throw new InputError("How many stands: from 1 to 12.");
  refuseLeftOver(line);
  return {
    kind,
    name: "Axle stands",
    count,
    ratingPerStandKg: rounded(forPair ? rating.kg / 2 : rating.kg),
    ...heights,
  };
}

/** Whole kilograms, never more than it is rated for. */
function rounded(kg: number): number {
  return Math.floor(kg + 1e-9);
}

function heightsOf(
  low: string,
  lowUnit: string | undefined,
  high: string,
): { lowestMm: number; highestMm: number } {
  const unit = lowUnit ?? /[a-z"]+$/.exec(high.trim())?.[0] ?? "mm";
  const lowestMm = Math.ceil(readLengthMm(`${low} ${unit}`, "mm", "The lowest height"));
  const highestMm = Math.floor(
    readLengthMm(/[a-z"]$/.test(high.trim()) ? high : `${high} ${unit}`, "mm", "The highest height"),
  );
  if (lowestMm >= highestMm) throw new InputError("The highest height must be above the lowest.");
  return { lowestMm, highestMm };
}
