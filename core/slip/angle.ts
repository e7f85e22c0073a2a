import { InputError } from "../input-error";
import { readMeasure } from "../quantity/measure";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { shown } from "../quantity/shown";
import { type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { formatMove } from "../quantity/torque-words";
import { angleTurn } from "../turn/angle-turn";
import { clockAfter, formatClock, readClock } from "../turn/clock";
import { slip } from "./declare";
import { measure, text } from "./fields";

/** Torque, then an angle: flats, points, the clock, and the handle's swings. */
export const angle = slip({
  name: "angle",
  title: "Torque plus angle",
  about: "Degrees as flats, points and a clock, counted over the swings of the handle",
  words:
    "torque plus angle degrees stretch bolt torque to yield tty quarter turn half turn 90 120 flats points hexagon twelve point gauge clock swing",
  fields: {
    figure: text("Figure, or only the angle", "50 Nm + 90°", readAngles, {
      wide: true,
      hint: "50 Nm + 90° + 45°, 120°, 2 flats, a quarter turn",
    }),
    swing: measure("The handle swings", "angle", "60"),
    mark: text("Paint mark stands at", "12 o'clock", readClock),
  },
  work: ({ figure: { torque, angles }, swing, mark }) => {
    const total = angles.reduce((sum, one) => sum + one, 0);
    const turn = angleTurn(total, swing, mark);
    let marked = mark;
    const stages = angles.map((one) => {
      const stage = angleTurn(one, swing, marked);
      marked = stage.clock;
      return stage;
    });
    const swings = stages.reduce((sum, stage) => sum + stage.swings.length, 0);
    const rows = stages.map((stage, i) => {
      const one = angles[i] ?? 0;
      return {
        cells: [
          angles.length > 1 ? `${i + 1}. ${shown(one, 4)}°` : `${shown(one, 4)}°`,
          shown(stage.flats, 4),
          shown(stage.points, 4),
          formatClock(stage.clock),
          swingsSay(stage.swings),
        ],
      };
    });
    return {
      answer: {
        says: torque ? `${torque}, then turn it on by` : "Turn it on by",
        value: angles.map((one) => shown(one, 4)).join(" + "),
        unit: "degrees",
      },
      lines: [
        ...(angles.length > 1 ? [{ label: "In all", value: `${shown(total, 4)}°` }] : []),
        { label: "Flats of a hexagon", value: shown(turn.flats, 4) },
        { label: "Points of a twelve-point head", value: shown(turn.points, 4) },
        {
          label: "The mark ends at",
          value: `${formatClock(turn.clock)}${total >= 360 ? `, having come by ${Math.floor(total / 360)} times` : ""}`,
        },
        { label: "Swings of the handle", value: String(swings) },
      ],
      tables: [
        { title: "Running total", head: ["Angle", "Flats", "Points", "Mark at", "After each swing"], rows },
      ],
      working: [
        "a flat is 60°, a point 30°, an hour on the clock 30°",
        `${shown(total, 4)}° / 60° = ${shown(turn.flats, 4)} flats; from ${formatClock(mark)} to ${formatClock(clockAfter(mark, total))}`,
      ],
      margin:
        "By paint mark and eye good to about 5°, by angle gauge to about 2°: at 90° that is 6 and 2 parts in a hundred.",
      assumes:
        "The count starts at the moment the first torque is reached, with the socket's slack taken up.",
      caution:
        "Never turned into one torque, and not turned with the torque wrench: use a bar. Such bolts are nearly always single-use.",
      drawing: { kind: "clock", from: mark, angleDeg: total, swings: turn.swings.slice(0, DRAWN_SWINGS) },
    };
  },
});

/** More than these lie over each other on the clock. */
const DRAWN_SWINGS = 100;
const LISTED_SWINGS = 12;

/** The running total after each swing; of very many the first and the last, with how many there are. */
function swingsSay(swings: readonly number[]): string {
  const degrees = (sum: number) => `${shown(sum, 5)}°`;
  if (swings.length <= LISTED_SWINGS) return swings.map(degrees).join(", ");
  return `${swings.slice(0, 3).map(degrees).join(", ")} … ${degrees(swings.at(-1) ?? 0)}, ${swings.length} swings`;
}

function readAngles(given: string): { torque: string | undefined; angles: number[] } {
  const typed = given.trim();
  if (typed === "") throw new InputError("Type an angle, such as 90°, or a figure such as 50 Nm + 90°.");
  const plain = typed
    .toLowerCase()
    .replace(/^(?:an? )?(quarter|half)(?: of)?(?: an?)? turn$/, (_, part: string) =>
      part === "half" ? "180°" : "90°",
    );
  const only = /^[\d.,\s/½¼¾]+(?:°|º|deg(?:ree)?s?|flats?|turns?|points?)?$/.test(plain);
  if (only) {
    const points = /^(.*\S)\s*points?$/.exec(plain);
    const { value } = points
      ? { value: readMeasure(points[1] ?? "", "angle", "The number of points").value * 30 }
      : readMeasure(plain, "angle", "The angle");
    if (value > 7200) throw new InputError("More than 20 turns is not an angle. Check the number.");
    return { torque: undefined, angles: [value] };
  }
  const figure: TorqueFigure = readTorqueFigure(typed);
  const moves = movesOf(figure);
  const angles = moves.flatMap((move) => (move.form === "angle" ? [move.degrees] : []));
  if (angles.length === 0) throw new InputError("There is no angle in that. Type it like 50 Nm + 90°.");
  if (moves.slice(0, -angles.length).some(({ form }) => form === "angle"))
    throw new InputError(
      "More than angles comes after the first angle. Type the last torque and its angles.",
    );
  return { torque: moves.slice(0, -angles.length).map(formatMove).join(", then "), angles };
}
