"use client";

import { Box } from "@chakra-ui/react";
import { PHASES } from "@/core/model/job";
import type { Proposal, checkProposal } from "@/core/notes/proposals";
import { Button } from "@/ui/Button";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { TorqueField } from "@/ui/torque/TorqueField";
import { phaseTitle } from "./StepsByPhase";

interface ProposalViewProps {
  proposal: Proposal;
  dropped: boolean;
  errors: ReturnType<typeof checkProposal>;
  onChange: (proposal: Proposal) => void;
  onDrop: (drop: boolean) => void;
  /** Picks its words out in the notes. */
  onShow: () => void;
}

const KIND = { fastener: "Fastener", part: "Part", step: "Step", note: "Note" } as const;

/** One proposal, to be corrected or dropped before it goes in. */
export function ProposalView({ proposal, dropped, errors, onChange, onDrop, onShow }: ProposalViewProps) {
  const loose = proposal.kind === "fastener" && proposal.id.startsWith("loose");
  return (
    <Box
      border="1px solid"
      borderColor="edge"
      borderRadius="sheet"
      background={dropped ? "transparent" : "raised"}
      padding="3"
      onFocus={onShow}
      onMouseEnter={onShow}
      data-testid="proposal"
    >
      <Box display="flex" justifyContent="space-between" alignItems="center" gap="2">
        <Box fontFamily="heading" fontWeight="600" fontSize="18px" color={dropped ? "soft" : "ink"}>
          {loose ? "A figure that speaks of nothing" : KIND[proposal.kind]}
          {proposal.doubtful && !dropped && (
            <Box as="span" color="watch">
              {" "}
              ▲ said with doubt
            </Box>
          )}
        </Box>
        <Button look="quiet" onClick={() => onDrop(!dropped)}>
          {dropped ? "Take it after all" : "Drop it"}
        </Button>
      </Box>
      {!dropped && <ProposalFields proposal={proposal} errors={errors} onChange={onChange} />}
    </Box>
  );
}

function ProposalFields({ proposal, errors, onChange }: Pick<ProposalViewProps, "proposal" | "errors" | "onChange">) {
  switch (proposal.kind) {
    case "fastener":
      return (
        <Box display="grid" gridTemplateColumns="minmax(0, 2fr) minmax(0, 1fr)" gap="2">
          <TextField label="What it is" value={proposal.name} error={errors.name} onChange={(event) => onChange({ ...proposal, name: event.target.value })} />
          <TextField label="How many" numeric value={proposal.count} error={errors.count} onChange={(event) => onChange({ ...proposal, count: event.target.value })} />
          <TorqueField
            label="Torque"
            typed={proposal.torque}
            value={proposal.torque}
            error={errors.torque}
            onChange={(event) => onChange({ ...proposal, torque: event.target.value })}
          />
          <TextField label="Size" value={proposal.size} error={errors.size} onChange={(event) => onChange({ ...proposal, size: event.target.value })} />
          {proposal.said.length > 0 && (
            <Box gridColumn="1 / -1" color="soft" fontSize="15px">
              Also: {proposal.said.join(", ")}.
            </Box>
          )}
        </Box>
      );
    case "part":
      return <TextField label="Part" value={proposal.name} error={errors.name} onChange={(event) => onChange({ ...proposal, name: event.target.value })} />;
    case "step":
      return (
        <Box display="grid" gridTemplateColumns="minmax(0, 2fr) minmax(0, 1fr)" gap="2">
          <TextField label="What is done" value={proposal.title} maxLength={200} onChange={(event) => onChange({ ...proposal, title: event.target.value })} />
          <SelectField
            label="Phase"
            choices={PHASES.map((value) => ({ value, label: phaseTitle(value) }))}
            value={proposal.phase}
            onChange={(event) => onChange({ ...proposal, phase: PHASES.find((phase) => phase === event.target.value) ?? proposal.phase })}
          />
        </Box>
      );
    case "note":
      return <TextAreaField label="Kept with the job" rows={2} value={proposal.text} onChange={(event) => onChange({ ...proposal, text: event.target.value })} />;
  }
}
