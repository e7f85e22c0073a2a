import { text } from "./counts";
import type { Mention } from "./mention";
import type { Term } from "./terms";
import { HEADS } from "./vocabulary";

/** "battery negative", or the battery by itself: what is undone of it is a terminal. */
export function batteryTerminal(terms: readonly Term[], at: number): Mention | undefined {
  const [word, before, after] = [text(terms, at), text(terms, at - 1), text(terms, at + 1)];
  // "Disconnect the batteries, negative on both."
  const [bare, near] = [
    /^(?:negative|positive)$/.test(word) && !HEADS[after] && terms[at + 1]?.tag !== "noun",
    terms.slice(Math.max(0, at - 60), at).some((one) => /^batter(?:y|ies)$/.test(one.text)),
  ];
  const pole =
    (/^(?:negative|positive|earth|ground)$/.test(word) && before === "battery" && !HEADS[after]) ||
    (bare && near);
  // "One behind the battery": where another is.
  const isPlace =
    before === "the" &&
    /^(?:behind|under|underneath|beside|near|below|above|by|around)$/.test(text(terms, at - 2));
  const alone =
    word === "battery" &&
    !isPlace &&
    !/^(?:negative|positive|earth|terminals?|ground|box|tray|light|clamp|plus|voltage|charger|hold)$/.test(
      after,
    );
  const lead = isItsLead(terms, word, after);
  if (!pole && !alone && !lead) return undefined;
  const marks = pole ? ["battery", word] : ["battery"];
  return {
    from: pole && before === "battery" ? at - 1 : at,
    to: lead ? at + 2 : at + 1,
    family: "terminal",
    head: "terminal",
    marks,
    name: `${marks.join(" ")} terminal`,
    count: /^on (?:both|each)$/.test(`${after} ${text(terms, at + 2)}`) ? 2 : 1,
    perSide: false,
    definite: true,
    pointing: false,
    through: false,
  };
}

/** "First the battery: earth lead off", and wherever that lead is spoken of. */
const isItsLead = (terms: readonly Term[], pole: string, lead: string): boolean =>
  /^(?:negative|positive|earth|ground)$/.test(pole) &&
  /^(?:lead|cable)$/.test(lead) &&
  terms.some(
    (term, n) =>
      term.text === "battery" &&
      [1, 2, 3, 4, 5, 6].some((k) => text(terms, n + k) === pole && text(terms, n + k + 1) === lead),
  );
