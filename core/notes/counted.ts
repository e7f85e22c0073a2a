import type { Told } from "./clauses";
import { text, isPerSide, ofThem as countOfThem, eachSide } from "./counts";
import { saidIn } from "./heard";
import type { Mention } from "./mention";
import { spokenNumber } from "./spoken-number";
import type { Here, Walk } from "./walk";

export function countClause(said: string, clause: Told, here: Here) {
  if (/^\W*(?:and )?i count(?:ed)? (\w+)\W*$/i.test(said)) return clause.to - 1;
  if (/^\W*\w+ (?:numbers|nos|pieces|off)\W*$/i.test(said)) return clause.from;
  // "17 mm bolts, x5".
  if (/^\W*[x×] ?\d+\W*$/i.test(said)) return clause.from + 1;
  // "One on each, so four."
  if (/^\W*so (?:that's )?\w+(?: (?:in all|altogether|total|in total|all told))?\W*$/i.test(said))
    return clause.from + (/^\W*so that's/i.test(said) ? 2 : 1);
  if (/^\W*(?:there's|there are|they're) \w+\W*$/i.test(said) && here.sizes.length === 0)
    return clause.to - 1;
  // "21 mil, there's six on this truck".
  if (/^\W*(?:there's|there are) \w+ on (?:this|the|mine|my)\b/i.test(said) && here.mentions.length === 0)
    return clause.from + (/^\W*there are/i.test(said) ? 2 : 1);
  return undefined;
}

/** "Cover bolts: eleven, 10 mm": the number that stands alone behind the only thing named. */
export function loneCount(
  { heard: { terms, told } }: Walk,
  { i, clause, mentions, sizes }: Here,
): number | undefined {
  const next = told[i + 1];
  if (!/s$/.test(mentions[0]?.head ?? "")) return undefined;
  const bracketed = terms[(next?.from ?? 0) - 1]?.text === "(";
  const number =
    next && !bracketed && next.sentence === clause.sentence && mentions.length === 1 && sizes.length === 0
      ? spokenNumber(terms, next.from)
      : undefined;
  return number &&
    (number.next === next?.to || terms[number.next]?.text === ",") &&
    !number.fraction &&
    Number.isInteger(number.value) &&
    number.value >= 2 &&
    number.value <= 32
    ? number.value
    : undefined;
}

function ofEachBefore({ heard: { text: whole, terms, told } }: Walk, { i, clause, said }: Here): number {
  const before = told[i - 1];
  if (
    !before ||
    before.sentence !== clause.sentence ||
    !/^\W*(?:and )?each (?:with|has|on|held|is held|gets|takes)\b/i.test(said)
  )
    return 1;
  const found = /\b(two|three|four|five|six|[2-8])((?: [\w-]+){1,4}s)\W*$/i.exec(
    saidIn(whole, terms, before),
  );
  const at = found
    ? terms.findIndex(({ start }) => start >= (terms[before.from]?.start ?? 0) + found.index)
    : -1;
  return (at >= 0 && spokenNumber(terms, at)?.value) || 1;
}

/** "Two P clips, each with one 10 mm bolt": as many as there are of what each holds. */
export function asManyAsEach(walk: Walk, here: Here, mention: Mention): void {
  const times = ofEachBefore(walk, here);
  if (times === 1 || mention.count === undefined) return;
  mention.count *= times;
  mention.name = mention.name.replace(/\b(?:bolt|nut|screw|stud)\b/, "$&s");
}

/** "lug nuts are 19, six of them": how many there are, later in the clause that names nothing else. */
export function countBehind(
  { heard: { terms } }: Walk,
  { clause, mentions }: Here,
): { count: number; perSide: boolean } | undefined {
  const [only] = mentions;
  if (!only || mentions.length > 1 || only.family === "one") return undefined;
  for (let at = only.to; at < clause.to; at++) {
    // "Shackle nuts are 19 mm and there are two each side".
    const each = /^(?:are|there's|and)$/.test(text(terms, at)) ? spokenNumber(terms, at + 1) : undefined;
    if (each && isPerSide(terms, each.next) && Number.isInteger(each.value) && each.value <= 12)
      return { count: each.value, perSide: true };
    const count = countOfThem(terms, at);
    if (count !== undefined && count > 1) return { count, perSide: false };
  }
  return undefined;
}

/** How many of what was spoken of just now, where a clause says no more than that. */
export function takeCounts(walk: Walk, here: Here): void {
  const { terms } = walk.heard;
  const { i, clause, said, mentions } = here;
  const tells = countClause(said, clause, here);
  const howMany = tells === undefined ? undefined : spokenNumber(terms, tells);
  if (
    howMany &&
    walk.last &&
    i - walk.last.last <= 2 &&
    Number.isInteger(howMany.value) &&
    howMany.value <= 32
  ) {
    walk.last.count = howMany.value;
    if (/^\W*so\b/i.test(said)) walk.last.perSide = false;
  }
  // "The lower damper bolts, left and right": one each.
  if (
    walk.last &&
    walk.last.count === undefined &&
    mentions.length === 0 &&
    /^\W*(?:left and right|both sides)\W*$/i.test(said) &&
    i - walk.last.last <= 1
  )
    walk.last.count = 2;
  // "Four on each wheel".
  const spoken = mentions.length === 0 ? eachSide(terms, clause, said) : undefined;
  const { wheelsOff } = walk;
  if (spoken !== undefined && wheelsOff && i - wheelsOff.at <= 1) wheelsOff.each = spoken;
  else if (
    spoken !== undefined &&
    walk.last &&
    (walk.last.count === undefined || walk.last.count === spoken)
  ) {
    walk.last.count = spoken;
    walk.last.perSide = true;
  }
}
