import fc from "fast-check";
import { CAR_WORDS, carWordsIn } from "./car-words";

const told = (text: string) => carWordsIn(text).flatMap(({ text: word, says }) => (says ? [word] : []));

test.each([
  ["Old hub carrier off, then the hub", ["hub carrier", "hub"]],
  ["Two split pins and a castle nut; new split pins", ["split pins", "castle nut"]],
  ["Split-pin the nut", ["Split-pin"]],
  ["Anti-seize on the studs", ["Anti-seize", "studs"]],
  ["Displayed on the player", []],
  ["Push the bushes in", ["bushes"]],
  ["Jack stands under the subframe", ["Jack stands", "subframe"]],
  ["", []],
])("in “%s” these are told: %j", (text, words) => {
  expect(told(text)).toEqual(words);
});

test("nothing of a text is lost, whatever it is", () => {
  fc.assert(
    fc.property(
      fc.array(fc.oneof(fc.string(), fc.constantFrom(...CAR_WORDS.map(({ word }) => word), " ", "s"))),
      (pieces) => {
        const text = pieces.join("");
        expect(
          carWordsIn(text)
            .map((piece) => piece.text)
            .join(""),
        ).toBe(text);
      },
    ),
  );
});

test("every word says what it is, once, in a sentence or two", () => {
  expect(new Set(CAR_WORDS.map(({ word }) => word)).size).toBe(CAR_WORDS.length);
  for (const { word, says } of CAR_WORDS) {
    expect([word, /^[A-Z].*\.$/.test(says), says.length < 160]).toEqual([word, true, true]);
    expect(told(word)).toEqual([word]);
  }
});
