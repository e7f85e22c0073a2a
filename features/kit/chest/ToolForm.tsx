"use client";

import { Box } from "@chakra-ui/react";
import type { Tool, TorqueWrench } from "@/core/model/tool";
import { TORQUE_UNITS, torqueSymbol } from "@/core/quantity/torque-unit";
import { stamp, stampOf, touched } from "@/data/stamp";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { useDo } from "../../shell/DoProvider";
import { DRIVE_CHOICES, FORM_KINDS, TOOL_START, hasDrive, toolForm, wrenchFields } from "./tool-fields";

/**
 * A tool put into the chest field by field, or a torque wrench changed; only what matters for its kind is
 * asked.
 */
export function ToolForm({ wrench, onClose }: { wrench?: TorqueWrench; onClose: () => void }) {
  const perform = useDo();
  const form = useRecordForm({
    draft: `tool ${wrench?.id ?? "new"}`,
    start: wrench ? wrenchFields(wrench) : TOOL_START,
    schemaOf: toolForm,
    onClose,
  });
  const { field } = form;
  const kind = form.watch("kind");
  const save = form.send(async (drafts) => {
    const tools = drafts.map((draft): Tool => ({
      ...(wrench ? touched(stampOf(wrench)) : stamp("own")),
      ...draft,
    }));
    return perform(
      { put: { tools } },
      tools.length === 1 && tools[0]
        ? `${tools[0].name} is in the chest.`
        : `${tools.length} tools are in the chest.`,
    );
  });
  const sized = kind === "socket" || kind === "spanner" || kind === "crowfoot";
  const long =
    kind === "torque wrench" || kind === "crowfoot" || kind === "extension" || kind === "bar or ratchet";

  return (
    <FormBox
      onSubmit={save}
      gridTemplateColumns="repeat(2, minmax(0, 1fr))"
      marginTop="3"
      borderTop="1px solid"
      borderColor="edge"
      paddingTop="3"
    >
      {!wrench && <SelectField label="Kind" choices={FORM_KINDS} {...field("kind")} />}
      {hasDrive(kind) && (
        <SelectField
          label={kind === "drive adapter" ? "From" : "Drive"}
          choices={DRIVE_CHOICES}
          {...field("drive")}
        />
      )}
      {kind === "drive adapter" && <SelectField label="To" choices={DRIVE_CHOICES} {...field("to")} />}
      {sized && (
        <Box gridColumn="1 / -1">
          <TextField label="Sizes" placeholder="8, 10, 13, 1/2, T30" {...field("sizes")} />
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
            {...field("works")}
          />
          <SelectField
            label="Its scale"
            choices={TORQUE_UNITS.map((unit) => ({ value: unit, label: torqueSymbol(unit) }))}
            {...field("unit")}
          />
          <TextField label="By steps of" numeric {...field("step")} />
          <TextField label="From" numeric {...field("min")} />
          <TextField label="To" numeric {...field("max")} />
          <TextField label="Last checked" type="date" {...field("checkedOn")} />
          <TextField
            label="Accuracy"
            numeric
            unit="± %"
            hint="Empty: the standard's limit"
            {...field("accuracy")}
          />
        </>
      )}
      {long && <TextField label={lengthLabel(kind)} numeric unit="mm" {...field("length")} />}
      {kind === "stands" && <TextField label="How many" numeric {...field("count")} />}
      {(kind === "stands" || kind === "jack") && (
        <TextField
          label={kind === "stands" ? "Rating of one stand" : "Rating"}
          numeric
          unit="kg"
          hint={kind === "stands" ? "A 3 t pair is 1500 kg each" : undefined}
          {...field("rating")}
        />
      )}
      {!sized && (
        <Box gridColumn="1 / -1">
          <TextField label="Name" placeholder="what you call it" {...field("name")} />
        </Box>
      )}
      <FormButtons submit="Put in the chest" onCancel={form.close} />
    </FormBox>
  );
}

function lengthLabel(kind: string) {
  if (kind === "torque wrench") return "Drive to middle of grip, if known";
  if (kind === "crowfoot") return "Drive to bolt";
  return "Length";
}
