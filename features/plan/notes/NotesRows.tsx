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
export function NotesRows({ rows, leftOut, ...line }: NotesRowsProps) {
  /** The step that a fastener is held over. */
  const [over, setOver] = useState<string>();
  const fasteners = rows.filter(isFastener);
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
  return (
    <Box data-testid="proposals">
      {sections
        .filter(({ own }) => own.length > 0)
        .map(({ title, own }) => (
          <Box as="section" key={title} marginBottom="3" aria-label={title}>
            <SectionHead title={title} rows={own} onEdit={line.onEdit} />
            {own.map((row) => (
              <Row key={row.key} row={row} fasteners={fasteners} over={over} onOver={setOver} {...line} />
            ))}
          </Box>
        ))}
      {leftOut.length > 0 && (
        <Box as="section" aria-label="Said, and left out">
          <Heading>Said, and left out</Heading>
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

type FastenerRow = EditedRow & { proposal: FastenerProposal };
const isFastener = (row: EditedRow): row is FastenerRow => row.proposal.kind === "fastener";

const Heading = chakra("h3", { base: { fontFamily: "heading", fontWeight: "600", fontSize: "18px" } });

/** What a part of the plan is called, how many lines it has, and all of them dropped or taken at once. */
function SectionHead({ title, rows, onEdit }: { title: string } & Pick<NotesRowsProps, "rows" | "onEdit">) {
  const none = rows.every(({ dropped }) => dropped);
  return (
    <Box display="flex" justifyContent="space-between" alignItems="center">
      <Heading>
        {title}{" "}
        <Box as="span" color="soft">
          {rows.filter(({ dropped }) => !dropped).length}
        </Box>
      </Heading>
      <Button
        look="quiet"
        onClick={() => onEdit(Object.fromEntries(rows.map(({ key }) => [key, { dropped: !none }])))}
      >
        {none ? "Take all" : "Drop all"}
      </Button>
    </Box>
  );
}

interface RowProps extends Omit<NotesRowsProps, "rows" | "leftOut"> {
  row: EditedRow;
  fasteners: readonly FastenerRow[];
  /** The step that a fastener is held over. */
  over: string | undefined;
  onOver: (key: string | undefined) => void;
}

/** One line: pressed it opens; a fastener is drawn to the step that works on it. */
function Row({ row, fasteners, chosen, asked, over, onOver, onChoose, onEdit }: RowProps) {
  const { key, proposal, dropped } = row;
  const errors = checkProposal(proposal);
  const isOpen = key === chosen;
  return (
    <Box
      borderBottom="1px solid"
      borderColor="edge"
      background={isOpen || key === over ? "watchPaper" : undefined}
      data-testid="proposal"
      draggable={proposal.kind === "fastener" && !dropped && !isOpen}
      onDragStart={({ dataTransfer }) => dataTransfer.setData(DRAGGED, proposal.id)}
      onDragOver={(event) => {
        if (proposal.kind !== "step" || !event.dataTransfer.types.includes(DRAGGED)) return;
        event.preventDefault();
        onOver(key);
      }}
      onDragLeave={() => onOver(undefined)}
      onDragEnd={() => onOver(undefined)}
      onDrop={(event) => {
        const fastener = event.dataTransfer.getData(DRAGGED);
        onOver(undefined);
        if (proposal.kind !== "step" || fastener === "") return;
        event.preventDefault();
        event.stopPropagation();
        onEdit({ [key]: { change: { fastener } } });
      }}
    >
      <Box display="flex" alignItems="center" gap="2">
        <Press
          type="button"
          aria-expanded={isOpen}
          color={dropped ? "soft" : "ink"}
          textDecoration={dropped ? "line-through" : "none"}
          onClick={() => onChoose(isOpen ? undefined : key)}
        >
          {asked && !dropped && Object.keys(errors).length > 0 && "■ "}
          <RowWords row={row} fasteners={fasteners} />
        </Press>
        <Button
          look="quiet"
          aria-label={dropped ? `Take ${rowText(row)} after all` : `Drop ${rowText(row)}`}
          onClick={() => onEdit({ [key]: { dropped: !dropped } })}
        >
          {dropped ? "Take" : "Drop"}
        </Button>
      </Box>
      {isOpen && !dropped && (
        <NotesRowForm row={row} fasteners={fasteners} errors={asked ? errors : {}} onEdit={onEdit} />
      )}
    </Box>
  );
}

/** What a line says; a step with what it takes of its fastener. */
function RowWords({ row, fasteners }: Pick<RowProps, "row" | "fasteners">) {
  const { proposal, dropped } = row;
  const fastener =
    proposal.kind === "step"
      ? fasteners.find((one) => one.proposal.id === proposal.fastener && !one.dropped)
      : undefined;
  const takes = proposal.kind === "step" ? ofStep(proposal, fastener?.proposal) : "";
  return (
    <>
      {isDoubtful(proposal) && !dropped && "▲ "}
      {rowText(row)}
      {takes !== "" && (
        <>
          {"\u00a0· "}
          {/* In one piece, on the next line where it must be: the figure is what is looked for. */}
          <Box as="span" color="soft" display="inline-block">
            {takes}
          </Box>
        </>
      )}
    </>
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
