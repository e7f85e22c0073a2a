import { InputError } from "../input-error";
import { type Interval } from "../quantity/interval";
import { shown, shownTorque } from "../quantity/shown";
import { formatBand } from "../quantity/torque-band";
import { quantityNm } from "../quantity/torque-quantity";
import { formatFigure } from "../quantity/torque-words";
import { pitchMm, readThread } from "../thread/thread";
import { type CastleVerdict, castleNut, castleVerdict } from "../turn/castle-nut";
import { stagesOf } from "../torque/target";
import type { Slip, SlipKind, Tone } from "./slip";

/** A castle nut over its cross hole: how far on to the next slot, and whether the pin may go in there. */
export const castle: SlipKind = {
  name: "castle",
  title: "Castle nut and pin",
  about: "How far on to the next slot, and whether the pin may go in there",
  words: "castle nut castellated slotted split pin cotter pin hole line up alignment slot washer never back off",
  fields: [
    { kind: "number", name: "slots", label: "Slots", start: "6" },
    { kind: "measure", name: "short", label: "Next slot is short of the hole by", dimension: "angle", start: "25", hint: "Leave it empty when it cannot be seen" },
    { kind: "figure", name: "torque", label: "Figure", start: "60-80" },
    { kind: "torque", name: "reading", label: "Wrench read, once slot and hole met", start: "" },
    { kind: "text", name: "thread", label: "Thread, for how far the nut moves", start: "", hint: "M14x1.5" },
  ],
  work: (read) => {
    const given = read.all({
      slots: read.number("slots"),
      short: read.ifTyped("short", (name) => read.measure(name)),
      figure: read.figure("torque"),
      reading: read.ifTyped("reading", (name) => read.torque(name)),
      thread: read.ifTyped("thread", (name) => read.read(name, (text) => readThread(text))),
    });
    if (!given) return undefined;
    const nut = castleNut(given.slots, given.short ?? undefined);
    const stage = stagesOf(given.figure).findLast((one) => one.kind === "torque");
    if (!stage) throw new InputError("Type the torque that the nut is done up to, such as 60-80 Nm.", "torque");
    const rangeNm: Interval = [stage.target.lowNm, stage.target.highNm];
    const unit = read.owned.torqueUnit;
    const verdict = given.reading ? castleVerdict(quantityNm(given.reading), rangeNm) : undefined;
    const onDeg = nut.onDeg ?? nut.atMostDeg;
    return {
      answer: { says: nut.onDeg === undefined ? "To the next slot, on by at most" : "To the next slot, on by", value: shown(onDeg, 4), unit: "degrees" },
      verdict: verdict
        ? SAYS[verdict]
        : {
            tone: "watch",
            says: `Do it up to the least first, then on to the slot, never back. Stop at the top, ${shownTorque(rangeNm[1], unit)}.`,
          },
      lines: [
        { label: "Between two slots", value: `${shown(nut.atMostDeg, 4)}°` },
        { label: "The pin goes in between", value: formatBand(rangeNm, unit) },
        ...(given.thread ? [{ label: "The nut moves on by", value: `${shown((pitchMm(given.thread) * onDeg) / 360, 3)} mm` }] : []),
      ],
      working: [
        "between slots: 360° / slots",
        `360° / ${given.slots} = ${shown(nut.atMostDeg, 4)}°`,
        ...(given.thread ? [`moves: ${shown(pitchMm(given.thread))} mm · ${shown(onDeg, 4)}° / 360°`] : []),
      ],
      margin: given.figure.form === "range" ? "The range itself is the margin: its least first, its top never passed." : "One figure names no range: a tenth either way is taken.",
      assumes: `One hole right through the bolt, so that slots come in pairs; figure ${formatFigure(given.figure)}.`,
      caution: "Never turned back to meet the hole. A new split pin each time, both legs bent.",
      drawing: { of: "castle", slots: given.slots, shortDeg: given.short ?? nut.atMostDeg / 2 },
    } satisfies Slip;
  },
};

const SAYS: Record<CastleVerdict, { tone: Tone; says: string }> = {
  "pin it": { tone: "good", says: "Within the range: put the pin in." },
  "not there yet": { tone: "watch", says: "Below the range still: on to the next slot." },
  "another washer": { tone: "stop", says: "Past the top of the range. Take it off and fit a washer of another thickness, or another nut; do not turn it back." },
};
