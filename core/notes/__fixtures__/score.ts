/** A narration's answers, or what was read of it, as as-answers.ts has them. */
export interface Answers {
  fasteners: {
    name: string;
    also?: string[];
    count?: number | null;
    undo?: string | null;
    doUp?: string | null;
    hold?: string | null;
    figure?: string | null;
    doubtful?: boolean;
    traits?: string[];
  }[];
  notToUse?: { figure: string }[];
  slips?: { said: string; meant: string }[];
  steps?: { phase: string; do: string; what: string }[];
  tools?: string[];
  consumables?: string[];
  parts?: string[];
  cautions?: string[];
  followUps?: string[];
  waits?: string[];
  measures?: string[];
}
export type Read = Omit<Answers, "fasteners"> & {
  fasteners: {
    name: string;
    count?: number | undefined;
    undo?: string | undefined;
    doUp?: string | undefined;
    hold?: string | undefined;
    figure?: string | undefined;
    doubtful?: boolean;
    traits?: string[];
  }[];
};

const STOP = new Set(
  "a an the of to and or on in at with for from its it off out up down this that these those old new first then one two all both each side left right one's by into them again back".split(
    " ",
  ),
);

const SAME: Readonly<Record<string, string>> = {
  ...{
    nuts: "nut",
    bolts: "bolt",
    screws: "screw",
    bushings: "bush",
    bushing: "bush",
    bushes: "bush",
    mounting: "mount",
    mounts: "mount",
    fixings: "fixing",
    allen: "key",
  },
  ...Object.fromEntries(
    "remove removed undo unbolt pull disconnect unplug detach take lift slide"
      .split(" ")
      .map((word) => [word, "off"]),
  ),
  ...Object.fromEntries(
    "install refit put replace reconnect reinstall connect".split(" ").map((word) => [word, "fit"]),
  ),
  ...Object.fromEntries("torque snug nip".split(" ").map((word) => [word, "tighten"])),
  ...Object.fromEntries("inspect check measure examine".split(" ").map((word) => [word, "look"])),
  ...{
    raise: "lift up",
    jack: "lift up",
    wipe: "clean",
    brush: "clean",
    gearbox: "transmission",
    bonnet: "hood",
  },
};

const stem = (word: string) =>
  (SAME[word] ?? word).replace(/(?<=[a-z]{3})(ies)$/, "y").replace(/(?<=[a-z]{3})(es|s|ing|ed)$/, "");
const words = (text: string) =>
  new Set(
    text
      .toLowerCase()
      .replace(/[^a-z0-9/.]+/g, " ")
      .split(" ")
      .filter((word) => word !== "" && !STOP.has(word))
      .flatMap((word) => (SAME[word] ?? word).split(" "))
      .map(stem),
  );

/** How alike two phrases are, 0 to 1: twice the words they share over the words they have (Dice). */
function likeness(a: string, b: string): number {
  const [x, y] = [words(a), words(b)];
  return x.size === 0 || y.size === 0
    ? 0
    : (2 * [...x].filter((word) => y.has(word)).length) / (x.size + y.size);
}

const plain = (value: string | null | undefined) =>
  value
    ?.replace(/[\u00a0\u2009\u202f]/g, " ")
    .replace(/^(\d+)-(\d+\/\d+)/, "$1 $2")
    .trim() || null;

/** Pairs two lists, the best first, each once, as far as they are alike enough. */
function pair<A, B>(
  wanted: readonly A[],
  found: readonly B[],
  score: (a: A, b: B) => number,
  floor: number,
): [number, number][] {
  const all = wanted
    .flatMap((a, i) => found.map((b, j) => ({ i, j, score: score(a, b) })))
    .filter((one) => one.score >= floor);
  const [usedI, usedJ] = [new Set<number>(), new Set<number>()];
  return all
    .sort((a, b) => b.score - a.score)
    .flatMap(({ i, j }): [number, number][] => {
      if (usedI.has(i) || usedJ.has(j)) return [];
      usedI.add(i);
      usedJ.add(j);
      return [[i, j]];
    });
}

function figureRight(
  wanted: Answers["fasteners"][number],
  found: Read["fasteners"][number],
  slips: NonNullable<Answers["slips"]>,
): boolean {
  const want = plain(wanted.figure)?.replace("hand-tight", "snug") ?? null;
  const got = plain(found.figure)?.replace("hand-tight", "snug") ?? null;
  if (want === null) return got === null || got === "snug";
  const other = slips.flatMap(({ said, meant }) => {
    if (plain(said) === want) return [plain(meant)];
    if (plain(meant) === want) return [plain(said)];
    return [];
  });
  return got === want || other.includes(got) || (want === "snug" && got === null);
}

const isNone = (value: unknown) => value === null || value === undefined;

const LISTS = ["tools", "consumables", "parts", "cautions", "followUps", "waits", "measures"] as const;
type Measure =
  | "groups"
  | "whole"
  | "count"
  | "undo"
  | "doUp"
  | "hold"
  | "figure"
  | "traits"
  | "steps"
  | "phase"
  | "slips"
  | (typeof LISTS)[number];

export interface Score {
  /** Shares from 0 to 1: of lists the mean of precision and recall (F1), of the others how many are right. */
  share: Record<Measure, number>;
  /** Figures that were not to be used, and were taken. */
  leaks: number;
  slipsInvented: number;
  /** What a person has to put right about the fasteners, a narration. */
  fixes: number;
}

/** Scores what was read of narrations against their answers. */
export function scoreNotes(
  narrations: readonly { text: string; answers: Answers }[],
  read: (text: string) => Read,
): Score {
  const hits = new Map<Measure, { hit: number; wanted: number; found: number }>();
  const count = (measure: Measure, hit: number, wanted: number, found: number) => {
    const before = hits.get(measure) ?? { hit: 0, wanted: 0, found: 0 };
    hits.set(measure, { hit: before.hit + hit, wanted: before.wanted + wanted, found: before.found + found });
  };
  let [leaks, slipsInvented, fixes] = [0, 0, 0];
  for (const { text, answers: gold } of narrations) {
    const got = read(text);
    const slips = gold.slips ?? [];
    const pairs = pair(
      gold.fasteners,
      got.fasteners,
      (w, f) =>
        Math.max(...[w.name, ...(w.also ?? [])].map((name) => likeness(name, f.name))) +
        (plain(w.figure) && plain(w.figure) !== "snug" && figureRight(w, f, slips) ? 0.6 : 0) +
        (w.undo && (plain(w.undo) === plain(f.undo) || plain(w.doUp) === plain(f.doUp)) ? 0.35 : 0) +
        (w.count && w.count === f.count ? 0.1 : 0),
      0.5,
    );
    count("groups", pairs.length, gold.fasteners.length, got.fasteners.length);
    fixes += gold.fasteners.length + got.fasteners.length - 2 * pairs.length;
    for (const [i, j] of pairs) {
      const [w, f] = [gold.fasteners[i], got.fasteners[j]];
      if (!w || !f) continue;
      const right = {
        count: isNone(w.count) || w.count === f.count,
        undo: isNone(w.undo) || plain(w.undo) === plain(f.undo),
        doUp: isNone(w.doUp) || plain(w.doUp) === plain(f.doUp ?? f.undo),
        hold: isNone(w.hold) || plain(w.hold) === plain(f.hold),
        figure: figureRight(w, f, slips),
      };
      for (const part of ["count", "undo", "doUp", "hold"] as const)
        if (!isNone(w[part])) count(part, right[part] ? 1 : 0, 1, 1);
      if (!isNone(w.figure) || !isNone(f.figure)) count("figure", right.figure ? 1 : 0, 1, 1);
      const traits = f.traits ?? [];
      count(
        "traits",
        (w.traits ?? []).filter((trait) => traits.includes(trait)).length,
        (w.traits ?? []).length,
        traits.length,
      );
      const wrong = Object.values(right).filter((good) => !good).length;
      fixes += wrong;
      count("whole", wrong === 0 ? 1 : 0, 0, 0);
    }
    count("whole", 0, gold.fasteners.length, gold.fasteners.length);
    const used = new Set(gold.fasteners.map(({ figure }) => plain(figure)));
    leaks += (gold.notToUse ?? []).filter(
      ({ figure }) =>
        !used.has(plain(figure)) &&
        got.fasteners.some((f) => plain(f.figure) === plain(figure) && !f.doubtful),
    ).length;
    const named = (got.slips ?? []).filter((one) =>
      slips.some(({ said, meant }) => plain(said) === plain(one.said) && plain(meant) === plain(one.meant)),
    ).length;
    count("slips", named, slips.length, slips.length);
    slipsInvented += (got.slips ?? []).length - named;
    const steps = pair(
      gold.steps ?? [],
      got.steps ?? [],
      (w, f) => (w.phase === f.phase ? 0.1 : 0) + likeness(`${w.do} ${w.what}`, `${f.do} ${f.what}`),
      0.4,
    );
    count("steps", steps.length, (gold.steps ?? []).length, (got.steps ?? []).length);
    for (const [i, j] of steps)
      count("phase", gold.steps?.[i]?.phase === got.steps?.[j]?.phase ? 1 : 0, 1, 1);
    for (const list of LISTS)
      count(
        list,
        pair(gold[list] ?? [], got[list] ?? [], likeness, 0.4).length,
        (gold[list] ?? []).length,
        (got[list] ?? []).length,
      );
  }
  const share = Object.fromEntries(
    [...hits].map(([measure, { hit, wanted, found }]) => [
      measure,
      wanted + found === 0 ? 1 : (2 * hit) / (wanted + found),
    ]),
  ) as Record<Measure, number>;
  return { share, leaks, slipsInvented, fixes: fixes / Math.max(1, narrations.length) };
}
