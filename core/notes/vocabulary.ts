import nlp from "compromise/two";
import type { HeadProfile } from "../quantity/head-size";

/**
 * The words that the reader of notes knows, as data: one list, one table. All in small letters, as `wordsOf`
 * gives them.
 */

const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

/** What a fastener is called, by the family in which "the bolt" and "that screw" may be the same thing. */
export const HEADS: Readonly<
  Record<string, "bolt" | "stud" | "nut" | "plug" | "clip" | "union" | "bleeder" | "terminal" | "pin">
> = {
  ...Object.fromEntries(
    [
      ..."bolt bolts screw screws setscrew setscrews capscrew capscrews fixing fixings fastener fasteners torx phillips pozi pozidriv crosshead crossheads lag lags banjo stretchbolt".split(
        " ",
      ),
    ].map((word) => [word, "bolt" as const]),
  ),
  ...Object.fromEntries("stud studs".split(" ").map((word) => [word, "stud" as const])),
  ...Object.fromEntries(
    "nut nuts locknut locknuts nyloc nylocs lug lugs lugnut lugnuts"
      .split(" ")
      .map((word) => [word, "nut" as const]),
  ),
  ...Object.fromEntries("plug plugs".split(" ").map((word) => [word, "plug" as const])),
  ...Object.fromEntries("clamp clamps clip clips".split(" ").map((word) => [word, "clip" as const])),
  ...Object.fromEntries(
    "union unions flares fitting fittings".split(" ").map((word) => [word, "union" as const]),
  ),
  ...Object.fromEntries(
    "bleeder bleeders nipple nipples".split(" ").map((word) => [word, "bleeder" as const]),
  ),
  ...Object.fromEntries("terminal terminals".split(" ").map((word) => [word, "terminal" as const])),
  ...Object.fromEntries("pin pins".split(" ").map((word) => [word, "pin" as const])),
};

/** Stands for a thing that was named before. */
export const ONES = words(
  "one ones guy guys fella fellas fellow thing things pair rest others brother sister beast lot",
);

/** A plug with one of these before it is screwed in; others are pushed in by hand. */
export const SCREWED_PLUG = words(
  "drain sump fill filler filling level spark glow magnetic oil upper lower blanking core freeze",
);

/** Held by hand or pliers: a pin with one of these before it has a thread or a head that is a fastener's. */
export const FASTENING_PIN = words("slide slider sliding guide caliper clevis hinge shackle push retaining");

/** Tell one fastener from another; never what it is called. */
export const OPPOSITES: readonly (readonly string[])[] = [
  ["front", "rear"],
  ["left", "right"],
  ["upper", "lower", "middle"],
  ["inner", "outer", "inside", "outside"],
  ["long", "short"],
  ["big", "small"],
  ["drain", "fill", "filler", "level"],
];

/** Said either way, and meant as one: a fastener is told from others by the second. */
export const SAME_PLACE: Readonly<Record<string, string>> = {
  bottom: "lower",
  top: "upper",
  back: "rear",
  little: "small",
  smaller: "small",
  bigger: "big",
  large: "big",
  larger: "big",
  longer: "long",
  shorter: "short",
};

/** Words for where something is, or which of two it is. */
export const PLACES: ReadonlySet<string> = new Set([...OPPOSITES.flat(), ...Object.keys(SAME_PLACE)]);

/** End the name of a fastener going backwards: no part of it. */
export const NOT_IN_NAME = words(
  `a an the this that these those all both more each every of to on off out in into for with and then or my your his her its it it's is are was were by at up do did done be been
  undo undid remove removed take took crack loosen loosened slacken tighten tightened torque torqued nip fit refit replace replaced put get got need needs use used uses has have had
  there there's here here's i you we they he she so but now first second last next just only also mm mil mils millimetre millimetres millimeter millimeters inch inches socket sockets head heads headed
  hex hexagon torx phillips pozi pozidriv crosshead cross-head slotted size number numbers pair couple new old my same some another other same any no not never always around about if as from after before again back tight loose hold holding holds
  goes go onto said says say think reckon per well okay ok right yeah um uh er oh like get gets them their our me us which what when while where don't can't won't quite very really actually
  that's they're you're we're i'm i've we've i'll we'll you'll gonna gotta plus minus final single proper plain exact actual main remaining normal ordinary original called couple x of different wrong rusty rusted good bad whole every such existing long-ish nasty horrible fresh brand came come comes coming left went gone turn turns times click clicks looks look looking stay stays own kept hand hands finger fingers open opened close closed`,
);

/** Verbs that before a noun are the name of a thing as often: "drain plug", "slide pin", "feed hose". */
export const NAME_VERBS = words(
  "drain fill bleed pinch lock push set drive drop press lift slide hook clip tap cap feed pump brake clamp mount seat",
);

export type Way = "off" | "on" | "safe" | "look" | "prove" | "either";

/** Deeds that the plan calls as they were called. */
const oneByOne = (way: Way, verbs: string) => verbs.split(" ").map((verb) => [way, verb, verb] as const);

/** What is done, by its verb in the form that tells to do it. */
const DEEDS: readonly (readonly [verb: string, done: readonly [way: Way, says: string]])[] = (
  [
    [
      "off",
      "remove",
      "remove removing unbolt unbolting take taking strip pull pulling pry prise peel lever drop dropping extract",
    ],
    ["off", "undo", "undo undoing unscrew unscrewing"],
    ["off", "disconnect", "disconnect disconnecting detach"],
    ["off", "unplug", "unplug unplugging"],
    ["off", "unhook", "unhook unhooking unclip unclipping"],
    ["off", "loosen", "loosen loosening slacken slackening loose"],
    ["off", "crack loose", "crack cracking cracked break breaking"],
    ["off", "drain", "drain draining drip suck siphon syphon"],
    ["off", "tap out", "knock drive drift tap bash"],
    ["off", "cut", "cut saw grind drill"],
    ["off", "swing aside", "swing tuck move shove"],
    ["off", "release", "release unlock"],
    ["either", "open", "open"],
    ["either", "tape", "tape"],
    ["either", "slide", "slide slip"],
    ["either", "wiggle", "wiggle wriggle jiggle waggle"],
    ["either", "push", "push squeeze pop"],
    ...oneByOne("either", "work ease rock twist turn run wind spin lift thread feed unwind press hang cap"),
    [
      "on",
      "fit",
      "fit fitting refit refitting install installing reinstall put putting set seat replace mount hook slot offer insert swap",
    ],
    ["on", "reconnect", "connect reconnect reconnecting plug clip"],
    ["on", "start by hand", "start"],
    ["on", "tighten", "tighten tightening nip snug draw pinch do"],
    ["on", "torque", "torque torquing"],
    ["on", "fill", "fill refill refilling top pour add"],
    ["on", "bleed", "bleed bleeding"],
    ["on", "apply", "apply smear grease greasing lube dab spray paint coat bead squirt"],
    ["on", "adjust", "adjust adjusting line align"],
    ["on", "bend", "bend stake close shut lock"],
    ["on", "lower", "lower lowering"],
    ["safe", "chock", "chock chocking"],
    ["safe", "raise", "jack jacking raise raising"],
    ["safe", "support", "support supporting prop"],
    ["safe", "park", "park"],
    ["safe", "soak", "soak soaking soaked"],
    ["safe", "switch off", "switch"],
    ["look", "check", "check checking verify"],
    ["look", "inspect", "inspect examine"],
    ["look", "look", "look looking see feel listen"],
    ["look", "measure", "measure measuring gauge"],
    ["look", "compare", "compare"],
    ...oneByOne("look", "count"),
    ["look", "photograph", "photograph photo"],
    ["look", "mark", "mark marking label number"],
    ["look", "clean", "clean cleaning scrape scrub wipe wash brush chase sand blow vacuum"],
    ["prove", "drive", "drive driving"],
    ["prove", "start", "fire"],
    ["prove", "pump", "pump"],
    ["prove", "test", "test try bounce rev idle road-test operate"],
  ] as const
).flatMap(([way, says, verbs]) => verbs.split(" ").map((verb) => [verb, [way, says]] as const));

/** Told afterwards they are mishaps, or something else. */
const NO_DEED_AFTERWARDS = new Set(
  "drop lever break crack cut set put do see feel start fit bolt line number hand lock shut saw drift mount seat tab dab draw work run grind cap press".split(
    " ",
  ),
);

/** What the tagger's own types leave out. */
interface Conjugating {
  two: { transform: { verb: { conjugate: (verb: string, model: unknown) => { PastTense: string } } } };
}

/** As it is told afterwards: "I took the cover off", by the tagger's own conjugation. */
const { conjugate } = (nlp.methods() as Conjugating).two.transform.verb;
const AFTERWARDS = DEEDS.filter(([verb]) => !/(?:ing|ed)$/.test(verb) && !NO_DEED_AFTERWARDS.has(verb)).map(
  ([verb, done]) => [conjugate(verb, nlp.model()).PastTense, done] as const,
);

/** The forms in which a deed is told afterwards. */
export const PAST_DEEDS: ReadonlySet<string> = new Set(AFTERWARDS.map(([past]) => past));

/** What is done, by its verb: which way it goes, and the plain verb that the plan says. */
export const ACTIONS: Readonly<Record<string, readonly [way: Way, says: string]>> = Object.fromEntries([
  ...AFTERWARDS,
  ...DEEDS,
]);

/** Where a verb that goes either way is told by the word behind its thing. */
export const AWAY = words("off out away down aside loose apart");
export const HOME = words("on in back home together over");

/** Fasteners called by the shape of their heads: "two torx in the grab handle". */
export const SHAPES = words("torx phillips pozi pozidriv crosshead crossheads");

/** Last words of a tool's name. */
export const TOOL_HEADS = words(
  `socket sockets spanner spanners wrench wrenches ratchet ratchets extension extensions bar bars breaker bit bits key keys driver drivers screwdriver screwdrivers hammer hammers mallet pliers
  jack jacks stand stands pan tray bowl bucket tub brush puller pullers splitter separator gauge gauges micrometer caliper calipers scraper meter multimeter light torch lamp mirror mask glasses goggles
  pencil pencils marker pen flashlight vise vice punch punches drift chisel chocks chock block blocks ramp ramps pump gun grinder saw hacksaw drill file knife pick hook tester crowfoot swivel adapter press tape straightedge magnet funnel
  syringe creeper allen helper rope strap straps bungee nail thermometer toothbrush tool tools handle lever gloves welder hoist knuckle stethoscope`,
);

/** Last words of what is used up. */
export const CONSUMABLE_HEADS = words(
  `grease oil cleaner rags rag cloth cloths towels towel fluid coolant antifreeze sealant rtv silicone tape ties tie threadlocker locker anti-seize antiseize penetrant solvent paste soap water
  paint bag bags paper sandpaper emery foil cardboard lube lubricant primer nickel copper`,
);

/** Last words of a part's name. */
export const PART_HEADS = words(
  `gasket gaskets seal seals o-ring o-rings ring rings shoes filter filters washer washers cylinder cylinders hose hoses mount mounts belt belts bearing bearings spring springs clip clips sensor sensors thermostat
  starter pump bush bushes bushing bushings pin pins nut nuts bolts bolt kit kits pad pads disc discs rotor rotors alternator battery damper dampers link links boot boots joint joints cable cables plug plugs coil coils
  regulator motor tensioner idler radiator caliper calipers hub strut struts shock shocks stud studs cap bulb bulbs blade blades housing pipe line bracket shim shims insert inserts screws tyre tyres tire tires wheel arm arms`,
);

/** Something said of another year, engine or book: not for this job. */
export const NOT_THIS_ONE =
  /\b(?:older|(?<!\b(?:use|using|re-?use|off|from|with|remove|take|than|on|compare|comparing|beside|against|match|like|next to) the )old(?:er)? (?:one|truck|car|type|metal|grey|gray|style)|early (?:ones?|cars?|models?|vans?)|the [a-z]+(?:[- ][a-z]+)? version (?:is|was|gets|takes|has|wants)|earlier|later (?:ones?|cars?|models?|vans?)|newer (?:ones?|cars?|models?|vans?)|(?:before|until|up to|after|since) the facelift|other (?:engine|model|car|truck|van|one)s?(?! side)|bigger (?:engine|one)|(?:models?|cars?|vans?|vehicles|versions?) (?:before|up to|until|from before|built|made|with the other)|pre-?facelift|automatic'?s?|diesel'?s?|if you(?:'ve| have)? got the|in case you have|you(?:'ll| will| may| might)? (?:find|read|see|run across|hear)(?= (?:\w+ ){0,4}?\d)(?! (?:\w+ ){0,5}?(?:bolts?|nuts?|screws?|clips?|studs?)\b)|(?:maker|factory|manual|book|dealer)(?:'s|s)?(?: own)?(?: \w+)? (?:procedure|way|method)|do not use|don'?t use|do not(?=\W*$)|ignore (?:this|that)|not for (?:you|this|us)|(?:that(?:'s| is| was) (?:for )?|(?:is|are|was|were) for )the (?:older|old|later|other|early|newer|bigger|automatic|diesel|turbo)|used to be|(?:never|not) touched|wrong (?:one|figure)|different (?:car|animal|engine)|we(?:'re| are) not that|tool'?s own|(?:was|were) right for)\b/i;

/** What others say: used only where nothing better is said, and then with doubt. */
export const OTHERS_SAY =
  /\b(?:(?:somewhere|something|(?:the|my|some|a|printed|old|another) (?:paper|sheet|forum|internet|page|post|video)|printed sheet) (?:it |that |this )?(?:says?|said|reads?))\b|\bi'?ve seen (?!it\b)\w+|\bsaw (?:a|an|some|this|that|one) (?:guy|fella|fellow|man|woman|bloke|video|person)\b|\b(?:old|other|previous|first|wrong) (?:manual|book)\b|\b(?:manual|book) (?:wants|gives)\b|\b(?:on|in|from|off) the (?:internet|net|web|forums?)\b|\b(?:people|folks|fella|buddy|neighbou?r|friend|mate|brother(?:-in-law)?|uncle|father|dad|guys?|internet|forum|some) (?:\w+ ){0,9}?(?:says?|posts?|posted|said|swears?|tells?|told|will tell|use[sd]?)\b/i;

export const DOUBTFUL =
  /\b(?:i'm told|i was told|apparently|supposedly|allegedly|i think|i thought|i guess|i reckon|i believe|(?:fairly|pretty|almost|nearly) (?:sure|certain)|i(?:'m| am) gonna say|maybe|might be|probably|not sure|not certain|don'?t hold me|don'?t quote me|from memory|if i remember|if memory|could be|something like|somewhere around|ain'?t on the paper|double[- ]?check|check (?:it|that|this) (?:first|before)|\?\?)/i;

/** Straight before a word: it is not so. */
export const DENIED = /\b(?:don'?t|do not|never|not|no|isn'?t|aren'?t|without)(?: \w+){0,3}\W*$/i;

/** Taken back, and said anew. */
export const TAKEN_BACK =
  /\b(?:sorry|no wait|wait no|hang on|hold on|no no|i mean(?! it)|i meant|scratch that|(?:measured|checked) (?:it )?again|turns out|correction|make that|i (?:tell a )?lie|my mistake|oops|nope|wrong one|not (?:a|an|the) \d+|that'?s no good|crossed out|(?:that|it) was wrong|no,? it'?s|no,? they'?re|strike that)\b/i;

/**
 * What a job is worked on: the things that fasteners hold. With the heads of parts, what "those bolts" may be
 * the bolts of.
 */
export const THINGS = words(
  `shield apron tube bracket box airbox air-box cover crossmember pan sump body manifold flange guard undertray tray-cover bumper console duct arm joint hub wheel wheels carrier drum cylinder rack rail rails coupling hinge
  hinges strap striker door panel trim grille lamp headlight engine gearbox transmission case diff differential axle shaft driveshaft propshaft prop exhaust downpipe hose valve throttle intake inlet plenum cam
  pulley alternator injector fuel-rail tank fan shroud pedal seat column steering subframe cradle brace collar liner skirt fender wing bonnet hood boot-lid tailgate latch lock spoiler tow-bar towbar ball plate socket-plate
  reservoir bottle expansion master servo booster caliper pads disc disk rotor knuckle upright wishbone trailing lever sway-bar swaybar anti-roll stabiliser stabilizer bar-clamp clamp-plate retainer housing pump motor
  starter battery solenoid coil regulator wiper linkage blower heater radiator condenser compressor crash-bar bar rack-feet jockey trailer shackle chain spare-wheel carrier cable equaliser equalizer guide adjuster
  resistor relay switch sender module actuator horn aerial antenna speaker radio visor armrest gaiter snorkel duct vent evaporator canister
  turbo intercooler silencer muffler resonator distributor harness spat mudguard mudflap liner sill sunroof winch receiver pulley card
  post rod linkage hold-down hold-downs holddown holddowns terminal-post carburettor carburetor rocker block timing oil-pan oil-cooler filter-housing element bowl cup dash dashboard glovebox
  leg yoke flywheel flexplate clutch spindle backplate backing-plate seatbelt anchor buckle hatch gate mirror headlamp probe shoe shoes sling carpet bolster headrest cowl scuttle nozzle runner tunnel
  wire loom window windows windscreen windshield glass baffle strainer float filler neck turret squab cushion shelf roof crossbar roof-bar lens indicator washer-bottle fusebox fuse-box computer
  ecu maf wastegate pickup drawbar coupler hitch cowling slam-panel selector shifter check-strap sump-guard amplifier subwoofer wing-mirror parcel-shelf
  cooler roller surround bezel arch arches link links bellhousing bell-housing pinion companion balancer sprocket camshaft crankshaft tailpipe hanger converter lambda balljoint propeller u-joint`,
);

/** Nouns that name nothing that could be worked on. */
export const NO_THING = words(
  `way time times second seconds minute minutes moment hour hours day days week month year years video channel night overnight mile miles km kilometre kilometres kilometer kilometers litre litres liter liters quart quarts pint pints gallon gallons l ml kg kilo kilos pound pounds incl pass passes click clicks notch notches bit lot lots kind sort look break coffee tea beer lunch dinner life luck care sense money guess idea job work stuff problem problems trouble mess turn turns thing things side sides top bottom end ends hand hands finger fingers foot feet eye eyes people person place spot one ones difference chance fun favour favor mind part story news word words note notes everything anything something nothing mil mm inch inches guys folks friend`,
);

/** Written in one word: "heatshield", "crankcase", "floorpan". */
export const COMPOUND =
  /^[a-z]{3,}(?:shield|cover|case|plate|housing|tray|guard|panel|frame|shaft|member|lamp|light|hose|pipe|tube|wheel|pan|board|bracket|mount|motor|pump|cylinder|rack)$/;

/** Stand alone on a line and name no thing. */
export const NO_HEADING =
  /^(?:side|sides|left|right|front|rear|before|after|back|notes?|parts?|tools?|steps?|day|intro|removal|refitting|fitting|assembly|disassembly|installation|torques?|figures?|specs?|checks?|finish|done|prep|preparation|warning|total|cost|time|difficulty|edit|update|thanks|cheers|nothing|ready|okay|good|great|perfect|boom|there)$/;

/** What is told of as bought, and of nothing that it is fixed to. */
export const WAS_BOUGHT =
  /\b(?:bought|dollars?|bucks|quid|pounds the lot|euros?|comes? with|came (?:with|to)|(?:got|has|have) (?:[\w'-]+ ){1,6}with (?:it|them)|in the box|paid)\b|[$£€]/i;
/** What was bought or comes along: no fastener of the job by that alone. */
export const BOUGHT = new RegExp(
  `${WAS_BOUGHT.source}|\\b(?:kit(?:'s)?|parts? (?:are|is|wise|list)|cost|spare)\\b`,
  "i",
);
/** What is held still meanwhile is not what is turned. */
export const HELD_STILL = /\b(?:hold|holding|counterhold)(?: the| that| it| on)?\s*$/i;
export const HOLD_BEFORE =
  /\b(?:(?<!\b(?:that|which|is|are|bolts?|nuts?|screws?|only thing) )hold(?:s|ing)?(?!-)|counter-?hold(?:s|ing)?|counter(?: it| that)? with|stop (?:it|the \w+) (?:turning|spinning|going round)|(?:rod|shaft|spindle|stem|stud|ball|pin|back|head|bolt|end) (?:is |being )?held (?:still |steady |back )?(?:with|by) (?:a|an|the|my)|(?<!\b(?:lock|jam)[- ]?)nut (?:behind|on the (?:back|other side)|at the back)(?: is)?(?: also)?(?: a)?|on the nut|wrench on the bottom|the other (?:end|side)|up the end)\b[^.]{0,50}$/i;
export const HOLD_AFTER =
  /^\W*(?!(?:(?:bolt|one|head|socket) )?(?:with|and|has|plus)\b[^,.;]{0,14}\bnuts?\b)(?:\w+ ){0,5}?(?:on the (?:nut|back(?! (?:plate|cover|panel|seat|door|edge|wheel|box|axle|end)\b)|flats?|other (?:end|side)|bolt head)|to (?:hold|stop (?:it|the \w+|that))|and hold(?: it| that)?(?! (?:the|its|a|an|your|my)\b)|(?<!(?:bolts?|nuts?|screws?|clips?) )holding|(?:goes? |fits? )?(?:up|in|into) the (?:end|middle)\b(?! of the (?:bolt|car|engine))|through the middle|to keep it from)\b/i;

/** What a kind of head is called in speech, for bolts told by it. */
export const PROFILE_NAMES: readonly (readonly [words: readonly string[], profile: HeadProfile])[] = [
  [["triple", "squares"], "multi-spline"],
  [["triple", "square", "ones"], "multi-spline"],
  [["spline", "ones"], "multi-spline"],
  [["splines"], "multi-spline"],
  [["torxes"], "six-lobe"],
  [["torx", "ones"], "six-lobe"],
  [["star", "ones"], "six-lobe"],
  [["allens"], "hexagon key"],
  [["allen", "ones"], "hexagon key"],
];
