"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import type { Job, Part } from "@/core/model/job";
import { PLACES } from "@/core/model/place";
import { chosenRoute } from "@/core/plan/chosen-route";
import { putPart, removePart } from "@/core/plan/edit-route";
import { SIDES } from "@/core/side";
import { newId } from "@/data/stamp";
import { CheckField, SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { useChangeRoute } from "../../shared/use-change-route";
import { partFields, partForm } from "./part-fields";

/** A part that the job replaces, typed in or changed. */
export function PartForm({ job, part, onClose }: { job: Job; part: Part | undefined; onClose: () => void }) {
  const changeRoute = useChangeRoute(job.id);
  const id = useMemo(() => part?.id ?? newId(), [part]);
  const boxed = chosenRoute(job).fasteners.filter(
    ({ singleUse, locking }) =>
      singleUse || locking === "split pin" || locking === "tab washer" || locking === "locking nut",
  );
  const money = useMoney();
  const form = useRecordForm({
    draft: `part ${job.id} ${part?.id ?? "new"}`,
    start: partFields(part),
    schemaOf: () =>
      partForm(
        id,
        boxed.map((fastener) => fastener.id),
        money,
      ),
    onClose,
  });
  const { field } = form;
  const { error: _none, ...holds } = field("holds");
  const save = form.send((made) => changeRoute((route) => putPart(route, made), `${made.name} saved.`));

  return (
    <Sheet title={part ? `Edit ${part.name}` : "Add a part"} padding={{ base: "4", lg: "6" }} flex="1">
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }}
        gap="4"
      >
        <TextField label="Part" placeholder="Wheel cylinder" autoFocus {...field("name")} />
        <SelectField label="Place" choices={PLACES} {...field("place")} />
        <TextField label="How many" numeric {...field("count")} />
        <TextField label="Price together" numeric {...field("price")} />
        <TextField label="Warranty" numeric unit="months" {...field("warranty")} />
        <TextField label="Part number" {...field("partNumber")} />
        <SelectField
          label="Made for"
          choices={[{ value: "", label: "either side" }, ...SIDES]}
          {...field("hand")}
        />
        <SelectField
          label="It is the new"
          choices={[
            { value: "", label: "part of its own" },
            ...chosenRoute(job).fasteners.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          {...field("renews")}
        />
        {boxed.length > 0 && (
          <Box as="fieldset" border="none" padding="0">
            <Box as="legend" fontSize="15px" fontWeight="600">
              New in its box
            </Box>
            {boxed.map(({ id, name }) => (
              <CheckField key={id} label={name} value={id} {...holds} />
            ))}
          </Box>
        )}
        <TextAreaField
          label="Its box leaves out, a line each"
          rows={2}
          placeholder="clip"
          {...field("leavesOut")}
        />
        <CheckField label="Renewed on both sides or neither" {...field("inPairs")} />
        <FormButtons
          submit="Save part"
          onCancel={form.close}
          onRemove={
            part &&
            (() =>
              form.closeAfter(changeRoute((route) => removePart(route, part.id), `Removed: ${part.name}.`)))
          }
        />
      </FormBox>
    </Sheet>
  );
}
