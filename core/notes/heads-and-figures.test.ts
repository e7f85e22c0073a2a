import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { readStory } from "./story";

/** Each fastener on a line: its name, how many, head, what holds it, figure; "?" where it is to be asked about. */
const read = (text: string) =>
  readStory(text).fasteners.map(({ name, count, undo, hold, figure, doubtful, doubtfulSize }) =>
    [
      name,
      count && `× ${count}`,
      undo && formatHeadSize(undo) + (doubtfulSize ? "?" : ""),
      hold && `hold ${formatHeadSize(hold)}`,
      figure && formatFigure(figure) + (doubtful ? "?" : ""),
    ]
      .filter(Boolean)
      .join(", "),
  );

describe("a number goes to what it was said of, and to nothing else", () => {
  test.each<[says: string, text: string, fasteners: string[]]>([
    [
      "what is done then is no second pass over the bolt before",
      "The idler bolt is a 13, take it out. The tensioner bolt is a 15. New idler on, its bolt 18 foot pounds. New tensioner on, then the tensioner bolt 35 foot pounds.",
      ["idler bolt, × 1, 13 mm, 18 lb·ft", "tensioner bolt, × 1, 15 mm, 35 lb·ft"],
    ],
    [
      "two passes over the same bolts are two passes still",
      "Four cover bolts, 10 mm, come out. New gasket. Cover bolts in, first 5 newton metres, then 9 newton metres.",
      ["cover bolts, × 4, 10 mm, 5 N·m, then 9 N·m"],
    ],
    [
      "what is said behind a second size is said of that",
      "Ball joint nut is a 17 with a 5 mm allen in the end of the stud. Crack it. New arm in. Ball joint nut 45 Nm.",
      ["ball joint nut, × 1, 17 mm, hold 5 mm key, 45 N·m"],
    ],
    [
      "no part of a number is a head",
      "Four wheel bolts, 17 mm, come out. New pads in. Wheel on, and hundred and ten newton metres on the wheel bolts.",
      ["wheel bolts, × 4, 17 mm, 110 N·m"],
    ],
    [
      "how many there are is no head, and neither is a torque",
      "Take the cover bolts out, there are 12. The torque on the drain plug is 22. The drain plug is a 17.",
      ["cover bolts, × 12", "drain plug, × 1, 17 mm"],
    ],
    [
      "a head told before the bolt that has it is that of nothing else named meanwhile",
      "Here's the idler, this one's got a thirteen on it. Then the two bracket bolts come off, and the cover with them.",
      ["idler bolt, × 1, 13 mm", "bracket bolts, × 2"],
    ],
    [
      "a head by its number alone, said outright and by the way",
      "The castle nut has a pin in it, pull it out. The nut is nineteen. There's a bracket with one bolt on the bottom fourteen. Take the bracket off, and the cover.",
      ["castle nut, × 1, 19 mm", "bracket bolt on the bottom, × 1, 14 mm?"],
    ],
    [
      "one and the other, over two sentences",
      "The tensioner has two bolts. One is a 15, and the other one's a 13.",
      ["big tensioner bolt, × 1, 15 mm", "small tensioner bolt, × 1, 13 mm"],
    ],
    [
      "a bolt's bleeder and plug are not the bolts before them",
      "Two bracket bolts, 10 mm, at the front. The plug is a 14 mm hex key. Drain it. The plug: 35 Nm.",
      ["bracket bolts, × 2, 10 mm", "plug, × 1, 14 mm key, 35 N·m"],
    ],
  ])("%s", (_, text, fasteners) => {
    expect(read(text)).toEqual(fasteners);
  });
});
