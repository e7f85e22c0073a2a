import { InputError } from "../input-error";
import { type Point, centreOutOrder } from "../pattern/centre-out-order";
import { circleOrder } from "../pattern/circle-order";
import { readNumber } from "../quantity/read-number";
import { formatTorque } from "../quantity/torque-quantity";
import { stagesOf } from "../torque/target";
import type { SlipKind, SlipTable } from "./slip";
import type { TypedReader } from "./typed-reader";

const LAYOUTS = ["circle", "points", "given"] as const;
/** Bolts of a drawn pattern are on a sheet of this many units each way from its middle. */
export const PATTERN_REACH = 100;

/** The order in which bolts are tightened and undone. */
export const pattern: SlipKind = {
  name: "pattern",
  title: "Pattern",
  about: "The order to tighten bolts in: on a circle, drawn, or the maker's own",
  words: "pattern sequence order star cross criss-cross crisscross tighten loosen undo bolt circle cylinder head cover wheel flange passes stages",
  fields: [
    {
      kind: "choice",
      name: "layout",
      label: "The bolts are",
      start: "circle",
      choices: [
        { value: "circle", label: "on a circle" },
        { value: "points", label: "where I draw them" },
        { value: "given", label: "in an order I was given" },
      ],
    },
    { kind: "number", name: "count", label: "How many", start: "5", when: ({ layout }) => layout !== "points" },
    {
      kind: "text",
      name: "points",
      wide: true,
      label: "Their places, x y, with ; between",
      start: "-80 -30; 0 -30; 80 -30; -80 30; 0 30; 80 30",
      hint: "Or drag them on the drawing; arrow keys move the one in hand",
      when: ({ layout }) => layout === "points",
    },
    { kind: "text", name: "order", wide: true, label: "The order", start: "1 3 5 2 4", when: ({ layout }) => layout === "given" },
    { kind: "figure", name: "torque", wide: true, label: "Torque, in passes if there are any", start: "", hint: "20, 40, 60 Nm" },
  ],
  work: (read) => {
    const figure = read.ifTyped("torque", (name) => read.figure(name));
    const laid = layOut(read);
    if (!laid || figure === undefined) return undefined;
    const { points, order, how } = laid;
    const undo = [...order].reverse();
    return {
      answer: { says: "Tighten the bolts in this order", value: order.join(" ") },
      lines: [{ label: "Undo the other way", value: undo.join(" ") }],
      tables: figure ? [passes(figure, order)] : [],
      working: how,
      margin: "None in the order itself. Go round once more at the last torque: each bolt lets its neighbours go a little.",
      assumes: `${read.is("layout", "points") ? "Bolts are numbered as they were put down" : "Bolts are numbered round the circle, from any one"}: the small number outside. The large one inside is the turn it is tightened in.`,
      caution: "A maker's given order comes first. Start every bolt by hand; undo in the reverse order, a little at a time, so that a cover does not bend.",
      drawing: { of: "pattern", points, order, canDrag: read.is("layout", "points") },
    };
  },
};

function layOut(read: TypedReader): { points: Point[]; order: number[]; how: string[] } | undefined {
  switch (read.choice("layout", LAYOUTS)) {
    case "circle": {
      const count = read.number("count");
      if (count === undefined) return undefined;
      const how = count % 2 === 0 ? "even: opposite pairs, the next pair about a quarter turn on" : "odd: on by the step nearest half the count that comes to every bolt";
      return { points: onCircle(count), order: circleOrder(count), how: [`${count} on a circle, ${how}`] };
    }
    case "points": {
      const points = read.read("points", (text) => readPoints(text));
      if (!points) return undefined;
      return { points, order: centreOutOrder(points), how: [`${points.length} drawn: from their middle outwards, changing sides`] };
    }
    case "given": {
      const count = read.number("count");
      if (count === undefined) return undefined;
      // Refuses a count that no pattern has before anything is counted up to it.
      const points = onCircle(count);
      const order = read.read("order", (text) => readOrder(text, count));
      return order && { points, order, how: ["The order as it was given, kept as it is"] };
    }
  }
}

function onCircle(count: number): Point[] {
  circleOrder(count);
  return Array.from({ length: count }, (_, i) => {
    const angle = (i * 2 * Math.PI) / count - Math.PI / 2;
    return { x: 0.8 * PATTERN_REACH * Math.cos(angle), y: 0.8 * PATTERN_REACH * Math.sin(angle) };
  });
}

/** Places as typed: "0 0; 60 0". @throws InputError naming the first that cannot be read. */
export function readPoints(text: string): Point[] {
  const pieces = text.split(/\s*[;\n]\s*/).filter((piece) => piece.trim() !== "");
  if (pieces.length === 0) throw new InputError("Draw at least one bolt, or type its place like 0 0.");
  if (pieces.length > 64) throw new InputError("A pattern has 64 bolts at the most.");
  return pieces.map((piece, i) => {
    const parts = piece.trim().split(/\s*,\s+|\s+|,(?=-)/);
    const [x, y, ...more] = parts;
    if (x === undefined || y === undefined || more.length > 0) throw new InputError(`Bolt ${i + 1} reads "${piece.trim()}". Type two numbers, like 60 -20.`);
    return { x: readNumber(x, `Bolt ${i + 1}`).value, y: readNumber(y, `Bolt ${i + 1}`).value };
  });
}

/** Places as readPoints reads them, to whole units. */
export function writePoints(points: readonly Point[]): string {
  return points.map(({ x, y }) => `${Math.round(x)} ${Math.round(y)}`).join("; ");
}

function readOrder(text: string, count: number): number[] {
  const order = text
    .split(/[\s,;-]+/)
    .filter((piece) => piece !== "")
    .map((piece) => readNumber(piece, "The order").value);
  const wrong = order.find((bolt) => !Number.isInteger(bolt) || bolt < 1 || bolt > count);
  if (wrong !== undefined) throw new InputError(`There is no bolt ${wrong} among ${count}.`);
  const twice = order.find((bolt, i) => order.indexOf(bolt) !== i);
  if (twice !== undefined) throw new InputError(`Bolt ${twice} is in the order twice.`);
  const missing = Array.from({ length: count }, (_, i) => i + 1).find((bolt) => !order.includes(bolt));
  if (missing !== undefined) throw new InputError(`Bolt ${missing} is not in the order.`);
  return order;
}

function passes(figure: Parameters<typeof stagesOf>[0], order: readonly number[]): SlipTable {
  const rows = stagesOf(figure).map((stage) => {
    const what =
      stage.kind === "torque"
        ? `${stage.target.isMaximum ? "at most " : ""}${formatTorque(stage.given)}`
        : stage.kind === "angle"
          ? `${stage.angleDeg}° on`
          : stage.kind === "turns"
            ? `${stage.turns} turns`
            : stage.kind;
    return { cells: [stage.label === "" ? "one pass" : stage.label, what, `all ${order.length}, in this order`] };
  });
  return { title: "Passes", head: [], rows };
}
