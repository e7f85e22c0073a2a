import { InputError } from "../input-error";
import type { TorqueWrench } from "../model/tool";
import { shown, shownTorque } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import {
  type TorqueQuantity,
  formatTorque,
  formatTorqueValue,
  quantityNm,
} from "../quantity/torque-quantity";
import { TORQUE_UNITS, type TorqueUnit, fromNm, torqueSymbol } from "../quantity/torque-unit";
import {
  type Adapter,
  type Lever,
  boltTorqueNm,
  leverRatio,
  settingPerGripMm,
  wrenchTorqueNm,
} from "../torque/adapter";
import {
  accurateRange,
  bandAtBolt,
  chooseWrench,
  rangeToBorrow,
  setWrench,
  wrenchAccuracy,
  leverOf,
} from "../torque/choose-wrench";
import { multiplierInputNm } from "../torque/multiplier";
import { nearestMark } from "../torque/nearest-mark";
import { type TorqueTarget, targetFor } from "../torque/target";
import { type Beside, type Given, slip } from "./declare";
import type { Owned } from "./field";
import { choice, measure, number, share, tool, torque } from "./fields";
import { type Slip, type SlipTable } from "./slip";

const SCALES = Object.fromEntries(TORQUE_UNITS.map((unit) => [unit, torqueSymbol(unit)])) as Record<
  TorqueUnit,
  string
>;

const fields = {
  way: choice("Work out", { wrench: "what to set", bolt: "what the bolt got" }),
  torque: torque("Torque at the bolt", "40"),
  reading: torque("The wrench was set to", "26.5", { unit: "lbf.ft" }),
  wrench: tool("Wrench", "torque wrench", "Another wrench", "other"),
  gripLength: measure("Drive to grip", "length", "380"),
  scale: choice("Its scale", SCALES, { start: "lbf.ft" }),
  step: number("Its step", "0.5"),
  adapters: choice(
    "Between wrench and bolt",
    { 0: "nothing that is offset", 1: "one adapter", 2: "two adapters" },
    { start: "1" },
  ),
  offset: measure("Drive to bolt", "length", "45"),
  angle: measure("Angle", "angle", "0", { hint: "0 in line, 90 square, 180 folded back" }),
  offset2: measure("Second: drive to bolt", "length", "30"),
  angle2: measure("Second: angle to the handle", "angle", "90"),
  ratio: number("Multiplier, one to", "1", { group: "Torque multiplier" }),
  efficiency: share("Its efficiency", "90", { group: "Torque multiplier" }),
};

const otherWrench = (stands: { wrench: string }) => stands.wrench === "";

/** One or two adapters at any angle: what to set, or what the bolt got. */
export const adapter = slip({
  name: "adapter",
  title: "Adapter",
  about: "Crowfoot or offset adapters at any angle: what to set, or what the bolt got",
  words:
    "crowfoot crow's foot crows foot dog bone offset adapter extension correction wrench setting handle angle ninety degrees torque multiplier which wrench",
  fields,
  asks: {
    torque: ({ way }) => way === "wrench",
    reading: ({ way }) => way === "bolt",
    gripLength: otherWrench,
    scale: (stands) => otherWrench(stands) && stands.way === "wrench",
    step: (stands) => otherWrench(stands) && stands.way === "wrench",
    offset: ({ adapters }) => adapters !== "0",
    angle: ({ adapters }) => adapters !== "0",
    offset2: ({ adapters }) => adapters === "2",
    angle2: ({ adapters }) => adapters === "2",
    efficiency: ({ ratio }) => ratio !== "1",
  },
  work: (given, beside) => {
    const { wrench, adapters, ratio, efficiency } = given;
    const levers: Adapter[] = [
      { offsetMm: given.offset, angleDeg: given.angle },
      { offsetMm: given.offset2, angleDeg: given.angle2 },
    ];
    const between = levers.slice(0, Number(adapters));
    const lever = wrench ? leverOf(wrench, between) : { gripLengthMm: given.gripLength, adapters: between };
    const multiplied = 1 / multiplierInputNm(1, ratio, ratio === 1 ? 1 : efficiency);
    const setup: Setup = { ...beside, given, lever, multiplied };
    return given.way === "bolt" ? whatTheBoltGot(setup) : whatToSet(setup);
  },
});

interface Setup {
  given: Given<typeof fields>;
  owned: Owned;
  at: Beside<"step">["at"];
  lever: Lever;
  /** How much more comes out of a multiplier than goes in; 1 without one. */
  multiplied: number;
}

function whatToSet({ given: { torque, wrench, scale, step }, owned, at, lever, multiplied }: Setup): Slip {
  const wanted = quantityNm(torque);
  const target = targetFor(wanted / multiplied);
  const exactNm = wrenchTorqueNm(target.aimNm, lever);
  const unit = wrench?.unit ?? scale;
  const mark = at("step", () => someMark(exactNm, unit, wrench?.step ?? step, wrench?.min ?? 0));
  const judged = wrench && setWrench(wrench, target, lever.adapters);
  const refused = judged && "why" in judged ? judged.why : undefined;
  const bandNm = bandAtBolt(quantityNm(mark), accuracyOf(wrench), lever);
  const atBolt = [bandNm[0] * multiplied, bandNm[1] * multiplied] as const;
  const nominal = boltTorqueNm(quantityNm(mark), lever) * multiplied;
  const show = owned.torqueUnit;
  const within = targetFor(wanted);
  const farOff =
    nominal < within.lowNm || nominal > within.highNm
      ? {
          tone: "stop" as const,
          says: `No mark of that scale comes near: at ${formatTorque(mark)} the bolt gets ${shownTorque(nominal, show)}, more than a tenth off. Use a finer scale.`,
        }
      : undefined;
  return {
    answer: {
      says: refused ? "It would be set to" : "Set the wrench to",
      value: formatTorqueValue(mark),
      unit: torqueSymbol(unit),
    },
    ...verdictOn(refused, farOff),
    lines: [
      { label: "Before rounding to the scale", value: shownTorque(exactNm, "N.m") },
      { label: "At that mark the bolt gets", value: shownTorque(nominal, show) },
      { label: "With all that can be off", value: formatBand(atBolt, show) },
    ],
    tables: [whichWrench(owned, target, lever, multiplied)],
    working: [
      ...(torque.unit === "N.m" ? [] : [`${formatTorque(torque)} = ${shown(wanted, 6)} N·m`]),
      ...(multiplied === 1
        ? []
        : [`÷ ${shown(multiplied, 4)} by the multiplier = ${shown(target.aimNm, 5)} N·m`]),
      ...leverWorking(lever, target.aimNm, exactNm),
      ...(unit === "N.m"
        ? []
        : [`${exactNm.toFixed(2)} N·m = ${fromNm(exactNm, unit).toFixed(2)} ${torqueSymbol(unit)}`]),
      `nearest mark ${formatTorque(mark)}; the bolt gets ${nominal.toFixed(1)} N·m`,
    ],
    margin: marginOf(lever, target.aimNm, wrench),
    assumes: assumptionOf(lever),
    caution: cautionOf(wrench),
    drawing: { kind: "adapter", ...lever },
  };
}

function verdictOn(refused: string | undefined, farOff: Slip["verdict"]): Pick<Slip, "verdict"> {
  if (refused) return { verdict: { tone: "stop", says: `Not this wrench. ${refused}` } };
  return farOff ? { verdict: farOff } : {};
}

function whatTheBoltGot({ given: { reading, wrench }, owned, lever, multiplied }: Setup): Slip {
  const setNm = quantityNm(reading);
  const outside = wrench && outsideAccurate(wrench, setNm);
  const gotNm = boltTorqueNm(setNm, lever) * multiplied;
  const band = bandAtBolt(setNm, accuracyOf(wrench), lever);
  const show = owned.torqueUnit;
  return {
    ...(outside
      ? {
          verdict: {
            tone: "watch" as const,
            says: `${formatTorque(reading)} lies outside what this wrench is accurate for, ${outside}: nobody can say what the bolt got.`,
          },
        }
      : {}),
    answer: { says: "The bolt got", value: fromNm(gotNm, show).toFixed(1), unit: torqueSymbol(show) },
    lines: [
      {
        label: "With all that can be off",
        value: formatBand([band[0] * multiplied, band[1] * multiplied], show),
      },
      { label: "Against the wrench alone", value: `${shown(leverRatio(lever) * multiplied, 4)} times` },
    ],
    working: [
      ...(reading.unit === "N.m" ? [] : [`${formatTorque(reading)} = ${shown(setNm, 6)} N·m`]),
      "T bolt = T wrench · (L + ΣE·cos θ) / L",
      `${shown(setNm, 5)} · ${reachWorking(lever)} / ${shown(lever.gripLengthMm, 5)} = ${shown(setNm * leverRatio(lever), 5)} N·m`,
      ...(multiplied === 1 ? [] : [`× ${shown(multiplied, 4)} by the multiplier = ${shown(gotNm, 5)} N·m`]),
    ],
    margin: marginOf(lever, gotNm / multiplied, wrench),
    assumes: assumptionOf(lever),
    caution: cautionOf(wrench),
    drawing: { kind: "adapter", ...lever },
  };
}

/** The mark of a scale that comes nearest. @throws InputError where that is none at all */
function someMark(exactNm: number, unit: TorqueUnit, step: number, from: number): TorqueQuantity {
  const mark = nearestMark(fromNm(exactNm, unit), unit, step, { from });
  if (mark.value <= 0)
    throw new InputError(
      `The nearest mark of that scale is nothing: ${shownTorque(exactNm, unit)} is less than half a step.`,
    );
  return mark;
}

/** The range a wrench is accurate in, in words, when a setting lies outside it. */
function outsideAccurate(wrench: TorqueWrench, settingNm: number): string | undefined {
  const [low, high] = accurateRange(wrench);
  const setting = fromNm(settingNm, wrench.unit);
  if (setting >= low - 1e-9 && setting <= high + 1e-9) return undefined;
  return `${shown(low, 4)} to ${shown(high, 4)} ${torqueSymbol(wrench.unit)}`;
}

/**
 * Every wrench of the chest judged for the pull, the best first; without one that will do, what to borrow.
 */
function whichWrench(owned: Owned, target: TorqueTarget, lever: Lever, multiplied: number): SlipTable {
  const title = "Which wrench";
  const wrenches = owned.tools.filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
  const { usable, refused } = chooseWrench(wrenches, target, lever.adapters);
  const { smallestFullScaleNm, largestFullScaleNm } = rangeToBorrow(
    target,
    lever.adapters,
    lever.gripLengthMm,
  );
  const unit = owned.torqueUnit;
  const borrow = `Borrow one whose scale ends between ${shownTorque(smallestFullScaleNm, unit)} and ${shownTorque(largestFullScaleNm, unit)}.`;
  const rows = [
    ...usable.map(({ wrench, setting, bandNm, shareInside }) => ({
      cells: [
        wrench.name,
        formatTorque(setting),
        `bolt gets ${formatBand([bandNm[0] * multiplied, bandNm[1] * multiplied], unit)}${shareInside < 0.999 ? `, ${Math.round(shareInside * 100)} % of it within ±10 %` : ""}`,
      ],
      tone: "good" as const,
    })),
    ...refused.map(({ wrench, why }) => ({ cells: [wrench.name, "–", why] })),
    ...(usable.length > 0
      ? []
      : [
          {
            cells: [
              wrenches.length === 0
                ? `No torque wrench is in the chest. ${borrow}`
                : `None of yours will do. ${borrow}`,
            ],
          },
        ]),
  ];
  return { title, head: [], rows };
}

function leverWorking(lever: Lever, boltNm: number, exactNm: number): string[] {
  if (lever.adapters.length === 0) return [];
  return [
    "T wrench = T bolt · L / (L + ΣE·cos θ)",
    `${shown(boltNm, 5)} · ${shown(lever.gripLengthMm, 5)} / ${reachWorking(lever)} = ${exactNm.toFixed(2)} N·m`,
  ];
}

function reachWorking({ gripLengthMm, adapters }: Lever): string {
  return `(${[shown(gripLengthMm, 5), ...adapters.map(({ offsetMm, angleDeg }) => `${shown(offsetMm, 4)}·cos ${shown(angleDeg, 4)}°`)].join(" + ")})`;
}

function accuracyOf(owned: TorqueWrench | undefined): number {
  return owned ? wrenchAccuracy(owned) : 0.04;
}

function marginOf(lever: Lever, boltNm: number, owned: TorqueWrench | undefined): string {
  const perTenMm = Math.abs(settingPerGripMm(boltNm, lever)) * 10;
  const hand =
    perTenMm < 0.005
      ? "The place of the hand makes no difference."
      : `A hand 10 mm off the middle of the grip changes this by ${perTenMm.toFixed(perTenMm < 0.1 ? 2 : 1)} N·m.`;
  return `${hand} The wrench itself is good to ±${shown(accuracyOf(owned) * 100)} %${owned?.accuracy === undefined ? ", the standard's limit" : ""}.`;
}

function assumptionOf(lever: Lever): string {
  const straight = "Straight extensions change nothing, though long thin ones twist.";
  return lever.adapters.length > 0
    ? `You pull at the middle of the grip, square to the handle. ${straight}`
    : straight;
}

function cautionOf(owned: TorqueWrench | undefined): string {
  const windBack =
    owned && owned.works !== "click" ? "" : " Wind a click wrench back to its lowest mark afterwards.";
  return `Lengths not known? Set the adapter square to the handle: at 90° nothing changes. A universal joint is not for torquing.${windBack}`;
}
