import { InputError, requirePositive } from "../input-error";
import { gearSays } from "../lift/gear-or-park";
import { judgeStand } from "../lift/judge-stand";
import { LEVEL_WITHIN_DEG, type Side, type Turning, rollDirection, rollPushN, slopeForceN } from "../lift/roll";
import { standCases } from "../lift/stand-cases";
import { standHeight } from "../lift/stand-height";
import { LOAD_PLACES, type LoadPlace, axleShareRaised, withLoad } from "../lift/stand-load";
import type { Vehicle } from "../model/vehicle";
import { shown } from "../quantity/shown";
import { readSlopeDeg } from "../quantity/slope";
import { quantityNm } from "../quantity/torque-quantity";
import { type Typed, plainChoices } from "./field";
import { type SlipKind, type SlipLine, type Tone } from "./slip";
import type { TypedReader } from "./typed-reader";

const ENDS = ["front", "rear", "all"] as const;
type End = (typeof ENDS)[number];
const PLACES = Object.keys(LOAD_PLACES) as LoadPlace[];
const GROUNDS = ["firm", "gravel or soft"] as const;
const otherVehicle = ({ vehicle }: Typed) => vehicle === "";
const otherStands = ({ stands }: Typed) => stands === "";
const HEIGHT = "Height";
const NUT = "Turning a large nut";

/** What each stand carries, whether it may, how high, and which way the vehicle wants to go. */
export const stands: SlipKind = {
  name: "stands",
  title: "On stands",
  about: "The load on each stand, its rating, the lift, the slope, and which way it wants to roll",
  words: "stands axle stand jack load weight rating tonne pair lift height raise slope hill chock chocks roll direction axle nut safe",
  fields: [
    { kind: "vehicle", name: "vehicle", label: "Vehicle", other: "Another vehicle" },
    { kind: "measure", name: "kerbWeight", label: "Kerb weight", dimension: "mass", start: "1300", when: otherVehicle },
    { kind: "share", name: "frontShare", label: "Share on the front axle", start: "60", when: otherVehicle },
    { kind: "measure", name: "wheelbase", label: "Wheelbase", dimension: "length", start: "2600", when: otherVehicle },
    {
      kind: "choice",
      name: "end",
      label: "Raised",
      start: "rear",
      choices: [
        { value: "front", label: "the front" },
        { value: "rear", label: "the rear" },
        { value: "all", label: "both ends" },
      ],
    },
    { kind: "measure", name: "standInset", label: "Stands inside the axle by", dimension: "length", start: "300", when: otherVehicle },
    { kind: "tool", name: "stands", label: "Stands", of: "stands", other: "Other stands", startsOn: "first" },
    { kind: "measure", name: "rating", label: "Rated for", dimension: "mass", start: "3000", when: otherStands },
    {
      kind: "choice",
      name: "ratedAs",
      label: "That rating is",
      start: "pair",
      choices: [
        { value: "pair", label: "for the pair" },
        { value: "each", label: "for each" },
      ],
      when: otherStands,
    },
    { kind: "text", name: "slope", label: "The ground falls by", start: "0°", hint: "1°, 2 %, 1 in 50" },
    { kind: "choice", name: "ground", label: "The ground is", start: "firm", choices: plainChoices(GROUNDS) },
    { kind: "measure", name: "onBoard", label: "Load on board", dimension: "mass", start: "0", group: "Load and jack" },
    { kind: "choice", name: "where", label: "It lies", start: PLACES[0] ?? "", choices: plainChoices(PLACES), group: "Load and jack" },
    { kind: "measure", name: "jack", label: "Jack rated for", dimension: "mass", start: "", group: "Load and jack" },
    { kind: "measure", name: "pointNow", label: "Stand point above the ground now", dimension: "length", start: "", group: HEIGHT },
    { kind: "measure", name: "wanted", label: "Wanted above the ground", dimension: "length", start: "420", group: HEIGHT },
    { kind: "measure", name: "standLow", label: "Stand's lowest", dimension: "length", start: "280", group: HEIGHT },
    { kind: "measure", name: "standHigh", label: "Stand's highest", dimension: "length", start: "430", group: HEIGHT },
    { kind: "torque", name: "torque", label: "Torque on the nut", start: "", group: NUT },
    { kind: "choice", name: "side", label: "Side", start: "left", choices: plainChoices(["left", "right"]), group: NUT },
    {
      kind: "choice",
      name: "turning",
      label: "You",
      start: "undo",
      choices: [
        { value: "undo", label: "undo it" },
        { value: "do up", label: "do it up" },
      ],
      group: NUT,
    },
    { kind: "measure", name: "tyreRadius", label: "Tyre, middle to tread", dimension: "length", start: "300", group: NUT },
  ],
  work: (read) => {
    const given = readGiven(read);
    if (!given) return undefined;
    const { weighed, end, wheelbaseMm, ratingKg, slopeDeg } = given;
    const cases = standCases({ kerbWeightKg: weighed.kerbWeightKg, frontShare: weighed.frontShare, wheelbaseMm, insetMm: given.insetMm }, end);
    const mostKg = cases[0]?.mostKg ?? 0;
    const holds = mostKg <= ratingKg;
    const height = given.pointNowMm === null ? undefined : standHeight(given.pointNowMm, given.wantedMm, given.standLowMm, given.standHighMm);
    const slopeN = slopeForceN(weighed.kerbWeightKg, slopeDeg);
    const roll = given.torqueNm === null ? undefined : { way: rollDirection(given.side, given.turning), pushN: rollPushN(given.torqueNm, given.tyreRadiusMm) };
    // The jack lifts one end at a time, the other on its wheels.
    const lifted = Math.max(...cases.filter(({ end: one }) => one !== "diagonal").map(({ loadKg }) => loadKg));
    const jack = given.jackKg === null ? undefined : judgeStand(lifted * 2, given.jackKg);
    const notLevel = slopeDeg > LEVEL_WITHIN_DEG;
    return {
      answer: { says: "Each stand carries up to", value: String(Math.ceil(mostKg - 1e-6)), unit: "kg" },
      verdict: verdictOf({
        holds,
        notLevel,
        soft: !read.is("ground", "firm"),
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
                value: `${Math.round(jack.bandKg[1])} of ${shown(given.jackKg ?? 0, 4)} kg`,
                tone: jack.holds ? ("good" as const) : ("stop" as const),
              },
            ]
          : []),
        ...(height ? heightLines(height.liftMm, height.verdict, end, given) : []),
        { label: "On the chocks from the slope", value: `${shown(slopeN)} N`, ...(notLevel ? { tone: "stop" as const } : {}) },
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
            : `${says}: ${shown(weighed.kerbWeightKg, 4)} kg, share ${shown(shareOf(one, weighed.frontShare), 3)}, wheelbase ${shown(wheelbaseMm, 4)}, inset ${shown(given.insetMm[one], 4)} mm → ${shown(loadKg, 4)} kg`,
        ),
        `a tenth more where one side may be heavier; the worst of these: ${shown(mostKg, 4)} kg`,
        `slope: m · g · sin α = ${shown(weighed.kerbWeightKg, 4)} · 9.80665 · sin ${shown(slopeDeg)}° = ${shown(slopeN)} N`,
      ],
      margin: "One side is taken to be up to a tenth heavier. Raising an end moves weight to the other, so the true load is a little less.",
      assumes: `Two stands to an end, on the maker's points. A rating printed for a pair is halved.${roll ? " The nut has a right-hand thread; a left-hand one rolls it the other way." : ""}`,
      caution: cautionOf(end, read.vehicle("vehicle")?.driven),
      drawing: {
        of: "stands",
        wheelbaseMm,
        frontInsetMm: end === "rear" ? undefined : given.insetMm.front,
        rearInsetMm: end === "front" ? undefined : given.insetMm.rear,
        liftMm: Math.max(0, height?.liftMm ?? 200),
        slopeDeg,
        roll: roll?.way,
      },
    };
  },
};

interface Given {
  weighed: { kerbWeightKg: number; frontShare: number };
  wheelbaseMm: number;
  insetMm: { front: number; rear: number };
  end: End;
  ratingKg: number;
  slopeDeg: number;
  jackKg: number | null;
  pointNowMm: number | null;
  wantedMm: number;
  standLowMm: number;
  standHighMm: number;
  torqueNm: number | null;
  side: Side;
  turning: Turning;
  tyreRadiusMm: number;
}

function readGiven(read: TypedReader): Given | undefined {
  const owned = read.tool("stands", "stands");
  const parts = read.all({
    body: readBody(read, read.vehicle("vehicle")),
    onBoardKg: read.measure("onBoard"),
    rating: owned?.ratingPerStandKg ?? read.measure("rating"),
    slopeDeg: read.read("slope", (text, what) => readSlopeDeg(text, what)),
    jackKg: read.ifTyped("jack", (name) => read.measure(name)),
    pointNowMm: read.ifTyped("pointNow", (name) => read.measure(name)),
    wantedMm: read.measure("wanted"),
    standLowMm: read.measure("standLow"),
    standHighMm: read.measure("standHigh"),
    torque: read.ifTyped("torque", (name) => read.torque(name)),
    tyreRadiusMm: read.measure("tyreRadius"),
  });
  if (!parts) return undefined;
  const { body, rating, torque, onBoardKg, ...rest } = parts;
  requirePositive(rating, "The rating", "rating");
  return {
    ...rest,
    wheelbaseMm: body.wheelbaseMm,
    insetMm: body.insetMm,
    weighed: withLoad(body, onBoardKg, read.choice("where", PLACES)),
    end: read.choice("end", ENDS),
    ratingKg: owned || read.is("ratedAs", "each") ? rating : rating / 2,
    torqueNm: torque ? quantityNm(torque) : null,
    side: read.choice("side", ["left", "right"]),
    turning: read.choice("turning", ["undo", "do up"]),
  };
}

/** The vehicle's own figures where it is in the garage and has them all, otherwise what is typed. */
function readBody(read: TypedReader, vehicle: Vehicle | undefined) {
  if (vehicle) {
    return read.read("vehicle", () => {
      const { kerbWeightKg, frontShare, wheelbaseMm, standInsetMm } = vehicle;
      if (kerbWeightKg === undefined || frontShare === undefined || wheelbaseMm === undefined) {
        throw new InputError(
          `${vehicle.name} lacks its ${kerbWeightKg === undefined ? "kerb weight" : frontShare === undefined ? "front share" : "wheelbase"}. Write it down in the Garage, or choose "Another vehicle" and type it here.`,
        );
      }
      return { kerbWeightKg, frontShare, wheelbaseMm, insetMm: standInsetMm ?? { front: 0, rear: 0 } };
    });
  }
  const typed = read.all({
    kerbWeightKg: read.measure("kerbWeight"),
    frontShare: read.share("frontShare"),
    wheelbaseMm: read.measure("wheelbase"),
    inset: read.measure("standInset"),
  });
  return typed && { ...typed, insetMm: { front: typed.inset, rear: typed.inset } };
}

function shareOf(end: "front" | "rear", frontShare: number): number {
  return end === "front" ? frontShare : 1 - frontShare;
}

function heightLines(liftMm: number, verdict: "reaches" | "too low" | "too tall", end: End, { weighed, wheelbaseMm, wantedMm }: Given): SlipLine[] {
  const lines: SlipLine[] = [{ label: "It has to come up by", value: `${shown(liftMm, 4)} mm, to ${shown(wantedMm, 4)} mm`, tone: verdict === "reaches" ? "good" : "stop" }];
  if (end === "all" || liftMm <= 0) return lines;
  const share = shareOf(end, weighed.frontShare);
  const kept = axleShareRaised(share, wheelbaseMm, liftMm);
  return [...lines, { label: "Share left on that axle then", value: `${shown(kept * 100, 3)} % instead of ${shown(share * 100, 3)} %` }];
}

interface Stops {
  holds: boolean;
  notLevel: boolean;
  soft: boolean;
  ratingKg: number;
  heightBad: "too low" | "too tall" | undefined;
  jackHolds: boolean;
}

function verdictOf({ holds, notLevel, soft, ratingKg, heightBad, jackHolds }: Stops): { tone: Tone; says: string } {
  const stop = (says: string) => ({ tone: "stop" as const, says });
  if (!holds) return stop(`Stop. One stand is rated for ${shown(ratingKg, 4)} kg and may have to carry more.`);
  if (!jackHolds) return stop("Stop. The jack may have to lift more than it is rated for.");
  if (soft) return stop("Stop. On gravel or soft ground a stand sinks or tips: move to firm ground.");
  if (notLevel) return stop(`Stop. More than ${LEVEL_WITHIN_DEG}° is a slope: move to level ground before anything is raised.`);
  if (heightBad === "too low") return stop("Stop. The stand does not reach that high. Never pack it up with blocks.");
  if (heightBad === "too tall") return stop("Stop. The stand is taller than that at its lowest.");
  return { tone: "good", says: "The stands hold it, on firm and level ground." };
}

function chockSays(end: End, roll: "forward" | "backward" | undefined): string {
  if (end === "all") return roll ? `nothing rolls with all four up; steady it against going ${roll}` : "before raising the first end, the wheels of the other";
  const stays = end === "rear" ? "front" : "rear";
  return roll ? `both ${stays} wheels, ${roll === "forward" ? "in front of them" : "behind them"} first, then the other way` : `both ${stays} wheels, in front and behind`;
}

function cautionOf(end: End, driven: Vehicle["driven"]): string {
  const held = {
    rear: `The parking brake usually holds the rear wheels, which then hang in the air: both front wheels chocked${gearSays("rear", driven)}`,
    front: `Parking brake on, and both rear wheels chocked${gearSays("front", driven)}`,
    all: "Raise one end at a time, a little each. On four stands and uneven ground two of them carry nearly all.",
  }[end];
  return `Never under a jack alone. ${held} Shake it hard before you go under.`;
}
