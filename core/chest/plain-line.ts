/** Fractions and numbers as they are said of drives and lengths. */
const SPOKEN: readonly [RegExp, string][] = [
  [/\b(?:a |one[ -])?quarter(?=[ -]?(?:inch|in\b|"|drive|dr\b))/g, "1/4"],
  [/\bthree[ -](?:eighths?|8ths?)\b/g, "3/8"],
  [/\b(?:a |one[ -])?half(?=[ -]?(?:inch|in\b|"|drive|dr\b))/g, "1/2"],
  [/\bthree[ -]quarters?\b/g, "3/4"],
  [/\bone(?=[ -](?:inch|in)\b)/g, "1"],
  [/\btwo(?=[ -](?:inch|in)\b)/g, "2"],
  [/\bthree(?=[ -](?:inch|in)\b)/g, "3"],
  [/\bfour(?=[ -](?:inch|in)\b)/g, "4"],
  [/\bsix(?=[ -](?:inch|in)\b)/g, "6"],
  [/\beight(?=[ -](?:inch|in)\b)/g, "8"],
  [/\bten(?=[ -](?:inch|in)\b)/g, "10"],
  [/\btwelve(?=[ -](?:inch|in)\b)/g, "12"],
];

/** What is a wrench by its name and no spanner of a size. */
const OTHER_WRENCHES =
  /\b(?:torque|impact|pipe|adjustable|monkey|strap|chain|filter|lug|wheel|basin|tap|plumbers?'?|stillson|cross|brace|foot|feet)\s+$/;

/**
 * One name for each thing: words of both sides of the ocean are put into those that the chest reads by.
 * Example: "1/2 Box-End Wrench" → "1/2 ring spanner"; "five allen wrenches" → "five hex keys".
 */
export function plainLine(line: string): string {
  const plain = SPOKEN.reduce(
    (text, [said, written]) => text.replace(said, written),
    line
      .toLowerCase()
      .replace(/[“”″]/g, '"')
      .replace(/[’]/g, "'")
      .replace(/½/g, "1/2")
      .replace(/¼/g, "1/4")
      .replace(/⅜/g, "3/8")
      .replace(/¾/g, "3/4")
      .replace(/\s+/g, " ")
      .trim(),
  );
  return (
    plain
      .replace(/\bhalf (?:a |of a )?(?=(?:lit(?:re|er)|l|pint|quart|gallon|kilo|kg)\b)/g, "0.5 ")
      // "10,11,12": a row, and no decimals; nothing is made in elevenths either.
      .replace(/(?<![\d.,])\d{1,2}(?:,\d{1,2}){2,}(?![\d.,])/g, (row) => row.replaceAll(",", ", "))
      .replace(/(?<![\d.,])(\d{1,2}),(\d{1,2})(?![\d.,])/g, (said, one: string, two: string) =>
        two !== "5" && Number(one) >= 3 && Number(two) > Number(one) ? `${one}, ${two}` : said,
      )
      .replace(/\bbi-?hex(?:agon)?\b/g, "12 point")
      .replace(/\b(?:allen|hex(?:agon)?|torx|star|six-?lobe|spline) wrench(es)?\b/g, (said, es?: string) =>
        said.replace(/ wrench(?:es)?$/, es ? " keys" : " key"),
      )
      .replace(/\b(?:xzn|triple[ -]?squares?|multi-?splines?)\b/g, "spline")
      .replace(/\bbox(?:ed)?(?:[ -]?end(?:ed)?)?(?=s? (?:wrench|spanner))/g, "ring")
      .replace(/\bwrench(es)?\b/g, (said, es: string | undefined, at: number, whole: string) => {
        if (OTHER_WRENCHES.test(whole.slice(0, at))) return said;
        return es ? "spanners" : "spanner";
      })
      .replace(/\bcrow'?s?[ -]?f(oo|ee)t\b/g, "crowf$1t")
      .replace(/\b(?:swivels?|swivel joints?)\b(?! socket)/g, "universal joint")
  );
}
