import { routeSchema } from "../model/job";
import { formatFigure } from "../quantity/torque-words";
import { PASSAGES } from "./__fixtures__/passages";
import { applyProposals, checkProposal, notesText, proposalsFrom } from "./proposals";
import { readNotes } from "./read-notes";

const empty = { id: "r", name: "By the book", steps: [], fasteners: [], parts: [] };
const ids = () => {
  let made = 0;
  return () => `id-${++made}`;
};

test("notes become proposals that the plan takes, in order, with their doubts", () => {
  const notes =
    "Four subframe bolts, 21 mm, I think 120 Nm. Somewhere it says 85 Nm. New cover gasket. Undo the cover. Check the face. Refit the cover. Torque wrench and rags. Never open it hot.";
  const proposals = proposalsFrom(readNotes(notes));
  expect(proposals.map(({ kind, doubtful }) => [kind, doubtful])).toEqual([
    ["fastener", true],
    ["fastener", true],
    ["part", false],
    ["step", false],
    ["step", false],
    ["step", false],
    ["note", false],
    ["note", false],
  ]);
  const loose = proposals[1];
  expect(loose && checkProposal(loose)).toEqual({ name: "Say which fastener this belongs to." });
  const taken = proposals.filter((one) => one !== loose);
  const route = applyProposals(empty, taken, ids());
  expect(routeSchema.parse(route)).toEqual(route);
  expect(route.fasteners).toMatchObject([{ name: "Subframe bolts", count: 4, doubtful: true, sizeToUndo: { size: 21 } }]);
  expect(route.fasteners[0]?.figure && formatFigure(route.fasteners[0].figure)).toBe("120 N·m");
  expect(route.steps.map(({ title, phase }) => [title, phase])).toEqual([
    ["Undo the cover", "take apart"],
    ["Check the face", "look closely"],
    ["Refit the cover", "put back"],
  ]);
  expect(route.parts.map(({ name }) => name)).toEqual(["Cover gasket"]);
  expect(notesText(taken)).toBe("To have: torque wrench, rags.\nMind: Never open it hot.");
});

test("a size that no fastener took is kept as one to have", () => {
  const proposals = proposalsFrom(readNotes("you'll need a 5 mm hex key and a 9/16 spanner. Sump plug 14 mm."));
  expect(notesText(proposals)).toBe("Sizes spoken of: 5 mm key, 9/16 in.");
});

test("a proposal that was spoilt says so at its field", () => {
  const [one] = proposalsFrom(readNotes("mount bolts 15 mm 50 Nm"));
  if (one?.kind !== "fastener") throw new Error("no fastener");
  expect(checkProposal({ ...one, count: "0", size: "big", torque: "50" })).toEqual({
    count: expect.any(String),
    size: expect.any(String),
    torque: expect.stringContaining("no unit"),
  });
  expect(checkProposal(one)).toEqual({});
});

test("whatever the corpus proposes can be taken as it is, once the loose figures have a name", () => {
  for (const { text } of PASSAGES) {
    const proposals = proposalsFrom(readNotes(text)).map((one) => (one.kind === "fastener" && one.name === "" ? { ...one, name: "Somewhere" } : one));
    for (const one of proposals) expect([text, checkProposal(one)]).toEqual([text, {}]);
    expect(routeSchema.safeParse(applyProposals(empty, proposals, ids())).error).toBeUndefined();
  }
});
