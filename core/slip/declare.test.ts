import { EMPTY } from "./__fixtures__/trying";
import { slip } from "./declare";
import { choice, measure, number, optional, text, tool } from "./fields";

const trial = slip({
  name: "trial",
  title: "Trial",
  about: "",
  words: "",
  fields: {
    way: choice("Way", ["short", "long"]),
    length: measure("The length", "length", "10"),
    slots: number("Slots", "6"),
    depth: optional(measure("The depth", "length")),
    word: text("Word", "a", (typed) => typed.toUpperCase()),
    wrench: tool("Wrench", "torque wrench", "Another", "other"),
  },
  asks: { length: ({ way }) => way === "long" },
  work: ({ way, length, slots, depth, word, wrench }, { at }) => ({
    answer: { says: word, value: at("slots", () => String(length * slots)) },
    lines: [{ label: way, value: `${depth ?? "no depth"}, ${wrench?.name ?? "no wrench"}` }],
    working: [],
    margin: "",
    assumes: "",
    drawing: { kind: "nothing" },
  }),
});

test("fields come to the calculation as values: measures in their own unit, empty ones as undefined", () => {
  const { slip: worked, readBack } = trial.work({ way: "long", length: "2 cm", word: "b" }, EMPTY);
  expect(worked?.answer).toEqual({ says: "B", value: "120" });
  expect(worked?.lines).toEqual([{ label: "long", value: "no depth, no wrench" }]);
  expect(readBack).toEqual({ length: "= 20 mm" });
});

test("what is not asked for counts as it starts, whatever was typed there before", () => {
  expect(trial.work({ length: "nonsense" }, EMPTY).slip?.answer.value).toBe("60");
  expect(trial.work({ way: "gone", length: "nonsense" }, EMPTY).slip?.lines[0]?.label).toBe("short");
});

test("all that cannot be read is said at once, each at its own field", () => {
  const { slip: worked, errors } = trial.work({ way: "long", length: "3 psi", slots: "x" }, EMPTY);
  expect(worked).toBeUndefined();
  expect(Object.keys(errors)).toEqual(["length", "slots"]);
});
