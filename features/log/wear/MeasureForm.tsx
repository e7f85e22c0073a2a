"use client";

import type { Vehicle } from "@/core/model/vehicle";
import { stamp } from "@/data/stamp";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import type { LogRecords } from "../../shared/use-logs";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { measureFields, measureForm } from "./measure-fields";

/**
 * A measure taken outside a job. What was measured last is filled in again with its limit, so that a tread
 * takes two numbers.
 */
export function MeasureForm({
  vehicle,
  records,
  onClose,
}: {
  vehicle: Vehicle | undefined;
  records: LogRecords;
  onClose: () => void;
}) {
  const perform = useDo();
  const owner = vehicle ?? records.vehicles[0];
  const last = records.measurements
    .filter(({ vehicleId }) => vehicleId === owner?.id)
    .sort((a, b) => b.on.localeCompare(a.on))[0];
  const unitFor = (vehicleId: string) =>
    records.vehicles.find(({ id }) => id === vehicleId)?.distanceUnit ?? "km";
  const form = useRecordForm({
    draft: `measure ${owner?.id}`,
    start: measureFields(owner, last, today()),
    schemaOf: (fields) => measureForm(unitFor(fields.vehicleId), today()),
    onClose,
  });
  const save = form.send(async (said) => {
    const origin = records.vehicles.find(({ id }) => id === said.vehicleId)?.origin ?? "own";
    return perform(
      { put: { measurements: [{ ...stamp(origin), ...said }] } },
      `${said.what}: ${said.value} ${said.unit} noted.`,
    );
  });
  return (
    <Sheet title="A measure" padding={{ base: "4", lg: "5" }}>
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "repeat(2, minmax(0, 1fr))", md: "repeat(3, minmax(0, 1fr))" }}
      >
        <TextField label="What" placeholder="Tyre tread" {...form.field("what")} />
        <TextField label="Where" placeholder="left front" {...form.field("at")} />
        <TextField label="Measure" numeric autoFocus {...form.field("value")} />
        <TextField label="Unit" {...form.field("unit")} />
        <TextField label="Limit" numeric {...form.field("limit")} />
        <SelectField
          label="The limit is"
          {...form.field("limitIs")}
          choices={[
            { value: "least", label: "the least" },
            { value: "most", label: "the most" },
          ]}
        />
        <TextField
          label="Odometer"
          numeric
          unit={unitFor(form.watch("vehicleId"))}
          {...form.field("odometer")}
        />
        <TextField label="Day" type="date" {...form.field("on")} />
        <SelectField
          label="Vehicle"
          {...form.field("vehicleId")}
          choices={records.vehicles.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <FormButtons submit="Save measure" onCancel={form.close} />
      </FormBox>
    </Sheet>
  );
}
