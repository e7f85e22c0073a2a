"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { EditedRow } from "@/core/notes/edited";
import type { Span } from "@/core/notes/heard";
import type { LeftOut } from "@/core/notes/proposal";

type Look = "fastener" | "step" | "other" | "left out";

interface Mark extends Span {
  look: Look;
  key: string | undefined;
}

const Marked = chakra("mark", {
  base: {
    background: "transparent",
    color: "ink",
    borderBottom: "3px solid",
    paddingBottom: "1px",
    cursor: "pointer",
  },
  variants: {
    look: {
      fastener: { borderColor: "drawing", fontWeight: "700" },
      step: { borderColor: "edge", borderBottomWidth: "2px" },
      other: { borderColor: "good" },
      "left out": { borderColor: "stop", textDecoration: "line-through", color: "soft" },
    },
    inHand: { true: { background: "watchPaper" }, false: {} },
  },
});

interface NotesMarkedProps {
  text: string;
  rows: readonly EditedRow[];
  leftOut: readonly LeftOut[];
  /** The words of the line in hand. */
  chosen: readonly Span[] | undefined;
  onChoose: (key: string) => void;
}

/**
 * The words with what was read in them underlined; touched, they open their line, and a line lights up its
 * words.
 */
export function NotesMarked({ text, rows, leftOut, chosen, onChoose }: NotesMarkedProps) {
  const marks = marksOf(rows, leftOut, chosen);
  return (
    <Box whiteSpace="pre-wrap" overflowWrap="anywhere" lineHeight="1.8" data-testid="notes-marked">
      {marks.map((mark, i) => {
        const inHand = chosen?.some(({ start, end }) => start < mark.end && end > mark.start) ?? false;
        const { key } = mark;
        return (
          <span key={mark.start}>
            {text.slice(marks[i - 1]?.end ?? 0, mark.start)}
            <Marked
              look={mark.look}
              inHand={inHand}
              ref={
                inHand && chosen?.[0]?.start === mark.start
                  ? (element: HTMLElement | null) => element?.scrollIntoView({ block: "nearest" })
                  : undefined
              }
              onClick={key === undefined ? undefined : () => onChoose(key)}
            >
              {text.slice(mark.start, mark.end)}
            </Marked>
          </span>
        );
      })}
      {text.slice(marks.at(-1)?.end ?? 0)}
    </Box>
  );
}

/**
 * Marks in order, none over another: those of the line in hand first, then the more telling, then the
 * shorter.
 */
function marksOf(
  rows: readonly EditedRow[],
  leftOut: readonly LeftOut[],
  chosen: readonly Span[] | undefined,
): Mark[] {
  const look = (kind: string): Look => {
    if (kind === "fastener") return "fastener";
    if (kind === "step") return "step";
    return "other";
  };
  const standing = rows.filter(({ dropped }) => !dropped);
  const inHand = (span: Span) =>
    chosen?.some((one) => one.start === span.start && one.end === span.end) ?? false;
  const all = [
    ...leftOut.map(({ span }): Mark => ({ ...span, look: "left out", key: undefined })),
    ...standing
      .filter(({ proposal }) => proposal.kind !== "step")
      .flatMap(({ key, proposal }) =>
        proposal.spans.map((span): Mark => ({ ...span, look: look(proposal.kind), key })),
      ),
    ...standing
      .filter(({ proposal }) => proposal.kind === "step")
      .flatMap(({ key, proposal }) => proposal.spans.map((span): Mark => ({ ...span, look: "step", key }))),
  ].sort((a, b) => Number(inHand(b)) - Number(inHand(a)));
  const kept: Mark[] = [];
  for (const mark of all)
    if (mark.end > mark.start && kept.every((one) => mark.end <= one.start || mark.start >= one.end))
      kept.push(mark);
  return kept.sort((a, b) => a.start - b.start);
}
