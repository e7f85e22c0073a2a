/**
 * Words of the trade that somebody new to it may not know, each with what it is in a sentence. General workshop
 * knowledge; forms that are written otherwise stand behind a bar.
 */
const WORDS: readonly (readonly [forms: string, says: string])[] = [
  [
    "anti-seize",
    "A paste that keeps threads from rusting or welding together. It also makes them slide: a dry torque figure is then too much.",
  ],
  ["axle stand|jack stand", "What carries the car while somebody works on it. A jack only lifts."],
  ["backing plate", "The plate behind a brake drum that carries the shoes and the wheel cylinder."],
  [
    "ball joint",
    "A ball in a socket that lets a wheel steer and move up and down. It sits in a taper, and is pressed or knocked out of it.",
  ],
  [
    "banjo bolt",
    "A hollow bolt through a ring-shaped hose end; a washer on either side seals, and both are renewed.",
  ],
  [
    "bleed screw|bleed nipple|bleeder",
    "The little hollow screw at a brake or a cooler that lets air out. Small, hollow and easily broken.",
  ],
  ["breaker bar", "A long handle without a ratchet, for undoing what is stuck. Never for doing up."],
  [
    "bush|bushing",
    "A sleeve of rubber and metal that an arm turns in. It is clamped at ride height, or it tears.",
  ],
  ["cable equaliser|equaliser", "The piece that shares the pull of one handbrake rod between two cables."],
  [
    "caliper|calliper",
    "The part of a disc brake that squeezes the pads against the disc. It never hangs by its hose.",
  ],
  [
    "cam cover|rocker cover|valve cover",
    "The lid of the engine over the camshaft. Its small bolts go into aluminium and strip easily.",
  ],
  ["carrier", "The bracket that a caliper slides on; its bolts hold a brake on the car."],
  [
    "castle nut|castellated nut",
    "A nut with slots for a split pin. It is tightened on to the next slot, never backed off to one.",
  ],
  ["chock", "A wedge before or behind a wheel, so that the car cannot roll."],
  ["circlip", "A ring that springs into a groove and keeps a part from sliding. It flies: glasses on."],
  ["clevis pin", "A pin through a fork and an eye, held by a split pin or a clip."],
  ["control arm|wishbone", "The arm between the body and a wheel that lets it move up and down."],
  [
    "crowfoot",
    "A spanner's end on a square hole, for where no socket goes. It makes the lever longer, so the wrench is set to less.",
  ],
  ["crush washer", "A soft washer that seals by being squeezed once. It is renewed every time."],
  ["dowel", "A pin or sleeve that says exactly where two parts sit on each other."],
  ["drift", "A rod of soft metal to knock a pin or a bearing out with a hammer, without hurting it."],
  ["drip leg|weep hole", "A small hole that lets out what leaks inside, so that it is seen."],
  ["flange", "A rim by which two parts are bolted face to face."],
  ["flare nut|pipe union", "The hollow nut around a brake pipe that presses its widened end into its seat."],
  [
    "flare-nut spanner|flare spanner",
    "A spanner that goes nearly all the way round a pipe's nut, so that it does not round it.",
  ],
  ["freewheel pulley", "A pulley that drives one way only and lets go the other."],
  ["gasket", "A thin seal between two faces. Old ones come off whole, to the last crumb."],
  [
    "guide pin|slide pin|slider pin",
    "The pin that a caliper slides on. It is greased with the grease that is made for it.",
  ],
  ["heat shield", "Thin sheet that keeps an exhaust's heat away. Its nuts rust first."],
  ["hub", "What a wheel is bolted to and turns on its bearing."],
  [
    "hub carrier|knuckle|upright",
    "The casting that holds the hub, and that arms, brake and steering are bolted to.",
  ],
  ["impact socket", "A socket of tough black steel. A bright one may burst on an impact wrench."],
  ["jack point|jacking point", "Where the maker lets the car be lifted. Beside it metal bends."],
  ["locknut|lock nut", "A second nut that is turned against the first, so that neither comes loose."],
  ["master cylinder", "The pump at the brake pedal. It never runs dry while the brakes are bled."],
  ["nyloc|nyloc nut|nylon insert nut", "A nut with a plastic ring that grips the thread. Used once."],
  ["o-ring", "A round rubber ring in a groove that seals. It goes in wet with what it seals."],
  ["petcock|drain tap", "The tap at the foot of a radiator to let the coolant out."],
  ["play", "How far a part moves before it meets the next: measured, not guessed."],
  ["plenum", "The box on the engine that shares the air out to its cylinders."],
  [
    "preload",
    "How hard bearings are pressed together by their nut before anything drives on them. Seldom much.",
  ],
  [
    "prevailing torque",
    "What it takes to turn a self-locking nut before it clamps anything. It comes on top.",
  ],
  ["push pin|push clip|trim clip", "A plastic fastener: its middle comes out first, then the rest."],
  ["reaction arm", "The arm that keeps a tool from turning in the hand instead of the nut."],
  ["ride height", "As the car stands on its own wheels, with nobody under it."],
  ["runout", "How far a disc or a hub wobbles as it turns, read on a gauge."],
  ["sealing face", "The flat face that a gasket lies on. One scratch across it leaks."],
  ["seized", "Grown together by rust. Heat, oil and patience before force."],
  ["servo", "What multiplies the push of a foot on the brake, by the engine's vacuum."],
  ["shear pin|roll pin", "A small pin that is meant to break, or springs into its hole and is driven out."],
  ["six-lobe|star bit", "A head with six rounded teeth, known by T and a number inside, by E outside."],
  ["spacer", "A sleeve that keeps two parts a set way apart."],
  ["split pin|cotter pin", "A soft wire pin that is bent over to keep a nut from turning. Used once."],
  ["stud", "A bolt without a head that stays in; the nut comes off it."],
  ["subframe", "The frame under the body that carries engine and suspension."],
  ["sump|oil pan", "The tray under the engine that holds its oil."],
  ["taper", "A cone that wedges into another. Tightening it seats it; a knock on its side frees it."],
  ["tensioner", "What keeps a belt or a chain tight. Its spring lets go: it is pinned first."],
  ["thermostat", "The valve that keeps coolant out of the radiator until the engine is warm."],
  [
    "threadlocker|thread lock|threadlock",
    "A glue that keeps a thread from coming loose. It goes on clean, dry threads.",
  ],
  [
    "torque to yield",
    "A bolt tightened until it just begins to stretch for good, by an angle. It is used once.",
  ],
  [
    "track rod|tie rod",
    "The rod between the steering rack and a wheel. Its length sets the toe: turns are counted.",
  ],
  ["toe", "Whether the wheels of an axle point in or out; set on a machine after the steering was opened."],
  ["union", "A nut that joins two pipes and can be undone again."],
  ["wheel cylinder", "The small cylinder that pushes the shoes of a drum brake apart."],
];

export interface CarWord {
  /** As it is listed. */
  word: string;
  says: string;
}

interface Known extends CarWord {
  forms: string[];
}

const KNOWN: readonly Known[] = WORDS.map(([written, says]) => {
  const forms = written.split("|");
  return { word: forms[0] ?? "", forms, says };
});

/** All of them, by the alphabet. */
export const CAR_WORDS: readonly CarWord[] = KNOWN.map(({ word, says }) => ({ word, says })).sort((a, b) =>
  a.word.localeCompare(b.word, "en"),
);

const byForm = new Map(KNOWN.flatMap((one) => one.forms.map((form) => [form, one] as const)));
/** The longest first: a hub carrier is no hub. */
const ANY = new RegExp(
  `\\b(${[...byForm.keys()]
    .sort((a, b) => b.length - a.length)
    .map((form) => form.replaceAll(" ", "[ -]"))
    .join("|")})(?:s|es)?\\b`,
  "gi",
);

/** A piece of a text: plain, or a word with what it is. */
export interface TextPiece {
  text: string;
  says?: string;
}

/**
 * A text in pieces, each car word told the first time it comes. Example: carWordsIn("Old hub carrier off") → "Old ",
 * "hub carrier" with what it is, " off".
 */
export function carWordsIn(text: string): TextPiece[] {
  const pieces: TextPiece[] = [];
  const told = new Set<Known>();
  let from = 0;
  for (const match of text.matchAll(ANY)) {
    const known =
      byForm.get((match[1] ?? "").toLowerCase().replaceAll("-", " ")) ??
      byForm.get((match[1] ?? "").toLowerCase());
    if (!known || told.has(known)) continue;
    told.add(known);
    if (match.index > from) pieces.push({ text: text.slice(from, match.index) });
    pieces.push({ text: match[0], says: known.says });
    from = match.index + match[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from) });
  return pieces;
}
