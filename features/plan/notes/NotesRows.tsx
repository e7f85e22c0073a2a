"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import { capital } from "@/core/capital";
import { PHASES } from "@/core/model/job";
import { checkProposal } from "@/core/notes/check-proposal";
import type { Edit, EditedRow } from "@/core/notes/edited";
import { type LeftOut } from "@/core/notes/proposal";
import { type FastenerProposal } from "@/core/notes/proposal";
import { limitsWords } from "@/core/plan/step-words";
import { Button } from "@/ui/Button";
import { NotesRowForm } from "./NotesRowForm";

interface NotesRowsProps {
  rows: readonly EditedRow[];
  leftOut: readonly LeftOut[];
  chosen: string | undefined;
  asked: boolean;
  onChoose: (key: string | undefined) => void;
  onEdit: (change: Record<string, Edit>) => void;
}

/** What a fastener is while it is drawn to another step. */
const DRAGGED = "text/x-fastener";

const Press = chakra("button", {
  base: {
    flex: "1",
    minWidth: "0",
    minHeight: "44px",
    textAlign: "left",
    cursor: "pointer",
    paddingBlock: "2",
    overflowWrap: "anywhere",
    lineHeight: "1.3",
    fontSize: "16px",
  },
});

/** The plan line by line: each a row that opens in place, with its words lit up in the text beside it. */
export function NotesRows({ rows, leftOut, chosen, asked, onChoose, onEdit }: NotesRowsProps) {
  /** The step that a fastener is held over. */
  const [over, setOver] = useState<string>();
  const fasteners = rows.filter(
    (row): row is EditedRow & { proposal: FastenerProposal } => row.proposal.kind === "fastener",
  );
  const sections = [
    ...PHASES.map((phase) => ({
      title: capital(phase),
      own: rows.filter(({ proposal }) => proposal.kind === "step" && proposal.phase === phase),
    })),
    { title: "Fasteners", own: fasteners },
    { title: "Parts", own: rows.filter(({ proposal }) => proposal.kind === "part") },
    {
      title: "To have",
      own: rows.filter(({ proposal }) => proposal.kind === "tool" || proposal.kind === "supply"),
    },
  ];
  const nameOf = (id: string | undefined) =>
    fasteners.find(({ proposal, dropped }) => proposal.id === id && !dropped)?.proposal;
  return (
    <Box data-testid="proposals">
      {sections.map(({ title, own }) => {
        if (own.length === 0) return null;
        const none = own.every(({ dropped }) => dropped);
        return (
          <Box as="section" key={title} marginBottom="3" aria-label={title}>
            <Box display="flex" justifyContent="space-between" alignItems="center">
              <Box as="h3" fontFamily="heading" fontWeight="600" fontSize="18px">
                {title}{" "}
                <Box as="span" color="soft">
                  {own.filter(({ dropped }) => !dropped).length}
                </Box>
              </Box>
              <Button
                look="quiet"
                onClick={() => onEdit(Object.fromEntries(own.map(({ key }) => [key, { dropped: !none }])))}
              >
                {none ? "Take all" : "Drop all"}
              </Button>
            </Box>
            {own.map((row) => {
              const { key, proposal, dropped } = row;
              const errors = checkProposal(proposal);
              const bad = asked && !dropped && Object.keys(errors).length > 0;
              return (
                <Box
                  key={key}
                  borderBottom="1px solid"
                  borderColor="edge"
                  background={key === chosen || key === over ? "watchPaper" : undefined}
                  data-testid="proposal"
                  draggable={proposal.kind === "fastener" && !dropped && key !== chosen}
                  onDragStart={({ dataTransfer }) => dataTransfer.setData(DRAGGED, proposal.id)}
                  onDragOver={(event) => {
                    if (proposal.kind !== "step" || !event.dataTransfer.types.includes(DRAGGED)) return;
                    event.preventDefault();
                    setOver(key);
                  }}
                  onDragLeave={() => setOver(undefined)}
                  onDragEnd={() => setOver(undefined)}
                  onDrop={(event) => {
                    const fastener = event.dataTransfer.getData(DRAGGED);
                    setOver(undefined);
                    if (proposal.kind !== "step" || fastener === "") return;
                    event.preventDefault();
                    event.stopPropagation();
                    onEdit({ [key]: { change: { fastener } } });
                  }}
                >
                  <Box display="flex" alignItems="center" gap="2">
                    <Press
                      type="button"
                      aria-expanded={key === chosen}
                      color={dropped ? "soft" : "ink"}
                      textDecoration={dropped ? "line-through" : "none"}
                      onClick={() => onChoose(key === chosen ? undefined : key)}
                    >
                      {bad && "■ "}
                      {isDoubtful(proposal) && !dropped && "▲ "}
                      {rowText(row)}
                      {proposal.kind === "step" && ofStep(proposal, nameOf(proposal.fastener)) !== "" && (
                        // In one piece, on the next line where it must be: the figure is what is looked for.
                        <Box as="span" color="soft" display="inline-block">
                          {"\u00a0· "}
                          {ofStep(proposal, nameOf(proposal.fastener))}
                        </Box>
                      )}
                    </Press>
                    <Button
                      look="quiet"
                      aria-label={dropped ? `Take ${rowText(row)} after all` : `Drop ${rowText(row)}`}
                      onClick={() => onEdit({ [key]: { dropped: !dropped } })}
                    >
                      {dropped ? "Take" : "Drop"}
                    </Button>
                  </Box>
                  {key === chosen && !dropped && (
                    <NotesRowForm
                      row={row}
                      fasteners={fasteners}
                      errors={asked ? errors : {}}
                      onEdit={onEdit}
                    />
                  )}
                </Box>
              );
            })}
          </Box>
        );
      })}
      {leftOut.length > 0 && (
        <Box as="section" aria-label="Said, and left out">
          <Box as="h3" fontFamily="heading" fontWeight="600" fontSize="18px">
            Said, and left out
          </Box>
          {leftOut.map(({ what, why, span }) => (
            <Box key={span.start} color="soft" minHeight="32px">
              {what}: “{why.trim().slice(0, 90)}”
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function rowText({ proposal }: EditedRow): string {
  if (proposal.kind === "step")
    return [
      proposal.title,
      proposal.wait === "" ? "" : `wait ${proposal.wait} min`,
      proposal.stance ?? "",
      proposal.measure ? limitsWords(proposal.measure) : "",
    ]
      .filter((words) => words !== "")
      .join(" · ");
  if (proposal.kind !== "fastener") return proposal.name;
  return [
    `${proposal.count === "1" ? "" : `${proposal.count} × `}${proposal.name}`,
    figureOf(proposal),
    ...proposal.traits,
  ]
    .filter((words) => words !== "")
    .join(", ");
}

/** What a step takes of its fastener: coming off the size it is undone with, going back all of it. */
const ofStep = ({ phase }: { phase: string }, fastener: FastenerProposal | undefined) =>
  phase === "put back" ? figureOf(fastener) : (fastener?.size ?? "");

function figureOf(proposal: FastenerProposal | undefined): string {
  if (!proposal) return "";
  const size =
    proposal.sizeToDoUp === "" ? proposal.size : `${proposal.size}, back with ${proposal.sizeToDoUp}`;
  return [size, proposal.hold === "" ? "" : `hold ${proposal.hold}`, proposal.torque]
    .filter((words) => words !== "")
    .join(", ");
}

const isDoubtful = (proposal: EditedRow["proposal"]): boolean =>
  proposal.doubtful || (proposal.kind === "fastener" && proposal.doubtfulSize);
