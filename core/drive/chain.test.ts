import fc from "fast-check";
import { DRIVE_LIMIT_NM, SQUARE_DRIVES, type SquareDrive } from "../model/square-drive";
import type { Tool } from "../model/tool";
import { MODEL_VERSION } from "../model/version";
import { COMFORTABLE_PULL_N, barLengthMm, pullN, undoingTorqueNm } from "./bar";
import { bestChain, chainFinder, findChain } from "./chain";

const base = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
} as const;

const adapter = (from: SquareDrive, to: SquareDrive) =>
  ({
    ...base,
    id: `${from} ${to}`,
    kind: "drive adapter",
    name: `${from} to ${to}`,
    from,
    to,
  }) as unknown as Tool;
const extension = (drive: SquareDrive, lengthMm: number) =>
  ({
    ...base,
    id: `${drive} ${lengthMm}`,
    kind: "extension",
    name: `${drive} of ${lengthMm}`,
    drive,
    lengthMm,
  }) as unknown as Tool;
const names = (tools: Tool[]) => tools.map(({ name }) => name);

test("straight on needs nothing between", () => {
  expect(findChain({ from: "1/2", to: "1/2", torqueNm: 200 }, [])).toEqual({
    pieces: [],
    reachMm: 0,
    weakest: "1/2",
    limitNm: 512,
    gap: undefined,
  });
});

test("the fewest pieces that reach; of those the shortest", () => {
  const tools = [
    extension("3/8", 75),
    extension("3/8", 150),
    extension("3/8", 250),
    extension("1/2", 125),
    adapter("1/2", "3/8"),
  ];
  expect(names(findChain({ from: "3/8", to: "3/8", torqueNm: 40, reachMm: 100 }, tools).pieces)).toEqual([
    "3/8 of 150",
  ]);
  expect(names(findChain({ from: "3/8", to: "3/8", torqueNm: 40, reachMm: 310 }, tools).pieces)).toEqual([
    "3/8 of 250",
    "3/8 of 75",
  ]);
  const through = findChain({ from: "1/2", to: "3/8", torqueNm: 40, reachMm: 260 }, tools);
  expect(through.pieces).toHaveLength(3);
  expect(through.reachMm).toBe(275);
  expect([through.weakest, through.limitNm]).toEqual(["3/8", 202]);
});

test("of two ways with as many pieces the shorter is taken", () => {
  const tools = [
    adapter("1/2", "3/8"),
    adapter("3/8", "1/4"),
    adapter("1/2", "1/4"),
    extension("1/2", 30),
    extension("1/4", 30),
    extension("3/8", 75),
  ];
  // One adapter with two extensions is 60 mm, two adapters with one extension 75 mm: three pieces each.
  const chain = findChain({ from: "1/2", to: "1/4", torqueNm: 10, reachMm: 50 }, tools);
  expect(chain.pieces).toHaveLength(3);
  expect(chain.reachMm).toBe(60);
});

test("of extensions alike one is as good as the other; four together are the most", () => {
  const alike = [
    extension("3/8", 75),
    extension("3/8", 75),
    extension("3/8", 75),
    extension("3/8", 75),
    extension("3/8", 75),
  ];
  expect(findChain({ from: "3/8", to: "3/8", torqueNm: 40, reachMm: 210 }, alike)).toMatchObject({
    reachMm: 225,
    gap: undefined,
  });
  expect(findChain({ from: "3/8", to: "3/8", torqueNm: 40, reachMm: 310 }, alike).gap).toContain(
    "the most is 300 mm",
  );
});

test("of all that reach with as few pieces, the shortest", () => {
  const reach = (reachMm: number, ...lengths: number[]) =>
    findChain(
      { from: "3/8", to: "3/8", torqueNm: 40, reachMm },
      lengths.map((length) => extension("3/8", length)),
    ).reachMm;
  expect(reach(230, 30, 100, 150, 200)).toBe(230);
  expect(reach(240, 30, 100, 150, 200)).toBe(250);
  expect(reach(310, 50, 50, 200)).toBe(0);
  expect(reach(255, 200, 50, 60)).toBe(260);
});

test("two adapters in a row, where that is what there is", () => {
  expect(
    names(
      findChain({ from: "1/2", to: "1/4", torqueNm: 20 }, [adapter("3/8", "1/4"), adapter("1/2", "3/8")])
        .pieces,
    ),
  ).toEqual(["1/2 to 3/8", "3/8 to 1/4"]);
});

test.each([
  [{ from: "1/2", to: "3/8", torqueNm: 40 }, [], "No adapter from 1/2 in to 3/8 in"],
  [{ from: "1/2", to: "3/8", torqueNm: 40 }, [adapter("3/8", "1/2")], "No adapter from 1/2 in to 3/8 in"],
  [{ from: "1/4", to: "1/4", torqueNm: 63 }, [], "63 N·m is more than a 1/4 in square is tested to (62 N·m)"],
  [{ from: "1/2", to: "3/8", torqueNm: 250 }, [adapter("1/2", "3/8")], "more than a 3/8 in square"],
  [{ from: "3/8", to: "3/8", torqueNm: 40, reachMm: 300 }, [extension("3/8", 75)], "the most is 75 mm"],
] as const)("%j: %s", (wanted, tools, gap) => {
  expect(findChain(wanted, tools).gap).toContain(gap);
});

test("a limit of one's own stands in for the standard's", () => {
  expect(findChain({ from: "1/4", to: "1/4", torqueNm: 40, limits: { "1/4": 30 } }, []).gap).toContain(
    "(30 N·m)",
  );
  expect(findChain({ from: "1/4", to: "1/4", torqueNm: 70, limits: { "1/4": 80 } }, []).gap).toBeUndefined();
});

test("of several squares to go onto, straight on or with the fewest pieces between; all of them with a gap, the first", () => {
  const best = (from: SquareDrive, onto: SquareDrive[], ...tools: Tool[]) =>
    names(bestChain(chainFinder(tools), onto, { from, torqueNm: 40 }).pieces);
  expect(best("3/8", ["1/2", "3/8"], adapter("3/8", "1/2"))).toEqual([]);
  expect(best("1/2", ["1/4", "3/8"], adapter("1/2", "3/8"), adapter("3/8", "1/4"))).toEqual(["1/2 to 3/8"]);
  expect(best("1/2", ["3/8", "1/4"], adapter("1/2", "3/8"), adapter("3/8", "1/4"))).toEqual(["1/2 to 3/8"]);
  expect(bestChain(chainFinder([]), ["1/4", "3/4"], { from: "1/2", torqueNm: 40 }).gap).toContain(
    "from 1/2 in to 1/4 in",
  );
  expect(bestChain(chainFinder([]), [], { from: "1/2", torqueNm: 40 }).pieces).toEqual([]);
});

test("nonsense is refused in a sentence", () => {
  expect(() => findChain({ from: "1/2", to: "1/2", torqueNm: 0 }, [])).toThrow("more than zero");
  expect(() => findChain({ from: "1/2", to: "1/2", torqueNm: 9, reachMm: -1 }, [])).toThrow("less than zero");
  expect(() => findChain({ from: "5/8" as SquareDrive, to: "1/2", torqueNm: 9 }, [])).toThrow("square drive");
});

test("a chain without a gap starts and ends on the right squares, reaches, and holds", () => {
  const drive = fc.constantFrom(...SQUARE_DRIVES);
  const tool = fc.oneof(
    fc.tuple(drive, drive).map(([from, to]) => adapter(from, to)),
    fc.tuple(drive, fc.constantFrom(50, 75, 125, 250)).map(([on, length]) => extension(on, length)),
  );
  fc.assert(
    fc.property(
      drive,
      drive,
      fc.integer({ min: 1, max: 600 }),
      fc.integer({ min: 0, max: 400 }),
      fc.array(tool, { maxLength: 7 }),
      (from, to, torqueNm, reachMm, tools) => {
        const chain = findChain({ from, to, torqueNm, reachMm }, tools);
        if (chain.gap !== undefined) return;
        let at = from;
        for (const piece of chain.pieces) {
          expect(piece.kind === "drive adapter" ? piece.from : "drive" in piece && piece.drive).toBe(at);
          if (piece.kind === "drive adapter") at = piece.to;
        }
        expect(at).toBe(to);
        expect(chain.reachMm).toBeGreaterThanOrEqual(reachMm);
        expect(DRIVE_LIMIT_NM[chain.weakest]).toBeGreaterThanOrEqual(torqueNm);
        expect(new Set(chain.pieces).size).toBe(chain.pieces.length);
      },
    ),
  );
});

test("a longer bar needs less pull; undoing asks more than doing up", () => {
  expect(pullN(105, 300)).toBeCloseTo(350, 9);
  expect(barLengthMm(105, COMFORTABLE_PULL_N)).toBeCloseTo(300, 9);
  expect(pullN(200, barLengthMm(200, 350))).toBeCloseTo(350, 9);
  expect(undoingTorqueNm(110, "clean")).toEqual([110, 165]);
  expect(undoingTorqueNm(110, "rusted")).toEqual([165, 275]);
  for (const how of [() => pullN(100, 0), () => barLengthMm(100, -1), () => undoingTorqueNm(0, "clean")])
    expect(how).toThrow("more than zero");
});
