"use client";

import { Box } from "@chakra-ui/react";
import type { UseFormReturn } from "react-hook-form";
import { roleByWords } from "@/core/fastener/role";
import { ACCESSES, CONDITIONS, LOCKINGS, SOURCES, TIGHTENED } from "@/core/model/job";
import { ROLES } from "@/core/model/role";
import { INTO } from "@/core/thread/hole";
import { STRENGTH_CLASSES } from "@/core/thread/strength";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import type { FastenerFields } from "./fastener-fields";

type FastenerFormState = Pick<UseFormReturn<FastenerFields>, "register" | "formState" | "watch" | "getValues">;

const NOT_SAID = { value: "", label: "not said" };

/** What is known less often about a fastener, folded away until it is wanted. */
export function FastenerMore({ form: { register, formState, watch, getValues } }: { form: FastenerFormState }) {
  const { errors } = formState;
  const drawn = getValues("layout") === "drawn";
  const told = roleByWords(watch("name"));
  return (
    <Box as="details" gridColumn="1 / -1" {...(errors.thread || errors.sizeToDoUp || errors.counterHold || errors.length || errors.reach ? { open: true } : {})}>
      <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
        More about it
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="4" marginTop="2">
        <SelectField label="What it holds" choices={[{ value: "", label: told ? `${told}, by its name` : "not said" }, ...ROLES]} {...register("role")} />
        <SelectField label="The torque is from" choices={[NOT_SAID, ...SOURCES]} {...register("source")} />
        <SelectField label="The torque is for a thread that is" choices={[NOT_SAID, ...CONDITIONS]} {...register("condition")} />
        <SelectField label="The thread will be" choices={[NOT_SAID, ...CONDITIONS]} {...register("threadIs")} />
        <SelectField label="Held by" choices={[{ value: "", label: "nothing more" }, ...LOCKINGS]} {...register("locking")} />
        <TextField label="Thread" placeholder="M10 or M10x1.25" error={errors.thread?.message} {...register("thread")} />
        <TextField label="Other size to do up" placeholder="if the new one differs" error={errors.sizeToDoUp?.message} {...register("sizeToDoUp")} />
        <TextField label="Hold the other end with" placeholder="17, 6 mm key" error={errors.counterHold?.message} {...register("counterHold")} />
        <SelectField label="Final torque" choices={[{ value: "", label: "wherever it stands" }, ...TIGHTENED]} {...register("tightened")} />
        <SelectField label="Reached with" choices={[NOT_SAID, ...ACCESSES]} {...register("access")} />
        <TextField label="It lies deep" numeric unit="mm" hint="What extensions have to reach" error={errors.reach?.message} {...register("reach")} />
        <SelectField label="Strength" choices={[{ value: "", label: "not known" }, ...STRENGTH_CLASSES]} {...register("strength")} />
        <TextField label="Length" numeric unit="mm" error={errors.length?.message} {...register("length")} />
        <SelectField label="Goes into" choices={[{ value: "", label: "not known" }, ...INTO]} {...register("into")} />
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
        <CheckField label="A pipe or lead comes out of it" {...register("overPipe")} />
        <CheckField label="Only a deep socket gets down to it" {...register("deepSocket")} />
        <CheckField label="Single-use" {...register("singleUse")} />
        {watch("singleUse") && <TextField label="Used again because" hint="Left empty, a new one is fitted" {...register("reuseReason")} />}
      </Box>
    </Box>
  );
}
