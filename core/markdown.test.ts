import fc from "fast-check";
import MarkdownIt from "markdown-it";
import { inMarkdown, oneLine } from "./markdown";

/** A reader that makes all it can of a text: HTML, tables, and links without any sign of one. */
const reader = new MarkdownIt({ html: true, linkify: true });

/** What a line becomes that is more than text, and the text that is seen. */
function shown(line: string): { kinds: string[]; text: string } {
  const blocks = reader.parse(line, {});
  const inline = blocks.flatMap(({ children }) => children ?? []);
  const plain = new Set(["text", "text_special", "softbreak"]);
  return {
    kinds: [
      ...blocks.map(({ type }) => type).filter((type) => !/^(?:heading|paragraph)_|^inline$/.test(type)),
      ...inline.map(({ type }) => type).filter((type) => !plain.has(type)),
    ],
    text: inline.map(({ content }) => content).join(""),
  };
}

const odd = fc.oneof(
  fc.string({ unit: "grapheme", maxLength: 60 }),
  fc.string({ unit: fc.constantFrom(..."<>[]()*_`~#|!&\\-+.:/@w1 \n\r\t="), maxLength: 40 }),
  fc.constantFrom(
    "<script>alert(1)</script>",
    "[a link](http://elsewhere.test)",
    "http://elsewhere.test and www.elsewhere.test",
    "somebody@elsewhere.test",
    "![](x)",
    "a\n\n# heading",
    "&lt;b&gt;",
    "```",
    "| a | b |",
  ),
);

test("whatever is in a text, Markdown shows it and makes nothing of it", () => {
  fc.assert(
    fc.property(odd, (text) => {
      const line = oneLine(text).trim();
      fc.pre(line !== "");
      const { kinds, text: seen } = shown(`# ${inMarkdown(line)}`);
      expect(kinds).toEqual([]);
      // A heading's own closing signs and spaces at its end do not count.
      expect(seen.replace(/\s+/g, " ").trim()).toBe(line.replace(/\s+/g, " ").trim());
    }),
    { numRuns: 1500 },
  );
});

test("at the beginning of a line it is no list either", () => {
  for (const text of ["- a", "+ a", "1. a", "12) a", "* a"])
    expect(shown(inMarkdown(text)).kinds).toEqual([]);
});
