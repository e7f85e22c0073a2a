import type { SheetFastener } from "./sheet";
import { act, byHand, often, tighten, undo } from "./writing";

/*
 * What several sheets have alike, each with the name by which a sheet's fasteners know it. A sheet that has it under
 * some answers only adds `when`.
 */

/** As "axle". */
export const AXLE_NUT: SheetFastener = {
  name: "Axle nut",
  count: 1,
  role: "hub and axle",
  often: "32",
  locking: "staked",
  counterHold: { by: "foot on the brake" },
  singleUse: true,
  sided: true,
  tightened: "on the ground",
};

export const axleCracked = act("Axle nut unstaked and cracked, the wheel on the ground", [3, 8, 25], {
  sided: true,
  with: "axle",
  hands: 2,
  detail: "Somebody on the brake, a long bar; not in the air.",
  troubles: [often("seized", 5, 25)],
});
export const axleByHand = byHand("New axle nut on by hand", "axle", [1, 2, 4], { sided: true });
export const axleTight = tighten("Axle nut, the wheel on the ground, then staked", "axle", [2, 4, 8], {
  sided: true,
  hands: 2,
});

/** As "caliper": the carrier comes off with it. */
export const CARRIER_BOLTS: SheetFastener = {
  name: "Caliper carrier bolts",
  count: 2,
  role: "brake",
  often: "18",
  sided: true,
};

export const carrierOff = undo("Caliper and carrier off together, hung on a wire", "caliper", [4, 8, 25], {
  sided: true,
  takesOff: ["caliper"],
  heldUp: "a hook of wire to the spring, never its hose",
  troubles: [often("seized", 5, 25)],
});
export const carrierByHand = byHand("Carrier on, bolts by hand", "caliper", [2, 4, 8], {
  sided: true,
  putsBack: ["caliper"],
});
export const carrierTight = tighten("Carrier bolts", "caliper", [2, 3, 5], { sided: true });

/** As "screw". */
export const DISC_SCREW: SheetFastener = {
  name: "Disc screw",
  count: 1,
  role: "body",
  often: "T30",
  by: "snug",
  sided: true,
};

export const discOff = undo("Disc screw out, disc off", "screw", [2, 6, 30], {
  sided: true,
  takesOff: ["disc"],
  troubles: [often("rounded inside", 5, 30), often("stuck on its seat", 5, 40)],
});
export const discOn = tighten("Disc on, screw in", "screw", [1, 3, 6], { sided: true, putsBack: ["disc"] });

/** As "pinch". */
export const PINCH_BOLT: SheetFastener = {
  name: "Ball joint pinch bolt",
  count: 1,
  role: "suspension",
  often: "16",
  singleUse: true,
  sided: true,
};

export const pinchOut = undo("Pinch bolt out, ball joint out of the knuckle", "pinch", [5, 12, 60], {
  sided: true,
  takesOff: ["ball joint"],
  troubles: [often("seized", 5, 40), often("snapped", 1, 12)],
});

/** As "strut" or "bracket". */
export const STRUT_BOLTS: SheetFastener = {
  name: "Strut to knuckle bolts",
  count: 2,
  role: "suspension",
  often: "18",
  counterHold: { by: "on the other end" },
  singleUse: true,
  sided: true,
};

/** As "nut" or "rod". */
export const ROD_JOINT_NUT: SheetFastener = {
  name: "Steering joint nut",
  count: 1,
  role: "steering",
  often: "19",
  locking: "locking nut",
  singleUse: true,
  counterHold: { by: "key through the middle" },
  sided: true,
};

/** As "lock". */
export const ROD_LOCK_NUT: SheetFastener = {
  name: "Steering rod lock nut",
  count: 1,
  role: "steering",
  often: "22",
  counterHold: { by: "on the other end" },
  sided: true,
};

export const bareThread = act("Exposed thread measured, paint across nut and rod", [2, 3, 5], {
  sided: true,
  mark: "length of bare thread in mm, and paint across nut and rod",
});
export const rodEndOff = act("Rod end screwed off, turns counted", [1, 3, 8], {
  sided: true,
  takesOff: ["rod end"],
  mark: "turns counted, halves too",
});
export const jointInArm = tighten("Joint in the arm, new nut", "nut", [2, 4, 8], {
  sided: true,
  putsBack: ["steering joint"],
  detail: "Taper clean and dry.",
});

/** As "plug": where the radiator has one, by the question of that name. */
export const RADIATOR_PLUG: SheetFastener = {
  name: "Radiator drain plug",
  count: 1,
  role: "engine",
  by: "hand tight",
  into: "plastic",
  when: { plug: ["yes"] },
};

export const heaterHot = act("Heater to hot, catch pan of 10 L under it", [1, 2, 4], {
  cautions: ["Coolant is sweet and poison: nothing left where a child or a dog finds it."],
});
export const capOff = act("Expansion tank's cap off, slowly", [1, 1, 2], {
  needs: ["cold"],
  takesOff: ["expansion tank cap"],
  cautions: ["Rag over it. Stop if it hisses."],
});
export const capOn = act("Expansion tank's cap on", [1, 1, 1], { putsBack: ["expansion tank cap"] });
export const lowerHoseOn = act("Lower hose on, its clamp where it was", [1, 3, 6], {
  putsBack: ["lower hose"],
});
export const coolantIn = act("Filled slowly, bleed screws open until no bubbles come", [8, 15, 30], {
  detail: "The kind the handbook names; mixed kinds turn to jelly. As many litres in as came out.",
});
