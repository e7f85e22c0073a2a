import { capital } from "../capital";
import { InputError } from "../input-error";
import { NUMBER, readNumber } from "../quantity/read-number";
import { AMOUNT_WORDS, NAMED, ONLY_SIZES } from "./chest-words";
import { KnownByName, Missing, type ToolDraft, behind } from "./missing";

export const AMOUNT = new RegExp(
  `(${NUMBER}|\\ba|\\bone)\\s*((?:us |imp(?:erial)? )?(?:${Object.keys(AMOUNT_WORDS).join("|")}))s?\\b`,
);

/** What has no size to fit: used up where an amount is said, a tool known by name otherwise. */
export function byName(line: string, plain: string): ToolDraft {
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

/** A name with a number in it, where no kind is told: what is used up, or a tool that somebody has to name so. */
export function sureOf(line: string, plain: string): ToolDraft {
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
