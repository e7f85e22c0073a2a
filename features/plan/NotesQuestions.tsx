"use client";

import { Box } from "@chakra-ui/react";
import type { Edit, EditedRow } from "@/core/notes/edited";
import type { Question } from "@/core/notes/proposals";
import { Button } from "@/ui/Button";

interface NotesQuestionsProps {
  questions: readonly Question[];
  rows: readonly EditedRow[];
  onEdit: (change: Record<string, Edit>) => void;
  onShow: (key: string) => void;
}

/** What only a person can tell, first of all: one press answers it. */
export function NotesQuestions({ questions, rows, onEdit, onShow }: NotesQuestionsProps) {
  const rowOf = (id: string) => rows.find(({ proposal }) => proposal.id === id);
  // Answered is what no longer stands as it was asked: the answer is in the row.
  const open = questions.filter(({ answers }) => {
    const row = rowOf(answers[0]?.proposal ?? "");
    return row && !row.dropped && row.proposal.kind === "fastener" && !answers.some(({ proposal, change, into }) => into === undefined && matches(rowOf(proposal), change));
  });
  if (open.length === 0) return null;
  return (
    <Box marginBottom="4" data-testid="questions">
      <Box fontFamily="heading" fontWeight="600" fontSize="18px" marginBottom="1">
        First of all
      </Box>
      {open.map(({ id, asks, answers }) => (
        <Box key={id} background="watchPaper" border="1px solid" borderColor="watchEdge" borderRadius="sheet" padding="3" marginBottom="2">
          <Box marginBottom="2">▲ {asks}</Box>
          <Box display="flex" gap="2" flexWrap="wrap">
            {answers.map(({ says, proposal, change, into }) => {
              const row = rowOf(proposal);
              const target = into === undefined ? undefined : rowOf(into);
              return (
                row && (
                  <Button
                    key={says}
                    onClick={() => {
                      onEdit({ [row.key]: target ? { into: target.key } : { change: change as Record<string, unknown> } });
                      onShow(target?.key ?? row.key);
                    }}
                  >
                    {says}
                  </Button>
                )
              );
            })}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** Whether a row stands as an answer would have it, its words aside. */
function matches(row: EditedRow | undefined, change: object): boolean {
  return row !== undefined && Object.entries(change).every(([field, value]) => field === "spans" || (row.proposal as unknown as Record<string, unknown>)[field] === value);
}
