"use client";

import { Box } from "@chakra-ui/react";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import { readQuickEntry } from "@/core/log/table/quick-entry";
import type { Interval } from "@/core/model/log";
import { PLACES, SYSTEMS, type Place, type System } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { readNumber } from "@/core/quantity/read-number";
import { removing } from "@/data/change";
import { stamp, stampOf } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";

interface IntervalFormProps {
  interval?: Interval;
  vehicle: Vehicle | undefined;
  vehicles: Vehicle[];
  onClose: () => void;
}

/** How often one part of a vehicle is renewed: by distance, by time, or whichever comes first. */
export function IntervalForm({ interval, vehicle, vehicles, onClose }: IntervalFormProps) {
  const does = useDo();
  const form = useDraftForm(interval ? `interval ${interval.id}` : "interval", {
    vehicleId: interval?.vehicleId ?? vehicle?.id ?? vehicles[0]?.id ?? "",
    part: interval?.part ?? "",
    place: interval?.place ?? "",
    system: interval?.system ?? "",
    every: interval?.every ? String(interval.every.value) : "",
    months: interval?.months ? String(interval.months) : "",
  });
  const { errors } = form.formState;
  const owner = vehicles.find(({ id }) => id === form.watch("vehicleId"));
  const unit = interval?.every?.unit ?? owner?.distanceUnit ?? "km";
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const part = read("part", () => requireText(fields.part, "What is renewed?"));
    const every = read("every", () => ifTyped(fields.every, (text) => ranged(text, "The distance", 1, 1_000_000, false)));
    const months = read("months", () => ifTyped(fields.months, (text) => ranged(text, "The time", 1, 600, true)));
    const system = SYSTEMS.find((one) => one === fields.system) ?? readQuickEntry(fields.part, unit, today()).system;
    if (!system) read("system", () => refuse("Choose the system."));
    if (fields.every.trim() === "" && fields.months.trim() === "") read("every", () => refuse("Type a distance, a time, or both."));
    if (failed() || part === undefined || !system || !owner) return form.showErrors(unread);
    const record: Interval = {
      ...(interval ? { ...stampOf(interval), updatedAt: new Date().toISOString() } : stamp(owner.origin)),
      vehicleId: owner.id,
      part,
      system: system satisfies System,
      ...(PLACES.includes(fields.place as Place) ? { place: fields.place as Place } : {}),
      ...(every === undefined ? {} : { every: { value: every, unit } }),
      ...(months === undefined ? {} : { months }),
      ...(interval?.snoozed ? { snoozed: interval.snoozed } : {}),
    };
    if (await does({ put: { intervals: [record] } }, `${part}: interval saved.`)) close();
  });
  const remove = () => interval && void does(removing({ intervals: [interval] }), `${interval.part}: no longer counted.`).then((done) => done && close());
  return (
    <Sheet title={interval ? "Change an interval" : "Renewed how often"} padding={{ base: "4", lg: "5" }}>
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gap="3" gridTemplateColumns={{ base: "1fr 1fr", md: "repeat(3, minmax(0, 1fr))" }}>
        <TextField label="Part" placeholder="Engine oil and filter" error={errors.part?.message} autoFocus {...form.register("part")} />
        <TextField label="Every" numeric unit={unit} error={errors.every?.message} {...form.register("every")} />
        <TextField label="Or after" numeric unit="months" error={errors.months?.message} {...form.register("months")} />
        <SelectField label="Vehicle" {...form.register("vehicleId")} choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))} disabled={interval !== undefined} />
        <SelectField label="Place" {...form.register("place")} choices={[{ value: "", label: "wherever it sits" }, ...PLACES]} />
        <SelectField label="System" error={errors.system?.message} {...form.register("system")} choices={[{ value: "", label: "by its name" }, ...SYSTEMS]} />
        <Box display="flex" gap="3" gridColumn="1 / -1">
          <Button type="submit" look="primary">
            Save interval
          </Button>
          <Button onClick={close}>Cancel</Button>
          {interval && (
            <Button look="quiet" color="stop" marginLeft="auto" onClick={remove}>
              Remove
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}

function ranged(text: string, what: string, least: number, most: number, whole: boolean): number {
  const { value } = readNumber(text, what);
  if (value < least || value > most || (whole && !Number.isInteger(value))) throw new InputError(`${what} must be ${whole ? "a whole number " : ""}from ${least} to ${most}.`);
  return value;
}

function refuse(says: string): never {
  throw new InputError(says);
}
