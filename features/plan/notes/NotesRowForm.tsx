"use client";

import { Box } from "@chakra-ui/react";
import { capital } from "@/core/capital";
import { PHASES, STANCES } from "@/core/model/job";
import type { checkProposal } from "@/core/notes/check-proposal";
import type { Edit, EditedRow } from "@/core/notes/edited";
import type { FastenerProposal, StepProposal } from "@/core/notes/proposal";
import { measureWords } from "@/core/plan/step-words";
import { Button } from "@/ui/Button";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import { TorqueField } from "@/ui/torque/TorqueField";

/** What can be said of a fastener beside its sizes and its figure. */
const TRAITS = [
  "by hand first",
  "cross",
  "on the ground",
  "at ride height",
  "single-use",
  "new pin",
  "anti-seize",
  "grease",
  "counter-hold",
  "count turns",
  "threadlocker, low strength",
  "threadlocker, medium strength",
  "threadlocker, high strength",
  "left-hand thread",
];

interface NotesRowFormProps {
  row: EditedRow;
  fasteners: readonly (EditedRow & { proposal: FastenerProposal })[];
  errors: ReturnType<typeof checkProposal>;
  onEdit: (change: Record<string, Edit>) => void;
}

/** One line opened: everything of it can be corrected in place. */
export function NotesRowForm({ row: { key, proposal }, fasteners, errors, onEdit }: NotesRowFormProps) {
  const change = (fields: Record<string, unknown>) => onEdit({ [key]: { change: fields } });
  const field = (name: string) => ({
    defaultValue: (proposal as unknown as Record<string, string>)[name],
    onBlur: ({ target }: { target: { value: string } }) =>
      target.value !== (proposal as unknown as Record<string, string>)[name] &&
      change({ [name]: target.value }),
  });
  if (proposal.kind === "step")
    return (
      <StepRow proposal={proposal} fasteners={fasteners} errors={errors} field={field} change={change} />
    );
  if (proposal.kind !== "fastener") {
    return (
      <Box paddingBottom="3">
        <TextField label="What it is" maxLength={200} error={errors.name} {...field("name")} />
      </Box>
    );
  }
  const others = fasteners.filter(({ key: other, dropped }) => other !== key && !dropped);
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr) minmax(0, 1fr)", lg: "repeat(3, minmax(0, 1fr))" }}
      gap="2"
      paddingBottom="3"
      key={JSON.stringify(proposal)}
    >
      <Box gridColumn="1 / -1">
        <TextField label="What it is" maxLength={200} error={errors.name} {...field("name")} />
      </Box>
      <TextField label="How many" numeric error={errors.count} {...field("count")} />
      <TextField label="Size" error={errors.size} {...field("size")} />
      <TextField label="Size of the new one" error={errors.sizeToDoUp} {...field("sizeToDoUp")} />
      <TextField label="Hold with" error={errors.hold} {...field("hold")} />
      <TorqueField label="Torque" typed={proposal.torque} error={errors.torque} {...field("torque")} />
      <CheckField
        label="The figure is doubtful"
        checked={proposal.doubtful}
        onChange={({ target }) => change({ doubtful: target.checked })}
      />
      <CheckField
        label="The size is doubtful"
        checked={proposal.doubtfulSize}
        onChange={({ target }) => change({ doubtfulSize: target.checked })}
      />
      <Box gridColumn="1 / -1" display="flex" flexWrap="wrap" columnGap="4">
        {TRAITS.map((trait) => (
          <CheckField
            key={trait}
            label={trait}
            checked={proposal.traits.includes(trait)}
            onChange={({ target }) =>
              change({
                traits: target.checked
                  ? [...proposal.traits, trait]
                  : proposal.traits.filter((one) => one !== trait),
              })
            }
          />
        ))}
      </Box>
      <Box gridColumn="1 / -1" display="flex" gap="2" flexWrap="wrap" alignItems="end">
        {others.length > 0 && (
          <Box flex="1" minWidth="180px">
            <SelectField
              label="The same as"
              choices={[
                { value: "", label: "none of the others" },
                ...others.map(({ key: value, proposal: one }) => ({ value, label: one.name })),
              ]}
              value=""
              onChange={({ target }) => onEdit({ [key]: { into: target.value } })}
            />
          </Box>
        )}
        <Button onClick={() => onEdit({ [key]: { split: true } })}>Two groups: split</Button>
      </Box>
    </Box>
  );
}

interface StepRowProps extends Pick<NotesRowFormProps, "fasteners" | "errors"> {
  proposal: StepProposal;
  field: (name: string) => object;
  change: (fields: Record<string, unknown>) => void;
}

/** A step opened: what is done, when, to which fastener, with what it waits for, measures and minds. */
function StepRow({ proposal, fasteners, errors, field, change }: StepRowProps) {
  return (
    <Box display="grid" gridTemplateColumns="minmax(0, 2fr) minmax(0, 1fr)" gap="2" paddingBottom="3">
      <Box gridColumn="1 / -1">
        <TextField label="What is done" maxLength={200} error={errors.title} {...field("title")} />
      </Box>
      <SelectField
        label="Works on"
        choices={[
          { value: "", label: "no fastener" },
          ...fasteners.map(({ proposal: one }) => ({ value: one.id, label: one.name })),
        ]}
        value={proposal.fastener ?? ""}
        onChange={({ target }) => change({ fastener: target.value === "" ? undefined : target.value })}
      />
      <SelectField
        label="When"
        choices={PHASES.map((value) => ({ value, label: capital(value) }))}
        value={proposal.phase}
        onChange={({ target }) => change({ phase: target.value })}
      />
      {proposal.lifts === "raise" && (
        <SelectField
          label="Which end goes up"
          choices={[
            { value: "", label: "not said: both" },
            ...STANCES.filter((stance) => stance !== "on the ground").map((value) => ({
              value,
              label: capital(value),
            })),
          ]}
          value={proposal.stance ?? ""}
          onChange={({ target }) => change({ stance: target.value === "" ? undefined : target.value })}
        />
      )}
      <TextField label="Wait" numeric unit="min" error={errors.wait} {...field("wait")} />
      <TextField label="Until" maxLength={200} {...field("until")} />
      {proposal.measure && (
        <Box gridColumn="1 / -1" display="flex" justifyContent="space-between" alignItems="center" gap="2">
          <span>{measureWords(proposal.measure)}</span>
          <Button look="quiet" onClick={() => change({ measure: undefined })}>
            Drop
          </Button>
        </Box>
      )}
      {proposal.cautions.map((caution) => (
        <Box
          key={caution}
          gridColumn="1 / -1"
          display="flex"
          justifyContent="space-between"
          alignItems="center"
          gap="2"
        >
          <span>▲ {caution}</span>
          <Button
            look="quiet"
            onClick={() => change({ cautions: proposal.cautions.filter((one) => one !== caution) })}
          >
            Drop
          </Button>
        </Box>
      ))}
    </Box>
  );
}
