import { type Route, routeSchema } from "../model/job";
import { formatFigure } from "../quantity/torque-words";
import { PASSAGES } from "./__fixtures__/passages";
import { applyProposals, sentenceAt } from "./apply-proposals";
import { checkProposal } from "./check-proposal";
import { type Edits, answered, editedRows, readEdits } from "./edited";
import { type Proposal } from "./proposal";
import { type FastenerProposal } from "./proposal";
import { proposalsFrom } from "./proposals";
import { readStory } from "./story";

const empty: Route = { id: "r", name: "By the book", steps: [], fasteners: [], parts: [] };
const ids = () => {
  let made = 0;
  return () => `id-${++made}`;
};

const TEXT =
  "You need a slide hammer, brake cleaner and rags. Chock the wheels. Undo the four subframe bolts, 21 mm. Never open it hot. Lower the subframe. New subframe gasket. Refit the subframe. Start the subframe bolts by hand, then 120 Nm, new ones every time. Somewhere it says 85 Nm, that's for the older one. The cover nuts are 13 and I think 12 Nm.";
const isFastener = (one: Proposal): one is FastenerProposal => one.kind === "fastener";

test("a narration becomes lines that the plan takes: steps with their fasteners, cautions and sentence, what to have, the words kept", () => {
  const { rows, leftOut } = proposalsFrom(readStory(TEXT));
  const route = applyProposals(empty, rows, { newId: ids(), text: TEXT });
  expect(routeSchema.safeParse(route).success).toBe(true);
  const [bolts] = route.fasteners;
  expect(bolts).toMatchObject({
    name: "Subframe bolts",
    count: 4,
    singleUse: true,
    sizeToUndo: { size: 21 },
  });
  expect(bolts?.figure && formatFigure(bolts.figure)).toBe("120 N·m");
  expect(bolts?.note).toContain("120 Nm");
  expect(route.fasteners.find(({ name }) => name === "Cover nuts")).toMatchObject({ doubtful: true });
  expect(leftOut.map(({ what }) => what)).toEqual(["85 N·m"]);
  expect(
    route.steps.map(({ title, kind, fastenerId, detail }) => [title, kind, fastenerId === bolts?.id, detail]),
  ).toEqual(
    expect.arrayContaining([
      ["Undo the four subframe bolts", "undo", true, "“Undo the four subframe bolts, 21 mm.”"],
      // The sentence says no more than the title does.
      ["Lower the subframe", "do", false, undefined],
    ]),
  );
  expect(route.steps.flatMap(({ cautions }) => cautions)).toContain("Never open it hot");
  expect(route.parts.map(({ name }) => name)).toContain("Subframe gasket");
  expect(route.specialTools?.map(({ name }) => name)).toEqual(["Slide hammer", "Wheel chocks"]);
  expect(route.supplies?.map(({ name }) => name)).toEqual(["Brake cleaner", "Rags"]);
});

test("what only a person can tell is asked: a doubt, a unit that cannot be meant, a figure of nothing", () => {
  const { questions } = proposalsFrom(
    readStory(
      "The cam cover bolts are 10 mm. Tighten the cam cover bolts to 106 ft lb. The guard bolts are 13, I think 20 Nm.",
    ),
  );
  expect(questions.map(({ asks }) => asks)).toEqual([
    expect.stringMatching(/^Cam cover bolts: said was 106 lb·ft. As 106 lb·in it would fit this head/),
    expect.stringContaining("Guard bolts: 20 N·m on 13 mm is not sure, as it was told"),
  ]);
  expect(questions[0]?.answers.map(({ change }) => "torque" in change && change.torque)).toEqual([
    "106 lb·ft",
    "106 lb·in",
  ]);
});

test("a line that cannot be read says what is wrong, in its own field", () => {
  const row = proposalsFrom(readStory("Four subframe bolts, 21 mm, 120 Nm.")).rows.find(isFastener);
  if (!row) throw new Error("No fastener was read.");
  expect(checkProposal(row)).toEqual({});
  expect(
    checkProposal({ ...row, name: " ", count: "four and a half", size: "13 mn", torque: "12 Mn" }),
  ).toMatchObject({
    name: "Say what it is.",
    count: expect.any(String),
    size: expect.any(String),
    torque: expect.any(String),
  });
  expect(
    checkProposal({
      id: "s",
      kind: "step",
      spans: [],
      doubtful: false,
      title: "",
      phase: "put back",
      fastener: undefined,
      cautions: [],
      wait: "",
      until: "",
    }),
  ).toEqual({
    title: "Say what is done.",
  });
});

test("corrections stay with their words when the text is read again; two are merged, one is split, and a step follows its fastener", () => {
  const text = "Undo the long bolt, 13 mm. Undo the mount nut, 17. Tighten the long bolt to 40 Nm.";
  const { rows } = proposalsFrom(readStory(text));
  const plain = editedRows(text, rows, {});
  const [long, nut] = plain.filter(({ proposal }) => proposal.kind === "fastener");
  if (!long || !nut) throw new Error("Two fasteners were told.");
  const edits: Edits = { [long.key]: { change: { torque: "45 N·m" } }, [nut.key]: { into: long.key } };
  const merged = editedRows(text, rows, edits);
  expect(
    merged
      .filter(({ proposal }) => proposal.kind === "fastener")
      .map(({ proposal }) => isFastener(proposal) && [proposal.name, proposal.torque]),
  ).toEqual([["Long bolt", "45 N·m"]]);
  const step = merged.find(({ proposal }) => proposal.kind === "step" && /nut/.test(proposal.title));
  expect(step?.proposal).toMatchObject({ fastener: long.proposal.id });
  const later = `${text} And mind the cat.`;
  expect(
    editedRows(later, proposalsFrom(readStory(later)).rows, edits).find(({ key }) => key === long.key)
      ?.proposal,
  ).toMatchObject({ torque: "45 N·m" });
  expect(
    editedRows(text, rows, { [long.key]: { split: true } }).filter(
      ({ proposal }) => proposal.kind === "fastener",
    ),
  ).toHaveLength(3);
  expect([readEdits(""), readEdits("{"), readEdits("[1]"), readEdits('{"a":{"dropped":true}}')]).toEqual([
    {},
    {},
    {},
    { a: { dropped: true } },
  ]);
});

test("whatever is read, all of it goes into a plan that holds", () => {
  for (const { text } of PASSAGES) {
    const { rows } = proposalsFrom(readStory(text));
    const sound = rows.filter((one) => Object.keys(checkProposal(one)).length === 0);
    expect(routeSchema.safeParse(applyProposals(empty, sound, { newId: ids(), text })).success).toBe(true);
  }
});

test("the sentence of some words: to its marks, or a piece of it where it is long", () => {
  const text = "Off it comes. Then 40 Nm on the bolts! Good.";
  expect(sentenceAt(text, { start: text.indexOf("40"), end: text.indexOf("40") + 5 })).toBe(
    "Then 40 Nm on the bolts!",
  );
  const long = `${"and then ".repeat(60)}40 Nm ${"and then ".repeat(60)}`;
  const piece = sentenceAt(long, { start: long.indexOf("40"), end: long.indexOf("40") + 5 });
  expect(piece).toContain("40 Nm");
  expect(piece.length).toBeLessThanOrEqual(190);
});

describe("a head told under one name and a figure under another", () => {
  const text =
    "Under the boot there's a nut for the charge wire, that's a 12, take it off. Pull the bracket out.\nNew bracket in. Nut on the post 80 inch pounds, that's all it gets.";
  const { rows, questions } = proposalsFrom(readStory(text));
  const [same] = questions;
  const after = (says: string) => {
    const answer = same?.answers.find((one) => one.says === says);
    if (!answer) throw new Error("That is no answer to it.");
    const keyed = editedRows(text, rows, {});
    const edits = answered(answer, (id) => keyed.find(({ proposal }) => proposal.id === id)?.key);
    return editedRows(text, rows, edits).map(({ proposal }) => proposal);
  };
  const fastenersOf = (all: ReturnType<typeof after>) => all.filter(({ kind }) => kind === "fastener");

  test("is one bolt, and asked about", () => {
    expect(same?.asks).toBe(
      "“Nut on the post” and “Nut for the charge wire”: are they the same, with 12 mm and 80 lb·in?",
    );
    expect(questions).toHaveLength(1);
    expect(fastenersOf(after("The same"))).toMatchObject([
      { name: "Nut for the charge wire", size: "12 mm", torque: "80 lb·in", doubtful: false },
    ]);
  });

  test("or two of them, by one press", () => {
    expect(fastenersOf(after("Others"))).toMatchObject([
      { name: "Nut for the charge wire", size: "12 mm", torque: "", doubtful: false },
      { name: "Nut on the post", size: "", torque: "80 lb·in", doubtful: false },
    ]);
    // Each is torqued: the one to its figure, the other to one that is still to be looked up.
    const { steps, fasteners } = applyProposals(empty, after("Others"), { newId: ids(), text });
    const torqued = steps
      .filter(({ title }) => title.startsWith("Torque"))
      .map(({ title, fastenerId }) => [title, fasteners.find(({ id }) => id === fastenerId)?.name]);
    expect(torqued).toEqual([
      ["Torque nut for the charge wire", "Nut for the charge wire"],
      ["Torque nut on the post", "Nut on the post"],
    ]);
  });

  test.each([
    [
      "where either of two could be meant",
      "Cover bolts, 10 mm. Bracket bolts, 12 mm. Take it all out. Back in. Pump bolts 20 Nm.",
    ],
    [
      "a figure that such a head does not bear",
      "Two cover bolts, 10 mm. Take the cover off. Cover back on. Carrier bolts 120 Nm.",
    ],
  ])("is nothing of the kind: %s", (_why, told) => {
    expect(
      readStory(told)
        .fasteners.map(({ otherHalf }) => otherHalf)
        .filter(Boolean),
    ).toEqual([]);
  });
});

test("one number in two units is a slip that is asked, not two figures", () => {
  const { questions } = proposalsFrom(
    readStory(
      "Four cover bolts, 10 mm. Take the cover off.\nNew gasket, cover on, cover bolts 18 inch pounds. So once more: cover bolts 18 foot pounds.",
    ),
  );
  expect(questions.map(({ id, answers }) => [id.split(" ")[0], answers.map(({ says }) => says)])).toEqual([
    ["slip", ["18 lb·ft", "18 lb·in"]],
  ]);
});

test("what is measured goes with its limits to the step that looks; where none was told it stays a caution", () => {
  const told =
    "Take the belt off, one bolt, 15 mm. Inspect the pulley, the gap should be 2 to 4 mm. Put the belt back on. The shield limit is 3 mm.";
  const { rows } = proposalsFrom(readStory(told));
  const route = applyProposals(empty, rows, { newId: ids(), text: told });
  expect(route.steps.find(({ measure }) => measure !== undefined)).toMatchObject({
    title: "Inspect the pulley",
    measure: { what: "pulley gap", unit: "mm", least: 2, most: 4 },
  });
  expect(route.steps.flatMap(({ cautions }) => cautions)).toContain("Measure: shield, limit 3 mm");
});

test("what the vehicle is lifted and held with is asked for by the step that raises it, and not once more", () => {
  const toolsOf = (text: string) =>
    proposalsFrom(readStory(text)).rows.flatMap((one) => (one.kind === "tool" ? [one.name] : []));
  expect(
    toolsOf("Chock the rear wheels. Jack up the front and put it on stands. Tap it with a mallet."),
  ).toEqual(["Mallet"]);
  expect(toolsOf("Chock the rear wheels. Tap it with a mallet.")).toEqual(["Mallet", "Wheel chocks"]);
});

test("two lots that are called alike each come off and are tightened", () => {
  const { rows } = proposalsFrom(
    readStory(
      "The pump has three E10 bolts. Pump off. Splitting the pump: four T20 on the back plate. New ring in dry. Plate back on, T20s 5 Nm. New bolts, finger tight, then 8 Nm.",
    ),
  );
  const fastenerOf = new Map(rows.map((one) => [one.id, one.kind === "fastener" ? one.name : ""]));
  const torqued = rows.flatMap((one) =>
    one.kind === "step" && /^torque/i.test(one.title)
      ? [[one.title, fastenerOf.get(one.fastener ?? "")]]
      : [],
  );
  expect(torqued).toEqual([
    ["Torque pump bolts, T20", "Pump bolts, T20"],
    ["Torque pump bolts, E10", "Pump bolts, E10"],
  ]);
});
