import type { Noted } from "./heard";
import { readStory } from "./story";

const named = (list: readonly Noted[]) => list.map(({ name }) => name);

test.each([
  [
    "Hold the hose end with a 17 or the pipe will twist.",
    "Hold the hose end with a 17 or the pipe will twist",
  ],
  ["Stuff a rag in the port so nothing falls in.", "Stuff a rag in the port so nothing falls in"],
  ["The bracket is heavier than it looks.", "The bracket is heavier than it looks"],
  ["Don't weld anywhere near the tank.", "Don't weld anywhere near the tank"],
  ["And don't press the pedal yet or it locks.", "don't press the pedal yet or it locks"],
  ["Never spring it over the lug.", "Never spring it over the lug"],
  ["Maximum load is 90 kg.", "Maximum load is 90 kg"],
  ["So don't let the caliper hang on its hose.", "don't let the caliper hang on its hose"],
  ["The van's cold, so start.", "engine cold"],
  ["Let the manifold get stone cold.", "Let the manifold get stone cold"],
  [
    "Two brackets hold the rail. If you forget them, you'll bend the rail when you pry it off.",
    "If you forget them, you'll bend the rail when you pry it off",
  ],
  [
    "Hook the spring off with a loop of wire, not pliers.",
    "Hook the spring off with a loop of wire, not pliers",
  ],
  ["Work outdoors, no naked flame.", "Work outdoors, no naked flame"],
  [
    "Don't use an ordinary screwdriver, you'll chew the head.",
    "Don't use an ordinary screwdriver, you'll chew the head",
  ],
  ["The chocks are the only thing holding it.", "The chocks are the only thing holding it"],
  [
    "Pull it up, but not at the corner, at the corner it breaks.",
    "Pull it up, but not at the corner, at the corner it breaks",
  ],
  ["Stands under the sills, NOT the beam.", "Stands under the sills, NOT the beam"],
  ["Work outside and no smoking there.", "Work outside and no smoking there"],
  ["Keep everyone off it while you try it.", "Keep everyone off it while you try it"],
  ["New bushes, flange faces out.", "New bushes, flange faces out"],
  ["Take the two clips off and mind the plastic tabs.", "mind the plastic tabs"],
  ["Pump the pedal before you move the car.", "Pump the pedal before you move the car"],
  [
    "Get your hand right underneath before the last one comes out of there, this pump is heavier than it looks and slippery too.",
    "pump is heavy",
  ],
])("to be minded: “%s”", (told, caution) => {
  expect(named(readStory(told).cautions)).toEqual([caution]);
});

test("what somebody does not own, and what happens by itself, is nothing to mind", () => {
  expect(
    readStory("I don't own a dial gauge. The needle never gets off the stop. Don't go crazy.").cautions,
  ).toEqual([]);
});

test("what is to be minded is told with what it is of and why; what only points says nothing here", () => {
  const minded = (told: string) => named(readStory(told).cautions);
  expect(minded("There's a little half-moon key in the shaft, don't lose it.")).toEqual([
    "There's a little half-moon key in the shaft, don't lose it",
  ]);
  expect(minded("Take the negative off first, because the big wire is live.")).toEqual([
    "Take the negative off first, because the big wire is live",
  ]);
  expect(minded("They don't spring back once they are bent. Don't do that on this one.")).toEqual([]);
});

test("what speech without marks goes on to say is part of what is minded; what the teller did is not", () => {
  const told =
    "so the cover now crack all ten of them loose and pull them and leave two in by a few threads so the cover don't come down on your face and get your pan under there then give it a whack from the side and it comes off and i let it drip for a while and went and had a sandwich and came back to it later on";
  const [first = ""] = named(readStory(told).cautions);
  expect(first).toMatch(/leave .*come down on your face$/);
});

test("what nobody warns of is nothing to mind", () => {
  const told =
    "Nothing is hot by then. Now we must take the wheel off. The only thing holding it is these two brackets. The boot snaps on. If you look it up you'll find another figure. It's only one of the three. I always do the left side. Squeeze the tab so that it comes out.";
  expect(readStory(told).cautions).toEqual([]);
});
