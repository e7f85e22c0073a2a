"use client";

import type { Interval } from "@/core/model/log";
import { PLACES, SYSTEMS } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { removing } from "@/data/change";
import { stamp, stampOf, touched } from "@/data/stamp";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { intervalFields, intervalForm } from "./interval-fields";

interface IntervalFormProps {
  interval?: Interval;
  vehicle: Vehicle | undefined;
  vehicles: Vehicle[];
  onClose: () => void;
}

/** How often one part of a vehicle is renewed: by distance, by time, or whichever comes first. */
export function IntervalForm({ interval, vehicle, vehicles, onClose }: IntervalFormProps) {
  const perform = useDo();
  const unitFor = (vehicleId: string) =>
    interval?.every?.unit ?? vehicles.find(({ id }) => id === vehicleId)?.distanceUnit ?? "km";
  const form = useRecordForm({
    draft: interval ? `interval ${interval.id}` : "interval",
    start: intervalFields(interval, vehicle ?? vehicles[0]),
    schemaOf: (fields) => intervalForm(fields, unitFor(fields.vehicleId), today()),
    onClose,
  });
  const unit = unitFor(form.watch("vehicleId"));
  const save = form.send(async (said) => {
    const origin = vehicles.find(({ id }) => id === said.vehicleId)?.origin ?? "own";
    const record: Interval = {
      ...(interval ? touched(stampOf(interval)) : stamp(origin)),
      ...said,
      ...(interval?.snoozed ? { snoozed: interval.snoozed } : {}),
    };
    return perform({ put: { intervals: [record] } }, `${said.part}: interval saved.`);
  });
  const remove =
    interval &&
    (() =>
      form.closeAfter(perform(removing({ intervals: [interval] }), `${interval.part}: no longer counted.`)));
  return (
    <Sheet title={interval ? "Change an interval" : "Renewed how often"} padding={{ base: "4", lg: "5" }}>
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "repeat(2, minmax(0, 1fr))", md: "repeat(3, minmax(0, 1fr))" }}
      >
        <TextField label="Part" placeholder="Engine oil and filter" autoFocus {...form.field("part")} />
        <TextField label="Every" numeric unit={unit} {...form.field("every")} />
        <TextField label="Or after" numeric unit="months" {...form.field("months")} />
        <SelectField
          label="Vehicle"
          {...form.field("vehicleId")}
          choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))}
          disabled={interval !== undefined}
        />
        <SelectField
          label="Place"
          {...form.field("place")}
          choices={[{ value: "", label: "wherever it sits" }, ...PLACES]}
        />
        <SelectField
          label="System"
          {...form.field("system")}
          choices={[{ value: "", label: "by its name" }, ...SYSTEMS]}
        />
        <FormButtons submit="Save interval" onCancel={form.close} onRemove={remove} />
      </FormBox>
    </Sheet>
  );
}
