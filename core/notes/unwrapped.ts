import { TIMES, speakersIn } from "./times";

/** Who says no more behind one of these has not finished: a line that ends so was broken to fit its column. */
const LEADS_ON =
  /(?:^|[\s,(])(?:the|an?|and|or|but|of|to|with|for|from|into|onto|at|by|than|which|is|are|was|were|it's|there's|they're|you're|we're|i'm|i|we|my|your|their|its)$/i;

/** A line that stands for itself: a point of a list, somebody's turn to speak. */
const STANDS_ALONE = /^(?:[-*•–—#>|]|\d{1,3}[.)](?:\s|$)|\[[ x]?\])/i;

/** So many of the lines that end without a mark, and at least so many, break off: all of them are broken so. */
const SHARE_BROKEN = 0.12;
const FEWEST_BROKEN = 3;

/** A line is as good as full at this share of the longest. */
const FULL_LINE = 0.8;

interface Line {
  /** Where its words begin and end, without blanks and without the time it was said at. */
  start: number;
  end: number;
  says: string;
  isTime: boolean;
}

/**
 * A text whose lines were broken to fit a column, or as captions were shown, with those breaks as spaces: every
 * letter keeps its place. Breaks between paragraphs, points of a list and speakers stay.
 */
export function unwrapped(text: string): string {
  const lines = linesOf(text);
  const speakers = new Set(speakersIn(text).map(({ index }) => index));
  const gaps = lines.flatMap((line, i): Gap[] => {
    if (line.says === "") return [];
    const next = lines.findIndex(({ says }, k) => k > i && says !== "");
    const between = lines.slice(i + 1, next);
    const into = lines[next];
    if (!into) return [];
    const isParted = between.some(({ isTime }) => !isTime) && !between.some(({ isTime }) => isTime);
    const isOwn = STANDS_ALONE.test(into.says) || speakers.has(lineStart(text, into.start));
    return isParted || isOwn ? [] : [{ from: line.end, to: into.start, before: line.says }];
  });
  const open = gaps.filter(({ before }) => !/[.!?:;…]["')\]]*$/.test(before));
  const broken = open.filter(({ before }) => LEADS_ON.test(before));
  const isBroken = broken.length >= FEWEST_BROKEN && broken.length >= SHARE_BROKEN * open.length;
  const longest = Math.max(...gaps.map(({ before }) => before.length));
  // A sentence that ends well before the edge ends its paragraph.
  const within = gaps.filter((gap) => open.includes(gap) || gap.before.length > FULL_LINE * longest);
  let flowing = text;
  for (const { from, to } of isBroken ? within : broken)
    flowing = flowing.slice(0, from) + " ".repeat(to - from) + flowing.slice(to);
  return flowing;
}

interface Gap {
  from: number;
  to: number;
  before: string;
}

function linesOf(text: string): Line[] {
  const times = [...text.matchAll(TIMES)].map((found) => ({
    from: found.index,
    to: found.index + found[0].length,
  }));
  let at = 0;
  return text.split("\n").map((line) => {
    const [from, end] = [at, at + line.length];
    at = end + 1;
    // A time may stand behind the number of its caption, on a line of its own.
    const time = times.find((one) => one.from < end && one.to > from);
    const start = time ? Math.min(end, time.to) : from;
    const said = text.slice(start, end);
    const says = said.trim();
    const begins = start + said.length - said.trimStart().length;
    return { start: begins, end: begins + says.length, says, isTime: time !== undefined && says === "" };
  });
}

const lineStart = (text: string, at: number) => text.lastIndexOf("\n", at - 1) + 1;
