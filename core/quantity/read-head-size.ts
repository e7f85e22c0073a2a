import { InputError } from "../input-error";
import { type HeadSize, MADE_NUMBERS } from "./head-size";
import { inchFraction } from "./inch-fraction";
import { INCH_MM } from "./measure";
import { NUMBER, isFraction, readNumber, refuseStrange } from "./read-number";

/** Shapes by the words for them, before or behind the size; the longer first. */
const SHAPES: readonly [RegExp, HeadSize["profile"]][] = [
  [/\b(?:(?:12|twelve)[\s-]?(?:pt|points?)|bi-?hex(?:agon)?)\b\.?/, "twelve-point"],
  [/\b(?:xzn|triple[\s-]square|multi-?\s?spline|spline)\b/, "multi-spline"],
  [/\b(?:(?:external|female)\s(?:torx|star|six[\s-]?lobe)|e-?torx)\b/, "six-lobe external"],
  [/\b(?:torx|star|six[\s-]?lobe)\b/, "six-lobe"],
  [/\b(?:cross(?:[\s-]?(?:head|point|recess))?(?:ed)?|phillips?)\b|^ph(?=[\s-]?\d)/, "cross"],
  [/\b(?:slot(?:ted)?|flat[\s-]?(?:head|blade))\b/, "slot"],
  [/\bsquare\b/, "square"],
  [
    /\b(?:hex(?:agon)?[\s-](?:key|bit)|allen(?:\s(?:key|bit))?|(?:internal|inside)\shex(?:agon)?|key)\b|^hex(?:agon)?(?=\s*\d)|^h(?=\s?\d)/,
    "hexagon key",
  ],
];

/** Words that say no more than what it is the size of. */
const SAYS_NOTHING = /\b(?:bits?|(?:screw)?drivers?|sockets?|spanners?|wrench(?:es)?|heads?|sizes?)\b/g;
const SIZE = new RegExp(
  `^(${NUMBER})\\s*(mm|mil|millimet(?:er|re)s?|inch(?:es)?|in|["”″])?\\.?\\s*(a\\/?f|across flats)?$`,
);

/**
 * Reads a head or socket size as people write it: "13", "13 mm", "1/2 in", "1-3/16", "13 16" (sixteenths),
 * "7/16 AF", "T40", "TX40", "E12", "6 mm hex key", "H7", "5mm allen", "M10 spline", "XZN 10", "3/8 12pt". A
 * bare whole or decimal number is millimetres, a bare fraction inches.
 * @throws InputError saying what could not be read, or asking about what could be two things.
 * Example: readHeadSize("7/16") → { profile: "hexagon", size: 0.4375, unit: "in" }.
 */
export function readHeadSize(text: string, field?: string): HeadSize {
  const typed = text.trim();
  refuseStrange(typed, "The size", field);
  const plain = typed.toLowerCase().replace(/[“”]/g, '"').replace(/\s+/g, " ");
  const lobe = /^(tx|t|e)[\s-]?(\d{1,3})(?: (?:torx|bit|key|star|socket))?$/.exec(plain);
  if (lobe) return numbered(lobe[1] === "e" ? "six-lobe external" : "six-lobe", lobe[2] ?? "", typed, field);

  const [found, profile] = SHAPES.find(([words]) => words.test(plain)) ?? [];
  const bare = (found ? plain.replace(found, " ") : plain)
    .replace(SAYS_NOTHING, " ")
    .replace(/\s+/g, " ")
    .trim();
  if (profile === "cross")
    return numbered(profile, bare.replace(/^(?:ph|#|no\.?)?[\s-]?(?=\d)/, ""), typed, field);
  if (profile === "six-lobe" || profile === "six-lobe external")
    return numbered(profile, bare.replace(/^(?:tx|t|e)\s?(?=\d)/, ""), typed, field);
  if (profile === "multi-spline")
    return numbered(profile, bare.replace(/^m\s?(?=\d)/, "").replace(/\s?mm$/, ""), typed, field);
  if (/^m\s?\d/.test(bare))
    throw new InputError(
      `${typed.toUpperCase()} is a thread. Type the size across its head, such as 16, or "${typed.toUpperCase()} spline".`,
      field,
    );
  if (/\bhex(?:agon)?$/.test(bare) && profile === undefined) {
    throw new InputError(
      `"${typed}" could be a hexagon head or a hexagon key. Write the size alone for a head, or "${bare.replace(/\s?hex(?:agon)?$/, "")} key".`,
      field,
    );
  }
  return acrossFlats(bare, profile ?? "hexagon", typed, field);
}

function acrossFlats(bare: string, profile: HeadSize["profile"], typed: string, field?: string): HeadSize {
  // "13 16" is thirteen sixteenths: an odd number of them, less than the whole.
  const spoken = /^(\d{1,2}) (2|4|8|16|32|64)$/.exec(bare);
  if (spoken && Number(spoken[1]) < Number(spoken[2]) && Number(spoken[1]) % 2 === 1)
    return checked({ profile, size: Number(spoken[1]) / Number(spoken[2]), unit: "in" }, typed, field);
  if (/^\d+ \d+$/.test(bare))
    throw new InputError(
      `"${typed}" could be two sizes or one fraction. Write one of them, or a fraction like 13/16.`,
      field,
    );
  const match = SIZE.exec(bare);
  if (!match) {
    if (!/\d|[½¼¾⅛⅜⅝⅞]/.test(bare))
      throw new InputError(`"${typed}" has no size in it. Write it like 13, 1/2 in, T40 or E12.`, field);
    readNumber(bare, "The size", field);
    throw new InputError(
      `"${typed}" is not a size that is known here. Write it like 13, 1/2 in, T40 or E12.`,
      field,
    );
  }
  const [, number = "", unit] = match;
  const { value } = readNumber(number, "The size", field);
  const metric = unit?.startsWith("m") ?? false;
  if (isFraction(number) && metric)
    throw new InputError(`"${typed}" is a fraction in millimetres. Write inches, or a decimal.`, field);
  if (isFraction(number) && !Number.isInteger(value * 64))
    throw new InputError(
      `"${typed}" is not a fraction of an inch that tools come in. They are halves down to 64ths.`,
      field,
    );
  return checked(
    { profile, size: value, unit: metric || (unit === undefined && !isFraction(number)) ? "mm" : "in" },
    typed,
    field,
  );
}

/** Sizes that go by number, of those that are made. */
function numbered(profile: HeadSize["profile"], number: string, typed: string, field?: string): HeadSize {
  const size = /^\d{1,3}$/.test(number.trim()) ? Number(number) : undefined;
  const made = MADE_NUMBERS[profile] ?? [];
  if (size === undefined || !made.includes(size))
    throw new InputError(
      `"${typed}" is not a size that is made. Of that shape there are ${made.join(", ")}.`,
      field,
    );
  return { profile, size, unit: "number" };
}

/**
 * "13 mm", "1 3/16 in", "T40", "E12", "6 mm key", "M10 spline", "3/8 in 12-point", "cross-head 2",
 * "6 mm slot", "3/8 in square". Inches are shown in 64ths or coarser.
 */
export function formatHeadSize({ profile, size, unit }: HeadSize): string {
  if (profile === "six-lobe") return `T${size}`;
  if (profile === "six-lobe external") return `E${size}`;
  if (profile === "multi-spline") return `M${size} spline`;
  if (profile === "cross") return `cross-head ${size}`;
  const across = unit === "in" ? `${inchFraction(size)} in` : `${size} mm`;
  if (profile === "slot" || profile === "square") return `${across} ${profile}`;
  if (profile === "hexagon key") return `${across} key`;
  if (profile === "twelve-point") return `${across} 12-point`;
  return across;
}

/** True when both are the same shape and the same size; metric and inch never match, however near. */
export function sameHead(a: HeadSize, b: HeadSize): boolean {
  return a.profile === b.profile && a.unit === b.unit && Math.abs(a.size - b.size) < 1e-6;
}

function checked(size: HeadSize, typed: string, field?: string): HeadSize {
  const acrossMm = size.unit === "in" ? size.size * INCH_MM : size.size;
  if (!(acrossMm >= 1 && acrossMm <= 120))
    throw new InputError(`"${typed}" is not the size of any head here. Check the number.`, field);
  return size;
}
