"use client";

import { Box } from "@chakra-ui/react";
import type { UseFormReturn } from "react-hook-form";
import { CONDITIONS, SOURCES } from "@/core/model/job";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import type { FastenerFields } from "./fastener-fields";

type FastenerFormState = Pick<UseFormReturn<FastenerFields>, "register" | "formState" | "watch" | "getValues">;

/** What is known less often about a fastener, folded away until it is wanted. */
export function FastenerMore({ form: { register, formState, watch, getValues } }: { form: FastenerFormState }) {
  const { errors } = formState;
  const drawn = getValues("layout") === "drawn";
  return (
    <Box as="details" gridColumn="1 / -1" {...(errors.thread || errors.sizeToDoUp ? { open: true } : {})}>
      <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
        More about it
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="4" marginTop="2">
        <SelectField label="The torque is from" choices={[{ value: "", label: "not said" }, ...SOURCES]} {...register("source")} />
        <SelectField label="The torque is for a thread that is" choices={[{ value: "", label: "not said" }, ...CONDITIONS]} {...register("condition")} />
        <TextField label="Thread" placeholder="M10 or M10x1.25" error={errors.thread?.message} {...register("thread")} />
        <TextField label="Other size to do up" placeholder="if the new one differs" error={errors.sizeToDoUp?.message} {...register("sizeToDoUp")} />
        <SelectField
          label="They stand"
          choices={[
            { value: "none", label: "no pattern" },
            { value: "circle", label: "in a circle" },
            { value: "row", label: "in a row" },
            ...(drawn ? [{ value: "drawn", label: "as drawn" }] : []),
          ]}
          {...register("layout")}
        />
        <TextField label="Note" {...register("note")} />
        <CheckField label="The figure is doubtful" {...register("doubtful")} />
        <CheckField label="They hold a wheel" {...register("holdsWheel")} />
        <CheckField label="Single-use" {...register("singleUse")} />
        {watch("singleUse") && <TextField label="Used again because" hint="Left empty, a new one is fitted" {...register("reuseReason")} />}
      </Box>
    </Box>
  );
}
