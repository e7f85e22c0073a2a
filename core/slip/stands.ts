import { InputError, requirePositive } from "../input-error";
import { gearSays } from "../lift/gear-or-park";
import { judgeStand } from "../lift/judge-stand";
import { LEVEL_WITHIN_DEG, rollDirection, rollPushN, slopeForceN } from "../lift/roll";
import { standCases } from "../lift/stand-cases";
import { standHeight } from "../lift/stand-height";
import { LOAD_PLACES, type LoadPlace, axleShareRaised, withLoad } from "../lift/stand-load";
import type { Vehicle } from "../model/vehicle";
import { shown } from "../quantity/shown";
import { readSlopeDeg } from "../quantity/slope";
import { quantityNm } from "../quantity/torque-quantity";
import { SIDES } from "../side";
import { type Given, slip } from "./declare";
import { choice, measure, optional, share, text, tool, torque, vehicle } from "./fields";
import { type SlipLine, type Tone } from "./slip";

const ENDS = { front: "the front", rear: "the rear", all: "both ends" } as const;
type End = keyof typeof ENDS;
const PLACES = Object.keys(LOAD_PLACES) as LoadPlace[];
const LOAD = { group: "Load and jack" };
const HEIGHT = { group: "Height" };
const NUT = { group: "Turning a large nut" };

const fields = {
  vehicle: vehicle("Vehicle", "Another vehicle"),
  kerbWeight: measure("Kerb weight", "mass", "1300"),
  frontShare: share("Share on the front axle", "60"),
  wheelbase: measure("Wheelbase", "length", "2600"),
  end: choice("Raised", ENDS, { start: "rear" }),
  standInset: measure("Stands inside the axle by", "length", "300"),
  stands: tool("Stands", "stands", "Other stands", "first"),
  rating: measure("Rated for", "mass", "3000"),
  ratedAs: choice("That rating is", { pair: "for the pair", each: "for each" }),
  slope: text("The ground falls by", "0°", readSlopeDeg, { hint: "1°, 2 %, 1 in 50" }),
  ground: choice("The ground is", ["firm", "gravel or soft"]),
  onBoard: measure("Load on board", "mass", "0", LOAD),
  where: choice("It lies", PLACES, LOAD),
  jack: optional(measure("Jack rated for", "mass", "", LOAD)),
  pointNow: optional(measure("Stand point above the ground now", "length", "", HEIGHT)),
  wanted: measure("Wanted above the ground", "length", "420", HEIGHT),
  standLow: measure("Stand's lowest", "length", "280", HEIGHT),
  standHigh: measure("Stand's highest", "length", "430", HEIGHT),
  torque: optional(torque("Torque on the nut", "", NUT)),
  side: choice("Side", SIDES, NUT),
  turning: choice("You", { undo: "undo it", "do up": "do it up" }, NUT),
  tyreRadius: measure("Tyre, middle to tread", "length", "300", NUT),
};

const otherVehicle = (stand: { vehicle: string }) => stand.vehicle === "";
const otherStands = (stand: { stands: string }) => stand.stands === "";

/** What each stand carries, whether it may, how high, and which way the vehicle wants to go. */
export const stands = slip({
  name: "stands",
  title: "On stands",
  about: "The load on each stand, its rating, the lift, the slope, and which way it wants to roll",
  words:
    "stands axle stand jack load weight rating tonne pair lift height raise slope hill chock chocks roll direction axle nut safe",
  fields,
  asks: {
    kerbWeight: otherVehicle,
    frontShare: otherVehicle,
    wheelbase: otherVehicle,
    standInset: otherVehicle,
    rating: otherStands,
    ratedAs: otherStands,
  },
  work: (given, { at }) => {
    const { end, slope: slopeDeg } = given;
    const body = at("vehicle", () => bodyOf(given));
    const { wheelbaseMm, insetMm } = body;
    const weighed = withLoad(body, given.onBoard, given.where);
    const ratingKg = ratingOf(given);
    const cases = standCases(
      { kerbWeightKg: weighed.kerbWeightKg, frontShare: weighed.frontShare, wheelbaseMm, insetMm },
      end,
    );
    const mostKg = cases[0]?.mostKg ?? 0;
    const holds = mostKg <= ratingKg;
    const height =
      given.pointNow === undefined
        ? undefined
        : standHeight(given.pointNow, given.wanted, given.standLow, given.standHigh);
    const slopeN = slopeForceN(weighed.kerbWeightKg, slopeDeg);
    const roll = given.torque && {
      way: rollDirection(given.side, given.turning),
      pushN: rollPushN(quantityNm(given.torque), given.tyreRadius),
    };
    // The jack lifts one end at a time, the other on its wheels.
    const lifted = Math.max(
      ...cases.filter(({ end: one }) => one !== "diagonal").map(({ loadKg }) => loadKg),
    );
    const jack = given.jack === undefined ? undefined : judgeStand(lifted * 2, given.jack);
    const notLevel = slopeDeg > LEVEL_WITHIN_DEG;
    return {
      answer: { says: "Each stand carries up to", value: String(Math.ceil(mostKg - 1e-6)), unit: "kg" },
      verdict: verdictOf({
        holds,
        notLevel,
        soft: given.ground !== "firm",
        ratingKg,
        heightBad: height && height.verdict !== "reaches" ? height.verdict : undefined,
        jackHolds: jack?.holds ?? true,
      }),
      lines: [
        { label: "Each is rated for", value: `${shown(ratingKg, 4)} kg`, tone: holds ? "good" : "stop" },
        { label: "Loaded to", value: `${Math.ceil((mostKg / ratingKg) * 100 - 1e-6)} % of it` },
        ...cases.map((one): SlipLine => ({
          label: `Each of the ${one.says}`,
          value: `${Math.round(one.loadKg)} kg${one.end === "diagonal" ? "" : `, up to ${Math.ceil(one.mostKg - 1e-6)}`}`,
        })),
        ...(jack
          ? [
              {
                label: "The jack lifts up to",
                value: `${Math.round(jack.bandKg[1])} of ${shown(given.jack ?? 0, 4)} kg`,
                tone: jack.holds ? ("good" as const) : ("stop" as const),
              },
            ]
          : []),
        ...(height ? heightLines(height, { end, weighed, wheelbaseMm, wantedMm: given.wanted }) : []),
        {
          label: "On the chocks from the slope",
          value: `${shown(slopeN)} N`,
          ...(notLevel ? { tone: "stop" as const } : {}),
        },
        ...(roll
          ? [
              {
                label: `While you ${given.turning === "undo" ? "undo" : "do up"} it, it wants to roll`,
                value: `${roll.way}, pushed with ${shown(roll.pushN)} N`,
                tone: "watch" as const,
              },
            ]
          : []),
        { label: "Chock", value: chockSays(end, roll?.way) },
      ],
      working: [
        "load on each = m · (share · wheelbase) / (wheelbase − inset) / 2",
        ...cases.map(({ end: one, says, loadKg }) =>
          one === "diagonal"
            ? `${says}: ${shown(weighed.kerbWeightKg, 4)} kg / 2 = ${shown(loadKg, 4)} kg`
            : `${says}: ${shown(weighed.kerbWeightKg, 4)} kg, share ${shown(shareOf(one, weighed.frontShare), 3)}, wheelbase ${shown(wheelbaseMm, 4)}, inset ${shown(insetMm[one], 4)} mm → ${shown(loadKg, 4)} kg`,
        ),
        `a tenth more where one side may be heavier; the worst of these: ${shown(mostKg, 4)} kg`,
        `slope: m · g · sin α = ${shown(weighed.kerbWeightKg, 4)} · 9.80665 · sin ${shown(slopeDeg)}° = ${shown(slopeN)} N`,
      ],
      margin:
        "One side is taken to be up to a tenth heavier. Raising an end moves weight to the other, so the true load is a little less.",
      assumes: `Two stands to an end, on the maker's points. A rating printed for a pair is halved.${roll ? " The nut has a right-hand thread; a left-hand one rolls it the other way." : ""}`,
      caution: cautionOf(end, given.vehicle?.driven),
      drawing: {
        kind: "stands",
        wheelbaseMm,
        frontInsetMm: end === "rear" ? undefined : insetMm.front,
        rearInsetMm: end === "front" ? undefined : insetMm.rear,
        liftMm: Math.max(0, height?.liftMm ?? 200),
        slopeDeg,
        roll: roll?.way,
      },
    };
  },
});

function ratingOf({ stands: owned, rating, ratedAs }: Given<typeof fields>): number {
  const typed = owned?.ratingPerStandKg ?? rating;
  requirePositive(typed, "The rating", "rating");
  return owned || ratedAs === "each" ? typed : typed / 2;
}

/** The vehicle's own figures where it is in the garage and has them all, otherwise what is typed. */
function bodyOf({ vehicle, kerbWeight, frontShare, wheelbase, standInset }: Given<typeof fields>) {
  if (!vehicle)
    return {
      kerbWeightKg: kerbWeight,
      frontShare,
      wheelbaseMm: wheelbase,
      insetMm: { front: standInset, rear: standInset },
    };
  const lacks = LACKING.find(([name]) => vehicle[name] === undefined)?.[1];
  const {
    kerbWeightKg = 0,
    frontShare: share = 0,
    wheelbaseMm = 0,
    standInsetMm = { front: 0, rear: 0 },
  } = vehicle;
  if (lacks)
    throw new InputError(
      `${vehicle.name} lacks its ${lacks}. Write it down in the Garage, or choose "Another vehicle" and type it here.`,
    );
  return { kerbWeightKg, frontShare: share, wheelbaseMm, insetMm: standInsetMm };
}

const LACKING = [
  ["kerbWeightKg", "kerb weight"],
  ["frontShare", "front share"],
  ["wheelbaseMm", "wheelbase"],
] as const;

function shareOf(end: "front" | "rear", frontShare: number): number {
  return end === "front" ? frontShare : 1 - frontShare;
}

interface Raised {
  end: End;
  weighed: { frontShare: number };
  wheelbaseMm: number;
  wantedMm: number;
}

function heightLines(
  { liftMm, verdict }: ReturnType<typeof standHeight>,
  { end, weighed, wheelbaseMm, wantedMm }: Raised,
): SlipLine[] {
  const lines: SlipLine[] = [
    {
      label: "It has to come up by",
      value: `${shown(liftMm, 4)} mm, to ${shown(wantedMm, 4)} mm`,
      tone: verdict === "reaches" ? "good" : "stop",
    },
  ];
  if (end === "all" || liftMm <= 0) return lines;
  const share = shareOf(end, weighed.frontShare);
  const kept = axleShareRaised(share, wheelbaseMm, liftMm);
  return [
    ...lines,
    {
      label: "Share left on that axle then",
      value: `${shown(kept * 100, 3)} % instead of ${shown(share * 100, 3)} %`,
    },
  ];
}

interface Stops {
  holds: boolean;
  notLevel: boolean;
  soft: boolean;
  ratingKg: number;
  heightBad: "too low" | "too tall" | undefined;
  jackHolds: boolean;
}

function verdictOf({ holds, notLevel, soft, ratingKg, heightBad, jackHolds }: Stops): {
  tone: Tone;
  says: string;
} {
  const stop = (says: string) => ({ tone: "stop" as const, says });
  if (!holds)
    return stop(`Stop. One stand is rated for ${shown(ratingKg, 4)} kg and may have to carry more.`);
  if (!jackHolds) return stop("Stop. The jack may have to lift more than it is rated for.");
  if (soft) return stop("Stop. On gravel or soft ground a stand sinks or tips: move to firm ground.");
  if (notLevel)
    return stop(
      `Stop. More than ${LEVEL_WITHIN_DEG}° is a slope: move to level ground before anything is raised.`,
    );
  if (heightBad === "too low")
    return stop("Stop. The stand does not reach that high. Never pack it up with blocks.");
  if (heightBad === "too tall") return stop("Stop. The stand is taller than that at its lowest.");
  return { tone: "good", says: "The stands hold it, on firm and level ground." };
}

function chockSays(end: End, roll: "forward" | "backward" | undefined): string {
  if (end === "all")
    return roll
      ? `nothing rolls with all four up; steady it against going ${roll}`
      : "before raising the first end, the wheels of the other";
  const stays = end === "rear" ? "front" : "rear";
  return roll
    ? `both ${stays} wheels, ${roll === "forward" ? "in front of them" : "behind them"} first, then the other way`
    : `both ${stays} wheels, in front and behind`;
}

function cautionOf(end: End, driven: Vehicle["driven"]): string {
  const held = {
    rear: `The parking brake usually holds the rear wheels, which then hang in the air: both front wheels chocked${gearSays("rear", driven)}`,
    front: `Parking brake on, and both rear wheels chocked${gearSays("front", driven)}`,
    all: "Raise one end at a time, a little each. On four stands and uneven ground two of them carry nearly all.",
  }[end];
  return `Never under a jack alone. ${held} Shake it hard before you go under.`;
}
