import { readHeadSize } from "../../quantity/read-head-size";
import { readThread } from "../../thread/thread";
import { WRENCH, bolts, chest, owned, routeOf } from "../__fixtures__/owned";
import { kitFor } from "../kit";
import { headName, headNeeds } from "../needs/head-needs";
import type { Cover } from "../needs/need";
import { torqueNeeds } from "../needs/torque-needs";
import { coverHead } from "./cover-head";

const covers = (fastener: ReturnType<typeof bolts>, tools: string[], rusted = false) =>
  headNeeds([fastener]).map((need): [string, Cover] => [
    headName(need),
    coverHead(need, chest(...tools), rusted),
  ]);
const only = (fastener: ReturnType<typeof bolts>, tools: string[], rusted = false) =>
  covers(fastener, tools, rusted)[0]?.[1];

test.each<[string, ReturnType<typeof bolts>, string[], Cover["kind"]]>([
  ["a spanner cannot be set to a figure", bolts("16", "40 Nm"), ["combination spanner 16"], "missing"],
  ["a socket can", bolts("16", "40 Nm"), ["3/8 socket 16"], "owned"],
  ["snug takes a spanner", bolts("16", "snug"), ["combination spanner 16"], "owned"],
  ["a hexagon key does for a key head", bolts("6 mm key", "snug"), ["hex key 6"], "owned"],
  ["but not to a figure", bolts("6 mm key", "20 Nm"), ["hex key 6"], "missing"],
  ["T40 is only met by T40", bolts("T40", "20 Nm"), ["1/4 T20-T45"], "owned"],
  ["and by nothing near", bolts("T40", "20 Nm"), ["1/4 T45"], "missing"],
  [
    "a crowfoot where an adapter is asked for",
    bolts("16", "40 Nm", { adapter: { offsetMm: 45, angleDeg: 0 } }),
    ["3/8 socket 16"],
    "missing",
  ],
  [
    "and it is there",
    bolts("16", "40 Nm", { adapter: { offsetMm: 45, angleDeg: 0 } }),
    ["3/8 crowfoot 16 offset 45"],
    "owned",
  ],
  [
    "a deep socket where a stud stands out",
    bolts("13", "20 Nm", { deepSocket: true }),
    ["3/8 socket 13"],
    "missing",
  ],
  ["which is there", bolts("13", "20 Nm", { deepSocket: true }), ["3/8 deep socket 13"], "owned"],
  ["what is lent out covers nothing", bolts("13", "20 Nm"), ["3/8 socket 13 lent to next door"], "missing"],
  [
    "a twelve-point head takes a twelve-point socket",
    bolts("10 mm 12pt", "20 Nm"),
    ["3/8 12 point socket 10"],
    "owned",
  ],
  ["or a ring, where it need not be set", bolts("10 mm 12pt", "snug"), ["ring spanner 10"], "owned"],
  [
    "and never six points, nor a spanner of no known form",
    bolts("10 mm 12pt", "snug"),
    ["3/8 6 point socket 10", "spanner 10"],
    "missing",
  ],
  ["only a spanner gets on", bolts("13", "20 Nm", { access: "spanner only" }), ["3/8 socket 13"], "missing"],
])("%s", (_, fastener, tools, by) => {
  expect(only(fastener, tools)?.kind).toBe(by);
});

test("round a pipe only a flare spanner goes; every other tool of the size is refused with why", () => {
  const union = bolts("10", "14 Nm", { overPipe: true });
  expect(covers(union, ["flare spanner 10"]).map(([name, { kind }]) => [name, kind])).toEqual([
    ["10 mm flare spanner", "owned"],
  ]);
  const cover = only(union, ["3/8 socket 10", "combination spanner 10"], true);
  expect(cover).toMatchObject({
    kind: "missing",
    refused: [
      { why: "It does not go on over the pipe." },
      { why: expect.stringContaining("undoing may take 35 N·m") },
    ],
  });
  // With a crowfoot asked for, a flare crowfoot both undoes and tightens; a flare spanner alone does not.
  const reached = bolts("10", "14 Nm", { overPipe: true, adapter: { offsetMm: 25, angleDeg: 90 } });
  expect(
    covers(reached, ["3/8 flare crowfoot 10 offset 25"]).map(([name, { kind }]) => [name, kind]),
  ).toEqual([["10 mm flare crowfoot", "owned"]]);
  expect(only(reached, ["flare spanner 10"])).toMatchObject({
    kind: "missing",
    refused: [{ why: expect.stringContaining("not with the torque wrench") }],
  });
});

test("a near size stands in where its fit bears what is asked, and is refused where it would round the head", () => {
  // 13 on 12.7 plays 2.4° and bears 27.5 N·m on an M8 (90 % of proof of class 8.8); 1/2 in on 13 does not go
  // on.
  const eight = { thread: readThread("M8") };
  expect(only(bolts("1/2 in", "10 Nm", eight), ["3/8 socket 13"])).toMatchObject({
    kind: "stand-in",
    fit: { toolMm: 13, headMm: 12.7, isKey: false },
  });
  // 20 N·m rusted asks 50 to undo.
  expect(only(bolts("1/2 in", "20 Nm", eight), ["3/8 socket 13"], true)).toMatchObject({
    kind: "missing",
    refused: [{ why: expect.stringContaining("50 N·m may be asked of it. It would round the head.") }],
  });
  expect(only(bolts("13", "10 Nm", eight), ["3/8 socket 1/2 in"])?.kind).toBe("missing");
  // 32 on 31.75 is snug and needs no limit: 0.791°.
  expect(only(bolts("1 1/4 in", "100 Nm"), ["1/2 socket 32"], true)).toMatchObject({
    kind: "stand-in",
    says: expect.stringContaining("0.8° before it touches"),
  });
  // 10 on 9.525 plays 5.4°: low torque only, and nothing says how much is asked.
  expect(only(bolts("3/8 in", undefined), ["1/4 socket 10"])).toMatchObject({
    kind: "missing",
    refused: [{ why: expect.stringContaining("is not known") }],
  });
  expect(only(bolts("10", "5 Nm"), ["1/4 socket 14"])).toMatchObject({ kind: "missing", refused: [] });
});

test("the other end is held with another tool than the one that turns", () => {
  const held = bolts("17", "60 Nm", {
    counterHold: { by: "on the other end" as const, size: readHeadSize("17") },
  });
  const needs = headNeeds([held]);
  expect(needs.map((need) => [headName(need), need.holds])).toEqual([
    ["17 mm socket", false],
    ["17 mm socket or spanner", true],
  ]);
  const hold = needs[1];
  if (!hold) throw new Error("nothing is held");
  const one = chest("1/2 socket 17");
  expect(coverHead(hold, one, false, new Set([one.tools[0]?.id ?? ""]))).toMatchObject({
    kind: "missing",
    refused: [{ why: "It is on the other end meanwhile." }],
  });
  expect(
    coverHead(hold, chest("1/2 socket 17", "combination spanner 17"), false, new Set(["0-0"])),
  ).toMatchObject({ kind: "owned", tools: [{ kind: "spanner" }] });
});

test("a key through the middle leaves no room for a socket: a spanner on the nut, the pull by feel", () => {
  const link = bolts("17", "60 Nm", {
    counterHold: { by: "key through the middle" as const, size: readHeadSize("6 mm key") },
  });
  expect(headNeeds([link]).map((need) => [headName(need), need.holds])).toEqual([
    ["17 mm spanner", false],
    ["6 mm hexagon bit or key", true],
  ]);
  const [need] = headNeeds([link]);
  if (!need) throw new Error("nothing turns it");
  expect(coverHead(need, chest("1/2 socket 17"))).toMatchObject({
    kind: "missing",
    refused: [{ why: "Only a spanner gets on." }],
  });
  expect(torqueNeeds(link, chest("torque wrench 1/2 20-200 Nm by 1"))[0]).toMatchObject({ bySpanner: true });
  // A foot on the brake needs no tool.
  expect(
    headNeeds([bolts("30", "180 Nm", { counterHold: { by: "foot on the brake" as const } })]),
  ).toHaveLength(1);
});

test("what has the right size but is not the tool for it is refused with why", () => {
  const whys = (fastener: ReturnType<typeof bolts>, ...tools: string[]) => {
    const cover = only(fastener, tools);
    return cover?.kind === "missing" ? cover.refused.map(({ why }) => why) : [];
  };
  expect(whys(bolts("13", "20 Nm", { deepSocket: true }), "3/8 socket 13")).toEqual([
    "It is not deep enough for the stud.",
  ]);
  expect(
    whys(bolts("16", "40 Nm", { access: "crowfoot only" }), "combination spanner 16", "3/8 socket 16"),
  ).toEqual([
    "Only a crowfoot gets on; a spanner cannot be set to a figure.",
    "Only a crowfoot gets on; this one does not get past.",
  ]);
  expect(whys(bolts("13", "snug", { access: "spanner only" }), "3/8 socket 13")).toEqual([
    "Only a spanner gets on.",
  ]);
  expect(whys(bolts("13", "20 Nm"), "combination spanner 13", "3/8 crowfoot 13 offset 30")).toEqual([
    "It cannot be set to a figure.",
    "It is not the tool for this.",
  ]);
  expect(whys(bolts("6 mm key", "20 Nm"), "hex key 6")).toEqual(["It cannot be set to a figure."]);
  expect(whys(bolts("10", undefined, { overPipe: true }), "3/8 crowfoot 10 offset 25")).toEqual([
    "Its open end holds a soft union by two corners. It would round it.",
  ]);
  expect(whys(bolts("13", "snug"), "flare spanner 13")).toEqual([
    "A flare spanner has less hold than the socket or ring that goes on here.",
  ]);
});

test("in a recess the key is the smaller one; a loose fit is only for what is known to be little", () => {
  // A 5 mm key in a 3/16 in recess (4.7625 mm) does not go in; a 3/16 in key in 5 mm plays 5.4°.
  expect(only(bolts("3/16 in key", "5 Nm", { thread: readThread("M6") }), ["3/8 hex bit 5"])).toMatchObject({
    kind: "missing",
    refused: [],
  });
  expect(only(bolts("5 mm key", "2 Nm", { thread: readThread("M6") }), ["3/8 hex bit 3/16"])).toMatchObject({
    kind: "stand-in",
    fit: { isKey: true, headMm: 5, toolMm: expect.closeTo(4.7625, 9) },
  });
  // 14 on 13 plays 9.7° and rounds it whatever is asked.
  expect(only(bolts("13", undefined), ["3/8 socket 14"])).toMatchObject({
    refused: [
      {
        why: expect.stringMatching(
          /before it touches; what is asked of it is not known\. It would round the head/,
        ),
      },
    ],
  });
  expect(only(bolts("1 1/4 in", undefined), ["1/2 socket 32"])).toMatchObject({
    kind: "stand-in",
    says: expect.stringContaining("what is asked of it is not known"),
  });
  // Of two near ones the nearer is taken.
  expect(
    only(bolts("1/2 in", "5 Nm", { thread: readThread("M8") }), ["3/8 socket 14", "3/8 socket 13"]),
  ).toMatchObject({ kind: "stand-in", tools: [{ name: "13 mm socket" }] });
});

test("six points come before twelve; another head to do up is another need", () => {
  expect(only(bolts("13", "20 Nm"), ["3/8 deep socket 13", "3/8 socket 13"])).toMatchObject({
    tools: [{ name: "13 mm socket" }, { deep: true }],
  });
  // To do up, only the figure is asked of it: 20 N·m on 13 over 12.7, which bears 27.
  const other = bolts("15", "20 Nm", { sizeToDoUp: readHeadSize("1/2 in"), thread: readThread("M8") });
  expect(covers(other, ["3/8 socket 13"], true)[1]?.[1]).toMatchObject({
    kind: "stand-in",
    says: expect.stringContaining("20 N·m may be asked of it"),
  });
  expect(only(bolts("13", "20 Nm"), ["3/8 12 point socket 13", "3/8 6 point socket 13"])).toMatchObject({
    tools: [{ points: 6 }, { points: 12 }],
  });
  expect(
    covers(bolts("15", "50 Nm + 90°", { sizeToDoUp: readHeadSize("E12") }), ["3/8 E12"]).map(
      ([name, { kind }]) => [name, kind],
    ),
  ).toEqual([
    ["15 mm socket or spanner", "missing"],
    ["E12 socket", "owned"],
  ]);
});

test("a recessed square is turned by a drive of its size as it is; one between two drives needs a key", () => {
  const by = (fastener: ReturnType<typeof bolts>, ...tools: string[]) =>
    Object.fromEntries(
      kitFor(routeOf([fastener]), owned(...tools)).lines.map(({ key, cover }) => [key, cover.kind]),
    );
  const square = (size: string, ...tools: string[]) => by(bolts(size, "40 Nm"), WRENCH, ...tools);
  expect(square("3/8 square", "3/8 ratchet 250")).toEqual({
    "socket 3/8 in square": "owned",
    "bar bolts": "owned",
    "torque bolts 0": "owned",
  });
  expect(square("1/2 square", "3/8 ratchet 250")["socket 1/2 in square"]).toBe("missing");
  expect(square("8 mm square", "3/8 ratchet 250")["socket 8 mm square"]).toBe("missing");
  expect(square("8 mm square", "3/8 square bit 8")["socket 8 mm square"]).toBe("owned");
  // Only undone: the bar is enough. Where no socket gets in, no drive does either.
  expect(by(bolts("3/8 square"), "3/8 ratchet 250")["socket or spanner 3/8 in square"]).toBe("owned");
  expect(by(bolts("3/8 square", undefined, { access: "spanner only" }), "3/8 ratchet 250")).toMatchObject({
    "spanner 3/8 in square": "missing",
  });
});
