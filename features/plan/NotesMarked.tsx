"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { NotesRead, Span } from "@/core/notes/notes-read";

type Look = "figure" | "size" | "fastener" | "other" | "struck";

interface Mark extends Span {
  look: Look;
}

const Marked = chakra("mark", {
  base: { background: "transparent", color: "ink", borderBottom: "3px solid", paddingBottom: "1px" },
  variants: {
    look: {
      figure: { borderColor: "drawing", fontWeight: "700" },
      size: { borderColor: "good" },
      fastener: { borderColor: "soft", borderBottomStyle: "dotted" },
      other: { borderColor: "edge" },
      struck: { borderColor: "stop", textDecoration: "line-through", color: "soft" },
    },
    inHand: { true: { background: "watchPaper" }, false: {} },
  },
});

/** The notes with what was read underlined, what was corrected struck through, and the words of one proposal picked out. */
export function NotesMarked({ notes, read, marked }: { notes: string; read: NotesRead; marked: readonly Span[] | undefined }) {
  const marks = marksOf(read);
  return (
    <Box whiteSpace="pre-wrap" overflowWrap="anywhere" lineHeight="1.9" data-testid="notes-marked">
      {marks.map((mark, i) => {
        const before = notes.slice(marks[i - 1]?.end ?? 0, mark.start);
        const inHand = marked?.some(({ start, end }) => start < mark.end && end > mark.start) ?? false;
        return (
          <span key={mark.start}>
            {before}
            <Marked look={mark.look} inHand={inHand}>
              {notes.slice(mark.start, mark.end)}
            </Marked>
          </span>
        );
      })}
      {notes.slice(marks[marks.length - 1]?.end ?? 0)}
      <Box color="soft" fontSize="14px" marginTop="3">
        <Marked look="figure">torque</Marked> <Marked look="size">size</Marked> <Marked look="fastener">fastener</Marked> <Marked look="struck">corrected later</Marked>
      </Box>
    </Box>
  );
}

/** Marks in order, none over another: the more telling one stands. */
function marksOf({ sizes, figures, fasteners, drives, extensions, tools, consumables, parts }: NotesRead): Mark[] {
  const all: Mark[] = [
    ...figures.map(({ span, struck }): Mark => ({ ...span, look: struck ? "struck" : "figure" })),
    ...sizes.map(({ span, struck }): Mark => ({ ...span, look: struck ? "struck" : "size" })),
    ...fasteners.map(({ span }): Mark => ({ ...span, look: "fastener" })),
    ...[...drives, ...extensions, ...tools, ...consumables, ...parts].map(({ span }): Mark => ({ ...span, look: "other" })),
  ];
  const kept: Mark[] = [];
  for (const mark of all) if (kept.every((one) => mark.end <= one.start || mark.start >= one.end)) kept.push(mark);
  return kept.sort((a, b) => a.start - b.start);
}
