import { InputError } from "../input-error";
import type { TorqueWrench } from "../model/tool";
import { shownTorque } from "../quantity/shown";
import { type TorqueFigure, movesOf } from "../quantity/torque-figure";
import {
  type TorqueQuantity,
  convertTorque,
  formatTorque,
  formatTorqueValue,
  quantityNm,
} from "../quantity/torque-quantity";
import { type TorqueUnit, toNm, torqueSymbol } from "../quantity/torque-unit";
import { formatFigure } from "../quantity/torque-words";
import { setWrench } from "../torque/choose-wrench";
import { stagesOf } from "../torque/target";
import { torquesOf } from "../torque/torques-of";
import { slip } from "./declare";
import { figure } from "./fields";
import type { Slip, SlipTable } from "./slip";

const ORDER: readonly TorqueUnit[] = [
  "N.m",
  "lbf.ft",
  "lbf.in",
  "kgf.m",
  "kgf.cm",
  "cN.m",
  "dN.m",
  "ozf.in",
  "kN.m",
];

/** One figure in every unit at once, and on each owned wrench's own scale. */
export const units = slip({
  name: "units",
  title: "Units",
  about: "One torque in every unit, and on your wrenches' own scales",
  words:
    "convert conversion torque newton metres foot pounds inch pounds pound feet kilogram kgf mkp ounce units scale which number on my wrench",
  fields: { torque: figure("Torque", "62", { hint: "One, a range, a maximum or passes" }) },
  work: ({ torque: given }, { owned, at }) => {
    const [first, ...rest] = at("torque", () => someTorque(given));
    const torques = [first, ...rest];
    const other: TorqueUnit = first.unit === "N.m" ? "lbf.ft" : "N.m";
    // A maximum is nowhere shown above itself.
    const way = given.form === "maximum" ? "down" : "nearest";
    const converted = torques.map((torque) => convertTorque(torque, other, way));
    const wrenches = owned.tools.filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
    return {
      answer: {
        says: `${formatFigure(given)} is`,
        value: converted.map(formatTorqueValue).join(given.form === "range" ? " to " : ", "),
        unit: torqueSymbol(other),
      },
      lines: anglesStay(given),
      tables: [
        {
          title: "In every unit",
          head: [],
          rows: ORDER.map((unit) => ({
            cells: [
              torqueSymbol(unit),
              ...torques.map((torque) => formatTorqueValue(convertTorque(torque, unit, way))),
            ],
          })),
        },
        onWrenches(given, wrenches, owned.torqueUnit),
      ],
      working: converted.map((torque, i) => working(torques[i] ?? first, torque)),
      margin: `Shown as finely as the figure was given: off by at most ${shownTorque(toNm(0.5 * 10 ** -Math.max(...converted.map(({ decimals }) => decimals)), other), other)}.`,
      assumes: "1 lbf = 4.4482216152605 N, 1 ft = 0.3048 m, standard gravity 9.80665 m/s², all exact.",
      ...(torques.some(({ unit }) => unit === "lbf.ft" || unit === "lbf.in")
        ? { caution: "lb·ft and lb·in differ twelvefold. Look once more at which of the two is printed." }
        : {}),
      drawing: { kind: "scales", torquesNm: torques.map(quantityNm) },
    };
  },
});

function someTorque(given: TorqueFigure): [TorqueQuantity, ...TorqueQuantity[]] {
  const [first, ...rest] = torquesOf(given);
  if (!first)
    throw new InputError("There is no number to convert in that. Type a torque, such as 35 ft lbs.");
  return [first, ...rest];
}

function working(given: TorqueQuantity, converted: TorqueQuantity): string {
  const inNm = quantityNm(given);
  const first =
    given.unit === "N.m"
      ? formatTorque(given)
      : `${formatTorqueValue(given)} × ${toNm(1, given.unit).toPrecision(8)} = ${inNm.toPrecision(8)} N·m`;
  if (converted.unit === "N.m") return `${first}, shown ${formatTorque(converted)}`;
  return `${first} ÷ ${toNm(1, converted.unit).toPrecision(8)} = ${converted.value.toPrecision(8)} ${torqueSymbol(converted.unit)}, shown ${formatTorque(converted)}`;
}

function onWrenches(figure: TorqueFigure, wrenches: readonly TorqueWrench[], unit: TorqueUnit): SlipTable {
  const pulls = stagesOf(figure).flatMap((stage) => (stage.kind === "torque" ? [stage.target] : []));
  const rows = wrenches.flatMap((wrench) =>
    pulls.map((target) => {
      const set = setWrench(wrench, target, []);
      if ("why" in set) return { cells: [wrench.name, "–", set.why] };
      return {
        cells: [
          wrench.name,
          formatTorque(set.setting),
          `bolt gets ${shownTorque(set.bandNm[0], unit)} to ${shownTorque(set.bandNm[1], unit)}`,
        ],
        tone: "good" as const,
      };
    }),
  );
  if (rows.length === 0)
    return {
      title: "On your wrenches",
      head: [],
      rows: [
        {
          cells: ["No torque wrench is in the chest. Add yours in the Kit, and its own scale is shown here."],
        },
      ],
    };
  return { title: "On your wrenches", head: [], rows };
}

function anglesStay(figure: TorqueFigure): Slip["lines"] {
  const angles = movesOf(figure).flatMap((move) => (move.form === "angle" ? [`${move.degrees}°`] : []));
  return angles.length === 0
    ? []
    : [{ label: "The angle", value: `stays ${angles.join(" and ")} in every unit` }];
}
