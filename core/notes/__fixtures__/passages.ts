/** A passage in somebody's own words, and what a careful reader takes from it. */
export interface Passage {
  text: string;
  /** Heads that stand, as they are called, each as often as it is said. */
  sizes: string[];
  /** Figures that stand, each with the fastener it speaks of; "loose" where the text does not say. */
  figures: [figure: string, fastener: string][];
}

export const PASSAGES: readonly Passage[] = [
  {
    text: "Engine mount:\n- 3 mount bolts, 15mm, 50 Nm + 90°\n- 2 top nuts, 17mm, 75 Nm",
    sizes: ["15 mm", "17 mm"],
    figures: [
      ["50 N·m + 90°", "mount bolts"],
      ["75 N·m", "top nuts"],
    ],
  },
  {
    text: "so there's four 15 mil bolts holding the mount on and they go to fifty newton metres",
    sizes: ["15 mm"],
    figures: [["50 N·m", "bolts"]],
  },
  {
    text: "you undo the pair of tens on the cover first then the big nut which is a 24 mil",
    sizes: ["10 mm", "24 mm"],
    figures: [],
  },
  {
    text: "Sump plug 14 mm, 35 ft lbs. New washer every time.",
    sizes: ["14 mm"],
    figures: [["35 lb·ft", "sump plug"]],
  },
  {
    text: "the starter bolts are a 14 millimetre and they're torqued to 32 foot pounds",
    sizes: ["14 mm"],
    figures: [["32 lb·ft", "starter bolts"]],
  },
  {
    text: "Cam cover bolts 10mm heads. 106 inch pounds, in a cross from the middle out.",
    sizes: ["10 mm"],
    figures: [["106 lb·in", "cam cover bolts"]],
  },
  {
    text: "three quarter inch socket for the spring plate nuts, seven sixteenths for the little bracket bolts",
    sizes: ["3/4 in", "7/16 in"],
    figures: [],
  },
  {
    text: "It wants an inch and a half socket on the end and a half inch breaker bar to shift it.",
    sizes: ["1 1/2 in"],
    figures: [],
  },
  {
    text: "use the half inch drive with a 250 mm extension and the 18 socket",
    sizes: ["18 mm"],
    figures: [],
  },
  {
    text: "grabbed my three eighths ratchet, six inch extension, thirteen mil deep socket",
    sizes: ["13 mm"],
    figures: [],
  },
  {
    text: "the bracket bolts were a 16, sorry, that is a 17 not a 16, and 45 newton metres",
    sizes: ["17 mm"],
    figures: [["45 N·m", "bracket bolts"]],
  },
  {
    text: "Exhaust flange nuts: 15 mm. 40 Nm. No wait, correction, 48 Nm.",
    sizes: ["15 mm"],
    figures: [["48 N·m", "exhaust flange nuts"]],
  },
  {
    text: "I think the thermostat housing bolts are about 9 newton metres but don't quote me",
    sizes: [],
    figures: [["9 N·m", "thermostat housing bolts"]],
  },
  {
    text: "somewhere in my notes it says 85 Nm but I can't remember what for",
    sizes: [],
    figures: [["85 N·m", "loose"]],
  },
  {
    text: "Diff cover bolts, 1/2 in heads, 25-30 ft-lb, thread sealant on each.",
    sizes: ["1/2 in"],
    figures: [["25 to 30 lb·ft", "diff cover bolts"]],
  },
  {
    text: "between 18 and 24 newton metres on the manifold nuts, 12 mil spanner",
    sizes: ["12 mm"],
    figures: [["18 to 24 N·m", "manifold nuts"]],
  },
  {
    text: "plastic intake screws T25, no more than 3 Nm or you'll strip it",
    sizes: ["T25"],
    figures: [["max 3 N·m", "plastic intake screws"]],
  },
  {
    text: "Flywheel bolts: first to 20 Nm then to 40 Nm then 60 Nm, in a star pattern, new ones every time",
    sizes: [],
    figures: [["20 N·m, then 40 N·m, then 60 N·m", "flywheel bolts"]],
  },
  {
    text: "head screws are a multi spline M10 spline bit, 40 Nm then another 90 degrees then another 90 degrees",
    sizes: ["M10 spline"],
    figures: [["40 N·m + 90° + 90°", "head screws"]],
  },
  {
    text: "drove about 60 km and it was fine, cost me 45 quid in parts and took 3 hours",
    sizes: [],
    figures: [],
  },
  {
    text: "It's the 2006 pickup with 4.0 litre, done 131000 miles, tyres at 35 psi.",
    sizes: [],
    figures: [],
  },
  {
    text: "bracket bolts 105, slide screws 30 and carrier nuts 110, all newton metres",
    sizes: [],
    figures: [
      ["105 N·m", "bracket bolts"],
      ["30 N·m", "slide screws"],
      ["110 N·m", "carrier nuts"],
    ],
  },
  {
    text: "the gearbox mount nut is a 19, hold the stud with a 6 mm hex key while you do it, 60 Nm",
    sizes: ["19 mm", "6 mm key"],
    figures: [["60 N·m", "gearbox mount nut"]],
  },
  {
    text: "Subframe bolts, four of them, 21 mm, 120 Nm, final torque with the car on the ground",
    sizes: ["21 mm"],
    figures: [["120 N·m", "subframe bolts"]],
  },
  {
    text: "spark plugs 16mm socket 22Nm dry threads by hand first",
    sizes: ["16 mm"],
    figures: [["22 N·m", "spark plugs"]],
  },
  {
    text: "coil screws T30 8 Nm\ncover bolts 10 mm 12 Nm",
    sizes: ["T30", "10 mm"],
    figures: [
      ["8 N·m", "coil screws"],
      ["12 N·m", "cover bolts"],
    ],
  },
  {
    text: "okay so there are two 13s at the top and one 13 at the bottom for the alternator bracket",
    sizes: ["13 mm", "13 mm"],
    figures: [],
  },
  {
    text: "Take the E12 socket for the body bolts and put blue threadlocker on them, 55 N·m.",
    sizes: ["E12"],
    figures: [["55 N·m", "body bolts"]],
  },
  {
    text: "u-bolt nuts on the leaf spring are fifteen sixteenths, ninety five foot pounds, do it wheels on the ground",
    sizes: ["15/16 in"],
    figures: [["95 lb·ft", "nuts"]],
  },
  {
    text: "transmission pan bolts are three eighths heads, a hundred and ten inch pounds, easy does it",
    sizes: ["3/8 in"],
    figures: [["110 lb·in", "transmission pan bolts"]],
  },
  { text: "I had to use a 1-1/16 socket on the pitman nut", sizes: ["1 1/16 in"], figures: [] },
  { text: "M8 bolts with a 13 head. Torque 25 Nm.", sizes: ["13 mm"], figures: [["25 N·m", "bolts"]] },
  {
    text: "seat bolts T50, 40 Nm, bit of locking fluid on each of the four bolts",
    sizes: ["T50"],
    figures: [["40 N·m", "seat bolts"]],
  },
  {
    text: "It's 7.5 kgf m on the crossmember nuts according to the old manual",
    sizes: [],
    figures: [["7.5 kgf·m", "crossmember nuts"]],
  },
  {
    text: "backing plate bolts 16mm, 40 Nm, only a crowfoot gets at them",
    sizes: ["16 mm"],
    figures: [["40 N·m", "backing plate bolts"]],
  },
  {
    text: "Bleed screw: 8 mm spanner, 6 to 9 Nm.",
    sizes: ["8 mm"],
    figures: [["6 to 9 N·m", "bleed screw"]],
  },
  {
    text: "brake pipe union 11 mil flare spanner, around 14 newton metres I reckon",
    sizes: ["11 mm"],
    figures: [["14 N·m", "brake pipe union"]],
  },
  {
    text: "tow bar bolts M12, 19 mm, 80 Nm per bolt, recheck after 100 km",
    sizes: ["19 mm"],
    figures: [["80 N·m", "tow bar bolts"]],
  },
  {
    text: "The turbo oil banjo bolt takes a 17 mm socket and 25 Nm with new copper washers.",
    sizes: ["17 mm"],
    figures: [["25 N·m", "turbo oil banjo bolt"]],
  },
  {
    text: "wiper arm nuts 16mm, 20Nm, press the arm down as you do them",
    sizes: ["16 mm"],
    figures: [["20 N·m", "wiper arm nuts"]],
  },
  {
    text: "Undo the 10 mm nut on the battery earth first. Snug it back up last, about 5 Nm.",
    sizes: ["10 mm"],
    figures: [["5 N·m", "nut"]],
  },
  {
    text: "gear lever bolt: 1/4 in drive, 8mm socket, 10 N m",
    sizes: ["8 mm"],
    figures: [["10 N·m", "gear lever bolt"]],
  },
  {
    text: "crank bolt is a twenty one mil, undo it with a three quarter drive bar, it's 180 newton metres plus a quarter turn",
    sizes: ["21 mm"],
    figures: [["180 N·m + 90°", "crank bolt"]],
  },
  { text: "radiator fan screws, four cross-head ones, just nip them", sizes: [], figures: [] },
  {
    text: "measured the drum at 229 mm across, limit is 230 mm wide, lining left about 2 mm thick",
    sizes: [],
    figures: [],
  },
  { text: "wheel nuts 19 mm 83 lb-ft in a star", sizes: ["19 mm"], figures: [["83 lb·ft", "wheel nuts"]] },
  {
    text: "the wheel bolts get 110 Nm and the drum screw is a T30, that one just snug",
    sizes: ["T30"],
    figures: [["110 N·m", "wheel bolts"]],
  },
  {
    text: "torque the exhaust clamp nut to 30 ft lbs and then the hanger bolts to 15 ft lbs",
    sizes: [],
    figures: [
      ["30 lb·ft", "exhaust clamp nut"],
      ["15 lb·ft", "hanger bolts"],
    ],
  },
  {
    text: "Door hinge bolts: 13 mm. Torque: 33 Nm. Paint mark them first.",
    sizes: ["13 mm"],
    figures: [["33 N·m", "door hinge bolts"]],
  },
  {
    text: "glow plugs want a ten mil deep socket and 15 newton metres max, warm engine, penetrating oil the night before",
    sizes: ["10 mm"],
    figures: [["max 15 N·m", "glow plugs"]],
  },
  {
    text: "not sure but I think sump bolts were 10 mil and maybe 10 newton metres",
    sizes: ["10 mm"],
    figures: [["10 N·m", "sump bolts"]],
  },
  {
    text: "40 Nm for the lower bolts, 60 Nm for the upper bolts",
    sizes: [],
    figures: [
      ["40 N·m", "lower bolts"],
      ["60 N·m", "upper bolts"],
    ],
  },
  {
    text: "you'll need a 5 mm hex key and a 9/16 spanner and about two hours",
    sizes: ["5 mm key", "9/16 in"],
    figures: [],
  },
  {
    text: "anti-roll bar link nuts are 16 mil with a 17 mil on the flats at the back, forty five newton metres, copper grease on the threads",
    sizes: ["16 mm", "17 mm"],
    figures: [["45 N·m", "link nuts"]],
  },
  {
    text: "valve cover bolts in stages 4, 8 and 12 Nm from the centre out",
    sizes: [],
    figures: [["4 N·m, then 8 N·m, then 12 N·m", "valve cover bolts"]],
  },
  {
    text: "castle nut 22 mm, 60-80 Nm, line up the hole going tighter, new split pin",
    sizes: ["22 mm"],
    figures: [["60 to 80 N·m", "castle nut"]],
  },
  {
    text: "oil filter housing is a 32 mm hex, 25 newton-metres, new o-ring",
    sizes: ["32 mm"],
    figures: [["25 N·m", "loose"]],
  },
  {
    text: "oops I mean 35 not 53 newton metres for the support bolts",
    sizes: [],
    figures: [["35 N·m", "support bolts"]],
  },
  {
    text: "heater valve screws 1.2 Nm, like nothing at all",
    sizes: [],
    figures: [["1.2 N·m", "heater valve screws"]],
  },
  {
    text: "The five lug nuts, thirteen sixteenths, go to eighty three pound feet, once more after fifty miles.",
    sizes: ["13/16 in"],
    figures: [["83 lb·ft", "lug nuts"]],
  },
  {
    text: "Window regulator: three 10 mm nuts, 7 Nm. Door card: T20 screws, hand tight.",
    sizes: ["10 mm", "T20"],
    figures: [["7 N·m", "nuts"]],
  },
  {
    text: "ground strap bolt 3/8-16, 9/16 head, 25 lb ft",
    sizes: ["9/16 in"],
    figures: [["25 lb·ft", "ground strap bolt"]],
  },
  {
    text: "skid plate bolts were all different, two 12 mm ones and four 14 mm ones, torque is 28 Nm for all of them",
    sizes: ["12 mm", "14 mm"],
    figures: [["28 N·m", "skid plate bolts"]],
  },
  {
    text: "throttle body 4 bolts 5mm hex key 9.5Nm\ncheck the gasket",
    sizes: ["5 mm key"],
    figures: [["9.5 N·m", "bolts"]],
  },
  {
    text: 'alternator top bolt 1/2" head 18 ft.lbs., bottom bolt 9/16" head 35 ft.lbs.',
    sizes: ["1/2 in", "9/16 in"],
    figures: [
      ["18 lb·ft", "alternator top bolt"],
      ["35 lb·ft", "bottom bolt"],
    ],
  },
  {
    text: "the service book from 2013 says check every 2 years or 30000 km, battery is 12 volts 60 amps",
    sizes: [],
    figures: [],
  },
];

/**
 * Written after the reader, and not looked at while it was made better: they tell how it does on what it has
 * not seen.
 */
export const UNSEEN: readonly Passage[] = [
  {
    text: "right so the airbox comes off with two 8 mil screws then theres a 10 mil bolt at the back and the throttle clamp which is a 7 mil hex they just want to be snug",
    sizes: ["8 mm", "10 mm", "7 mm"],
    figures: [],
  },
  {
    text: "Gearbox drain plug: 24 mm, 45 Nm. Filler plug: 17 mm hex key, 35 Nm. Fill until it runs out.",
    sizes: ["24 mm", "17 mm key"],
    figures: [
      ["45 N·m", "gearbox drain plug"],
      ["35 N·m", "filler plug"],
    ],
  },
  {
    text: "my mate says the crossmember bolts go to ninety newton metres and I think he's right, they take an 18 socket",
    sizes: ["18 mm"],
    figures: [["90 N·m", "crossmember bolts"]],
  },
  {
    text: "the three exhaust manifold nuts nearest the bulkhead are 12 mm, get a wobble extension on them, 20 ft lb",
    sizes: ["12 mm"],
    figures: [["20 lb·ft", "exhaust manifold nuts"]],
  },
  {
    text: "Handbrake cable adjuster nut 13 mm, count the threads showing before you touch it, 6 turns off mine",
    sizes: ["13 mm"],
    figures: [],
  },
  {
    text: "put the bumper screws back in T27, 2.5 newton metres, there are eight of them",
    sizes: ["T27"],
    figures: [["2.5 N·m", "bumper screws"]],
  },
  {
    text: "leaf spring shackle bolts: loosen with 3/4 in. socket, do not final torque until at ride height, 65 lb·ft",
    sizes: ["3/4 in"],
    figures: [["65 lb·ft", "leaf spring shackle bolts"]],
  },
  {
    text: "I've got 12 Nm for the solenoid nut and 48 Nm for the two long bolts",
    sizes: [],
    figures: [
      ["12 N·m", "solenoid nut"],
      ["48 N·m", "long bolts"],
    ],
  },
  {
    text: "cylinder head cover: ten bolts, 10 mm, tighten from the middle, first 5 then 10 newton metres",
    sizes: ["10 mm"],
    figures: [["5 N·m, then 10 N·m", "bolts"]],
  },
  {
    text: "that was a waste of forty minutes, the battery tray bolts are 13s not 12s, and one of the clips snapped",
    sizes: ["13 mm"],
    figures: [],
  },
  {
    text: "Thermostat housing 2 x M6, 10 mm head, 9 N.m, new gasket, wait till it's stone cold",
    sizes: ["10 mm"],
    figures: [["9 N·m", "M6 bolts"]],
  },
  {
    text: "oil cooler banjo bolt nineteen millimetre thirty five newton metres two new copper washers",
    sizes: ["19 mm"],
    figures: [["35 N·m", "oil cooler banjo bolt"]],
  },
  {
    text: "the hub flange nut is huge, a 36 mm socket, three quarter inch drive, 250 to 280 Nm with the brake on",
    sizes: ["36 mm"],
    figures: [["250 to 280 N·m", "hub flange nut"]],
  },
  {
    text: "bell housing bolts - 4 off 17mm (75Nm) - 2 off 14mm (43Nm)",
    sizes: ["17 mm", "14 mm"],
    figures: [
      ["75 N·m", "bell housing bolts"],
      ["43 N·m", "bell housing bolts"],
    ],
  },
  {
    text: "you want a half inch spanner on the cable nut and 60 inch pounds, it's only brass",
    sizes: ["1/2 in"],
    figures: [["60 lb·in", "cable nut"]],
  },
  {
    text: "Crank sensor: one 8mm bolt, 8 Nm, mind the o-ring. Took 20 min.",
    sizes: ["8 mm"],
    figures: [["8 N·m", "bolt"]],
  },
  {
    text: "front crossmember 6 bolts 21 mm head 100 Nm plus 90 degrees, always new bolts",
    sizes: ["21 mm"],
    figures: [["100 N·m + 90°", "bolts"]],
  },
  { text: "paid 139 for the starter, 12 months warranty, part SM-4406", sizes: [], figures: [] },
  {
    text: "tighten the wheel nuts to 110 newton metres in a cross pattern then go round again after 80 km",
    sizes: [],
    figures: [["110 N·m", "wheel nuts"]],
  },
  {
    text: "inlet pipe clamps are a 7 mm or a flat blade, don't overdo it, 3 newton metres tops",
    sizes: ["7 mm"],
    figures: [["max 3 N·m", "inlet pipe clamps"]],
  },
];
