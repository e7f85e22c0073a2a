import { asAnswers } from "./as-answers";
import { proposalsFrom } from "./proposals";
import { readStory } from "./story";

const card = (text: string) =>
  asAnswers(readStory(text)).fasteners.map((one) =>
    [one.name, one.count && `× ${one.count}`, one.undo, one.figure, one.doubtful && "?", ...one.traits]
      .filter(Boolean)
      .join(", "),
  );

describe("a table of fasteners in a note", () => {
  test("with bars, a unit over its column, counts with the name and with the head, what is new", () => {
    expect(
      card(`Belt and pulley, to keep in the glove box

what           | size     | nm
undertray 6x   | T30      | hand
pulley bolt    | 15       | 24
arm pivot      | 18       | 60 (new bolt!)
wheel          | 17 x5    | 120

Wheel off, undertray, belt off. Check that it sits in all six ribs.`),
    ).toEqual([
      "undertray bolts, × 6, T30, hand-tight",
      "pulley bolt, × 1, 15 mm, 24 N·m",
      "arm pivot bolt, × 1, 18 mm, 60 N·m, single-use",
      "wheel bolts, × 5, 17 mm, 120 N·m",
    ]);
  });

  test("as a spreadsheet is copied, in pound-feet, with a range, an angle, its own unit and a doubt", () => {
    expect(
      card(
        [
          "Bolt\tQty\tSocket\tTorque (ft-lb)",
          "Carrier bolts\t4\t16\t70-80",
          "Cap nuts\t6\tE12\t30 + 90°",
          "Sensor screw\t1\tT20\t5 Nm",
          "Shield bolts\t3\t10\t8?",
          "Link nuts\t2\t18 deep\t60",
        ].join("\n"),
      ),
    ).toEqual([
      "carrier bolts, × 4, 16 mm, 70 to 80 lb·ft",
      "cap nuts, × 6, E12, 30 lb·ft + 90°",
      "sensor screw, × 1, T20, 5 N·m",
      "shield bolts, × 3, 10 mm, 8 lb·ft, ?",
      "link nuts, × 2, 18 mm, 60 lb·ft",
    ]);
  });

  test("a torque without a unit over it or beside it is none", () => {
    expect(card("what | size | torque\npulley bolt | 15 | 24\nidler bolt | 13 | 20")).toEqual([
      "pulley bolt, × 1, 15 mm",
      "idler bolt, × 1, 13 mm",
    ]);
  });

  test("rows of something else are no table, and bars in a sentence are none", () => {
    expect(card("day | weather\nMonday | rain\nTuesday | 13")).toEqual([]);
    expect(card("The cover has four bolts | 10 mm | then it lifts. Cover bolts 8 Nm.")).toEqual([
      "cover bolts, × 4, 10 mm, 8 N·m",
    ]);
  });

  test("a torque without a unit, in its cell or over it, is asked about and never guessed", () => {
    const text =
      "part | size | torque\ndrain plug | 19 mm | 35\nsump bolts | 10 mm | 9-11\nbaffle nuts | 10 mm | 8 Nm";
    const { rows, questions } = proposalsFrom(readStory(text));
    expect(rows.flatMap((row) => (row.kind === "fastener" ? [`${row.name} ${row.torque}`] : []))).toEqual([
      "Drain plug ",
      "Sump bolts ",
      "Baffle nuts 8 N·m",
    ]);
    expect(questions.map(({ asks, answers }) => [asks, ...answers.map(({ says }) => says)])).toEqual([
      ["Drain plug: 35 was told without its unit. Which is it?", "35 N·m", "35 lb·ft", "35 lb·in"],
      [
        "Sump bolts: 9 to 11 was told without its unit. Which is it?",
        "9 to 11 N·m",
        "9 to 11 lb·ft",
        "9 to 11 lb·in",
      ],
    ]);
  });

  test("tools in columns are no fasteners, and are read as tools", () => {
    const { tools, fasteners } = asAnswers(
      readStory("You need:\n\ntool | qty\n13 mm socket | 1\nbreaker bar | 1\n\nThen the cover comes off."),
    );
    expect(fasteners).toEqual([]);
    expect(tools).toEqual(expect.arrayContaining(["13 mm socket"]));
  });

  test("its words keep their place in the text, and each row comes off and is torqued", () => {
    const text = "Notes.\n\nwhat | size | nm\nrelay nuts | 10 | 9\n\nThat is all.";
    const { fasteners, figures, steps } = readStory(text);
    expect(fasteners[0]?.spans.map(({ start, end }) => text.slice(start, end))).toEqual(["relay nuts"]);
    expect(figures.map(({ span }) => text.slice(span.start, span.end))).toEqual(["9"]);
    expect(steps.map(({ phase, says, what }) => `${phase}: ${says} ${what}`)).toEqual([
      "take apart: remove relay nuts",
      "put back: torque relay nuts to 9 N·m",
    ]);
  });
});
