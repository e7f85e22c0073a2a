"use client";

import { Box } from "@chakra-ui/react";
import type { TorqueWrench } from "@/core/model/tool";
import { TORQUE_UNITS, torqueSymbol } from "@/core/quantity/torque-unit";
import { stamp, stampOf, touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { useDo } from "../../shell/DoProvider";
import { DRIVE_CHOICES, FORM_KINDS, TOOL_START, type ToolFields, hasDrive, readTools, wrenchFields } from "./tool-fields";

/** A tool put into the chest field by field, or a torque wrench changed; only what matters for its kind is asked. */
export function ToolForm({ wrench, onClose }: { wrench?: TorqueWrench; onClose: () => void }) {
  const does = useDo();
  const form = useDraftForm<ToolFields>(`tool ${wrench?.id ?? "new"}`, wrench ? wrenchFields(wrench) : TOOL_START);
  const { register } = form;
  const kind = form.watch("kind");
  const says = (field: keyof ToolFields) => form.formState.errors[field]?.message;
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const result = readTools(fields, () => (wrench ? touched(stampOf(wrench)) : stamp("own")));
    if ("errors" in result) return form.showErrors(result.errors);
    const [first] = result.tools;
    if (await does({ put: { tools: result.tools } }, result.tools.length === 1 && first ? `${first.name} is in the chest.` : `${result.tools.length} tools are in the chest.`))
      close();
  });
  const sized = kind === "socket" || kind === "spanner" || kind === "crowfoot";
  const long = kind === "torque wrench" || kind === "crowfoot" || kind === "extension" || kind === "bar or ratchet";

  return (
    <Box
      as="form"
      onSubmit={(event) => void save(event)}
      display="grid"
      gridTemplateColumns="repeat(2, minmax(0, 1fr))"
      gap="3"
      marginTop="3"
      borderTop="1px solid"
      borderColor="edge"
      paddingTop="3"
    >
      {!wrench && <SelectField label="Kind" choices={FORM_KINDS} {...register("kind")} />}
      {hasDrive(kind) && <SelectField label={kind === "drive adapter" ? "From" : "Drive"} choices={DRIVE_CHOICES} {...register("drive")} />}
      {kind === "drive adapter" && <SelectField label="To" choices={DRIVE_CHOICES} {...register("to")} />}
      {sized && (
        <Box gridColumn="1 / -1">
          <TextField label="Sizes" placeholder="8, 10, 13, 1/2, T30" error={says("sizes")} {...register("sizes")} />
        </Box>
      )}
      {kind === "torque wrench" && (
        <>
          <SelectField
            label="It"
            choices={[
              { value: "click", label: "clicks" },
              { value: "dial", label: "has a dial" },
              { value: "beam", label: "has a bending beam" },
              { value: "digital", label: "has a display" },
            ]}
            {...register("works")}
          />
          <SelectField label="Its scale" choices={TORQUE_UNITS.map((unit) => ({ value: unit, label: torqueSymbol(unit) }))} {...register("unit")} />
          <TextField label="By steps of" numeric error={says("step")} {...register("step")} />
          <TextField label="From" numeric error={says("min")} {...register("min")} />
          <TextField label="To" numeric error={says("max")} {...register("max")} />
          <TextField label="Last checked" type="date" {...register("checkedOn")} />
          <TextField label="Accuracy" numeric unit="± %" hint="Empty: the standard's limit" error={says("accuracy")} {...register("accuracy")} />
        </>
      )}
      {long && (
        <TextField
          label={kind === "torque wrench" ? "Drive to middle of grip" : kind === "crowfoot" ? "Drive to bolt" : "Length"}
          numeric
          unit="mm"
          error={says("length")}
          {...register("length")}
        />
      )}
      {kind === "stands" && <TextField label="How many" numeric error={says("count")} {...register("count")} />}
      {(kind === "stands" || kind === "jack") && (
        <TextField
          label={kind === "stands" ? "Rating of one stand" : "Rating"}
          numeric
          unit="kg"
          hint={kind === "stands" ? "A 3 t pair is 1500 kg each" : undefined}
          error={says("rating")}
          {...register("rating")}
        />
      )}
      {!sized && (
        <Box gridColumn="1 / -1">
          <TextField label="Name" placeholder="what you call it" {...register("name")} />
        </Box>
      )}
      <Box gridColumn="1 / -1" display="flex" gap="3">
        <Button type="submit" look="primary">
          Put in the chest
        </Button>
        <Button onClick={close}>Cancel</Button>
      </Box>
    </Box>
  );
}
