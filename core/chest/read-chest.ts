import { InputError, orSentence } from "../input-error";
import { type SquareDrive } from "../model/square-drive";
import { type Tool, toolSchema } from "../model/tool";
import { MODEL_VERSION } from "../model/version";
import { LineTaker } from "../quantity/line-taker";
import { NUMBER, readNumber } from "../quantity/read-number";
import { byName, sureOf } from "./by-name";
import { BY_NAME, INTERNAL, KIND_WORDS, NAMED, OF_SOCKETS } from "./chest-words";
import { Missing, type ToolDraft, behind } from "./missing";
import { plainLine } from "./plain-line";
import { DRIVE_ANYWHERE, DRIVE_FIRST, drivesIn, takeDrive, twoDrives } from "./read-drive";
import { lengthsIn } from "./read-lengths";
import { readLifting } from "./read-lifting";
import { sized } from "./read-sized";
import { readWrench } from "./read-wrench";

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
  if (NAMED.test(plain) && !INTERNAL.test(plain)) return [byName(line, plain)];
  const kind = KIND_WORDS.find(([words]) => words.test(plain))?.[1];
  if (!/\d/.test(plain) && kind === undefined) return [byName(line, plain)];
  if (kind === undefined && !looksLikeSizes(plain) && !INTERNAL.test(plain)) return [sureOf(line, plain)];
  const odd =
    kind === undefined ? plain.match(/[a-z]+\d*/g)?.find((word) => !OF_SOCKETS.test(word)) : undefined;
  if (odd !== undefined)
    throw new Missing(`“${line.trim()}”: sockets, or a tool that is known by its name?`, [
      behind("Sockets", "sockets"),
      behind("By its name", "by name"),
    ]);
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

function barKind(kind: string, rest: string) {
  if (kind === "extension") return "extension";
  if (/ratchet/.test(rest)) return "ratchet";
  return "bar";
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
