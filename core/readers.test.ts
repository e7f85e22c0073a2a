import { readFileSync } from "node:fs";
import fc from "fast-check";
import { readChestLine } from "./chest/read-chest";
import { InputError } from "./input-error";
import { readQuickEntry } from "./log/table/quick-entry";
import { readDaySaid } from "./log/table/read-day";
import { readMeasure } from "./quantity/measure";
import { priceText, readPrice } from "./quantity/money";
import { formatHeadSize, readHeadSize } from "./quantity/read-head-size";
import { readNumber } from "./quantity/read-number";
import { readOdometer } from "./quantity/read-odometer";
import { readTorque } from "./quantity/read-torque";
import { readTorqueFigure } from "./quantity/read-torque-figure";
import { readShare } from "./quantity/share";
import { readSlopeDeg } from "./quantity/slope";
import { formatTorque } from "./quantity/torque-quantity";
import { formatFigure } from "./quantity/torque-words";
import { readLayers } from "./thread/engagement";
import { formatThread, readThread } from "./thread/thread";

const TODAY = "2026-11-27";

/** Each reader, as what it shows of a text; what it asks or refuses is its sentence. */
const SHOWS: Record<string, (text: string) => string> = {
  torque: (text) => formatTorque(readTorque(text)),
  figure: (text) => formatFigure(readTorqueFigure(text)),
  head: (text) => formatHeadSize(readHeadSize(text)),
  thread: (text) => formatThread(readThread(text)),
  length: (text) => `${tidy(readMeasure(text, "length", "It").value)} mm`,
  mass: (text) => `${tidy(readMeasure(text, "mass", "It").value)} kg`,
  volume: (text) => `${tidy(readMeasure(text, "volume", "It").value)} L`,
  angle: (text) => `${tidy(readMeasure(text, "angle", "It").value)} °`,
  share: (text) => `${Number((readShare(text, "It") * 100).toFixed(1))} %`,
  slope: (text) => `${Number(readSlopeDeg(text, "It").toFixed(2))}°`,
  odometer: (text) => {
    const { value, unit } = readOdometer(text, "km");
    return `${value} ${unit}`;
  },
  price: (text) => priceText(readPrice(text)),
  number: (text) => String(readNumber(text, "It").value),
  day: (text) => {
    const said = readDaySaid(text, TODAY);
    if ("on" in said) return said.on;
    throw new InputError(said.asks);
  },
  chest: (text) => readChestLine(text).map(inShort).join("; "),
  line: (text) => {
    const { part, place, odometer, priceMinor, on, count, asks } = readQuickEntry(text, "km", TODAY);
    if (asks[0]) throw new InputError(asks[0].says);
    return [
      part,
      place,
      odometer && `${odometer.value} ${odometer.unit}`,
      priceMinor,
      on,
      count > 1 ? `${count} of it` : undefined,
    ]
      .filter((one) => one !== undefined)
      .join(", ");
  },
  layers: (text) =>
    readLayers(text, "It")
      .map(({ mm }) => mm)
      .join(", "),
};

function tidy(value: number): number {
  return Number(value.toPrecision(12));
}

function inShort(tool: ReturnType<typeof readChestLine>[number]): string {
  switch (tool.kind) {
    case "torque wrench":
      return `${tool.name} ${tool.min}-${tool.max} ${tool.unit} by ${tool.step} grip ${tool.gripLengthMm}`;
    case "crowfoot":
      return `${tool.name} ${tool.offsetMm}`;
    case "stands":
      return `${tool.count} stands of ${tool.ratingPerStandKg}`;
    case "consumable":
      return `${tool.name} ${tool.left.value} ${tool.left.unit}`;
    default:
      return tool.name;
  }
}

const rows = readFileSync("core/__fixtures__/written.txt", "utf8")
  .trim()
  .split("\n")
  .filter((row) => !row.startsWith("#"))
  .map((row) => row.split(" | ").map((cell) => cell.trim()))
  .map(([reader = "", text = "", shows = ""]) => ({ reader, text, shows }));
const readings = rows.filter(({ shows }) => !shows.startsWith("?"));
const refusals = rows.filter(({ shows }) => shows.startsWith("?"));

test("there are enough of both", () => {
  expect(rows.length).toBeGreaterThanOrEqual(400);
  expect(refusals.length / rows.length).toBeGreaterThan(0.49);
});

test.each(readings)("$reader “$text” is $shows", ({ reader, text, shows }) => {
  expect(SHOWS[reader]?.(text)).toBe(shows);
});

test.each(refusals)("$reader “$text” is refused or asked: $shows", ({ reader, text, shows }) => {
  expect(() => SHOWS[reader]?.(text)).toThrow(InputError);
  expect(() => SHOWS[reader]?.(text)).toThrow(shows.slice(1).trim());
});

test.each(
  readings.filter(({ reader }) =>
    [
      "torque",
      "figure",
      "head",
      "thread",
      "length",
      "mass",
      "volume",
      "angle",
      "share",
      "odometer",
      "number",
    ].includes(reader),
  ),
)("what is shown of $reader “$text” is read as the same", ({ reader, shows }) => {
  expect(SHOWS[reader]?.(shows)).toBe(shows);
});

// Every number typed is somewhere in what was read, as itself or as what it comes to; or the text is refused.
test("no typed number is dropped from a figure", () => {
  const number = fc.integer({ min: 1, max: 99 });
  const piece = fc.oneof(
    number.map((n) => `${n} Nm`),
    number.map((n) => `${n}`),
    number.map((n) => `${n}°`),
    number.map((n) => `± ${n}`),
    number.map((n) => `(${n} Nm)`),
    fc.constantFrom("+", "then", ",", "to", "-", "and", "/", "max"),
  );
  fc.assert(
    fc.property(fc.array(piece, { minLength: 1, maxLength: 6 }), (pieces) => {
      const text = pieces.join(" ");
      const typed = [...text.matchAll(/\d+/g)].map(Number);
      let shown: number[];
      try {
        shown = [...formatFigure(readTorqueFigure(text)).matchAll(/\d+/g)].map(Number);
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
        return;
      }
      // A tolerance is shown as its ends, and a figure said twice once.
      if (text.includes("±") || text.includes("(") || text.includes("/"))
        expect(shown.length).toBeGreaterThan(0);
      else expect(shown).toEqual(typed);
    }),
    { numRuns: 3000 },
  );
});

test("no typed number is dropped from a line of the chest: it is in the tool, or told back", () => {
  const words = fc.constantFrom(
    "3/8",
    "torque wrench",
    "10-75 lb ft",
    "by 0.5",
    "grip 380",
    "77",
    "stands",
    "each",
    "2",
    "1500 kg",
    "jack",
    "2 t",
    "x",
  );
  fc.assert(
    fc.property(fc.array(words, { minLength: 2, maxLength: 8 }), (parts) => {
      const text = parts.join(" ");
      let tools: ReturnType<typeof readChestLine>;
      try {
        tools = readChestLine(text);
      } catch (error) {
        expect(error).toBeInstanceOf(InputError);
        return;
      }
      const said = JSON.stringify(tools);
      if (
        text.includes("77") &&
        tools.every(({ kind }) => ["torque wrench", "stands", "jack"].includes(kind))
      )
        expect(said).toContain("77");
    }),
    { numRuns: 1000 },
  );
});
