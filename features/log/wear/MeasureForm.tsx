"use client";

import { Box } from "@chakra-ui/react";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { Measurement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { readNumber } from "@/core/quantity/read-number";
import { stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { readDay, readOwnOdometer } from "../../shared/odometer/read-reading";
import type { LogRecords } from "../../shared/use-logs";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";

/** A measure taken outside a job. What was measured last is filled in again with its limit, so that a tread takes two numbers. */
export function MeasureForm({ vehicle, records, onClose }: { vehicle: Vehicle | undefined; records: LogRecords; onClose: () => void }) {
  const does = useDo();
  const owner = vehicle ?? records.vehicles[0];
  const last = records.measurements.filter(({ vehicleId }) => vehicleId === owner?.id).sort((a, b) => b.on.localeCompare(a.on))[0];
  const form = useDraftForm(`measure ${owner?.id}`, {
    vehicleId: owner?.id ?? "",
    what: last?.what ?? "",
    at: last?.at ?? "",
    value: "",
    unit: last?.unit ?? "mm",
    limit: String(last?.least ?? last?.most ?? ""),
    limitIs: last?.most !== undefined ? "most" : "least",
    odometer: "",
    on: today(),
  });
  const { errors } = form.formState;
  const chosen = records.vehicles.find(({ id }) => id === form.watch("vehicleId"));
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const what = read("what", () => requireText(fields.what, "What was measured?"));
    const value = read("value", () => readNumber(fields.value, "The measure").value);
    const limit = read("limit", () => ifTyped(fields.limit, (text) => readNumber(text, "The limit").value));
    const on = read("on", () => readDay(fields.on, today()));
    const odometer = read("odometer", () => readOwnOdometer(fields.odometer, chosen?.distanceUnit ?? "km"));
    read("unit", () => (fields.unit.length > 20 ? refuse("A unit has a few letters: mm.") : fields.unit));
    if (failed() || !chosen || what === undefined || value === undefined || on === undefined || odometer === undefined) return form.showErrors(unread);
    const record: Measurement = {
      ...stamp(chosen.origin),
      vehicleId: chosen.id,
      what,
      ...(fields.at.trim() === "" ? {} : { at: fields.at.trim().slice(0, 200) }),
      value,
      unit: fields.unit.trim(),
      ...(limit === undefined ? {} : { [fields.limitIs === "most" ? "most" : "least"]: limit }),
      odometer: { value: odometer, unit: chosen.distanceUnit },
      on,
    };
    if (await does({ put: { measurements: [record] } }, `${what}: ${value} ${fields.unit} noted.`)) close();
  });
  return (
    <Sheet title="A measure" padding={{ base: "4", lg: "5" }}>
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gap="3" gridTemplateColumns={{ base: "1fr 1fr", md: "repeat(3, minmax(0, 1fr))" }}>
        <TextField label="What" placeholder="Tyre tread" error={errors.what?.message} {...form.register("what")} />
        <TextField label="Where" placeholder="left front" {...form.register("at")} />
        <TextField label="Measure" numeric autoFocus error={errors.value?.message} {...form.register("value")} />
        <TextField label="Unit" error={errors.unit?.message} {...form.register("unit")} />
        <TextField label="Limit" numeric error={errors.limit?.message} {...form.register("limit")} />
        <SelectField
          label="The limit is"
          {...form.register("limitIs")}
          choices={[
            { value: "least", label: "the least it may be" },
            { value: "most", label: "the most it may be" },
          ]}
        />
        <TextField label="Odometer" numeric unit={chosen?.distanceUnit} error={errors.odometer?.message} {...form.register("odometer")} />
        <TextField label="Day" type="date" error={errors.on?.message} {...form.register("on")} />
        <SelectField label="Vehicle" {...form.register("vehicleId")} choices={records.vehicles.map(({ id, name }) => ({ value: id, label: name }))} />
        <Box display="flex" gap="3" gridColumn="1 / -1">
          <Button type="submit" look="primary">
            Save measure
          </Button>
          <Button onClick={close}>Cancel</Button>
        </Box>
      </Box>
    </Sheet>
  );
}

function refuse(says: string): never {
  throw new InputError(says);
}
