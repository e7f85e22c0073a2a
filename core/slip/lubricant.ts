import { type Band } from "../quantity/band";
import { shown, shownBand } from "../quantity/shown";
import { formatTorque, quantityNm } from "../quantity/torque-quantity";
import { fromNm, torqueSymbol } from "../quantity/torque-unit";
import { lubricatedTorque } from "../thread/lubricant";
import { NUT_FACTOR, THREAD_CONDITIONS, readNutFactor } from "../thread/nut-factor";
import { preloadN } from "../thread/preload";
import { formatThread, readThread } from "../thread/thread";
import { slip } from "./declare";
import { choice, optional, text, torque } from "./fields";
import { type SlipLine, type Tone } from "./slip";

const OWN = "own figure";
const STATES = [...THREAD_CONDITIONS, OWN] as const;

/** A figure given for one state of the thread, changed for another. */
export const lubricant = slip({
  name: "lubricant",
  title: "Lubricated thread",
  about:
    "A figure given dry, on a thread that is oiled, greased or threadlocked, and what happens if that is ignored",
  words:
    "lubricated oil oiled grease greased anti-seize antiseize copper moly paste threadlocker thread lock glue dry wet torque reduction nut factor k friction",
  fields: {
    torque: torque("Torque as given", "100"),
    given: choice("Given for a thread that is", STATES, { start: "dry" }),
    givenFactor: text("Its nut factor K", "0.17 to 0.22", readNutFactor),
    actual: choice("The thread now is", STATES, { start: "anti-seize" }),
    actualFactor: text("Its nut factor K", "0.10 to 0.15", readNutFactor),
    thread: optional(text("Thread, for the clamping force", "", readThread, { hint: "M10, 3/8-16" })),
  },
  asks: { givenFactor: ({ given }) => given === OWN, actualFactor: ({ actual }) => actual === OWN },
  work: ({ torque, thread, ...stated }) => {
    const given = stated.given === OWN ? stated.givenFactor : NUT_FACTOR[stated.given];
    const actual = stated.actual === OWN ? stated.actualFactor : NUT_FACTOR[stated.actual];
    const torqueNm = quantityNm(torque);
    const { bandNm, forceIfIgnored } = lubricatedTorque(torqueNm, given, actual);
    const inOwnUnit: Band = [fromNm(bandNm[0], torque.unit), fromNm(bandNm[1], torque.unit)];
    const lines: SlipLine[] = [
      {
        label: "Without a figure for it, set",
        value: `the lower end: the upper may clamp ${shown(forceIfIgnored[1], 2)} times as hard`,
      },
      {
        label: `Left at ${formatTorque(torque)}, the bolt is pulled`,
        value: `${shownBand(forceIfIgnored)} times as hard`,
        tone: toneOf(forceIfIgnored),
      },
    ];
    if (thread) {
      lines.push({
        label: `Meant to clamp ${formatThread(thread)} with`,
        value: kilonewtons(preloadN([torqueNm, torqueNm], given, thread)),
      });
      lines.push({
        label: "Would clamp with",
        value: kilonewtons(preloadN([torqueNm, torqueNm], actual, thread)),
      });
    }
    return {
      answer: {
        says: "For the same clamping force",
        value: shownBand(inOwnUnit),
        unit: torqueSymbol(torque.unit),
      },
      verdict: { tone: toneOf(forceIfIgnored), says: ignoredSays(forceIfIgnored) },
      lines,
      working: [
        "T₂ = T₁ · K₂ / K₁",
        `least: ${formatTorque(torque)} · ${actual[0]} / ${given[1]} = ${shown(inOwnUnit[0])} ${torqueSymbol(torque.unit)}`,
        `most: ${formatTorque(torque)} · ${actual[1]} / ${given[0]} = ${shown(inOwnUnit[1])} ${torqueSymbol(torque.unit)}`,
        `force if ignored: K₁ / K₂ = ${given[0]} / ${actual[1]} to ${given[1]} / ${actual[0]}`,
      ],
      margin: "The whole band is the answer: two threads in the same state differ as much as this.",
      assumes: `Nut factors K ${given[0]} to ${given[1]} as given, ${actual[0]} to ${actual[1]} now. Typical bands, not measured on yours.`,
      caution:
        "The maker's figure for the thread as it is comes first. Where only a dry figure is known, cleaning the thread dry is safer than guessing.",
      drawing: { kind: "clamp", forceIfIgnored },
    };
  },
});

function kilonewtons([low, high]: Band): string {
  return `${shownBand([low / 1000, high / 1000])} kN`;
}

/**
 * A bolt pulled a quarter harder than meant may be past its proof; one pulled a fifth less may work loose.
 */
function toneOf([low, high]: Band): Tone {
  if (high > 1.25) return "stop";
  return high > 1.05 || low < 0.8 ? "watch" : "good";
}

function ignoredSays([low, high]: Band): string {
  if (low === 1 && high === 1) return "The same state: the figure stands as it is.";
  if (high > 1.25)
    return `Ignored, the bolt may be pulled up to ${shown(high, 2)} times as hard as meant: it can stretch, strip or snap.`;
  if (low < 0.8)
    return `Ignored, the bolt may be pulled only ${shown(low, 2)} times as hard as meant: it can work loose.`;
  return "Ignored, it makes little difference here.";
}
