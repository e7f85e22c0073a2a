import type { Ladder } from "./ladder";
import {
  BURNS,
  EYES,
  GLASSES,
  handOver,
  heat,
  leftHand,
  rung,
  soak,
  supply,
  tool,
  tooFar,
  weld,
} from "./rungs";

const HAMMER = tool("Hammer", /hammer|mallet/i);

/**
 * Ladders for heads and places of their own: a recess that has gone round, what turns inside or behind, a pin, and
 * what was so before anybody began. Our own, as the others.
 */
export const PLACE_LADDERS: readonly Ladder[] = [
  {
    kind: "rounded inside",
    looks: "The key or bit turns in the head: hexagon, six-lobe, spline or cross.",
    first: "Take the bit out before it takes the rest, and pick the recess clean to its bottom.",
    renew: true,
    rungs: [
      soak,
      rung(
        "fresh bit",
        "A new bit of the exact size, hammered home, then all your weight on it and a slow, straight pull; a hand impact driver is better.",
        10,
        [tool("Impact driver", /impact/i), HAMMER],
        [EYES],
      ),
      rung(
        "next up",
        "Hammer in the bit that is a little too big: the next six-lobe in a hexagon, the next inch size in a metric one.",
        10,
        [HAMMER],
        [EYES, "That bit is for this only: it may split."],
      ),
      rung(
        "slot",
        "Saw a slot across the head and turn it with a wide blade or an impact driver.",
        20,
        [tool("Hacksaw", /hacksaw|saw\b/i)],
        [EYES],
      ),
      weld,
      rung(
        "drill the head",
        "Drill the head off, no deeper than the head: what it held comes off over the shank, and the stub with locking pliers.",
        40,
        [tool("Drill bits", /drill bits?|drill$/i), tool("Locking pliers", /locking pliers|grips/i), GLASSES],
        [EYES, "It lets go of what it holds: support that first."],
      ),
      leftHand,
      handOver(tooFar),
    ],
  },
  {
    kind: "captive nut gone",
    looks: "The bolt turns and the nut behind it turns too, or has broken loose inside.",
    first: "Stop turning: every turn opens the hole it sits in.",
    renew: true,
    rungs: [
      soak,
      rung(
        "lever it",
        "A flat lever under the head pulls the nut against its seat while the bolt is turned slowly out.",
        10,
        [tool("Pry bar", /pry|prise|lever/i)],
        [EYES],
      ),
      rung(
        "hold it",
        "Reach the nut through the nearest hole, drain or rubber plug and hold it: a thin spanner, or long-nose locking pliers.",
        20,
        [tool("Locking pliers", /locking pliers|grips/i)],
      ),
      { ...heat, id: "heat nut" },
      rung(
        "cut it",
        "Cut the bolt between what it holds and the panel, and push the rest in; what is heard falling is fetched out.",
        30,
        [tool("Hacksaw", /hacksaw|saw\b/i), tool("Magnet on a stick", /magnet/i)],
        [EYES, "It lets go of what it holds: support that first."],
      ),
      rung(
        "new nut",
        "A new flange nut that can be held: on a strip of steel, slid in through the hole behind. Same strength, same thread.",
        45,
        [supply("Flange nut", /flange nut/i, 1, "pieces")],
        ["No window is cut in a rail, a sill, a seat or belt mount, or a subframe: that is a workshop's."],
      ),
      handOver(tooFar),
    ],
  },
  {
    kind: "insert spins",
    looks: "A threaded insert in sheet metal or plastic turns with its bolt.",
    first: "Do not turn faster: heat melts plastic and opens the hole.",
    renew: true,
    rungs: [
      rung(
        "pull and turn",
        "Pull the head outwards with a lever while it is turned slowly: the collar bites again.",
        10,
        [tool("Pry bar", /pry|prise|lever/i)],
      ),
      rung(
        "hold the collar",
        "File two small flats on the collar, or grip its edge with pliers, and hold it while the bolt comes out.",
        15,
        [tool("Locking pliers", /locking pliers|grips/i)],
      ),
      rung(
        "drill the bolt",
        "Drill the head of the bolt off and push both through; fetch them out.",
        30,
        [tool("Drill bits", /drill bits?|drill$/i), GLASSES],
        [EYES],
      ),
      rung("new one", "Set a new insert of the same thread, a size larger outside, by its own tool.", 30, [
        tool("Insert setter", /insert (?:setter|tool)|rivet nut/i),
      ]),
      handOver(tooFar),
    ],
  },
  {
    kind: "stud turns",
    looks: "The stud comes out together with its nut.",
    first: "Let it come, if there is room: a stud that is whole goes back in.",
    renew: false,
    rungs: [
      soak,
      rung(
        "out together",
        "Out as one, then the nut off in a vice; the stud back in with two nuts locked on it, to the depth of its neighbours.",
        20,
        [tool("Vice", /\bvice\b|\bvise\b/i)],
      ),
      rung(
        "hold the stud",
        "Two thin nuts locked against each other on its free end, or locking pliers on the plain shank, never on the thread.",
        15,
        [tool("Locking pliers", /locking pliers|grips/i)],
      ),
      { ...heat, id: "heat nut", does: "Heat the nut, not the stud, and turn it warm." },
      rung(
        "split the nut",
        "Split or saw the nut along one flat, short of the thread, and open it with a chisel.",
        25,
        [tool("Nut splitter", /nut splitter/i), GLASSES],
        [EYES],
      ),
      rung("new stud", "A new stud and nut of the same strength; both threads clean.", 20),
      handOver(tooFar),
    ],
  },
  {
    kind: "pin will not move",
    looks: "A driven pin, a clevis or a dowel sits and will not come.",
    first: "Look which end is thicker, stepped or peened: it comes out one way only.",
    renew: true,
    rungs: [
      soak,
      rung(
        "straight punch",
        "A punch just under its size, square on, the lug held up from behind so that it does not bend; short hard blows.",
        15,
        [tool("Pin punch", /punch|drift/i), HAMMER],
        [EYES],
      ),
      rung(
        "press it",
        "A clamp with a socket behind it as a press: the pin has room to come into the socket.",
        20,
        [tool("G-clamp", /clamp/i)],
        [EYES],
      ),
      {
        ...heat,
        not: BURNS,
        id: "heat lug",
        does: "Warm what is round the pin, not the pin, and drive it warm.",
      },
      rung(
        "drill it",
        "Drill it from the end a size smaller than it is, then drive out the shell.",
        40,
        [tool("Drill bits", /drill bits?|drill$/i), GLASSES],
        [EYES, "Dead in the middle: the hole it sits in must stay round."],
      ),
      handOver(tooFar),
    ],
  },
  {
    kind: "was missing already",
    looks: "It was not there when you came to it.",
    first: "Photograph it: it was so before you.",
    renew: true,
    rungs: [
      rung("other side", "Look at the other side and at the book: is one meant to be there at all?", 5),
      rung("what it did", "Look what it held or sealed: worn, rubbed through, moved?", 10),
      rung("new one", "A new one of the same size, strength and finish goes on with the rest.", 15),
      handOver(
        "Leave it off the road, with the note why. Nothing that stops or steers is driven with one short.",
      ),
    ],
  },
  {
    kind: "was fitted wrong",
    looks: "Whoever was here before fitted it wrong: another bolt, the other way round, on the wrong side.",
    first: "Photograph it, and do not copy it.",
    renew: false,
    rungs: [
      rung("which is right", "Which way is right: the other side, the book, the wear on both parts.", 10),
      rung("what it did", "Look what it has spoilt: threads, seat, a hose rubbed through.", 10),
      rung("put it right", "Fit it the right way, with new hardware where the old was the wrong one.", 15),
      handOver("Leave it off the road, with the note why."),
    ],
  },
];
