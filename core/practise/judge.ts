import { InputError } from "../input-error";
import type { JointKind } from "../joint/joint";
import type { Pull } from "../joint/pull";
import { spreadOf, type RingState } from "../joint/ring";
import type { Seized } from "../joint/seized";
import type { Grade } from "../model/drill";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { shown, shownTorque } from "../quantity/shown";
import { type TorqueFigure, movesOf } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { castleVerdict } from "../turn/castle-nut";
import { afterPull } from "./after-pull";
import { SPOTS, type Outcome, type Spot, type TaskOf } from "./drill";

/** So far off is right, so far is near, and beyond that is wrong. */
const graded = (off: number, [right, near]: readonly [number, number]): Grade => {
  if (off <= right + 1e-9) return "right";
  return off <= near + 1e-9 ? "near" : "wrong";
};

/** An answer picked by its place. */
export function judgePick({ choices }: TaskOf<"pick">, at: number): Outcome {
  const picked = choices[at];
  if (!picked) throw new InputError("Pick one of the answers.", "choice");
  const right = choices.find(({ isRight }) => isRight);
  return picked.isRight
    ? { grade: "right", says: picked.why }
    : { grade: "wrong", says: `${picked.why} ${right ? `${right.says}: ${right.why}` : ""}`.trim() };
}

/**
 * A figure that was typed. One with the right torque and a move too few is near.
 * @throws InputError where it cannot be read, or has no unit and needs one.
 */
export function judgeFigure({ wants, within, unit, why }: TaskOf<"figure">, typed: string): Outcome {
  const got = readTorqueFigure(typed, unit);
  const grade = alike(got, wants, within);
  return { grade, says: grade === "right" ? why : `You have ${formatFigure(got)}. ${why}` };
}

function alike(got: TorqueFigure, wants: TorqueFigure, within: readonly [number, number]): Grade {
  const torques = (figure: TorqueFigure): number[] =>
    movesOf(figure).flatMap((move) => {
      if (move.form === "value" || move.form === "maximum") return [quantityNm(move.torque)];
      return move.form === "range" ? [quantityNm(move.low), quantityNm(move.high)] : [];
    });
  const angles = (figure: TorqueFigure): number[] =>
    movesOf(figure).flatMap((move) => (move.form === "angle" ? [move.degrees] : []));
  const [mine, its] = [torques(got), torques(wants)];
  if (mine.length === 0 || (mine.length !== its.length && its.length === 1)) return "wrong";
  if (mine.length !== its.length)
    return mine.every((nm) => its.some((one) => near(nm, one))) ? "near" : "wrong";
  const off = Math.max(...mine.map((nm, i) => Math.abs(nm / (its[i] ?? Infinity) - 1)));
  // What a rounding to a tenth leaves is not an error.
  const grade = graded(off, [Math.max(within[0], 1e-3), Math.max(within[1], 1e-3)]);
  if (grade === "wrong") return "wrong";
  const [turned, meant] = [angles(got), angles(wants)];
  if (turned.length === 0 && meant.length > 0) return "near";
  return turned.join(" ") === meant.join(" ") ? grade : "wrong";
}

const near = (a: number, b: number) => Math.abs(a / b - 1) < 1e-3;

/** A scale as it was set. One mark beside is near; a maximum that is passed is wrong. */
export function judgeScale({ wants, step, isMaximum, why }: TaskOf<"scale">, set: number): Outcome {
  const off = Math.abs(set - wants.value) / step;
  const grade = graded(off, [0, isMaximum && set > wants.value ? 0 : 1]);
  return { grade, says: why };
}

/** Bolts on a ring as they stand. */
export function judgeRing({ within, ring }: TaskOf<"ring">, state: RingState): Outcome {
  const spread = spreadOf(state);
  const least = Math.min(...state.clamp);
  const most = Math.max(...state.clamp);
  const full = most > 0.98;
  const grade = full && least > 0 ? graded(spread, within) : "wrong";
  const said = `The least has ${shown(least * 100, 2)} %, the most ${shown(most * 100, 2)} % of the full force.`;
  if (!full) return { grade, says: `${said} No bolt has come to its full figure yet.` };
  if (grade === "right") return { grade, says: `${said} That seals.` };
  const mend =
    ring.between === "gasket"
      ? "Each bolt takes from its neighbours: passes crosswise leave less of that, and a round at the full figure mends the rest."
      : "Go round once more at the full figure, until no bolt turns.";
  return { grade, says: `${said} ${mend}` };
}

/** An angle as it was turned. */
export function judgeTurn({ angleDeg, within }: TaskOf<"turn">, turnedDeg: number): Outcome {
  const off = turnedDeg - angleDeg;
  const grade = graded(Math.abs(off), within);
  const said = `You turned ${shown(turnedDeg, 3)}° of ${angleDeg}°`;
  if (grade === "right") return { grade, says: `${said}.` };
  return {
    grade,
    says: `${said}: ${shown(Math.abs(off), 2)}° too ${off > 0 ? "far; a bolt that stretches is not turned back, it is renewed" : "little"}.`,
  };
}

/** How far the next slot is from its hole where the nut stands, degrees; 0 where a slot meets it. */
export function slotShortDeg({ slots, firstDeg }: TaskOf<"castle">, turnedDeg: number): number {
  const apart = 360 / slots;
  const past = (((turnedDeg - firstDeg) % apart) + apart) % apart;
  return past < 1e-9 ? 0 : apart - past;
}

/** A slot meets its hole where the pin goes in: within so much, degrees. */
const PIN_GOES_IN = 2.5;

/** A castle nut as it stands, with what is done about it. */
export function judgeCastle(
  task: TaskOf<"castle">,
  turnedDeg: number,
  does: "pin it" | "another washer",
): Outcome {
  const { startsNm, nmPerDeg, slots, firstDeg, lowNm, highNm, unit } = task;
  const short = slotShortDeg(task, turnedDeg);
  const meets = Math.min(short, 360 / slots - short) <= PIN_GOES_IN;
  const atNm = (deg: number) => startsNm + nmPerDeg * deg;
  const verdict = castleVerdict(atNm(firstDeg), [lowNm, highNm]);
  const there = `The first slot meets the hole at ${shownTorque(atNm(firstDeg), unit)}`;
  if (does === "another washer")
    return verdict === "another washer"
      ? { grade: "right", says: `${there}, above the figure: a thicker washer, and anew.` }
      : { grade: "wrong", says: `${there}, within the figure: it could have been pinned.` };
  if (!meets)
    return {
      grade: "wrong",
      says: "No slot meets the hole: the pin does not go in, and the nut never goes back for it.",
    };
  if (atNm(turnedDeg) > highNm * (1 + 1e-9))
    return {
      grade: "wrong",
      says: `It has ${shownTorque(atNm(turnedDeg), unit)}, more than its figure. ${there}${verdict === "another washer" ? ": another washer would have been right" : ""}.`,
    };
  return { grade: "right", says: `Pinned at ${shownTorque(atNm(turnedDeg), unit)}, on and never back.` };
}

/** Turns put back on, counted in halves. */
export function judgeCount({ halfTurns }: TaskOf<"count">, backOn: number): Outcome {
  const off = Math.abs(backOn - halfTurns);
  const turns = (halves: number) => `${Math.floor(halves / 2)}${halves % 2 ? "½" : ""}`;
  return {
    grade: graded(off, [0, 1]),
    says: `It was ${turns(halfTurns)} turns off; you put ${turns(backOn)} back on.${off > 0 ? " Say the number aloud at each turn, and make a stroke for every five." : ""}`,
  };
}

/** A bolt that was undone, snapped, or left for another day. */
export function judgeSeized({ unit }: TaskOf<"seized">, bolt: Seized): Outcome {
  const told = `It would have come at ${shownTorque(bolt.freesNm, unit)}; its shank twists from ${shownTorque(bolt.yieldsNm, unit)} on`;
  if (bolt.fate === "snapped")
    return { grade: "wrong", says: `Snapped. ${told}. Where it gives and the pull no longer grows, stop.` };
  if (bolt.fate === "stuck")
    return bolt.freesNm > bolt.yieldsNm && bolt.tried.length > 0
      ? { grade: "near", says: `Left whole, for another day or another way. ${told}.` }
      : { grade: "wrong", says: `${told}. It had more to give.` };
  return bolt.leantNm > bolt.yieldsNm
    ? { grade: "near", says: `It came, but it had been twisted past its yield: renew it. ${told}.` }
    : {
        grade: "right",
        says: `It came, and it is whole${bolt.tried.length > 0 ? `, after ${bolt.tried.join(", then ")}` : ""}.`,
      };
}

/** Steps as they were ordered. */
export function judgeOrder({ before }: TaskOf<"order">, order: readonly string[]): Outcome {
  const wrong = before.filter(([first, second]) => order.indexOf(first) > order.indexOf(second));
  const [broken] = wrong;
  if (!broken) return { grade: "right", says: "That order works." };
  return { grade: graded(wrong.length, [0, 1]), says: broken[2] };
}

/** What stands where. */
export interface Put {
  stands: readonly Spot[];
  chocks: readonly Spot[];
  /** Not raised at all. */
  leftDown: boolean;
}

/** Stands and chocks as they were put, and shaken. */
export function judgePlace({ up, slopes }: TaskOf<"place">, { stands, chocks, leftDown }: Put): Outcome {
  if (slopes !== "level")
    return leftDown
      ? { grade: "right", says: "Left down: on a slope nothing is raised, however well it is chocked." }
      : {
          grade: "wrong",
          says: "On a slope nothing is raised: a stand tips and chocks slide. Roll it to level ground first.",
        };
  if (leftDown) return { grade: "wrong", says: "The ground is level and firm: it could have been raised." };
  const raised = SPOTS.filter((spot) => up === "both" || spot.endsWith(up));
  const stay = SPOTS.filter((spot) => !raised.includes(spot));
  const lacks = raised.filter((spot) => !stands.includes(spot));
  const wrongly = stands.filter((spot) => !raised.includes(spot));
  const rolls = stay.filter((spot) => !chocks.includes(spot));
  const idle = chocks.filter((spot) => raised.includes(spot));
  if (lacks.length > 0)
    return { grade: "wrong", says: `It tips when it is shaken: no stand at the ${lacks.join(" and the ")}.` };
  if (rolls.length > 0)
    return {
      grade: "wrong",
      says: `It rolls when it is shaken: no chocks at the ${rolls.join(" and the ")}.${up === "rear" ? " The parking brake usually holds the very wheels that are in the air." : ""}`,
    };
  const spare = [...wrongly, ...idle];
  return spare.length > 0
    ? {
        grade: "near",
        says: `It stands when it is shaken. At the ${spare.join(" and the ")} nothing was needed.`,
      }
    : { grade: "right", says: "It stands when it is shaken, and it cannot roll." };
}

/** What was wrong with a joint that is not sound, and how that feels. */
const UNSOUND_SAYS: Readonly<Partial<Record<JointKind, string>>> = {
  "cross-threaded": "It was cross-threaded: tight in the first turns, before its head was down.",
  bottomed: "It had come to the bottom of its hole: tight at once, with nothing clamped.",
  stripped: "Its thread was stripped: it turned on and got no tighter.",
};

/** So little of the figure has done no harm yet to a thread that is not sound. */
const IN_TIME = 0.9;

/** A pull that was let go, or stopped because something was not right. */
export function judgeTask(task: TaskOf<"pull">, pull: Pull, stopped: boolean): Outcome {
  const unsound = task.isSound ? undefined : UNSOUND_SAYS[task.on.joint.kind];
  if (unsound === undefined) {
    const { grade, advice } = afterPull(pull, task.target, task.unit);
    return stopped
      ? { grade: "wrong", says: "That joint was sound; nothing was wrong with it yet." }
      : { grade, says: advice };
  }
  if (!stopped)
    return { grade: "wrong", says: `${unsound} Let go where it feels like that, and take it out.` };
  return pull.peakNm <= task.target.aimNm * IN_TIME
    ? { grade: "right", says: `Stopped in time. ${unsound}` }
    : { grade: "near", says: `Stopped, but late. ${unsound}` };
}

/** What a scale's setting is read as, for who does not see it: "40 on the scale, 7 on the ring". */
export function scaleSaid({ min, turn }: TaskOf<"scale">, { value, decimals }: TorqueQuantity): string {
  const lines = Math.floor((value - min) / turn + 1e-9);
  const ring = value - min - lines * turn;
  return `${(min + lines * turn).toFixed(decimals)} on the scale, ${ring.toFixed(decimals)} on the ring`;
}
