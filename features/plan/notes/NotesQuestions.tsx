"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { SOURCES } from "@/core/model/job";
import { type Edit, type EditedRow, answered } from "@/core/notes/edited";
import type { Question } from "@/core/notes/proposal";
import { Button } from "@/ui/Button";

interface NotesQuestionsProps {
  questions: readonly Question[];
  rows: readonly EditedRow[];
  /** Whose the figures are, empty until it was said. */
  source: string;
  onSource: (source: string) => void;
  onEdit: (change: Record<string, Edit>) => void;
  onShow: (key: string) => void;
}

/** What only a person can tell, first of all: one press answers it. */
export function NotesQuestions({ questions, rows, source, onSource, onEdit, onShow }: NotesQuestionsProps) {
  const rowOf = (id: string) => rows.find(({ proposal }) => proposal.id === id);
  // Answered is what no longer stands as it was asked: the answer is in the row.
  const open = questions.filter(({ answers }) => {
    const row = rowOf(answers[0]?.proposal ?? "");
    return row && !row.dropped && !answers.some(({ proposal, change }) => matches(rowOf(proposal), change));
  });
  const figures = rows.some(
    ({ proposal, dropped }) => !dropped && proposal.kind === "fastener" && proposal.torque !== "",
  );
  const asksSource = figures && source === "";
  if (open.length === 0 && !figures) return null;
  return (
    <Box marginBottom="4" data-testid="questions">
      {(asksSource || open.length > 0) && (
        <Box fontFamily="heading" fontWeight="600" fontSize="18px" marginBottom="1">
          First of all
        </Box>
      )}
      {asksSource && (
        <Asked says="Whose figures are these?">
          {NARRATED.map((one) => (
            <Button key={one} onClick={() => onSource(one)}>
              {SOURCE_WORDS[one]}
            </Button>
          ))}
        </Asked>
      )}
      {figures && !asksSource && (
        <Box color="soft" display="flex" alignItems="center" gap="2" flexWrap="wrap">
          The figures are from {isSource(source) ? SOURCE_WORDS[source].toLowerCase() : source}.
          <Button look="quiet" onClick={() => onSource("")}>
            Change
          </Button>
        </Box>
      )}
      {open.map(({ id, asks, answers }) => (
        <Asked key={id} says={asks}>
          {answers.map((answer) => {
            const row = rowOf(answer.proposal);
            return (
              row && (
                <Button
                  key={answer.says}
                  onClick={() => {
                    onEdit(answered(answer, (id) => rowOf(id)?.key));
                    onShow(row.key);
                  }}
                >
                  {answer.says}
                </Button>
              )
            );
          })}
        </Asked>
      ))}
    </Box>
  );
}

/** One question with its answers, a press each. */
function Asked({ says, children }: { says: string; children: ReactNode }) {
  return (
    <Box
      background="watchPaper"
      border="1px solid"
      borderColor="watchEdge"
      borderRadius="sheet"
      padding="3"
      marginBottom="2"
      data-testid="asked"
    >
      <Box marginBottom="2">▲ {says}</Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {children}
      </Box>
    </Box>
  );
}

/** A narration is nobody's wheel torque. */
const NARRATED = SOURCES.filter((one) => one !== "this vehicle's own");
const SOURCE_WORDS: Readonly<Record<(typeof SOURCES)[number], string>> = {
  "this vehicle's own": "This vehicle's own",
  "vehicle maker": "The vehicle's maker",
  "parts maker": "The maker of the part",
  "a recording": "A recording",
  "a friend's notes": "A friend's notes",
  memory: "My memory",
};

const isSource = (source: string): source is (typeof SOURCES)[number] =>
  SOURCES.some((one) => one === source);

/** Whether a row stands as an answer would have it, its words aside. */
function matches(row: EditedRow | undefined, change: object): boolean {
  return (
    row !== undefined &&
    Object.entries(change).every(
      ([field, value]) =>
        field === "spans" || (row.proposal as unknown as Record<string, unknown>)[field] === value,
    )
  );
}
