import { z } from "zod";
import {
  ifTyped,
  line,
  lineIfTyped,
  lines,
  oneOf,
  oneOfIfSaid,
  readForm,
  refused,
  typed,
  unitName,
} from "./form";
import { InputError } from "./input-error";
import { lineSchema } from "./model/record";
import { mmWithin, numberIn, numberWithin, wholeWithin } from "./quantity/number-within";
import { withoutUndefined } from "./without-undefined";

const says = (form: z.ZodType<unknown, string>, text: string) => {
  const read = readForm(z.object({ field: form }), { field: text });
  return "value" in read ? read.value.field : read.errors.field;
};

test("nothing that is typed is cut off: what is too long is told with by how much", () => {
  expect(lineSchema.safeParse("x".repeat(200)).success).toBe(true);
  expect(says(line("?"), "x".repeat(200))).toHaveLength(200);
  const tooLong = "That is 201 letters long, and 200 fit. Say it shorter.";
  expect([
    says(line("?"), "x".repeat(201)),
    says(lineIfTyped, "x".repeat(201)),
    says(lines(";", 2), `a;${"x".repeat(201)}`),
  ]).toEqual([tooLong, tooLong, tooLong]);
  expect(says(unitName, "x".repeat(21))).toContain("20 fit");
  expect(says(lines("\n", 2), "a\nb\nc")).toContain("These are 3, and 2 fit.");
});

test("spaces around are no letters, and empty is undefined where it may be", () => {
  expect(says(line("Say what."), "  bolt ")).toBe("bolt");
  expect(says(line("Say what."), "  ")).toBe("Say what.");
  expect(says(lineIfTyped, "  ")).toBeUndefined();
  expect(says(lines(";", 3), " a ;; b;")).toEqual(["a", "b"]);
});

test("every field that is wrong is told at once, also one that is wrong because of others", () => {
  const form = z.object({
    a: line("Say a."),
    b: ifTyped(numberWithin("The wait", 1, 5, " minutes")),
    c: refused("Not with that."),
  });
  expect(readForm(form, { a: "", b: "9", c: "" })).toEqual({
    errors: { a: "Say a.", b: "The wait is between 1 and 5 minutes. Check the number.", c: "Not with that." },
  });
});

test("what refuses with anything but a sentence is not held back", () => {
  const broken = typed(() => {
    throw new TypeError("a mistake of ours");
  });
  expect(() => says(broken, "x")).toThrow("a mistake of ours");
});

test("one of several, asked for or left out", () => {
  expect([
    says(oneOf(["a", "b"], "Choose."), "b"),
    says(oneOf(["a", "b"], "Choose."), ""),
    says(oneOfIfSaid(["a"]), "a"),
    says(oneOfIfSaid(["a"]), "?"),
  ]).toEqual(["b", "Choose.", "a", undefined]);
});

test("numbers within their range, whole or not, and lengths with a unit", () => {
  expect([
    wholeWithin("How many", 1, 64)("64"),
    numberWithin("The wait", 1, 5)("2,5"),
    mmWithin("The length", 1, 2000)("2 in"),
  ]).toEqual([64, 2.5, 50.8]);
  for (const text of ["0", "65", "2.5", "x"])
    expect(() => wholeWithin("How many", 1, 64)(text)).toThrow(InputError);
  expect(() => mmWithin("The length", 1, 2000)("3 m")).toThrow("between 1 and 2000 mm");
  expect([numberIn("1 1/2"), numberIn(""), numberIn("x")]).toEqual([1.5, undefined, undefined]);
});

test("what is not known is left out of a record", () => {
  expect(Object.keys(withoutUndefined({ a: 1, b: undefined, c: null, d: false }))).toEqual(["a", "c", "d"]);
});
