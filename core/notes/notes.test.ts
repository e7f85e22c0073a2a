import fc from "fast-check";
import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { PASSAGES, type Passage, UNSEEN } from "./__fixtures__/passages";
import type { Span } from "./heard";
import { type Story, readStory } from "./story";

const isStruck = (read: Story, span: Span) => read.struck.some((one) => one.span.start === span.start);
const sizesOf = (read: Story) =>
  read.sizes.filter(({ span }) => !isStruck(read, span)).map(({ head }) => formatHeadSize(head));
const figuresOf = (read: Story): [string, string][] =>
  read.figures
    .filter(({ span }) => !isStruck(read, span))
    .map(({ figure, fastener }) => [
      formatFigure(figure),
      fastener === undefined ? "loose" : (read.fasteners[fastener]?.name ?? "?"),
    ]);
const number = (figure: string) => figure.replace(/ (?:N·m|lb·ft|lb·in|kgf·m)/g, "");
const sameFastener = (found: string, wanted: string) =>
  found === wanted ||
  (wanted !== "loose" && found !== "loose" && (found.endsWith(wanted) || wanted.endsWith(found)));

/** How many of two lists go together, each once. */
function matched<T>(found: readonly T[], wanted: readonly T[], same: (a: T, b: T) => boolean): [T, T][] {
  const left = [...found];
  return wanted.flatMap((one): [T, T][] => {
    const at = left.findIndex((other) => same(other, one));
    return at < 0 ? [] : [[left.splice(at, 1)[0] ?? one, one]];
  });
}

interface Score {
  score: Record<
    "sizes, precision" | "sizes, recall" | "figures, precision" | "figures, recall" | "units" | "attachments",
    number
  >;
  missed: string[];
}

function scoreOf(passages: readonly Passage[]): Score {
  const sizes = { found: 0, wanted: 0, right: 0 };
  const figures = { found: 0, wanted: 0, right: 0, unit: 0, attached: 0 };
  const missed: string[] = [];
  for (const passage of passages) {
    const read = readStory(passage.text);
    const [foundSizes, foundFigures] = [sizesOf(read), figuresOf(read)];
    const rightSizes = matched(foundSizes, passage.sizes, (a, b) => a === b);
    const rightNumbers = matched(foundFigures, passage.figures, ([a], [b]) => number(a) === number(b));
    const rightUnits = rightNumbers.filter(([[a], [b]]) => a === b);
    const attached = rightUnits.filter(([[, a], [, b]]) => sameFastener(a, b));
    sizes.found += foundSizes.length;
    sizes.wanted += passage.sizes.length;
    sizes.right += rightSizes.length;
    figures.found += foundFigures.length;
    figures.wanted += passage.figures.length;
    figures.right += rightNumbers.length;
    figures.unit += rightUnits.length;
    figures.attached += attached.length;
    const whole =
      rightSizes.length === Math.max(passage.sizes.length, foundSizes.length) &&
      attached.length === Math.max(passage.figures.length, foundFigures.length);
    if (!whole)
      missed.push(
        `${passage.text}\n    read ${JSON.stringify([foundSizes, foundFigures])}\n  wanted ${JSON.stringify([passage.sizes, passage.figures])}`,
      );
  }
  const share = (right: number, of: number) => (of === 0 ? 1 : right / of);
  return {
    missed,
    score: {
      "sizes, precision": share(sizes.right, sizes.found),
      "sizes, recall": share(sizes.right, sizes.wanted),
      "figures, precision": share(figures.right, figures.found),
      "figures, recall": share(figures.right, figures.wanted),
      units: share(figures.unit, figures.right),
      attachments: share(figures.attached, figures.unit),
    },
  };
}

function print(what: string, passages: readonly Passage[], { score, missed }: Score): void {
  const said = Object.entries(score).map(([of, value]) => `${of} ${value.toFixed(3)}`);
  process.stdout.write(
    `The note reader on ${passages.length} ${what}: ${said.join("; ")}.\n${process.env.SHOW_MISSED ? `${missed.join("\n")}\n` : ""}`,
  );
}

test("the corpus is read well enough: sizes, figures, units and what each figure speaks of", () => {
  const all = [...PASSAGES, ...UNSEEN];
  print("passages it was tuned on", PASSAGES, scoreOf(PASSAGES));
  print("passages it was not", UNSEEN, scoreOf(UNSEEN));
  const { score } = scoreOf(all);
  expect(all.length).toBeGreaterThanOrEqual(60);
  for (const what of ["sizes, precision", "sizes, recall", "figures, precision", "figures, recall"] as const)
    expect([what, score[what] > 0.95]).toEqual([what, true]);
  expect(score.units).toBeGreaterThan(0.98);
  expect(score.attachments).toBeGreaterThan(0.85);
});

test.each([
  ["I think the plate bolts are 40 Nm", true],
  ["the plate bolts are 40 Nm", false],
  ["the plate bolts are 40 Nm?", true],
])("%p is doubtful: %p", (text, doubtful) => {
  expect(readStory(text).figures[0]?.doubtful).toBe(doubtful);
});

test("a correction strikes the earlier and keeps the later, with what it speaks of", () => {
  const read = readStory("The bracket bolts are a 16. Sorry, that is a 17 not a 16. 40 Nm, no wait, 45 Nm.");
  expect(read.struck.map(({ what }) => what)).toEqual(["16 mm", "16 mm", "40 N·m"]);
  const [bolts] = read.fasteners;
  expect(bolts).toMatchObject({ name: "bracket bolts", undo: { size: 17 } });
  expect(bolts?.figure && formatFigure(bolts.figure)).toBe("45 N·m");
  expect(
    readStory("four subframe bolts, they're a 20, sorry, that is a 21 not a 20, and 120 Nm").fasteners[0]
      ?.undo?.size,
  ).toBe(21);
});

test("what is said of a fastener beside its size and figure", () => {
  const [one] = readStory(
    "Four subframe bolts, 21 mm, new ones every time, blue threadlocker, start them by hand, in a cross, final torque on the ground, hold the nut with an 18 spanner.",
  ).fasteners;
  expect(one).toMatchObject({ name: "subframe bolts", count: 4, hold: { size: 18 } });
  expect(one?.traits).toEqual(
    expect.arrayContaining([
      "single-use",
      "by hand first",
      "cross",
      "on the ground",
      "counter-hold",
      "threadlocker, medium strength",
    ]),
  );
  expect(readStory("Red threadlocker on the plate screws, 6 Nm").fasteners[0]?.traits).toEqual([
    "threadlocker, high strength",
  ]);
});

test("tools, what is used up and parts are found; what is minded stands beside the steps", () => {
  const read = readStory(
    "You need a half inch breaker bar, a 3/8 ratchet, a six inch extension, a torque wrench, brake cleaner, rags. New cover gasket and new spark plugs. Never open it hot. Undo the cover.",
  );
  expect(read.tools.map(({ name }) => name)).toEqual([
    "1/2 in breaker bar",
    "3/8 in ratchet",
    "6 in extension",
    "torque wrench",
  ]);
  expect(read.consumables.map(({ name }) => name)).toEqual(["brake cleaner", "rags"]);
  expect(read.parts.map(({ name }) => name)).toEqual(["cover gasket", "spark plugs"]);
  expect(read.cautions.map(({ name }) => name)).toEqual(["Never open it hot"]);
  expect(read.steps.map(({ own }) => own)).toContain("Undo the cover");
});

test("every span lies in the text, and any text at all is read without a fault", () => {
  const voices = fc
    .array(
      fc.constantFrom(
        "four",
        "15",
        "mil",
        "bolts",
        "40",
        "Nm",
        "foot",
        "pounds",
        "not",
        "a",
        "17",
        "sorry",
        ",",
        ".",
        "then",
        "inch",
        "and",
        "half",
        "3/8-16",
        "M10x1.25",
        "T40",
        "°",
        "the",
        "first to",
        "max",
        "\n",
        "½",
      ),
      { maxLength: 25 },
    )
    .map((words) => words.join(" "));
  fc.assert(
    fc.property(fc.oneof(voices, fc.string()), (text) => {
      const read = readStory(text);
      const spans = [
        read.sizes,
        read.figures,
        read.struck,
        read.tools,
        read.consumables,
        read.parts,
        read.cautions,
        read.steps,
        read.waits,
        read.measures,
        read.followUps,
      ].flatMap((list) => list.map(({ span }) => span));
      for (const span of [...spans, ...read.fasteners.flatMap((one) => one.spans)])
        expect(span.start >= 0 && span.end <= text.length && span.start < span.end).toBe(true);
      for (const { fastener } of [...read.figures, ...read.steps])
        if (fastener !== undefined) expect(read.fasteners[fastener]).toBeDefined();
    }),
    { numRuns: 600 },
  );
});

test.each<[string, string, boolean]>([
  ["The cover bolts are 25 ± 3 Nm.", "22 to 28 N·m", false],
  ["Drain plug 30 Nm (22 lb ft), new washer.", "30 N·m", false],
  ["Head bolts 20 Nm + 2 x 90° and done.", "20 N·m + 90° + 90°", false],
  ["Bracket bolts 50 Nm / 37 lb ft.", "50 N·m", false],
  ["Drain plug 30 Nm (42 lb ft), new washer.", "30 N·m", true],
])("written with marks, “%s” is read as in a field: %s, in doubt %p", (text, figure, doubtful) => {
  const { figures } = readStory(text);
  expect(figures.map((one) => [formatFigure(one.figure), one.doubtful])).toEqual([[figure, doubtful]]);
});

/**
 * Told in other voices, and written after the reader: every figure is the one that was meant, and none is put
 * on the wrong bolt.
 */
test.each<[voice: string, text: string, figures: Record<string, string | undefined>]>([
  [
    "a voice memo",
    "the bracket's held by three, two long ones at the top which are thirteen and a short one underneath and that one's a twelve, don't mix them up. so undo the short one first then the two long ones. the new bracket goes on, get all three in by hand, then the long ones are forty five newton metres and the short one is twenty two. uncle reckons sixty on the long ones but that was the iron bracket.",
    { "long bracket bolts at the top": "45 N·m", "short bracket bolt": "22 N·m" },
  ],
  [
    "a page of one's own",
    "Wheel off (5 x 19 mm, 120 Nm on the ground in a star).\nSlide pin bolts: 2 per side, 13 mm, hold the pin with a thin 15 mm spanner.\nSlide pin bolts back 30 Nm, new bolts (micro-encapsulated, single use).\nCarrier bolts NOT touched; book says 105 Nm.\nHose bracket bolt 10 mm, 10 Nm or so.",
    { "wheel bolts": "120 N·m", "pin bolts": "30 N·m", "hose bracket bolt": "10 N·m" },
  ],
  [
    "captions",
    "Two bolts hold the glass to the regulator, those are 10 millimeter. Torque, the rail bolts and motor bolts are 80 inch pounds, and the glass bolts are 53 inch pounds. Some guy in the comments of the last one said 25 foot pounds on the glass bolts, please don't, it'll shatter.",
    { "rail bolts": "80 lb·in", "motor bolts": "80 lb·in", "glass bolts": "53 lb·in" },
  ],
  [
    "a friend's message",
    "Ten cover bolts, they're a 12, sorry, that is a 10 not a 12. Start the cover bolts by hand, then in a cross, I think 106 inch pounds. The book says 18 newton metres, that's for the older one. Coil screws T30, 8 newton metres.",
    { "cover bolts": "106 lb·in", "coil screws": "8 N·m" },
  ],
])("%s", (_, text, figures) => {
  const read = readStory(text);
  expect(
    Object.fromEntries(read.fasteners.map(({ name, figure }) => [name, figure && formatFigure(figure)])),
  ).toEqual(figures);
});

test("a figure told before anything has come off turns nothing round: what is undone after it still comes apart", () => {
  const { steps } = readStory("Four guard bolts, 13 mm, to 22 Nm. Undo the guard bolts. Refit the guard.");
  expect(steps.find(({ says }) => says === "undo")?.phase).toBe("take apart");
});

describe("other voices", () => {
  const told = (text: string) =>
    readStory(text).fasteners.map(({ name, count, undo, hold, figure }) =>
      [
        name,
        count,
        undo && formatHeadSize(undo),
        hold && `hold ${formatHeadSize(hold)}`,
        figure && formatFigure(figure),
      ]
        .filter(Boolean)
        .join(", "),
    );

  test("a memo: nuts underneath, one bolt in the way, and another's figure", () => {
    expect(
      told(
        "The handbrake lever bracket on the camper. There's three bolts through the floor and they want a thirteen, and underneath there's nuts, same thirteen. Then there's the bracket for the seat runner which is in the way, that's just the one bolt, it's a T45. Putting it back. The three floor bolts I did to twenty five newton metres. Seat runner bolt, now this matters because it's a belt thing as well, forty five, newton metres obviously. On my brother's one, the long wheelbase, the runner bolts are fifty eight but his have a bigger head.",
      ),
    ).toEqual(["bolts through the floor, 3, 13 mm, 25 N·m", "bracket bolt, 1, T45, 45 N·m"]);
  });

  test("speech without marks or articles: a top one and a bottom one in one breath", () => {
    expect(
      told(
        "two bolts per side thats all it is top one is 18 mil bottom one is 21 and the bottom has a nut on the other side also 21\npull the bottom bolt first then the top\ntop bolt in by hand bottom bolt in by hand nut on\ntop one is 70 nm bottom one 95 nm both sides\nwheels back on lug nuts are 19 six of them a hundred and thirty one nm in a star on the ground",
      ),
    ).toEqual([
      expect.stringMatching(/^top bolt, .*18 mm, 70 N·m$/),
      expect.stringMatching(/^bottom bolt, .*21 mm, hold 21 mm, 95 N·m$/),
      "lug nuts, 6, 19 mm, 131 N·m",
    ]);
  });

  test("a list: one cover's bolts are not another's, and a count stands alone", () => {
    expect(
      told(
        "- Coil cover: 2 x 8 mm, plastic, finger tight is enough.\n- Coil bolts 10 mm, one per coil, so four.\n- Cover bolts: eleven, 10 mm, two long ones at the cam end.\n- Cover back, all eleven by hand, then from the middle out: 44 in-lb, then 89 in-lb. NOT the 18 lb-ft in the chart, that's the cam caps.\n- Coil bolts 71 in-lb.",
      ),
    ).toEqual([
      "coil cover bolts, 2, 8 mm, hand tight",
      "coil bolts, 4, 10 mm, 71 lb·in",
      "cover bolts, 11, 10 mm, 44 lb·in, then 89 lb·in",
    ]);
  });

  test("figures without their unit, and of things that only the figure names", () => {
    expect(
      told(
        "The axle nut, it's a 36. Then the wheel bolts, 17 mil, five of them. Jack it up, wheel off. Caliper next. Two bolts at the back, 18 millimetre. Now four bolts hold the hub to the upright, they're 15s but it's twelve point. Take those out.\nNew hub in, the four bolts, and they go to 70 newton metres. Sensor 8 newton metres. Caliper bolts, I put 115 on those. Wheel on, then on the ground the wheel bolts are 120, and the axle nut, which is new, never use the old one, that's 180 and then another 45 degrees. If yours is the diesel estate I've seen 200 plus 90 so check.",
      ),
    ).toEqual([
      "axle nut, 1, 36 mm, 180 N·m + 45°",
      "wheel bolts, 5, 17 mm, 120 N·m",
      "caliper bolts at the back, 2, 18 mm, 115 N·m",
      "hub bolts, 4, 15 mm 12-point, 70 N·m",
      "sensor bolt, 1, 8 N·m",
    ]);
  });

  test("one nut held by its flats, one with a pin, each with its own", () => {
    expect(
      told(
        "Loosen the jam nut first while everything is tight, that's a 22 and you hold the inner with a 14 on the flats. Cotter pin out, then the castle nut, 19. Leave the nut on a couple of threads and hit the knuckle, not the rod. New end on. Castle nut to 45 foot pounds and then on to the next slot, never back. The jam nut is 50, foot pounds. Six lug nuts, 100 foot pounds.",
      ),
    ).toEqual([
      "jam nut, 1, 22 mm, hold 14 mm, 50 lb·ft",
      "castle nut, 1, 19 mm, 45 lb·ft",
      "lug nuts, 6, 100 lb·ft",
    ]);
  });

  test("sixteenths without their line are no stages, and stages no sixteenths", () => {
    expect(told("Three shroud bolts, 5 16, take them off. Cooler line nut is a 9 16 inch.")).toEqual([
      "shroud bolts, 3, 5/16 in",
      "cooler line nut, 1, 9/16 in",
    ]);
    const [bolts] = readStory(
      "Eight head bolts, 13 mm. Head on, head bolts stage 1 16 Nm, stage 3 32 Nm.",
    ).fasteners;
    expect(bolts?.figure && formatFigure(bolts.figure)).toBe("16 N·m, then 32 N·m");
  });

  test("bottom and lower are one place; a book's other figure and another bolt's length are not taken", () => {
    expect(
      told(
        "left side\n undo lower bolt 24mm, nut behind 24mm as well, hold it\n lift axle 20 mm so it slides out\nright side same\n\nnew ones\n bottom bolts 140 Nm, wheels on the ground\n wheel nuts 110 (5 each)\n Book says 85 for the bottom but that's the 8 mm shorter shock",
      ),
    ).toEqual(["lower bolt, 1, 24 mm, hold 24 mm, 140 N·m", expect.stringMatching(/^wheel nuts.* 110 N·m$/)]);
  });

  test("all fourteen are those that were counted, and a figure that somebody was seen to use is none of theirs", () => {
    expect(
      told(
        "It's the pan on the auto box, the 2wd one. You got fourteen bolts, all 10 millimeter heads. And the drain plug. Drain plug out first. Pan off.\nPan up, gasket dry, start all fourteen by hand. Torque on those is 97 inch pounds. Not foot pounds. I've seen pans that went to 97 foot pounds. Drain plug 15 foot pounds.",
      ),
    ).toEqual([expect.stringMatching(/bolts, 14, 10 mm, 97 lb·in$/), "drain plug, 1, 15 lb·ft"]);
  });

  test.each([
    ["Wheel nuts back on, one twenty newton metres.", "120 N·m"],
    ["Torque the wheel nuts to one ten newton metres", "110 N·m"],
    ["Wheel nuts one-forty foot pounds", "140 lb·ft"],
    ["Carrier bolts one oh five newton metres", "105 N·m"],
    ["Hub nut two fifty newton metres", "250 N·m"],
    ["Carrier bolts one ten to one twenty newton metres", "110 to 120 N·m"],
    ["Axle nut: two twenty newton metres plus sixty degrees", "220 N·m + 60°"],
    ["There is one ten mil bolt in the cover at nine newton metres", "9 N·m"],
    // It may be the bolt of that number, and is left in doubt.
    ["Bolt two fifty newton metres", "50 N·m, in doubt"],
  ])("hundreds as they are said: %s", (text, figure) => {
    const [first] = readStory(text).fasteners;
    expect(`${first?.figure && formatFigure(first.figure)}${first?.doubtful ? ", in doubt" : ""}`).toBe(
      figure,
    );
  });
});
