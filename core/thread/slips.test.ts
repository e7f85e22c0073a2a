import { readFileSync } from "node:fs";
import { type Judged, judgeFigure } from "../fastener/judge-figure";
import type { Fastener } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorque } from "../quantity/read-torque";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, formatTorque, quantityNm } from "../quantity/torque-quantity";
import { STRENGTH_CLASSES } from "./strength";
import { readThread } from "./thread";

const rowsOf = (file: string) =>
  readFileSync(`core/thread/__fixtures__/${file}`, "utf8")
    .trim()
    .split("\n")
    .filter((row) => !row.startsWith("#"))
    .map((row) => row.split("|").map((cell) => cell.trim()));

function fastenerOf(name: string, size: string, figure: TorqueFigure, strength?: string): Fastener {
  const isThread = /^m[\d]|-\d+$|^no\./i.test(size) && !/spline/.test(size);
  const known = STRENGTH_CLASSES.find((one) => one === strength);
  return {
    id: "f",
    name,
    count: 4,
    ...(isThread ? { thread: readThread(size) } : { sizeToUndo: readHeadSize(size) }),
    figure,
    ...(known ? { strength: known } : {}),
  };
}

const right = rowsOf("right-figures.txt").map(([name = "", size = "", strength = "", figure = ""]) => ({
  name,
  size,
  strength,
  figure,
}));

/** The figure as it was written by mistake. */
function slipped(figure: string, slip: string): TorqueQuantity {
  const torque = readTorque(figure);
  const text = torque.value.toFixed(torque.decimals);
  if (slip.startsWith("as ")) return readTorque(`${text} ${slip.slice(3)}`);
  if (slip === "more 0")
    return {
      ...torque,
      ...(torque.decimals > 0 ? readDigits(text.replace(".", "")) : readDigits(`${text}0`)),
    };
  if (slip === "less 0") return { ...torque, ...readDigits(text.replace(/0$/, "")) };
  return { ...torque, ...readDigits(text.replace(/([1-9])$/, "$1$1")) };
}

const readDigits = (text: string) => ({ value: Number(text), decimals: 0 });

const slips = rowsOf("slips.txt").map(([name = "", size = "", figure = "", slip = ""]) => {
  const written = slipped(figure, slip);
  const meant = readTorque(figure);
  const judged = judgeFigure(fastenerOf(name, size, { form: "value", torque: written }));
  return {
    about: `${name} ${size}: ${formatTorque(meant)} written as ${formatTorque(written)}`,
    meant,
    written,
    judged,
  };
});

const same = (a: TorqueQuantity | undefined, b: TorqueQuantity) =>
  a !== undefined && a.unit === b.unit && Math.abs(quantityNm(a) / quantityNm(b) - 1) < 0.001;
const named = (judged: Judged | undefined, meant: TorqueQuantity) =>
  judged?.judgement?.candidates.some((one) => same(one, meant)) ?? false;
const share = (count: number, of: number) => count / of;

test("the lists are long enough", () => {
  expect(right.length).toBeGreaterThanOrEqual(150);
  expect(slips.length).toBeGreaterThanOrEqual(120);
});

test("of correct figures at most one in a hundred is doubted, and none gets a fix that changes its unit", () => {
  const alarms = right.flatMap(({ name, size, strength, figure }) => {
    const judged = judgeFigure(fastenerOf(name, size, readTorqueFigure(figure), strength));
    return judged
      ? [{ about: `${name} ${size} ${figure}`, says: judged.says, meant: judged.judgement?.meant }]
      : [];
  });
  expect({
    share: share(alarms.length, right.length) <= 0.01,
    alarms: alarms.length > right.length / 100 ? alarms : [],
  }).toEqual({ share: true, alarms: [] });
  expect(alarms.filter(({ meant }) => meant)).toEqual([]);
});

test("of slips beyond twice at most three in a hundred are missed", () => {
  const gross = slips.filter(
    ({ meant, written }) => Math.abs(Math.log(quantityNm(written) / quantityNm(meant))) > Math.log(2),
  );
  const missed = gross.filter(({ judged }) => !judged).map(({ about }) => about);
  expect({
    enough: share(missed.length, gross.length) <= 0.03,
    missed: missed.length > gross.length * 0.03 ? missed : [],
  }).toEqual({ enough: true, missed: [] });
});

test("what was meant is named in nine of ten of those caught, and a fix is never another", () => {
  const caught = slips.filter(({ judged }) => judged);
  const unnamed = caught
    .filter(({ judged, meant }) => !named(judged, meant))
    .map(({ about, judged }) => `${about}; ${judged?.says ?? ""}`);
  expect({
    enough: share(unnamed.length, caught.length) <= 0.1,
    unnamed: unnamed.length > caught.length / 10 ? unnamed : [],
  }).toEqual({ enough: true, unnamed: [] });
  const wrong = caught
    .filter(({ judged, meant }) => judged?.judgement?.meant && !same(judged.judgement.meant, meant))
    .map(({ about, judged }) => `${about}; ${judged?.says ?? ""}`);
  expect(wrong).toEqual([]);
});
