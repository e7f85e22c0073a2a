import type { System } from "../../model/place";
import type { Amount } from "../../model/supply";
import type { Rung, TroubleNeed } from "./ladder";

export const tool = (name: string, find: RegExp): TroubleNeed => ({ name, find });
export const supply = (name: string, find: RegExp, value: number, unit: Amount["unit"]): TroubleNeed => ({
  name,
  find,
  amount: { value, unit },
});

export const EYES = "Eye protection on.";
/** Where what burns is near: nothing is heated there. */
export const BURNS: readonly System[] = ["brakes", "ignition and fuel"];
const FIRE =
  "No flame or heat near fuel, fluid, rubber, wiring or a charged airbag. Fire extinguisher within reach.";
const PENETRANT = supply("Penetrant", /penetrant|penetrating/i, 50, "mL");
export const GLASSES = tool("Safety glasses", /glasses|goggles|visor/i);

export const rung = (
  id: string,
  does: string,
  minutes: number,
  needs: TroubleNeed[] = [],
  cautions: string[] = [],
  stops?: true,
): Rung => ({
  id,
  does,
  minutes,
  needs,
  cautions,
  ...(stops ? { stops } : {}),
});

export const brush = rung(
  "clean",
  "Wire-brush the thread and the head, then seat the tool fully: no dirt under it, square on.",
  5,
  [tool("Wire brush", /wire brush/i)],
  [EYES],
);

export const soak = rung(
  "soak",
  "Penetrant on the thread, tap the head all round, wait half an hour, again. Overnight is better.",
  30,
  [PENETRANT],
  ["Ventilate; no flame; gloves and eyes. Keep it off brake linings and rubber."],
);

export const backAndForth = rung(
  "work it",
  "A little tighter first, then back, a few degrees at a time with fresh penetrant.",
  15,
  [PENETRANT],
  ["Feel for it going soft: that is the bolt twisting off. Stop then."],
);

export const heat: Rung = {
  not: BURNS,
  ...rung(
    "heat",
    "Heat the nut or what is round the bolt, not the bolt, with a hot-air gun or a small flame; then undo it warm.",
    20,
    [tool("Hot-air gun", /hot[- ]air|heat gun|torch/i)],
    [FIRE, EYES, "A heated fastener has lost its strength: fit a new one."],
  ),
};

export const handOver = (does: string) => rung("hand over", does, 0, [], [], true);

export const sixPoint = rung(
  "six-point",
  "Six-point socket of the exact size, hammered on square, with a straight pull.",
  5,
  [tool("Hammer", /hammer|mallet/i)],
  [EYES],
);

export const nextDown = rung(
  "next down",
  "Hammer on the next size down, metric or inch; the Bench's fit slip says which is near.",
  10,
  [tool("Hammer", /hammer|mallet/i)],
  [EYES, "That socket is for this only: it may split."],
);

export const grips = rung("grips", "Locking pliers on as deep as they go, square to the pull.", 10, [
  tool("Locking pliers", /locking pliers|grips/i),
]);

export const extractorSocket = rung(
  "extractor socket",
  "Spiral extractor socket tapped over what is left of the head.",
  15,
  [tool("Extractor socket", /extractor socket|bolt extractor|spiral/i)],
  [EYES],
);

export const slot = rung(
  "file flats",
  "File two flats or cut a slot and use a spanner or an impact driver.",
  20,
  [tool("File", /\bfile\b/i)],
  [EYES],
);

export const weld: Rung = {
  not: BURNS,
  ...rung(
    "weld a nut",
    "Have a nut welded on: the heat frees the thread and the nut gives a new head.",
    60,
    [],
    [FIRE, "Battery off and electronics unplugged first.", "Only if you weld; otherwise hand it over."],
  ),
};

export const stud = rung(
  "stub",
  "If enough stands out: penetrant, then locking pliers or two nuts locked against each other.",
  15,
  [PENETRANT, tool("Locking pliers", /locking pliers|grips/i)],
);

export const leftHand = rung(
  "left-hand drill",
  "Centre-punch it dead in the middle, drill with left-hand bits from small to large: it often comes out on its own.",
  40,
  [tool("Left-hand drill bits", /left[- ]hand/i), tool("Centre punch", /punch/i), GLASSES],
  [EYES, "Slowly, with cutting oil; off the middle it ruins the thread."],
);

export const extractor = rung(
  "extractor",
  "Screw extractor in the drilled hole, turned by hand with steady force.",
  20,
  [tool("Screw extractor set", /screw extractor|extractor set|stud extractor/i), GLASSES],
  [EYES, "Do not force it: an extractor that snaps inside is too hard to drill."],
);

export const drillOut = rung(
  "drill out",
  "Drill out to the core diameter, pick out the coil of old thread and chase it with a tap.",
  60,
  [tool("Drill bits", /drill bits?|drill$/i), tool("Tap of this thread", /\btap\b/i), GLASSES],
  [EYES],
);

/** What stops or steers the vehicle is renewed, not mended. */
export const RENEWED: readonly System[] = ["brakes", "steering and suspension", "wheels"];
export const carrier: Rung = {
  ...rung(
    "new carrier",
    "A new part for the thread to go into: cylinder, caliper, carrier or hub. Often less work than saving the thread, and surer.",
    30,
  ),
  only: RENEWED,
};

export const insert: Rung = {
  not: RENEWED,
  ...rung(
    "thread insert",
    "Drill oversize and fit a wire or solid thread insert of the same thread.",
    60,
    [tool("Thread insert set", /thread insert|insert set/i), GLASSES],
    [EYES, "Not in restraint parts: there the part is replaced."],
  ),
};

export const tooFar =
  "Stop here: a machine shop or a licensed workshop. The vehicle stays where it is until then.";
