"use client";

import { Box } from "@chakra-ui/react";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { FollowUp } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { stamp, touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { readOwnOdometer } from "../../shared/odometer/read-reading";
import { useDo } from "../../shell/DoProvider";

interface FollowUpFormProps {
  /** The one that is moved; a new one otherwise. */
  followUp?: FollowUp;
  vehicle: Vehicle | undefined;
  vehicles: Vehicle[];
  onClose: () => void;
}

/** Something owed on a day, at a distance, or whichever comes first; moved, it says why. */
export function FollowUpForm({ followUp, vehicle, vehicles, onClose }: FollowUpFormProps) {
  const does = useDo();
  const form = useDraftForm(`follow-up ${followUp?.id ?? "new"}`, {
    vehicleId: followUp?.vehicleId ?? vehicle?.id ?? vehicles[0]?.id ?? "",
    text: followUp?.text ?? "",
    dueOn: followUp?.dueOn ?? "",
    dueAt: followUp?.dueAt ? String(followUp.dueAt.value) : "",
    because: "",
  });
  const { errors } = form.formState;
  const owner = vehicles.find(({ id }) => id === form.watch("vehicleId"));
  const unit = followUp?.dueAt?.unit ?? owner?.distanceUnit ?? "km";
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const text = read("text", () => requireText(fields.text, "What is owed?"));
    const dueAt = read("dueAt", () => ifTyped(fields.dueAt, (typed) => readOwnOdometer(typed, unit)));
    if (fields.dueOn === "" && fields.dueAt.trim() === "") read("dueOn", () => refuse("Choose a day, or type a distance."));
    if (followUp) read("because", () => requireText(fields.because, "Say why it is moved."));
    if (failed() || text === undefined || !owner) return form.showErrors(unread);
    const before: FollowUp = followUp ?? { ...stamp(owner.origin), vehicleId: owner.id, kind: "other", text, state: "open" };
    const { dueOn: _on, dueAt: _at, ...rest } = before;
    const record: FollowUp = {
      ...rest,
      text,
      ...(fields.dueOn === "" ? {} : { dueOn: fields.dueOn }),
      ...(dueAt === undefined ? {} : { dueAt: { value: dueAt, unit } }),
      ...(followUp ? { because: fields.because.trim().slice(0, 200) } : {}),
    };
    if (await does({ put: { followUps: [followUp ? touched(record) : record] } }, followUp ? `Moved: ${text}.` : `${text}: noted.`)) close();
  });
  return (
    <Box
      as="form"
      onSubmit={(event) => void save(event)}
      display="grid"
      gap="3"
      gridTemplateColumns={{ base: "1fr 1fr", md: "repeat(2, minmax(0, 1fr))" }}
      marginTop="3"
      background="sheet"
      padding={followUp ? "0" : "4"}
    >
      <Box gridColumn="1 / -1">
        <TextField label="What is owed" error={errors.text?.message} autoFocus={!followUp} {...form.register("text")} />
      </Box>
      <TextField label="On the day" type="date" error={errors.dueOn?.message} {...form.register("dueOn")} />
      <TextField label="Or when the odometer reads" numeric unit={unit} error={errors.dueAt?.message} {...form.register("dueAt")} />
      {followUp ? (
        <Box gridColumn="1 / -1">
          <TextField label="Why it is moved" error={errors.because?.message} autoFocus {...form.register("because")} />
        </Box>
      ) : (
        <SelectField label="Vehicle" {...form.register("vehicleId")} choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))} />
      )}
      <Box display="flex" gap="3" gridColumn="1 / -1">
        <Button type="submit" look="primary">
          {followUp ? "Move it" : "Save follow-up"}
        </Button>
        <Button onClick={close}>Cancel</Button>
      </Box>
    </Box>
  );
}

function refuse(says: string): never {
  throw new InputError(says);
}
