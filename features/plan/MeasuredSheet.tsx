"use client";

import { Box } from "@chakra-ui/react";
import { z } from "zod";
import { ifTyped, line, typed, unitName } from "@/core/form";
import type { Decide } from "@/core/model/decide";
import { judgeAgainst, type LimitVerdict } from "@/core/quantity/limits";
import { readNumber } from "@/core/quantity/read-number";
import { withoutUndefined } from "@/core/without-undefined";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import type { ChangeDecide } from "./decide/CausesSheet";

const LOOK: Record<LimitVerdict["kind"], { shape: string; colour: string }> = {
  within: { shape: "●", colour: "good" },
  "at the limit": { shape: "▲", colour: "watch" },
  beyond: { shape: "■", colour: "stop" },
  "no limit": { shape: "○", colour: "soft" },
};

const START = { what: "", value: "", unit: "mm", least: "", most: "" };

const measuredForm = z
  .object({
    what: line("Say what was measured."),
    value: typed((text) => readNumber(text, "The measure").value),
    unit: unitName,
    least: ifTyped((text) => readNumber(text, "The least").value),
    most: ifTyped((text) => readNumber(text, "The most").value),
  })
  .transform((said) => withoutUndefined(said));

/** Thicknesses, depths, play and run-out against their limits. */
export function MeasuredSheet({ decide, change }: { decide: Decide; change: ChangeDecide }) {
  const form = useDraftForm("measured", START, () => measuredForm);
  const { field } = form;
  const save = form.handleSubmit(async (said) => {
    if (
      !(await change(
        (now) => ({ ...now, measured: [...now.measured, { ...said, id: newId() }] }),
        `${said.what} noted.`,
      ))
    )
      return;
    form.forget();
    form.reset({ ...START, unit: said.unit });
  });
  return (
    <Sheet title="Measured">
      {decide.measured.map((one) => {
        const verdict = judgeAgainst(one, one.value);
        return (
          <Box
            key={one.id}
            display="flex"
            justifyContent="space-between"
            gap="2"
            borderTop="1px solid"
            borderColor="edge"
            paddingBlock="2"
          >
            <Box>
              {one.what}: {one.value} {one.unit}
              <Box color={LOOK[verdict.kind].colour} fontWeight="600">
                {LOOK[verdict.kind].shape} {verdict.says}
              </Box>
            </Box>
            <Button
              look="quiet"
              aria-label={`Remove ${one.what}`}
              onClick={() =>
                void change(
                  (now) => ({ ...now, measured: now.measured.filter(({ id }) => id !== one.id) }),
                  `${one.what} is gone.`,
                )
              }
            >
              ×
            </Button>
          </Box>
        );
      })}
      <FormBox
        onSubmit={(event) => void save(event)}
        gridTemplateColumns="repeat(2, minmax(0, 1fr))"
        gap="2"
        marginTop="2"
      >
        <Box gridColumn="1 / -1">
          <TextField label="What was measured" placeholder="lining, left rear" {...field("what")} />
        </Box>
        <TextField label="It is" numeric {...field("value")} />
        <TextField label="In" {...field("unit")} />
        <TextField label="At least" numeric {...field("least")} />
        <TextField label="At most" numeric {...field("most")} />
        <Button type="submit">Note it</Button>
      </FormBox>
    </Sheet>
  );
}
