"use client";

import { Box } from "@chakra-ui/react";
import type { FollowUp } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { stamp, touched } from "@/data/stamp";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { useDo } from "../../shell/DoProvider";
import { followUpFields, followUpForm } from "./follow-up-fields";

interface FollowUpFormProps {
  /** The one that is moved; a new one otherwise. */
  followUp?: FollowUp;
  vehicle: Vehicle | undefined;
  vehicles: Vehicle[];
  onClose: () => void;
}

/** Something owed on a day, at a distance, or whichever comes first; moved, it says why. */
export function FollowUpForm({ followUp, vehicle, vehicles, onClose }: FollowUpFormProps) {
  const perform = useDo();
  const unitFor = (vehicleId: string) =>
    followUp?.dueAt?.unit ?? vehicles.find(({ id }) => id === vehicleId)?.distanceUnit ?? "km";
  const form = useRecordForm({
    draft: `follow-up ${followUp?.id ?? "new"}`,
    start: followUpFields(followUp, vehicle ?? vehicles[0]),
    schemaOf: (fields) => followUpForm(fields, unitFor(fields.vehicleId), followUp !== undefined),
    onClose,
  });
  const unit = unitFor(form.watch("vehicleId"));
  const save = form.send(async ({ vehicleId, ...said }) => {
    const origin = vehicles.find(({ id }) => id === vehicleId)?.origin ?? "own";
    const before: FollowUp = followUp ?? {
      ...stamp(origin),
      vehicleId,
      kind: "other",
      text: said.text,
      state: "open",
    };
    const { dueOn: _on, dueAt: _at, ...rest } = before;
    const record: FollowUp = { ...rest, ...said };
    return perform(
      { put: { followUps: [followUp ? touched(record) : record] } },
      followUp ? `Moved: ${said.text}.` : `${said.text}: noted.`,
    );
  });
  return (
    <FormBox
      onSubmit={save}
      gridTemplateColumns={{ base: "repeat(2, minmax(0, 1fr))", md: "repeat(2, minmax(0, 1fr))" }}
      marginTop="3"
      background="sheet"
      padding={followUp ? "0" : "4"}
    >
      <Box gridColumn="1 / -1">
        <TextField label="What is owed" autoFocus={!followUp} {...form.field("text")} />
      </Box>
      <TextField label="On the day" type="date" {...form.field("dueOn")} />
      <TextField label="Or when the odometer reads" numeric unit={unit} {...form.field("dueAt")} />
      {followUp ? (
        <Box gridColumn="1 / -1">
          <TextField label="Why it is moved" autoFocus {...form.field("because")} />
        </Box>
      ) : (
        <SelectField
          label="Vehicle"
          {...form.field("vehicleId")}
          choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <FormButtons submit={followUp ? "Move it" : "Save follow-up"} onCancel={form.close} />
    </FormBox>
  );
}
