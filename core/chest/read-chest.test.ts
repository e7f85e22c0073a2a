import fc from "fast-check";
import { owned } from "../kit/__fixtures__/owned";
import { toolSchema } from "../model/tool";
import { MODEL_VERSION } from "../model/version";
import { formatHeadSize } from "../quantity/read-head-size";
import { chestRows, readChestRows } from "./chest-table";
import { readChest, readChestLine } from "./read-chest";

const sizes = (line: string) =>
  readChestLine(line).map((tool) => ("head" in tool ? formatHeadSize(tool.head) : tool.name));

test("3/8 deep metric 8-19 no 16 is eleven deep sockets", () => {
  const tools = readChestLine("3/8 deep metric 8-19 no 16");
  expect(tools).toHaveLength(11);
  expect(tools.every((tool) => tool.kind === "socket" && tool.deep && tool.drive === "3/8")).toBe(true);
  expect(sizes("3/8 deep metric 8-19 no 16")).toEqual(
    [8, 9, 10, 11, 12, 13, 14, 15, 17, 18, 19].map((size) => `${size} mm`),
  );
});

test.each<[string, string[]]>([
  ["1/2 impact sockets 17, 19, 21", ["17 mm", "19 mm", "21 mm"]],
  ["1/4 sockets 4 4.5 5 5.5-8", ["4 mm", "4.5 mm", "5 mm", "5.5 mm", "6 mm", "7 mm", "8 mm"]],
  ["3/8 hex bits 4 5 6", ["4 mm key", "5 mm key", "6 mm key"]],
  ["1/4 T20-T40", ["T20", "T25", "T27", "T30", "T40"]],
  ["3/8 E10-14", ["E10", "E11", "E12", "E14"]],
  ["1/2 drive M8-M12 spline bits", ["M8 spline", "M10 spline", "M12 spline"]],
  ["3/8 sockets 3/8-5/8 in", ["3/8 in", "7/16 in", "1/2 in", "9/16 in", "5/8 in"]],
  ["1/2 in sockets 10-13", ["10 mm", "11 mm", "12 mm", "13 mm"]],
  ["combination spanners 8-12 without 9 and 11", ["8 mm", "10 mm", "12 mm"]],
  ["hex keys 2 2.5 3-5", ["2 mm key", "2.5 mm key", "3 mm key", "4 mm key", "5 mm key"]],
  ["six-lobe keys T10-T20", ["T10", "T15", "T20"]],
])("%s", (line, expected) => {
  expect(sizes(line)).toEqual(expected);
});

test.each<[string, object[]]>([
  ["flare spanners 10", [{ kind: "spanner", form: "flare" }]],
  ["3/8 crowfoot 10-11 offset 30", [{ kind: "crowfoot", offsetMm: 30 }, { kind: "crowfoot" }]],
  ["3/8 flare crowfoot 10, 25 mm offset", [{ flare: true, offsetMm: 25, head: { size: 10 } }]],
  ["3/8 12 point sockets 13", [{ points: 12, head: { size: 13 } }]],
  ["3/8 extensions 75 150", [{ lengthMm: 75 }, { lengthMm: 150 }]],
  ["1/2 extension 10 in", [{ lengthMm: 254 }]],
  ["1/2 breaker bar 600", [{ kind: "bar or ratchet", lengthMm: 600 }]],
  ["adapter 1/2 to 3/8", [{ from: "1/2", to: "3/8" }]],
  ["angle gauge 1/2", [{ kind: "angle gauge", drive: "1/2" }]],
  ["multiplier 1/2 to 3/4, 4:1, 90 %", [{ from: "1/2", to: "3/4", ratio: 4, efficiency: 0.9 }]],
  [
    "torque wrench 3/8 10-75 lb ft by 0.5 grip 380",
    [{ drive: "3/8", unit: "lbf.ft", min: 10, max: 75, step: 0.5, gripLengthMm: 380, works: "click" }],
  ],
  [
    "1/2 digital torque wrench 40-210 Nm by 0,1 grip 455 2 %",
    [{ unit: "N.m", works: "digital", step: 0.1, accuracy: 0.02 }],
  ],
  // A rating for the pair is half of it each.
  ["2 stands 3 t the pair 280-420 mm", [{ count: 2, ratingPerStandKg: 1500, lowestMm: 280, highestMm: 420 }]],
  ["trolley jack 2 t", [{ ratingKg: 2000 }]],
  ["brake cleaner 0.5 L", [{ kind: "consumable", name: "Brake cleaner", left: { value: 500, unit: "mL" } }]],
  ["Slide hammer", [{ kind: "special tool", name: "Slide hammer" }]],
  ["Red box: 3/8 sockets 13 lent to next door", [{ set: "Red box", lentTo: "next door", drive: "3/8" }]],
  ["3/8 socket 13 lent to next door", [{ lentTo: "next door", head: { size: 13 } }]],
])("%s", (line, expected) => {
  expect(readChestLine(line)).toMatchObject(expected);
});

test.each([
  ["sockets 8-19", "Which is its square drive"],
  ["3/8 sockets", "Say which sizes"],
  ["3/8 sockets 19-8", "runs backwards"],
  ["3/8 sockets 8-12 no 16", "there is no 16 among the sizes"],
  ["3/8 crowfoot 10", "offset 38 mm"],
  ["3/8 extension", "How long is each"],
  ["3/8 extension 5", "not the length of any such tool"],
  ["adapter 1/2", "both squares"],
  ["torque wrench 3/8 10-75", "which unit is its scale"],
  ["torque wrench 3/8 10-75 lb ft grip 380", "gap between two marks"],
  ["torque wrench 10-75 lb ft by 0.5 grip 380", "its square drive"],
  ["torque wrench 3/8 75-10 lb ft by 0.5 grip 380", "above its bottom"],
  ["2 stands", "rated for"],
  ["multiplier 4:1", "ratio and its efficiency"],
  ["8 mm", "does not say what it is"],
  ["3/8 sockets 8-1/2", "starts as one kind"],
])("“%s” is refused: %s", (line, says) => {
  expect(readChest(line)).toMatchObject([{ line, why: expect.stringContaining(says) }]);
});

test("a list is read line by line: one that cannot be read does not stop the others", () => {
  expect(
    readChest("3/8 sockets 8-10\n\nnonsense 8 mm 9\n1/4 T30; rags 4 pieces").map((line) =>
      "tools" in line ? line.tools.length : line.why.length > 0,
    ),
  ).toEqual([3, true, 1, 1]);
  expect(readChest("sockets 8\n3/8 socket 8").map((line) => "why" in line)).toEqual([true, false]);
});

test("whatever is typed, it is read or refused in a sentence, and what is read the model allows", () => {
  const words = fc.constantFrom(
    "3/8",
    "1/2",
    "socket",
    "sockets",
    "deep",
    "8-19",
    "no 16",
    "T20-T50",
    "torque wrench",
    "10-75",
    "lb ft",
    "by 0.5",
    "grip 380",
    "adapter",
    "to",
    "mm",
    "offset",
    "crowfoot",
    "stands",
    "2",
    "1500 kg",
    "rags",
    "400 mL",
    "½",
    "=1+1",
    "lent to",
    "M8",
  );
  fc.assert(
    fc.property(fc.array(fc.oneof(words, fc.string({ maxLength: 6 })), { maxLength: 9 }), (parts) => {
      for (const line of readChest(parts.join(" "))) {
        if ("why" in line) expect(line.why).toMatch(/[.?]$/);
        else
          for (const tool of line.tools)
            expect(
              toolSchema.safeParse({
                id: "x",
                createdAt: "2026-01-01T00:00:00.000Z",
                updatedAt: "2026-01-01T00:00:00.000Z",
                schema: MODEL_VERSION,
                origin: "own",
                ...tool,
              }).success,
            ).toBe(true);
      }
    }),
    { numRuns: 400 },
  );
});

const EVERY = [
  "3/8 deep 12 point sockets 13",
  "1/2 impact sockets 17",
  "hex keys 5",
  "flare spanner 10",
  "3/8 flare crowfoot 10 offset 25",
  "adapter 1/2 to 3/8",
  "3/8 extension 75",
  "3/8 universal joint",
  "1/2 ratchet 260",
  "angle gauge 1/2",
  "multiplier 1/2 to 3/4, 4:1, 90 %",
  "torque wrench 3/8 10-75 lb ft by 0.5 grip 380 3 %",
  "2 stands 1500 kg each 280-420 mm",
  "jack 2 t",
  "Red box: slide hammer 2 pieces",
  "slide hammer lent to next door",
  "brake cleaner 400 mL",
];

test("every kind of tool goes out as a row and comes back the same", () => {
  const tools = owned(...EVERY);
  const back = readChestRows(chestRows(tools));
  expect(back).toEqual(
    tools.map(({ id: _id, createdAt: _c, updatedAt: _u, schema: _s, origin: _o, ...draft }) => draft),
  );
  // Columns in another order, and ones that are not known.
  expect(
    readChestRows([
      ["size", "mine", "drive", "KIND"],
      ["13", "x", "3/8", "socket"],
    ]),
  ).toEqual([
    { kind: "socket", name: "socket", drive: "3/8", head: { profile: "hexagon", size: 13, unit: "mm" } },
  ]);
});

test.each<[string[][], string]>([
  [[], "has to name the columns"],
  [[["name"], ["x"]], "has to name the columns"],
  [[["kind"]], "no tool under the names"],
  [
    [
      ["kind", "drive", "size"],
      ["socket", "3/8", "13"],
      ["socket", "3/8", "M10"],
    ],
    "Row 3, size: M10 is a thread",
  ],
  [
    [
      ["kind", "drive", "size"],
      ["socket", "7/8", "13"],
    ],
    "Row 2, drive",
  ],
  [
    [
      ["kind", "deep"],
      ["socket", "perhaps"],
    ],
    "Row 2, deep: “perhaps” is neither yes nor no.",
  ],
  [[["kind"], ["hammer"]], "Row 2, kind"],
  [
    [
      ["kind", "drive", "lengthMm"],
      ["extension", "3/8", "2.000"],
    ],
    "“2.000” could be 2000 or 2",
  ],
])("a bad table is refused whole: %j", (rows, says) => {
  expect(() => readChestRows(rows)).toThrow(says);
});

/** What people say they own, and what it is: the first of them, and how many. */
test.each<[string, object, number]>([
  ["combination wrenches 8-22", { kind: "spanner", form: "combination", head: { size: 8, unit: "mm" } }, 15],
  ["1 1/4 open end wrench", { kind: "spanner", form: "open", head: { size: 1.25, unit: "in" } }, 1],
  ["box end wrenches 1/4 - 3/4", { kind: "spanner", form: "ring", head: { size: 0.25, unit: "in" } }, 9],
  ["10/11 flare nut wrench", { kind: "spanner", form: "flare", head: { size: 10, unit: "mm" } }, 2],
  ["10 mm wrench", { kind: "spanner", head: { size: 10, unit: "mm" } }, 1],
  ["3/8 allen 4-10", { kind: "socket", drive: "3/8", head: { profile: "hexagon key", size: 4 } }, 7],
  ["allen wrenches 2-10", { kind: "key", head: { profile: "hexagon key", size: 2 } }, 9],
  ["t-handle hex 2-10", { kind: "key", head: { profile: "hexagon key", size: 2 } }, 9],
  ["1/4 torx 20-40", { kind: "socket", drive: "1/4", head: { profile: "six-lobe", size: 20 } }, 5],
  ["screwdrivers cross-head 1 2", { kind: "key", head: { profile: "cross", size: 1 } }, 2],
  ["1/4 bits ph1 ph2", { kind: "socket", drive: "1/4", head: { profile: "cross", size: 1 } }, 2],
  ["slotted screwdriver 6", { kind: "key", head: { profile: "slot", size: 6, unit: "mm" } }, 1],
  ["torque wrench 3/8 10-75 lb ft by 0.5", { kind: "torque wrench", step: 0.5, unit: "lbf.ft" }, 1],
  ["1/2 triple square 8-12", { kind: "socket", head: { profile: "multi-spline", size: 8 } }, 3],
  ["metric socket set 8-19 3/8", { kind: "socket", drive: "3/8", head: { size: 8 } }, 12],
  ["impact sockets 1/2 10-24", { drive: "1/2", impact: true, head: { size: 10, unit: "mm" } }, 15],
  ["10mm 3/8 socket", { drive: "3/8", head: { size: 10 } }, 1],
  ["13/16 spark plug socket 3/8", { drive: "3/8", head: { size: 13 / 16, unit: "in" } }, 1],
  ["half inch ratchet 250 mm", { kind: "bar or ratchet", drive: "1/2", lengthMm: 250 }, 1],
  ["3/8 six inch extension", { kind: "extension", drive: "3/8", lengthMm: 152.4 }, 1],
  ["1/4 sockets 10,11,12,13", { kind: "socket", head: { size: 10 } }, 4],
  ["1/4 sockets 4,5 7", { kind: "socket", head: { size: 4.5 } }, 2],
  ["1/4 sockets 5,5 7", { kind: "socket", head: { size: 5.5 } }, 2],
  ["1/4 12 point socket 10", { head: { profile: "hexagon", size: 10 }, points: 12 }, 1],
  ["bi-hex 10mm socket 1/4", { kind: "socket", head: { profile: "hexagon", size: 10 }, points: 12 }, 1],
  ["3/8 to 1/4 reducer", { kind: "drive adapter", from: "3/8", to: "1/4" }, 1],
  ["torque wrench 1/2 30-250 Nm 5Nm steps", { kind: "torque wrench", step: 5, max: 250 }, 1],
  ["brake fluid half a litre", { kind: "consumable", left: { value: 500, unit: "mL" } }, 1],
  ["3/8 male to 1/2 female adapter", { kind: "drive adapter", from: "1/2", to: "3/8" }, 1],
  ["7/16 drill", { kind: "special tool", name: "7/16 drill" }, 1],
  ["impact gun 1/2", { kind: "special tool" }, 1],
  ["5 lb hammer", { kind: "special tool", name: "5 lb hammer" }, 1],
  ["quart of oil", { kind: "consumable", name: "Oil", left: { value: 946, unit: "mL" } }, 1],
  ["5 quarts 5w30", { kind: "consumable", name: "5w30", left: { value: 4731, unit: "mL" } }, 1],
  ["2 lbs of grease", { kind: "consumable", left: { value: 907, unit: "g" } }, 1],
  ["2 cans of brake cleaner", { kind: "consumable", left: { value: 2, unit: "pieces" } }, 1],
])("as people say it: %s", (line, first, count) => {
  const tools = readChestLine(line);
  expect(tools[0]).toMatchObject(first);
  expect(tools).toHaveLength(count);
});

/** What a line does not say is asked, and the first answer makes it whole. */
test.each<[string, string, string, object]>([
  ["1/2 ratchet", "How long is it", "1/2 ratchet 250 mm", { lengthMm: 250 }],
  ["14mm deep socket", "square drive", "1/4 14mm deep socket", { drive: "1/4", deep: true }],
  ["E12 socket", "square drive", "1/4 E12 socket", { head: { profile: "six-lobe external", size: 12 } }],
  ["triple square 8-12", "square drive of the bits", "1/4 triple square 8-12", { drive: "1/4" }],
  ["floor jack", "rated for", "floor jack 2 t", { ratingKg: 2000 }],
  [
    "two jack stands 3 ton",
    "of the pair",
    "two jack stands 3 ton each",
    { ratingPerStandKg: 2721, count: 2 },
  ],
  ["pair of stands 3 t", "of the pair", "two stands 3 t each", { ratingPerStandKg: 3000, count: 2 }],
  ["13 mm", "a socket, or a spanner", "13 mm socket", {}],
  ["3/8 widget 12", "known by its name", "3/8 widget 12 sockets", { kind: "socket" }],
  ["thing 12", "by its name only", "thing 12 by name", { kind: "special tool", name: "Thing 12" }],
  ["1 gallon coolant", "Which gallon", "1 US gallon coolant", { left: { value: 3785, unit: "mL" } }],
  ["torque wrench 40-200", "which unit", "torque wrench 40-200 Nm", {}],
  [
    "Red box: 1/2 ratchet lent to Ada",
    "How long",
    "Red box: 1/2 ratchet 250 mm lent to Ada",
    { set: "Red box" },
  ],
])("“%s” asks: %s", (line, asks, answered, tool) => {
  const [read] = readChest(line);
  expect(read).toMatchObject({ why: expect.stringContaining(asks) });
  if (!read || !("why" in read)) return;
  expect(read.answers[0]?.line).toBe(answered);
  const [then] = readChest(answered);
  if (then && "tools" in then) expect(then.tools[0]).toMatchObject(tool);
  else expect(then?.why).not.toBe(read.why);
});

test.each([
  "3/8 40 piece socket set",
  "2x 3/8 socket 13",
  "3/8 socket 13 x2",
  "combination spanners, set of 8",
])("how many is never taken for a size: %s", (line) => {
  expect(readChest(line)).toMatchObject([{ why: expect.stringContaining("no size") }]);
});

test("an open end of an inch and a quarter is never a socket, and sizes that may be a drive are asked about", () => {
  for (const line of [
    "1 1/4 open end wrench",
    "sockets 1 1/4",
    "sae sockets 1/4 to 3/4",
    "sockets 1/2 9/16",
  ]) {
    const [read] = readChest(line);
    if (read && "tools" in read) expect(read.tools.every(({ kind }) => kind === "spanner")).toBe(true);
    else expect(read?.why).toContain("square drive");
  }
});
