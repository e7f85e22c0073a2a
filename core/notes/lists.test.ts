import { asMeasure } from "./measures-said";
import { readStory } from "./story";

const named = (list: readonly { name: string }[]) => list.map(({ name }) => name);

test.each<[told: string, parts: string[]]>([
  ["Today we're doing the water outlet on the old wagon.", ["water outlet"]],
  ["Spent Sunday replacing the wiper motor.", ["wiper motor"]],
  ["The repair kit was forty dollars shipped.", ["repair kit"]],
  ["The wire wheel was twelve dollars, the puller kit fifty.", []],
  ["The regulator was forty dollars shipped.", ["regulator"]],
  [
    "In the box: 2 brackets, 4 rubber bungs, 6 screws. Also needed: a 10 mm socket.",
    ["2 brackets", "4 rubber bungs", "6 screws"],
  ],
  ["PARTS\n- lid gasket\n- 2 sealing rings\n\nLift the lid off.", ["lid gasket", "2 sealing rings"]],
  ["The lower hose is soft so I'm putting a new one on.", ["lower hose"]],
  ["Wipe it down. New copper washers on the banjo, 25 Nm.", ["copper washers"]],
  // No part of the job: what is not used, what is nowhere bought, what only happens to be new.
  ["I'm not using a new gasket here.", []],
  ["Undo the bracket, two 13 mm bolts, and swing the hose aside.", []],
  ["You'd drill a new hole for that, new to me as well.", []],
])("parts to have of “%s”", (told, parts) => {
  expect(named(readStory(told).parts)).toEqual(parts);
});

test.each<[told: string, measure: ReturnType<typeof asMeasure> | undefined]>([
  ["Measure the disc, it should be at least 22 mm.", { what: "disc", unit: "mm", least: 22 }],
  [
    "The rear lamp bracket gap must be no more than 3 mm.",
    { what: "rear lamp bracket gap", unit: "mm", most: 3 },
  ],
  ["Push on the belt, it should give 8 to 10 mm.", { what: "belt push", unit: "mm", least: 8, most: 10 }],
  ["Stand the arms never less than 400 mm apart on the rail.", { what: "rail", unit: "mm", least: 400 }],
  // Which way a limit goes was not said.
  ["The lining limit is 2 mm.", { what: "lining", unit: "mm" }],
  // Lengths of tools, heads of bolts and figures of torque are no measures.
  ["Take a 150 mm extension to the bracket bolts.", undefined],
  ["Under the tray there are two 10 mm bolts.", undefined],
  ["The carrier bolts want to be 110 Nm.", undefined],
  ["There are three in the arm and they want oil.", undefined],
])("what is measured in “%s”", (told, measure) => {
  const [first] = readStory(told).measures;
  expect(first && asMeasure(first)).toEqual(measure);
});

test("what it came to stands with the limit, in one line, each number as it was said", () => {
  const told = "The hub moves about three eighths of an inch. The limit is an eighth.";
  expect(named(readStory(told).measures)).toEqual(["hub, measured 3/8 in, limit 1/8 in"]);
  const thou = "On the manifold you're allowed fifteen thousandths.";
  expect(named(readStory(thou).measures)).toEqual(["manifold, limit 0.015 in"]);
});

test("an engine that runs until something comes about is waited for; a bolt that is run in is not", () => {
  expect(named(readStory("Then let it idle until the fan has cut in, about ten minutes.").waits)).toEqual([
    "idle until the fan has cut in, 10 min",
  ]);
  expect(readStory("Run the bolt in until it is home.").waits).toEqual([]);
});

test("a pan to drain into is a tool and a pan that is drained is none; under a heading every line is one", () => {
  expect(named(readStory("Put a drain pan under it, then take the engine oil pan off.").tools)).toEqual([
    "drain pan",
  ]);
  expect(named(readStory("TOOLS\n- thread chaser\n- old shower curtain\n\nTake the lid off.").tools)).toEqual(
    ["thread chaser", "shower curtain"],
  );
});

test("oil is something to have by its grade, with how much", () => {
  expect(named(readStory("Fill it with three quarts of 75w-90.").consumables)).toEqual([
    "75W-90 oil, three quarts",
  ]);
});

const AFTER_ALL = "The first half of it is long. All of it came off, and all of it went back on. ";
test.each([
  [
    "After two days check the level again, and the belt after 500 km.",
    ["After two days check the level again", "check the belt after 500 km"],
  ],
  ["Coolant level every morning for a week.", ["Coolant level every morning for a week"]],
  ["Ring your insurer about it.", ["Ring your insurer about it"]],
  ["Old oil to the tip in milk bottles.", ["Old oil to the tip in milk bottles"]],
  ["Return hose on, clip on.", []],
  ["Fill it until it runs out, then check the gap again.", []],
  ["The lever should hold at 5 clicks.", []],
])("for later: “%s”", (told, later) => {
  expect(named(readStory(AFTER_ALL + told).followUps)).toEqual(later);
});

test("a step says of what a bolt is where its name does not, and never twice", () => {
  const { steps } = readStory(
    "U bolts, two a side so four nuts a side, 3/4 in. The bracket has one big bolt, 21 mm. New spring in. U bolts 70 Nm.",
  );
  expect(steps.filter(({ says }) => says === "remove").map(({ what }) => what)).toEqual([
    "U-bolt nuts",
    "big bracket bolt",
  ]);
});

test("what it is done with, and what keeps the car up and in its place, are tools by whatever word they are told", () => {
  expect(
    named(
      readStory(
        "Rear wheels chocked, up on two stands. Tap the pin out with a punch, then look behind it with a mirror. The mirror on the door stays on.",
      ).tools,
    ),
  ).toEqual(["punch", "mirror", "wheel chocks", "axle stands"]);
});
