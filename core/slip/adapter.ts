import { InputError } from "../input-error";
import type { TorqueWrench } from "../model/tool";
import { shown, shownTorque } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import { type TorqueQuantity, formatTorque, formatTorqueValue, quantityNm } from "../quantity/torque-quantity";
import { TORQUE_UNITS, fromNm, torqueSymbol } from "../quantity/torque-unit";
import { type Adapter, type Lever, boltTorqueNm, leverRatio, settingPerGripMm, wrenchTorqueNm } from "../torque/adapter";
import { accurateRange, bandAtBolt, chooseWrench, rangeToBorrow, setWrench, wrenchAccuracy } from "../torque/choose-wrench";
import { multiplierInputNm } from "../torque/multiplier";
import { nearestMark } from "../torque/nearest-mark";
import { type TorqueTarget, targetFor } from "../torque/target";
import { type Typed } from "./field";
import { type Slip, type SlipKind, type SlipTable } from "./slip";
import type { TypedReader } from "./typed-reader";

const toBolt = (typed: Typed) => typed.way === "bolt";
const otherWrench = (typed: Typed) => typed.wrench === "";

/** One or two adapters at any angle: what to set, or what the bolt got. */
export const adapter: SlipKind = {
  name: "adapter",
  title: "Adapter",
  about: "Crowfoot or offset adapters at any angle: what to set, or what the bolt got",
  words: "crowfoot crow's foot crows foot dog bone offset adapter extension correction wrench setting handle angle ninety degrees torque multiplier which wrench",
  fields: [
    {
      kind: "choice",
      name: "way",
      label: "Work out",
      start: "wrench",
      choices: [
        { value: "wrench", label: "what to set" },
        { value: "bolt", label: "what the bolt got" },
      ],
    },
    { kind: "torque", name: "torque", label: "Torque at the bolt", start: "40", when: (typed) => !toBolt(typed) },
    { kind: "torque", name: "reading", label: "The wrench was set to", start: "26.5", unit: "lbf.ft", when: toBolt },
    { kind: "tool", name: "wrench", label: "Wrench", of: "torque wrench", other: "Another wrench", startsOn: "other" },
    { kind: "measure", name: "gripLength", label: "Drive to grip", dimension: "length", start: "380", when: otherWrench },
    {
      kind: "choice",
      name: "scale",
      label: "Its scale",
      start: "lbf.ft",
      choices: TORQUE_UNITS.map((value) => ({ value, label: torqueSymbol(value) })),
      when: (typed) => otherWrench(typed) && !toBolt(typed),
    },
    { kind: "number", name: "step", label: "Its step", start: "0.5", when: (typed) => otherWrench(typed) && !toBolt(typed) },
    {
      kind: "choice",
      name: "adapters",
      label: "Between wrench and bolt",
      start: "1",
      choices: [
        { value: "0", label: "nothing that is offset" },
        { value: "1", label: "one adapter" },
        { value: "2", label: "two adapters" },
      ],
    },
    { kind: "measure", name: "offset", label: "Drive to bolt", dimension: "length", start: "45", when: ({ adapters }) => adapters !== "0" },
    { kind: "measure", name: "angle", label: "Angle", dimension: "angle", start: "0", hint: "0 in line, 90 square, 180 folded back", when: ({ adapters }) => adapters !== "0" },
    { kind: "measure", name: "offset2", label: "Second: drive to bolt", dimension: "length", start: "30", when: ({ adapters }) => adapters === "2" },
    { kind: "measure", name: "angle2", label: "Second: angle to the handle", dimension: "angle", start: "90", when: ({ adapters }) => adapters === "2" },
    { kind: "number", name: "ratio", label: "Multiplier, one to", start: "1", group: "Torque multiplier" },
    { kind: "share", name: "efficiency", label: "Its efficiency", start: "90", group: "Torque multiplier", when: ({ ratio }) => ratio !== "1" },
  ],
  work: (read) => {
    const owned = read.tool("wrench", "torque wrench");
    const given = read.all({
      torque: read.torque(read.is("way", "bolt") ? "reading" : "torque"),
      gripLengthMm: owned?.gripLengthMm ?? read.measure("gripLength"),
      step: owned?.step ?? (read.is("way", "bolt") ? 1 : read.number("step")),
      first: read.is("adapters", "0") ? null : readAdapter(read, "offset", "angle"),
      second: read.is("adapters", "2") ? readAdapter(read, "offset2", "angle2") : null,
      ratio: read.number("ratio"),
      efficiency: read.is("ratio", "1") ? 1 : read.share("efficiency"),
    });
    if (!given) return undefined;
    const lever = { gripLengthMm: given.gripLengthMm, adapters: [given.first, given.second].filter((one) => one !== null) };
    const multiplied = 1 / multiplierInputNm(1, given.ratio, given.efficiency);
    const setup: Setup = { read, owned, lever, torque: given.torque, step: given.step, multiplied };
    return read.is("way", "bolt") ? whatTheBoltGot(setup) : whatToSet(setup);
  },
};

function readAdapter(read: TypedReader, offset: string, angle: string): Adapter | undefined {
  return read.all({ offsetMm: read.measure(offset), angleDeg: read.measure(angle) });
}

interface Setup {
  read: TypedReader;
  owned: TorqueWrench | undefined;
  lever: Lever;
  torque: TorqueQuantity;
  step: number;
  /** How much more comes out of a multiplier than goes in; 1 without one. */
  multiplied: number;
}

function whatToSet({ read, owned, lever, torque, step, multiplied }: Setup): Slip {
  const wanted = quantityNm(torque);
  const target = targetFor(wanted / multiplied);
  const exactNm = wrenchTorqueNm(target.aimNm, lever);
  const unit = owned?.unit ?? read.choice("scale", TORQUE_UNITS);
  const mark = nearestMark(fromNm(exactNm, unit), unit, step, { from: owned?.min ?? 0 });
  if (mark.value <= 0) throw new InputError(`The nearest mark of that scale is nothing: ${shownTorque(exactNm, unit)} is less than half a step.`, "step");
  const judged = owned && setWrench(owned, target, lever.adapters);
  const refused = judged && "why" in judged ? judged.why : undefined;
  const bandNm = bandAtBolt(quantityNm(mark), accuracyOf(owned), lever);
  const atBolt = [bandNm[0] * multiplied, bandNm[1] * multiplied] as const;
  const nominal = boltTorqueNm(quantityNm(mark), lever) * multiplied;
  const show = read.owned.torqueUnit;
  const within = targetFor(wanted);
  const farOff =
    nominal < within.lowNm || nominal > within.highNm
      ? {
          tone: "stop" as const,
          says: `No mark of that scale comes near: at ${formatTorque(mark)} the bolt gets ${shownTorque(nominal, show)}, more than a tenth off. Use a finer scale.`,
        }
      : undefined;
  return {
    answer: { says: refused ? "It would be set to" : "Set the wrench to", value: formatTorqueValue(mark), unit: torqueSymbol(unit) },
    ...(refused ? { verdict: { tone: "stop" as const, says: `Not this wrench. ${refused}` } } : farOff ? { verdict: farOff } : {}),
    lines: [
      { label: "Before rounding to the scale", value: shownTorque(exactNm, "N.m") },
      { label: "At that mark the bolt gets", value: shownTorque(nominal, show) },
      { label: "With all that can be off", value: formatBand(atBolt, show) },
    ],
    tables: [whichWrench(read, target, lever, multiplied)],
    working: [
      ...(torque.unit === "N.m" ? [] : [`${formatTorque(torque)} = ${shown(wanted, 6)} N·m`]),
      ...(multiplied === 1 ? [] : [`÷ ${shown(multiplied, 4)} by the multiplier = ${shown(target.aimNm, 5)} N·m`]),
      ...leverWorking(lever, target.aimNm, exactNm),
      ...(unit === "N.m" ? [] : [`${exactNm.toFixed(2)} N·m = ${fromNm(exactNm, unit).toFixed(2)} ${torqueSymbol(unit)}`]),
      `nearest mark ${formatTorque(mark)}; the bolt gets ${nominal.toFixed(1)} N·m`,
    ],
    margin: marginOf(lever, target.aimNm, owned),
    assumes: assumptionOf(lever),
    caution: cautionOf(owned),
    drawing: { of: "adapter", ...lever },
  };
}

function whatTheBoltGot({ read, owned, lever, torque, multiplied }: Setup): Slip {
  const setNm = quantityNm(torque);
  const outside = owned && outsideAccurate(owned, setNm);
  const gotNm = boltTorqueNm(setNm, lever) * multiplied;
  const band = bandAtBolt(setNm, accuracyOf(owned), lever);
  const show = read.owned.torqueUnit;
  return {
    ...(outside
      ? { verdict: { tone: "watch" as const, says: `${formatTorque(torque)} lies outside what this wrench is accurate for, ${outside}: nobody can say what the bolt got.` } }
      : {}),
    answer: { says: "The bolt got", value: fromNm(gotNm, show).toFixed(1), unit: torqueSymbol(show) },
    lines: [
      { label: "With all that can be off", value: formatBand([band[0] * multiplied, band[1] * multiplied], show) },
      { label: "Against the wrench alone", value: `${shown(leverRatio(lever) * multiplied, 4)} times` },
    ],
    working: [
      ...(torque.unit === "N.m" ? [] : [`${formatTorque(torque)} = ${shown(setNm, 6)} N·m`]),
      "T bolt = T wrench · (L + ΣE·cos θ) / L",
      `${shown(setNm, 5)} · ${reachWorking(lever)} / ${shown(lever.gripLengthMm, 5)} = ${shown(setNm * leverRatio(lever), 5)} N·m`,
      ...(multiplied === 1 ? [] : [`× ${shown(multiplied, 4)} by the multiplier = ${shown(gotNm, 5)} N·m`]),
    ],
    margin: marginOf(lever, gotNm / multiplied, owned),
    assumes: assumptionOf(lever),
    caution: cautionOf(owned),
    drawing: { of: "adapter", ...lever },
  };
}

/** The range a wrench is accurate in, in words, when a setting lies outside it. */
function outsideAccurate(wrench: TorqueWrench, settingNm: number): string | undefined {
  const [low, high] = accurateRange(wrench);
  const setting = fromNm(settingNm, wrench.unit);
  if (setting >= low - 1e-9 && setting <= high + 1e-9) return undefined;
  return `${shown(low, 4)} to ${shown(high, 4)} ${torqueSymbol(wrench.unit)}`;
}

/** Every wrench of the chest judged for the pull, the best first; without one that will do, what to borrow. */
function whichWrench(read: TypedReader, target: TorqueTarget, lever: Lever, multiplied: number): SlipTable {
  const title = "Which wrench";
  const wrenches = read.owned.tools.filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
  const { usable, refused } = chooseWrench(wrenches, target, lever.adapters);
  const { smallestFullScaleNm, largestFullScaleNm } = rangeToBorrow(target, lever.adapters, lever.gripLengthMm);
  const unit = read.owned.torqueUnit;
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
    ...(usable.length > 0 ? [] : [{ cells: [wrenches.length === 0 ? `No torque wrench is in the chest. ${borrow}` : `None of yours will do. ${borrow}`] }]),
  ];
  return { title, head: [], rows };
}

function leverWorking(lever: Lever, boltNm: number, exactNm: number): string[] {
  if (lever.adapters.length === 0) return [];
  return ["T wrench = T bolt · L / (L + ΣE·cos θ)", `${shown(boltNm, 5)} · ${shown(lever.gripLengthMm, 5)} / ${reachWorking(lever)} = ${exactNm.toFixed(2)} N·m`];
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
    perTenMm < 0.005 ? "The place of the hand makes no difference." : `A hand 10 mm off the middle of the grip changes this by ${perTenMm.toFixed(perTenMm < 0.1 ? 2 : 1)} N·m.`;
  return `${hand} The wrench itself is good to ±${shown(accuracyOf(owned) * 100)} %${owned?.accuracy === undefined ? ", the standard's limit" : ""}.`;
}

function assumptionOf(lever: Lever): string {
  const straight = "Straight extensions change nothing, though long thin ones twist.";
  return lever.adapters.length > 0 ? `You pull at the middle of the grip, square to the handle. ${straight}` : straight;
}

function cautionOf(owned: TorqueWrench | undefined): string {
  const windBack = owned && owned.works !== "click" ? "" : " Wind a click wrench back to its lowest mark afterwards.";
  return `Lengths not known? Set the adapter square to the handle: at 90° nothing changes. A universal joint is not for torquing.${windBack}`;
}
