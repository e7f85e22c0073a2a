import fc from "fast-check";
import { readCsv, writeCsv } from "./csv";

test("what goes out as CSV comes back, whatever is in its cells", () => {
  const cell = fc
    .string({
      maxLength: 12,
      unit: fc.constantFrom("a", "1", ",", ";", '"', "\n", "=", "'", "-", "ä", " ", "\uFF1D"),
    })
    .filter((text) => text.trim() === text);
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom("kind", "x"), cell, cell), { minLength: 1, maxLength: 6 }),
      (rows) => {
        expect(readCsv(writeCsv(rows)).map((row) => row.map((text) => text.replace(/\r\n?/g, "\n")))).toEqual(
          rows.map((row) => [...row]),
        );
      },
    ),
  );
});

test("a cell that a spreadsheet would run is guarded", () => {
  expect(writeCsv([["=1+1", "@x", "plain", "-5"]])).toBe("'=1+1,'@x,plain,'-5");
  for (const text of [
    " =1+1",
    "\n=1+1",
    "\r\n+1",
    "\u200B@x",
    "\u00A0-1",
    "\uFF1D1",
    "\uFF0B1",
    "\uFF0D1",
    "\uFF20x",
    "'=1",
    "''=1",
  ]) {
    const [cell = ""] = writeCsv([[text, "x"]]).replace(/^"/, "");
    expect([text, cell]).toEqual([text, "'"]);
    expect(
      readCsv(
        writeCsv([
          ["kind", "x"],
          ["y", text],
        ]),
      )[1],
    ).toEqual(["y", text]);
  }
  expect(readCsv("'=1+1,'@x,plain")).toEqual([["=1+1", "@x", "plain"]]);
});

test("semicolons from a spreadsheet are understood; what is no table is refused", () => {
  expect(readCsv("\uFEFFkind;drive\r\nsocket;3/8\r\n")).toEqual([
    ["kind", "drive"],
    ["socket", "3/8"],
  ]);
  expect(() => readCsv(" ")).toThrow("empty");
  expect(() => readCsv("PK\u0000")).toThrow("not text");
  expect(() => readCsv('a,"b\nc,d')).toThrow("not closed");
});

test("a table of thousands of columns is refused at once", () => {
  expect(() => readCsv(Array.from({ length: 20_000 }, (_, i) => `c${i}`).join(","))).toThrow(
    "more than 200 columns",
  );
});
