import { capital } from "../capital";
import { InputError, orSentence } from "../input-error";
import { type Draft, MODEL_VERSION } from "../model/record";
import { type SquareDrive } from "../model/square-drive";
import { type Tool, toolSchema } from "../model/tool";
import { readLengthMm } from "../quantity/length";
import { LineTaker } from "../quantity/line-taker";
import { measurePattern } from "../quantity/measure";
import { formatHeadSize } from "../quantity/read-head-size";
import { NUMBER, readNumber } from "../quantity/read-number";
import { AMOUNT_WORDS, BY_NAME, INTERNAL, KIND_WORDS, NAMED, ONLY_SIZES, SPANNER_WORDS } from "./chest-words";
import { KnownByName, Missing, behind } from "./missing";
import { plainLine } from "./plain-line";
import { DRIVE_ANYWHERE, DRIVE_FIRST, drivesIn, takeDrive, twoDrives } from "./read-drive";
import { readLifting } from "./read-lifting";
import { readSizeList } from "./read-sizes";
import { readWrench } from "./read-wrench";

/** A tool that has no id yet. */
export type ToolDraft = Draft<Tool>;

/** One line of a list, and what it was read as; or why it could not be. */
export type ChestLine =
  | { line: string; tools: ToolDraft[] }
  | {
      line: string;
      why: string;
      /** Where one press says what is missing: the words of it, and the line as it is then. */
      answers: readonly { says: string; line: string }[];
    };

/**
 * Reads a list of tools as people write it, a line each; every line says what it became, so that nothing is
 * guessed unseen. Example: "3/8 deep metric 8-19 no 16" → eleven deep sockets.
 */
export function readChest(text: string): ChestLine[] {
  return text
    .split(/\n|;/)
    .map((line) => line.trim())
    .filter((line) => line !== "")
    .map(readOne);
}

function readOne(line: string): ChestLine {
  try {
    return { line, tools: readChestLine(line) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const { inner } = apartOf(line);
    const answers = error instanceof Missing ? error.answers : [];
    return {
      line,
      why: error.message,
      answers: answers.map(({ says, put }) => ({ says, line: line.replace(inner, () => put(inner)) })),
    };
  }
}

/** A line apart from the set it names and from who has it: "Red box: 3/8 sockets 13 lent to next door". */
function apartOf(line: string): { inner: string; set: string | undefined; lentTo: string | undefined } {
  const lent = /\blent to (.+)$/i.exec(line);
  const here = lent ? line.slice(0, lent.index).replace(/[,\s]+$/, "") : line;
  // "4:1" is a ratio: what names a set is no number.
  const named = /^(\D[^:]{1,60}):(?!\d)\s*(.+)$/.exec(here);
  return { inner: named?.[2] ?? here, set: named?.[1]?.trim(), lentTo: lent?.[1]?.trim() };
}

/** The tools that a line names; none where it cannot be read. */
export function toolsOfLine(line: string): ToolDraft[] {
  return orSentence(
    () => readChestLine(line),
    () => [],
  );
}

/**
 * The tools that one line names; a name and a colon before them make them a set. @throws InputError saying
 * what is missing in it. Example: readChestLine("3/8 extensions 75 150") → two extensions.
 */
export function readChestLine(line: string): ToolDraft[] {
  if (line.length > 200)
    throw new InputError("The line is too long to be one kind of tool. Break it into several.");
  const { inner, set, lentTo } = apartOf(line);
  const tools = read(inner);
  const drafts = tools.map((tool) => ({ ...tool, ...(set ? { set } : {}), ...(lentTo ? { lentTo } : {}) }));
  for (const draft of drafts) {
    const result = toolSchema.safeParse({ ...UNMADE, ...draft });
    if (!result.success)
      throw new InputError(
        `“${draft.name}” cannot be so: ${result.error.issues[0]?.message.toLowerCase() ?? "check the numbers"}. Check the numbers.`,
      );
  }
  return drafts;
}

/** A stamp to check a draft by; it is never kept. */
const UNMADE = {
  id: "draft",
  createdAt: "2000-01-01T00:00:00.000Z",
  updatedAt: "2000-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
};

function read(line: string): ToolDraft[] {
  const plain = plainLine(line);
  const sure = BY_NAME.exec(plain);
  if (sure) return [byName(line, plain.slice(0, sure.index))];
  if (NAMED.test(plain)) return [byName(line, plain)];
  const kind = KIND_WORDS.find(([words]) => words.test(plain))?.[1];
  if (!/\d/.test(plain) && kind === undefined) return [byName(line, plain)];
  if (kind === undefined && !looksLikeSizes(plain) && !INTERNAL.test(plain)) return [sureOf(line, plain)];
  switch (kind) {
    case "torque wrench":
      return [readWrench(plain)];
    case "drive adapter": {
      const [from, to] = twoDrives(plain);
      return [{ kind, name: `${from} to ${to} adapter`, from, to }];
    }
    case "multiplier":
      return [multiplier(plain)];
    case "stands":
    case "jack":
      return [readLifting(plain, kind)];
    case "spanner":
    case "key":
      return sized(
        plain.replace(KIND_WORDS.find(([, one]) => one === kind)?.[0] ?? "", " "),
        plain,
        kind,
        undefined,
      );
    default: {
      // A bar without a square is a lever, known by its name.
      if (
        kind === "bar or ratchet" &&
        /^(?!.*(?:breaker|power|sliding|t-bar|ratchet)).*\bbars?\b/.test(plain) &&
        !DRIVE_ANYWHERE.test(plain)
      )
        return [byName(line, plain)];
      const { drive, rest } = takeDrive(plain, kind ?? "socket", INTERNAL.test(plain));
      return withDrive(kind ?? "socket", drive, rest);
    }
  }
}

function withDrive(kind: Tool["kind"], drive: SquareDrive, rest: string): ToolDraft[] {
  switch (kind) {
    case "extension":
    case "bar or ratchet": {
      const lengths = lengthsIn(rest, kind, drive);
      const word = barKind(kind, rest);
      return lengths.map((lengthMm) => ({
        kind,
        name: `${drive} in ${word}, ${lengthMm} mm`,
        drive,
        lengthMm,
      }));
    }
    case "universal joint":
    case "angle gauge":
      return [{ kind, name: `${drive} in ${kind}`, drive }];
    case "crowfoot":
      return sized(rest, rest, kind, drive);
    default:
      return sized(rest, rest, "socket", drive);
  }
}

const LENGTH = measurePattern("length");
const OFFSET = [
  new RegExp(`(?:offset|cent(?:re|er) to cent(?:re|er))\\s*(?:of|is|by|=|:)?\\s*(${LENGTH})`),
  new RegExp(`(${NUMBER}\\s*(?:mm|cm|in|inch|inches|"))\\s*(?:offset|cent(?:re|er) to cent(?:re|er))`),
];

function barKind(kind: string, rest: string) {
  if (kind === "extension") return "extension";
  if (/ratchet/.test(rest)) return "ratchet";
  return "bar";
}

/** Tools that come in sizes: `text` has the sizes, `said` all the words. */
function sized(
  text: string,
  said: string,
  kind: "socket" | "spanner" | "key" | "crowfoot",
  drive: SquareDrive | undefined,
): ToolDraft[] {
  const offset = OFFSET.map((pattern) => pattern.exec(text)).find((found) => found !== null);
  const points = /\b(6|12)[ -]?(?:pt|point)s?\b/.exec(text);
  const inch = /\b(?:inch(?:es)?|in|imperial|af|sae)\b|"/.test(offset ? text.replace(offset[0], " ") : text);
  const profile = /\b(?:hex(?:agon)?|allen)\b/.test(said) ? "hexagon key" : "hexagon";
  const spline = /\bspline\b/.test(said);
  const bare = [offset?.[0], points?.[0]]
    .reduce<string>((left, gone) => (gone ? left.replace(gone, " ") : left), text)
    .replace(/\bmm\b|\bdrive\b/g, " ");
  const lettered = withLetters(kind === "spanner" ? twoEnds(bare) : bare, said);
  const heads = readSizeList(lettered, {
    profile: kind === "key" && !spline ? "hexagon key" : profile,
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
            size,
            deep && "deep",
            impact && "impact",
            head.profile === "hexagon" || head.profile === "six-lobe external" ? "socket" : "bit",
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
        return { kind, name: size.endsWith("key") ? size : `${size} key`, head };
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

/** A name with a number in it, where no kind is told: what is used up, or a tool that somebody has to name so. */
function sureOf(line: string, plain: string): ToolDraft {
  if (ONLY_SIZES.test(plain))
    throw new Missing(`“${line.trim()}” does not say what it is: a socket, or a spanner?`, [
      behind("A socket", "socket"),
      behind("A spanner", "spanner"),
    ]);
  const draft = byName(line, plain);
  if (draft.kind === "consumable") return draft;
  if (!/\d/.test(plain)) return draft;
  throw new KnownByName(
    `“${line.trim()}” is known here by its name only: it is laid out, and nothing is fitted with it.`,
    [behind("Yes, by its name", "by name")],
  );
}

/** "10/11 spanner": an end of each size, where no inch is divided so. */
const twoEnds = (sizes: string): string =>
  sizes.replace(/(?<![\d/])(\d{1,2})\/(\d{1,2})(?![\d/])/g, (said, one: string, other: string) =>
    [2, 4, 8, 16, 32, 64].includes(Number(other)) ? said : `${one} ${other}`,
  );

/** Numbers of a shape that goes by number get its letter: "torx 20-50" → "torx t20-t50". */
function withLetters(sizes: string, said: string): string {
  const lobe = /\b(?:torx|star|six-?lobe)\b/.test(said) ? "t" : "";
  const letter = /\bspline\b/.test(said) ? "m" : lobe;
  return letter === "" ? sizes : sizes.replace(/(?<![a-z\d.,/])(\d+)(?![\d./])/g, `${letter}$1`);
}

function looksLikeSizes(plain: string): boolean {
  return DRIVE_FIRST.test(plain) && /\d/.test(plain.replace(DRIVE_FIRST, ""));
}

function multiplier(plain: string): ToolDraft {
  const line = new LineTaker(plain);
  const times = line.take(
    new RegExp(`(${NUMBER})\\s*(?::\\s*1\\b|times|x\\b)`),
    ([, ratio = ""]) => readNumber(ratio, "The ratio").value,
  );
  const percent = line.take(
    new RegExp(`(${NUMBER})\\s*%`),
    ([, share = ""]) => readNumber(share, "The efficiency").value,
  );
  if (times === undefined || percent === undefined)
    throw new InputError("Say its ratio and its efficiency: multiplier 1/2 to 3/4, 4:1, 90 %.");
  const [from, to = from] = drivesIn(line.rest());
  if (!from || !to)
    throw new InputError("Say both squares, the wrench's first: multiplier 1/2 to 3/4, 4:1, 90 %.");
  if (times < 1 || times > 50) throw new InputError("The ratio is between 1 and 50.");
  if (percent < 30 || percent > 100) throw new InputError("The efficiency is between 30 and 100 %.");
  return {
    kind: "multiplier",
    name: `${times}:1 multiplier`,
    from,
    to,
    ratio: times,
    efficiency: percent / 100,
  };
}

const AMOUNT = new RegExp(
  `(${NUMBER}|\\ba|\\bone)\\s*((?:us |imp(?:erial)? )?(?:${Object.keys(AMOUNT_WORDS).join("|")}))s?\\b`,
);

/** What has no size to fit: used up where an amount is said, a tool known by name otherwise. */
function byName(line: string, plain: string): ToolDraft {
  // "quart of oil": one of them.
  const said = plain.replace(
    /^(?=(?:quart|gallon|litre|liter|can|bottle|tube|roll|box|pack|bag)s? of\b)/,
    "1 ",
  );
  const amount = AMOUNT.exec(said);
  const unit = amount?.[2] ?? "";
  const word = AMOUNT_WORDS[unit] ?? AMOUNT_WORDS[unit.replace(/^us |s$/g, "")];
  const isTool = NAMED.test(plain) && word?.unit === "g";
  const name = (amount && !isTool ? said.replace(amount[0], " ") : said)
    .replace(/\b(?:left|of)\b/g, " ")
    .replace(/[\s,:]+/g, " ")
    .trim();
  // The grade of an oil is its name.
  if (!/\p{L}{3}|\b\d{1,2}w-?\d{1,2}\b/u.test(name.replace(/\bmm\b/g, "")))
    throw new InputError(
      `“${line.trim()}” does not say what it is. Write the tool's name, or a drive and sizes.`,
    );
  const named = capital(name);
  if (!amount || !word || isTool) return { kind: "special tool", name: named };
  if (unit === "gallon")
    throw new Missing("Which gallon: of the United States, 3.8 L, or imperial, 4.5 L?", [
      { says: "US, 3.8 L", put: (text) => text.replace(/\bgallon/i, "US gallon") },
      { says: "Imperial, 4.5 L", put: (text) => text.replace(/\bgallon/i, "imperial gallon") },
    ]);
  const [, count = ""] = amount;
  const value = (/^(?:a|one)$/.test(count) ? 1 : readNumber(count, "How much").value) * word.times;
  // Of a quart no more whole millilitres than there are.
  const left = Number.isInteger(word.times) ? value : Math.floor(value);
  return { kind: "consumable", name: named, left: { value: left, unit: word.unit } };
}

/** Nobody measures a tool finer than a tenth of a millimetre. */
function tenths(mm: number): number {
  return Math.round(mm * 10) / 10;
}

/** How long they are usually made, mm, by their square: what a person holds beside it and chooses from. */
const USUAL_LENGTHS: Readonly<Record<SquareDrive, readonly number[]>> = {
  "1/4": [130, 150],
  "3/8": [180, 200, 280],
  "1/2": [250, 300, 450, 600],
  "3/4": [500, 750, 1000],
  "1": [750, 1000],
};
const USUAL_EXTENSIONS = [50, 75, 125, 150, 250];

/** Lengths in a row, mm: a unit said once stands for those before it. "6, 10 in" → 152.4 and 254. */
function lengthsIn(text: string, kind: "extension" | "bar or ratchet", drive: SquareDrive): number[] {
  // In a row a space parts two lengths, and never the thousands of one.
  const apart = text.replace(/(\d)\s+(?=\d+(?!\d*\s?\/))/g, "$1, ");
  const said = [...apart.matchAll(new RegExp(LENGTH, "g"))].map(([one]) => one.trim());
  const unitOf = (one: string) => /[a-z"'].*$/.exec(one)?.[0] ?? "";
  const lengths = said.map((one, i) => {
    const unit =
      unitOf(one) ||
      said
        .slice(i)
        .map(unitOf)
        .find((later) => later !== "") ||
      "";
    return tenths(readLengthMm(unitOf(one) ? one : `${one} ${unit}`, "mm", "The length"));
  });
  if (lengths.length === 0) {
    const isExtension = kind === "extension";
    throw new Missing(
      isExtension
        ? "Say how long each is: 75, 150, in mm."
        : "Say how long it is, from the square to the grip's end: 200, in mm.",
      (isExtension ? USUAL_EXTENSIONS : USUAL_LENGTHS[drive]).map((mm) => behind(`${mm} mm`)),
    );
  }
  const odd = lengths.find((mm) => mm < 10 || mm > 3000);
  if (odd !== undefined)
    throw new InputError(`${odd} mm is not the length of any such tool. Check the number.`);
  return lengths;
}
