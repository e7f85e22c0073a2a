"use client";

import { Box } from "@chakra-ui/react";
import { type MeasuredVerdict, judgeMeasured } from "@/core/decide/decide";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import type { Decide } from "@/core/model/job";
import { readNumber } from "@/core/quantity/read-number";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import type { ChangeDecide } from "./decide/CausesSheet";

const LOOK: Record<MeasuredVerdict, { shape: string; colour: string }> = {
  within: { shape: "●", colour: "good" },
  "at its limit": { shape: "▲", colour: "watch" },
  "past its limit": { shape: "■", colour: "stop" },
  "no limit": { shape: "○", colour: "soft" },
};

/** Thicknesses, depths, play and run-out against their limits. */
export function MeasuredSheet({ decide, change }: { decide: Decide; change: ChangeDecide }) {
  const form = useDraftForm("measured", { what: "", value: "", unit: "mm", least: "", most: "" });
  const { errors } = form.formState;
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const number = (field: "least" | "most", says: string) => read(field, () => ifTyped(fields[field], (text) => readNumber(text, says).value));
    const what = read("what", () => requireText(fields.what, "Say what was measured."));
    const value = read("value", () => readNumber(fields.value, "The measure").value);
    const [least, most] = [number("least", "The least"), number("most", "The most")];
    if (failed() || what === undefined || value === undefined) return form.showErrors(unread);
    const made = { id: newId(), what, value, unit: fields.unit.trim().slice(0, 20), ...(least === undefined ? {} : { least }), ...(most === undefined ? {} : { most }) };
    if (!(await change((now) => ({ ...now, measured: [...now.measured, made] }), `${what} noted.`))) return;
    form.forget();
    form.reset({ what: "", value: "", unit: fields.unit, least: "", most: "" });
  });
  return (
    <Sheet title="Measured">
      {decide.measured.map((one) => {
        const verdict = judgeMeasured(one);
        const limits = [one.least === undefined ? "" : `at least ${one.least}`, one.most === undefined ? "" : `at most ${one.most}`].filter((limit) => limit !== "").join(", ");
        return (
          <Box key={one.id} display="flex" justifyContent="space-between" gap="2" borderTop="1px solid" borderColor="edge" paddingBlock="2">
            <Box>
              {one.what}: {one.value} {one.unit}
              {limits && <Box color="soft">{limits}</Box>}
              <Box color={LOOK[verdict].colour} fontWeight="600">
                {LOOK[verdict].shape} {verdict}
              </Box>
            </Box>
            <Button
              look="quiet"
              aria-label={`Remove ${one.what}`}
              onClick={() => void change((now) => ({ ...now, measured: now.measured.filter(({ id }) => id !== one.id) }), `${one.what} is gone.`)}
            >
              ×
            </Button>
          </Box>
        );
      })}
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="2" marginTop="2">
        <Box gridColumn="1 / -1">
          <TextField label="What was measured" placeholder="lining, left rear" error={errors.what?.message} {...form.register("what")} />
        </Box>
        <TextField label="It is" numeric error={errors.value?.message} {...form.register("value")} />
        <TextField label="In" {...form.register("unit")} />
        <TextField label="At least" numeric error={errors.least?.message} {...form.register("least")} />
        <TextField label="At most" numeric error={errors.most?.message} {...form.register("most")} />
        <Button type="submit">Note it</Button>
      </Box>
    </Sheet>
  );
}
