"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { questionReading } from "@/core/log/mileage/odometer";
import { readQuickEntry } from "@/core/log/table/quick-entry";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Replacement } from "@/core/model/log";
import { PLACES, type Place, SYSTEMS, type System } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import type { Money } from "@/core/quantity/money";
import { SIDES } from "@/core/side";
import { stamp, stampOf, touched } from "@/data/stamp";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import type { LogRecords } from "../../shared/use-logs";
import { logHref, entryHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { entryForm, fieldsOfEntry, fieldsOfLine, unitOf } from "./entry-fields";

interface EntryFormProps {
  /** The line it begins with, or the entry that is changed. */
  line?: string;
  told?: { place?: Place; system?: System };
  entry?: Replacement;
  vehicle: Vehicle | null;
  records: LogRecords;
  logs: VehicleLog[];
  onClose?: () => void;
}

/**
 * A replacement typed without a job, or one that is put right: what was read from the line first, the rest
 * folded away.
 */
export function EntryForm({ line = "", told, entry, vehicle, records, logs, onClose }: EntryFormProps) {
  const router = useRouter();
  const perform = useDo();
  const money = useMoney();
  const said = { ...readQuickEntry(line, vehicle?.distanceUnit ?? "km", today(), money), ...told };
  const form = useEntryForm(entry, line, said, vehicle, records, money);
  const { field } = form;
  const [question, setQuestion] = useState<string>();
  const log = logs.find((one) => one.vehicle.id === form.watch("vehicleId"));
  const close = (to: string) => {
    form.forget();
    if (onClose) onClose();
    else router.push(to);
  };
  const save = form.handleSubmit(async (draft) => {
    const asked = questionReading(records.readings, draft.vehicleId, draft.odometer, draft.on)?.says;
    // Asked once; pressed again it is kept as it is.
    if (asked !== undefined && asked !== question) return setQuestion(asked);
    const owner = records.vehicles.find(({ id }) => id === draft.vehicleId);
    const record: Replacement = entry
      ? touched({ ...stampOf(entry), ...(entry.photoIds ? { photoIds: entry.photoIds } : {}), ...draft })
      : { ...stamp(owner?.origin ?? "own"), ...draft };
    if (
      await perform(
        { put: { replacements: [record] } },
        `${draft.part} ${entry ? "changed" : "is in the log"}.`,
      )
    )
      close(entryHref(record.id));
  });
  const odometerHint = log?.driving
    ? `About ${formatDistance(log.mileage.shown(log.nowKm, log.vehicle.distanceUnit))} by today, as it is driven`
    : undefined;

  return (
    <Sheet
      title={entry ? "Change this entry" : "Into the log"}
      padding={{ base: "4", lg: "6" }}
      maxWidth="760px"
      marginInline="auto"
    >
      {!entry && <ReadWithDoubt {...said} />}
      <FormBox
        onSubmit={(event) => void save(event)}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "1fr 1fr" }}
      >
        <TextField label="Part" autoFocus {...field("part")} />
        <SelectField
          label="Vehicle"
          {...field("vehicleId")}
          choices={[
            { value: "", label: "choose" },
            ...records.vehicles.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
        <SelectField
          label="Place"
          {...field("place")}
          choices={[{ value: "", label: "choose" }, ...PLACES]}
        />
        <SelectField
          label="System"
          {...field("system")}
          choices={[{ value: "", label: "choose" }, ...SYSTEMS]}
        />
        <TextField
          label="Odometer"
          unit={unitOf(form.watch("odometer")) ? undefined : log?.vehicle.distanceUnit}
          hint={odometerHint}
          {...field("odometer")}
        />
        <TextField label="Day" type="date" {...field("on")} />
        <TextField label="Price" numeric {...field("price")} />
        <TextField label="How many" numeric {...field("count")} />
        <MoreOfEntry form={form} isOpen={entry !== undefined} />
        {question && (
          <Box role="alert" gridColumn="1 / -1" color="watch">
            ▲ {question} Press again to keep it as it is.
          </Box>
        )}
        <FormButtons
          submit={entry ? "Save" : "Put it in the log"}
          onCancel={() => close(logHref(vehicle?.id, ""))}
        />
      </FormBox>
    </Sheet>
  );
}

type Said = ReturnType<typeof readQuickEntry> & { place?: Place; system?: System };

/** The form of an entry that is changed, or of what was read from a line. */
const useEntryForm = (
  entry: Replacement | undefined,
  line: string,
  said: Said,
  vehicle: Vehicle | null,
  { vehicles }: LogRecords,
  money: Money,
) =>
  useDraftForm(
    entry ? `entry ${entry.id}` : `entry ${line}`,
    entry
      ? fieldsOfEntry(entry, vehicle?.distanceUnit ?? "km")
      : fieldsOfLine(said, vehicle ?? { id: "", distanceUnit: "km" }, today()),
    (fields) => entryForm(fields, vehicles, today(), entry?.jobId, money),
  );

/** What the line said that could mean more than one thing. */
const ReadWithDoubt = ({ asks, unsure }: Pick<Said, "asks" | "unsure">) => (
  <>
    {asks.map(({ says }) => (
      <Box key={says} color="watch" marginBottom="3">
        ▲ {says}
      </Box>
    ))}
    {unsure.length > 0 && (
      <Box color="watch" marginBottom="3">
        ▲ Not sure about: {unsure.join(", ")}. It was left in the part’s name.
      </Box>
    )}
  </>
);

/** What is seldom told, folded away; open where one of it is wrong. */
function MoreOfEntry({ form, isOpen }: { form: ReturnType<typeof useEntryForm>; isOpen: boolean }) {
  const { field } = form;
  const { errors } = form.formState;
  return (
    <chakra.details
      gridColumn="1 / -1"
      open={isOpen || errors.partNumber || errors.quote || errors.note ? true : undefined}
    >
      <Box as="summary" minHeight="44px" paddingTop="2" fontWeight="600" cursor="pointer">
        More about it
      </Box>
      <Box display="grid" gap="3" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "1fr 1fr" }}>
        <TextField label="Part number" {...field("partNumber")} />
        <SelectField
          label="Made for one side"
          {...field("hand")}
          choices={[{ value: "", label: "no" }, ...SIDES]}
        />
        <TextField label="Warranty until" type="date" {...field("warrantyUntil")} />
        <TextField label="A workshop asked for it" numeric {...field("quote")} />
        <Box gridColumn="1 / -1">
          <TextAreaField label="Note" placeholder="stiff, will be rusty" {...field("note")} />
        </Box>
      </Box>
    </chakra.details>
  );
}
