import { type Purchase, bottlesFor, readBottles } from "../fluid/bottles";
import { type CoolantMix, coolantMix, freezingPointC } from "../fluid/coolant";
import { FILLS, type Fill } from "../fluid/fill";
import { InputError, requireNotNegative, requirePositive } from "../input-error";
import { type Money, formatPrice } from "../quantity/money";
import { shown } from "../quantity/shown";
import { type Given, slip } from "./declare";
import { choice, measure, optional, share, text } from "./fields";
import type { Slip, SlipTable, Tone } from "./slip";

const fields = {
  fluid: choice("Fluid", ["coolant", "engine oil", "gear oil", "brake fluid"]),
  capacity: measure("The whole system holds", "volume", "7.2"),
  left: measure("Still in it after draining", "volume", "1.9"),
  leftShare: share("Concentrate in what is left", "35"),
  wanted: share("Concentrate wanted", "50"),
  bottles: text("Bottles on offer, with ; between", "1 L; 5 L", readBottles, {
    wide: true,
    hint: "With prices if you know them: 1 L at 6.50; 5 L at 24",
  }),
  ready: optional(
    text("Bottles of it ready mixed", "", readBottles, {
      wide: true,
      hint: "1 L at 4; 5 L at 15",
      group: "Ready mixed",
    }),
  ),
  readyShare: share("Concentrate in ready mixed", "50", { group: "Ready mixed" }),
};

const isCoolant = ({ fluid }: { fluid: string }) => fluid === "coolant";

/** What to mix and fill, and the bottles to buy for it. */
export const coolant = slip({
  name: "coolant",
  title: "Coolant and bottles",
  about: "What to mix and fill, how cold it may get, and which bottles to buy",
  words:
    "coolant antifreeze anti-freeze concentrate water mix ratio 50/50 freeze freezing radiator drain refill capacity bottles litres quarts engine oil gear oil brake fluid how much to buy",
  fields,
  asks: { leftShare: isCoolant, wanted: isCoolant, ready: isCoolant, readyShare: isCoolant },
  work: (given, { owned: { money } }) =>
    given.fluid === "coolant" ? coolantSlip(given, money) : fillSlip(given, given.fluid, money),
});

function coolantSlip(given: Given<typeof fields>, money: Money): Slip {
  const {
    capacity: capacityL,
    left: leftL,
    leftShare,
    wanted: wantedShare,
    bottles,
    ready,
    readyShare,
  } = given;
  const mix = coolantMix({ capacityL, leftL, leftShare, wantedShare });
  const roomL = capacityL - leftL;
  const rows = [buyRow("Concentrate", mix.concentrateL, bottles, money)];
  if (ready) rows.push(readyRow(roomL, ready, (readyShare * roomL + leftShare * leftL) / capacityL, money));
  return {
    answer: { says: "Fill in, of concentrate", value: litres(mix.concentrateL), unit: "L" },
    verdict: frostVerdict(mix, wantedShare),
    lines: [
      { label: "And of water", value: `${litres(mix.waterL)} L` },
      { label: "Together", value: `${litres(roomL)} L` },
    ],
    tables: [{ title: "To buy", head: ["Fluid", "Bottles", "Left over", "Price"], rows }],
    working: [
      "x = c·V − c₀·R; y = V − R − x",
      `x = ${shown(wantedShare, 3)}·${shown(capacityL, 4)} − ${shown(leftShare, 3)}·${shown(leftL, 4)} = ${shown(mix.concentrateL, 4)} L`,
      `y = ${shown(capacityL, 4)} − ${shown(leftL, 4)} − ${shown(mix.concentrateL, 4)} = ${shown(mix.waterL, 4)} L`,
    ],
    margin: `A tenth of a litre more left in it than thought changes the mixture by ${shown((Math.abs(wantedShare - leftShare) / capacityL) * 10)} points in a hundred.`,
    assumes: "Ethylene glycol, shares by volume (ASHRAE table). What is left mixes fully.",
    caution:
      "Never opened hot. Coolant is sweet and poisons animals: catch all of it, and hand it in. Use the kind the maker names; kinds are not mixed.",
    drawing: {
      kind: "levels",
      capacityL,
      parts: [
        { name: "left in it", litres: leftL, look: "left" },
        { name: "concentrate", litres: mix.concentrateL, look: "concentrate" },
        { name: "water", litres: mix.waterL, look: "water" },
      ],
    },
  };
}

/** Makers of concentrate ask for a third or more, for the inhibitors in it. */
const NO_RUST_BELOW = 0.3;

function frostVerdict(mix: CoolantMix, wantedShare: number): { tone: Tone; says: string } | undefined {
  if (mix.freezesAtC === undefined)
    return {
      tone: "watch",
      says: "Stronger than the table goes: more concentrate than about 60 % protects less, not more.",
    };
  if (wantedShare < NO_RUST_BELOW)
    return {
      tone: "watch",
      says: `Guards down to ${guard(mix.freezesAtC)} °C, but so thin it no longer keeps rust away: that takes about ${NO_RUST_BELOW * 100} % or more.`,
    };
  return { tone: "good", says: `Guards down to ${guard(mix.freezesAtC)} °C.` };
}

/**
 * A freezing point in whole degrees, towards warm: what is promised is never colder than it holds. The tenth
 * is for the straight lines between the table's rows.
 */
function guard(celsius: number): string {
  return String(Math.min(0, Math.ceil(celsius + 0.1))).replace("-", "−");
}

function fillSlip(
  { capacity: capacityL, left: leftL, bottles }: Given<typeof fields>,
  fluid: Fill,
  money: Money,
): Slip {
  requirePositive(capacityL, "The capacity", "capacity");
  requireNotNegative(leftL, "What is left", "left");
  if (leftL >= capacityL)
    throw new InputError("Nothing has been drained: what is left is as much as the system holds.", "left");
  const neededL = capacityL - leftL;
  return {
    answer: { says: `Fill in, of ${fluid}`, value: litres(neededL), unit: "L" },
    lines: [{ label: "Where it goes in", value: FILLS[fluid].point }],
    tables: [
      {
        title: "To buy",
        head: ["Fluid", "Bottles", "Left over", "Price"],
        rows: [buyRow(fluid, neededL, bottles, money)],
      },
    ],
    working: [
      "fill = what it holds − what is still in it",
      `${shown(capacityL, 4)} − ${shown(leftL, 4)} = ${shown(neededL, 4)} L`,
    ],
    margin: "A capacity is a guide: the mark or the level plug decides.",
    assumes: "The capacity is for this fill point, filter included where there is one.",
    caution: FILLS[fluid].mind,
    drawing: {
      kind: "levels",
      capacityL,
      parts: [
        { name: "still in it", litres: leftL, look: "left" },
        { name: fluid, litres: neededL, look: "concentrate" },
      ],
    },
  };
}

function buyRow(
  name: string,
  neededL: number,
  bottles: Parameters<typeof bottlesFor>[1],
  money: Money,
): SlipTable["rows"][number] {
  if (neededL < 0.005) return { cells: [name, "none needed", "–", "–"] };
  return { cells: [name, ...purchase(bottlesFor(neededL, bottles), money)] };
}

function readyRow(
  roomL: number,
  bottles: Parameters<typeof bottlesFor>[1],
  strength: number,
  money: Money,
): SlipTable["rows"][number] {
  const freezes = freezingPointC(strength);
  return {
    cells: [
      `Ready mixed: comes to ${shown(strength * 100, 2)} %${freezes === undefined ? "" : `, ${guard(freezes)} °C`}`,
      ...purchase(bottlesFor(roomL, bottles), money),
    ],
  };
}

function purchase({ buy, leftOverL, priceMinor }: Purchase, money: Money): string[] {
  return [
    buy.map(({ bottle, count }) => `${count} × ${shown(bottle.litres, 4)} L`).join(", "),
    `${litres(leftOverL)} L`,
    priceMinor === undefined ? "not known" : formatPrice(priceMinor, money),
  ];
}

function litres(value: number): string {
  return value.toFixed(2);
}
