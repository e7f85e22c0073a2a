import { InputError } from "../input-error";
import { type Point, centreOutOrder } from "../pattern/centre-out-order";
import { circleOrder } from "../pattern/circle-order";
import { readNumber } from "../quantity/read-number";
import { formatTorque } from "../quantity/torque-quantity";
import { type Stage, stagesOf } from "../torque/target";
import { type Beside, type Given, slip } from "./declare";
import { choice, figure, number, optional, text } from "./fields";
import type { SlipTable } from "./slip";

/** Bolts of a drawn pattern are on a sheet of this many units each way from its middle. */
export const PATTERN_REACH = 100;

const fields = {
  layout: choice("The bolts are", {
    circle: "on a circle",
    points: "where I draw them",
    given: "in an order I was given",
  }),
  count: number("How many", "5"),
  points: text(
    "Their places, x y, with ; between",
    "-80 -30; 0 -30; 80 -30; -80 30; 0 30; 80 30",
    readPoints,
    {
      wide: true,
      hint: "Or drag them on the drawing; arrow keys move the one in hand",
    },
  ),
  order: text("The order", "1 3 5 2 4", readOrder, { wide: true }),
  torque: optional(figure("Torque, in passes if there are any", "", { wide: true, hint: "20, 40, 60 Nm" })),
};

/** The order in which bolts are tightened and undone. */
export const pattern = slip({
  name: "pattern",
  title: "Pattern",
  about: "The order to tighten bolts in: on a circle, drawn, or the maker's own",
  words:
    "pattern sequence order star cross criss-cross crisscross tighten loosen undo bolt circle cylinder head cover wheel flange passes stages",
  fields,
  asks: {
    count: ({ layout }) => layout !== "points",
    points: ({ layout }) => layout === "points",
    order: ({ layout }) => layout === "given",
  },
  work: (given, { at }) => {
    const { points, order, how } = layOut(given, at);
    const undo = [...order].reverse();
    return {
      answer: { says: "Tighten the bolts in this order", value: order.join(" ") },
      lines: [{ label: "Undo the other way", value: undo.join(" ") }],
      tables: given.torque ? [passes(given.torque, order)] : [],
      working: how,
      margin:
        "None in the order itself. Go round once more at the last torque: each bolt lets its neighbours go a little.",
      assumes: `${given.layout === "points" ? "Bolts are numbered as they were put down" : "Bolts are numbered round the circle, from any one"}: the small number outside. The large one inside is the turn it is tightened in.`,
      caution:
        "A maker's given order comes first. Start every bolt by hand; undo in the reverse order, a little at a time, so that a cover does not bend.",
      drawing: { kind: "pattern", points, order, canDrag: given.layout === "points" },
    };
  },
});

function layOut(
  { layout, count, points, order }: Given<typeof fields>,
  at: Beside<"order">["at"],
): { points: Point[]; order: number[]; how: string[] } {
  switch (layout) {
    case "circle": {
      const how =
        count % 2 === 0
          ? "even: opposite pairs, the next pair about a quarter turn on"
          : "odd: on by the step nearest half the count that comes to every bolt";
      return { points: onCircle(count), order: circleOrder(count), how: [`${count} on a circle, ${how}`] };
    }
    case "points":
      return {
        points,
        order: centreOutOrder(points),
        how: [`${points.length} drawn: from their middle outwards, changing sides`],
      };
    case "given":
      // Refuses a count that no pattern has before anything is counted up to it.
      return {
        points: onCircle(count),
        order: at("order", () => orderOf(order, count)),
        how: ["The order as it was given, kept as it is"],
      };
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
export function readPoints(typed: string): Point[] {
  const pieces = typed.split(/\s*[;\n]\s*/).filter((piece) => piece.trim() !== "");
  if (pieces.length === 0) throw new InputError("Draw at least one bolt, or type its place like 0 0.");
  if (pieces.length > 64) throw new InputError("A pattern has 64 bolts at the most.");
  return pieces.map((piece, i) => {
    const parts = piece.trim().split(/\s*,\s+|\s+|,(?=-)/);
    const [x, y, ...more] = parts;
    if (x === undefined || y === undefined || more.length > 0)
      throw new InputError(`Bolt ${i + 1} reads "${piece.trim()}". Type two numbers, like 60 -20.`);
    return { x: readNumber(x, `Bolt ${i + 1}`).value, y: readNumber(y, `Bolt ${i + 1}`).value };
  });
}

/** Places as readPoints reads them, to whole units. */
export function writePoints(points: readonly Point[]): string {
  return points.map(({ x, y }) => `${Math.round(x)} ${Math.round(y)}`).join("; ");
}

function readOrder(typed: string): number[] {
  return typed
    .split(/[\s,;-]+/)
    .filter((piece) => piece !== "")
    .map((piece) => readNumber(piece, "The order").value);
}

/** The order, if it names every bolt once. @throws InputError */
function orderOf(order: number[], count: number): number[] {
  const wrong = order.find((bolt) => !Number.isInteger(bolt) || bolt < 1 || bolt > count);
  if (wrong !== undefined) throw new InputError(`There is no bolt ${wrong} among ${count}.`);
  const twice = order.find((bolt, i) => order.indexOf(bolt) !== i);
  if (twice !== undefined) throw new InputError(`Bolt ${twice} is in the order twice.`);
  const missing = Array.from({ length: count }, (_, i) => i + 1).find((bolt) => !order.includes(bolt));
  if (missing !== undefined) throw new InputError(`Bolt ${missing} is not in the order.`);
  return order;
}

function passes(asked: Parameters<typeof stagesOf>[0], order: readonly number[]): SlipTable {
  const rows = stagesOf(asked).map((stage) => {
    const what = stageWords(stage);
    return {
      cells: [stage.label === "" ? "one pass" : stage.label, what, `all ${order.length}, in this order`],
    };
  });
  return { title: "Passes", head: [], rows };
}

function stageWords(stage: Stage) {
  if (stage.kind === "torque")
    return `${stage.target.isMaximum ? "at most " : ""}${formatTorque(stage.given)}`;
  if (stage.kind === "angle") return `${stage.angleDeg}° on`;
  if (stage.kind === "turns") return `${stage.turns} turns`;
  return stage.kind;
}
