import { InputError } from "../input-error";
import type { VEHICLE_TORQUE_UNITS } from "../model/vehicle";
import { type Band } from "../quantity/band";
import { shown, shownTorque } from "../quantity/shown";
import { formatLimits } from "../quantity/torque-band";
import { type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { quantityNm } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { pitchMm, readThread } from "../thread/thread";
import { endsInAngle } from "../torque/torques-of";
import { type CastleVerdict, castleNut, castleVerdict } from "../turn/castle-nut";
import { slip } from "./declare";
import { choice, figure, measure, number, optional, text, torque } from "./fields";
import type { Slip, Tone } from "./slip";

/**
 * A castle nut over its cross hole: how far on to the next slot, and whether the pin may go in there; on a
 * taper-roller hub how far back.
 */
export const castle = slip({
  name: "castle",
  title: "Castle nut and pin",
  about: "How far on to the next slot, and whether the pin may go in there",
  words:
    "castle nut castellated slotted split pin cotter pin hole line up alignment slot washer never back off taper roller bearing hub preload adjust",
  fields: {
    holds: choice(
      "It holds",
      { joint: "a joint, an arm or an axle: done up tight", hub: "a hub on taper rollers: set with play" },
      { wide: true },
    ),
    slots: number("Slots", "6"),
    short: optional(
      measure("Next slot is short of the hole by", "angle", "25", {
        hint: "Leave it empty when it cannot be seen",
      }),
    ),
    torque: figure("Figure", "60-80"),
    reading: optional(torque("Wrench read, once slot and hole met")),
    thread: optional(text("Thread, for how far the nut moves", "", readThread, { hint: "M14x1.5" })),
  },
  asks: { torque: ({ holds }) => holds !== "hub", reading: ({ holds }) => holds !== "hub" },
  work: ({ holds, slots, short, torque: given, reading, thread }, { owned, at }) => {
    const nut = castleNut(slots, short);
    const drawing = {
      kind: "castle" as const,
      slots,
      shortDeg: short ?? nut.atMostDeg / 2,
      way: holds === "hub" ? ("back" as const) : ("on" as const),
    };
    const moves = (deg: number) =>
      thread ? [{ label: "The nut moves by", value: `${shown((pitchMm(thread) * deg) / 360, 3)} mm` }] : [];
    const between = { label: "Between two slots", value: `${shown(nut.atMostDeg, 4)}°` };
    const slotWorking = ["between slots: 360° / slots", `360° / ${slots} = ${shown(nut.atMostDeg, 4)}°`];
    if (holds === "hub") {
      const backDeg = nut.onDeg === undefined ? nut.atMostDeg : nut.atMostDeg - nut.onDeg;
      return {
        answer: {
          says: nut.onDeg === undefined ? "Back to the slot by at most" : "Back to the slot before, by",
          value: shown(backDeg, 4),
          unit: "degrees",
        },
        verdict: {
          tone: "watch",
          says: "Seat the rollers while you turn the hub, slacken the nut off, set it by hand or to the maker’s small figure, then back to the nearest slot, never on: such a hub has to have its play.",
        },
        lines: [between, ...moves(backDeg)],
        working: [
          ...slotWorking,
          ...(nut.onDeg === undefined
            ? []
            : [`back: ${shown(nut.atMostDeg, 4)}° − ${shown(nut.onDeg, 4)}° = ${shown(backDeg, 4)}°`]),
        ],
        margin:
          "Play at the rim decides: felt, but hardly seen. The maker’s end play, on a dial gauge, comes first.",
        assumes:
          "Adjustable taper rollers. A hub with one pressed bearing unit is done up tight: choose the other kind.",
        caution: "Too tight, and the bearing runs hot and seizes. A new split pin each time, both legs bent.",
        drawing,
      };
    }
    const limits = at("torque", () => limitsOf(given));
    const unit = owned.torqueUnit;
    const onDeg = nut.onDeg ?? nut.atMostDeg;
    return {
      answer: {
        says: `${limits.says}${nut.onDeg === undefined ? "on to the next slot by at most" : "on to the next slot by"}`,
        value: shown(onDeg, 4),
        unit: "degrees",
      },
      verdict: verdictOf(reading && quantityNm(reading), limits, unit),
      lines: [between, ...pinLines(limits, unit), ...moves(onDeg)],
      working: [
        ...slotWorking,
        ...(thread ? [`moves: ${shown(pitchMm(thread))} mm · ${shown(onDeg, 4)}° / 360°`] : []),
      ],
      margin: MARGIN[given.form] ?? "One figure is a least, with nothing off it: on from there to the slot.",
      assumes: `One hole right through the bolt, so that slots come in pairs; figure ${formatFigure(given)}.`,
      caution: "Never turned back to meet the hole. A new split pin each time, both legs bent.",
      drawing,
    };
  },
});

type VehicleUnit = (typeof VEHICLE_TORQUE_UNITS)[number];

/**
 * Between what the pin may go in, N·m: Infinity where no top is given, undefined where no least is, or where
 * an angle decides.
 */
interface PinLimits {
  says: string;
  leastNm: number | undefined;
  mostNm: number;
  byAngle: boolean;
}

function limitsOf(figure: TorqueFigure): PinLimits {
  if (endsInAngle(figure))
    return { says: `${formatFigure(figure)}, then `, leastNm: undefined, mostNm: Infinity, byAngle: true };
  const last = movesOf(figure).at(-1);
  switch (last?.form) {
    case "value":
      return { says: "Done up, then ", leastNm: quantityNm(last.torque), mostNm: Infinity, byAngle: false };
    case "range":
      return {
        says: "Done up, then ",
        leastNm: quantityNm(last.low),
        mostNm: quantityNm(last.high),
        byAngle: false,
      };
    case "maximum":
      return {
        says: "Done up, then ",
        leastNm: undefined,
        mostNm: quantityNm(last.torque),
        byAngle: false,
      };
    case "passes": {
      const torque = last.torques.at(-1);
      return {
        says: "After the last pass, ",
        leastNm: torque && quantityNm(torque),
        mostNm: Infinity,
        byAngle: false,
      };
    }
    default:
      throw new InputError("Type the torque that the nut is done up to, such as 60-80 Nm.");
  }
}

function verdictOf(
  readingNm: number | undefined,
  { leastNm, mostNm, byAngle }: PinLimits,
  unit: VehicleUnit,
): { tone: Tone; says: string } {
  if (byAngle)
    return {
      tone: "watch",
      says: "The angle decides, and no reading of the wrench: turn it its whole angle, then on to the slot, never back.",
    };
  if (readingNm === undefined) {
    const top = mostNm === Infinity ? "" : ` Stop at the top, ${shownTorque(mostNm, unit, "down")}.`;
    return {
      tone: "watch",
      says: `${leastNm === undefined ? "Look up the least that it has to have, do it up to that" : "Do it up to the least first"}, then on to the slot, never back.${top}`,
    };
  }
  const range: Band = [leastNm ?? 0, mostNm];
  const verdict = castleVerdict(readingNm, range);
  if (verdict === "pin it" && leastNm === undefined)
    return {
      tone: "watch",
      says: "Not above the most. A most alone does not say whether it is tight enough: look up the least before the pin goes in.",
    };
  return SAYS[verdict];
}

function pinLines({ leastNm, mostNm, byAngle }: PinLimits, unit: VehicleUnit): Slip["lines"] {
  if (byAngle) return [];
  const label = "The pin goes in";
  if (leastNm === undefined)
    return [{ label, value: `at no more than ${shownTorque(mostNm, unit, "down")}; the least is not given` }];
  return [
    {
      label,
      value:
        mostNm === Infinity
          ? `at ${shownTorque(leastNm, unit)} or, at the next slot, more`
          : `between ${formatLimits([leastNm, mostNm], unit)}`,
    },
  ];
}

const MARGIN: Partial<Record<TorqueFigure["form"], string>> = {
  range: "The range itself is the margin: its least first, its top never passed.",
  maximum: "A most alone has no least: it cannot say when the nut is tight enough.",
  procedure: "The angle carries the margin; the slot adds to it, and takes nothing off.",
};

const SAYS: Record<CastleVerdict, { tone: Tone; says: string }> = {
  "pin it": { tone: "good", says: "Tight enough and not too tight: put the pin in." },
  "not there yet": { tone: "watch", says: "Below the least still: on to the next slot." },
  "another washer": {
    tone: "stop",
    says: "Past the top of the range. Take it off and fit a washer of another thickness, or another nut; do not turn it back.",
  },
};
