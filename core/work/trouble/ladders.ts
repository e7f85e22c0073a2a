import type { Fastener } from "../../model/job";
import type { System } from "../../model/place";
import type { TroubleKind } from "../../model/trouble";
import { isRecess } from "../../quantity/head-size";
import type { Ladder } from "./ladder";
import { PLACE_LADDERS } from "./place-ladders";
import {
  EYES,
  GLASSES,
  RENEWED,
  backAndForth,
  brush,
  carrier,
  drillOut,
  extractor,
  extractorSocket,
  grips,
  handOver,
  heat,
  insert,
  leftHand,
  nextDown,
  rung,
  sixPoint,
  slot,
  soak,
  stud,
  supply,
  tooFar,
  tool,
  weld,
} from "./rungs";

/**
 * Every ladder, in the order they are offered. Our own, from how these things go wrong and from what each
 * step can break.
 */
export const LADDERS: readonly Ladder[] = [
  {
    kind: "seized",
    looks: "It will not turn; head and tool still grip.",
    first: "Stop pulling before the head rounds or the bolt twists.",
    renew: false,
    rungs: [
      brush,
      soak,
      rung(
        "longer bar",
        "A longer breaker bar, a straight and steady pull; six-point socket only.",
        5,
        [tool("Breaker bar", /breaker/i)],
        ["No pipe on a ratchet. Check that the vehicle is still firm on its stands."],
      ),
      backAndForth,
      heat,
      rung(
        "impact",
        "Impact wrench or driver in short bursts, at low power first.",
        10,
        [tool("Impact wrench", /impact/i), GLASSES],
        [EYES, "Impact sockets only."],
      ),
      handOver(tooFar),
    ],
  },
  {
    kind: "rounded",
    looks: "The tool slips on the head.",
    first: "Take the tool off before it takes the rest of the head.",
    renew: true,
    rungs: [soak, sixPoint, nextDown, grips, extractorSocket, slot, weld, handOver(tooFar)],
  },
  {
    kind: "snapped",
    looks: "The head or the stud came off in the tool.",
    first: "Measure what is left: if it stands out, more can be tried; if it is flush, it is drilled.",
    renew: true,
    rungs: [
      stud,
      heat,
      carrier,
      leftHand,
      extractor,
      { ...drillOut, not: RENEWED },
      insert,
      handOver(tooFar),
    ],
  },
  {
    kind: "cross-threaded",
    looks: "It started stiff at once, or went in at a slant.",
    first: "Do not tighten it further. Back it out the way it came.",
    renew: true,
    rungs: [
      rung(
        "by hand again",
        "Clean both threads, turn it backwards until it drops into the start, then in by fingers only, five turns.",
        10,
      ),
      rung(
        "chase",
        "Chase the thread with a thread chaser or a tap of the same size and pitch, oiled, half a turn on and a quarter back.",
        25,
        [tool("Tap of this thread", /\btap\b|chaser/i)],
        ["Check the pitch with a gauge first: a wrong tap cuts a wrong thread."],
      ),
      carrier,
      insert,
      handOver(tooFar),
    ],
  },
  {
    kind: "stripped",
    looks: "It turns and never gets tight.",
    first: "Do not leave it in and hope: it holds nothing.",
    renew: true,
    rungs: [
      rung(
        "look",
        "Take it out and look at both threads. Metal in the bolt's thread came from the hole: then the hole needs repair.",
        5,
      ),
      rung("new bolt", "If only the bolt's thread has gone: a new bolt of the same strength and length.", 10),
      rung(
        "longer bolt",
        "A bolt that reaches unused thread deeper in, if the hole goes on: measure its depth first.",
        15,
        [],
        ["A bolt that bottoms reads tight and clamps nothing: leave two threads free."],
      ),
      carrier,
      insert,
      handOver(tooFar),
    ],
  },
  {
    kind: "stuck on its seat",
    looks: "The bolts are out and the part will not come off.",
    first: "Look for a bolt, dowel or clip that was missed before any force.",
    renew: false,
    rungs: [
      { ...soak, does: "Penetrant round the edge of the seat, and wait half an hour." },
      rung(
        "tap round",
        "Tap all round with a soft hammer, or a block of wood under a hard one; turn the part if it can turn.",
        10,
        [tool("Soft hammer", /soft|mallet|hammer/i)],
        [EYES],
      ),
      {
        ...rung(
          "slide hammer",
          "A slide hammer screwed to a strong part of it: short strokes, straight out, turned on between them.",
          10,
          [tool("Slide hammer", /slide hammer/i), GLASSES],
          [EYES, "Not on a thin edge or a face that seals. Keep the hand clear of where the weight stops."],
        ),
        firstWhereOwned: true as const,
      },
      rung(
        "jack bolts",
        "Bolts in the part's own threaded holes, a half turn each in turn.",
        10,
        [],
        ["A little on each side, never all on one."],
      ),
      rung(
        "puller",
        "A puller on the strong part of it, with the pull in line.",
        25,
        [tool("Puller", /puller/i), GLASSES],
        [EYES, "Stand to the side: it lets go with a bang."],
      ),
      { ...heat, id: "heat seat", does: "Warm what is outside, not what is inside; then tap or pull." },
      handOver("Stop here before something cracks: a press in a workshop does it in minutes."),
    ],
  },
  {
    kind: "lead or clip broken",
    looks: "A lead, plug, hose or clip has broken or torn.",
    first: "Photograph it and its neighbours, and note which pin or pipe is which.",
    renew: true,
    rungs: [
      rung(
        "clip only",
        "If only the clip has gone and the plug still seats fully: a new clip, or a cable tie round plug and socket.",
        10,
        [supply("Cable ties", /cable tie/i, 5, "pieces")],
        ["Not on a safety restraint or a brake sensor lead: those are renewed."],
      ),
      rung(
        "splice",
        "A broken wire: crimped and sealed splice of the same gauge, never twisted and taped.",
        25,
        [tool("Crimp tool", /crimp/i), supply("Sealed splices", /splice|crimp connector/i, 2, "pieces")],
        ["Battery off first."],
      ),
      rung("new lead", "A new lead or hose from plug to plug.", 30),
      handOver("Airbag, high-voltage or brake line: a licensed workshop. Not driven until then."),
    ],
  },
  {
    kind: "wrong part",
    looks: "The new part does not match the old.",
    first: "Lay old and new side by side: hand, length, holes, thread. Nothing is made to fit.",
    renew: false,
    rungs: [
      rung("other hand", "Is it the other side's part, or upside down? Compare with the photo.", 5),
      rung("exchange", "Exchange it: take the old part and the number on it along.", 120),
      rung(
        "old part back",
        "If the old part is still safe, put it back with new fasteners and finish another day.",
        60,
        [],
        ["Not a brake, steering or wheel part that was found worn."],
      ),
      handOver("Leave it off the road, with the note why."),
    ],
  },
  {
    kind: "missing part",
    looks: "Something that should be there is not.",
    first: "Stop and look: tray, rags, box, floor, and inside what is open.",
    renew: false,
    rungs: [
      rung(
        "search",
        "Go back through the photos and the tray, compartment by compartment; a magnet into the dark places.",
        15,
        [tool("Magnet on a stick", /magnet/i)],
        ["Never turn an engine or a wheel over with something lost inside."],
      ),
      rung(
        "from the chest",
        "A new one of the same size and strength from the chest or the box of fixings.",
        10,
      ),
      rung("buy", "Buy it: size, thread, length, strength and finish as the others.", 90),
      handOver("Leave it off the road, with the note why. Nothing is driven with a fastener short."),
    ],
  },
  ...PLACE_LADDERS,
];

/**
 * The ladders that can be of use with a fastener: a head that is gripped from outside does not go round inside, nor
 * the other way about; where nothing is known of it all of them.
 */
export function laddersFor(fastener: Fastener | undefined): Ladder[] {
  const head = fastener?.sizeToUndo ?? fastener?.sizeToDoUp;
  if (!head) return [...LADDERS];
  const never: TroubleKind = isRecess(head) ? "rounded" : "rounded inside";
  return LADDERS.filter(({ kind }) => kind !== never);
}

/**
 * The ladder for a kind of trouble on one system: only the rungs that are to be tried there. @throws Error
 * for a kind without one, which the test rules out.
 */
export function ladderFor(kind: TroubleKind, system: System): Ladder {
  const found = LADDERS.find((ladder) => ladder.kind === kind);
  if (!found) throw new Error(`There is no ladder for "${kind}".`);
  return {
    ...found,
    rungs: found.rungs.filter((one) => !one.not?.includes(system) && (one.only?.includes(system) ?? true)),
  };
}
