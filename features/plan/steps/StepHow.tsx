"use client";

import { STATES, type Step } from "@/core/model/job";
import { SelectField, TextField } from "@/ui/form/Field";
import { Fold } from "@/ui/form/Fold";
import type { DraftForm } from "@/ui/form/useDraftForm";
import type { StepFields } from "./step-fields";

type StepFormState = Pick<DraftForm<StepFields, Step>, "field" | "formState" | "getValues">;

const FOLDED = [
  "applies",
  "facing",
  "routing",
  "leaves",
  "loaded",
  "heldUp",
  "noWayBack",
  "troubles",
] as const;

/** How the hands do it: what goes on, which way, under what load; folded away until it is wanted. */
export function StepHow({ form: { field, formState, getValues } }: { form: StepFormState }) {
  const isUsed = FOLDED.some((name) => formState.errors[name] !== undefined || getValues(name) !== "");
  return (
    <Fold title="What goes on it, which way, under what load" mustShow={isUsed}>
      <TextField
        label="Goes on it"
        placeholder="grease on splines; threadlocker on threads"
        {...field("applies")}
      />
      <TextField label="Which way" placeholder="lip inward, pointer up" {...field("facing")} />
      <TextField
        label="Goes round, in order"
        placeholder="crank; tensioner; alternator"
        hint="A belt or a lead, with ; between"
        {...field("routing")}
      />
      <SelectField
        label="Left for now"
        choices={[{ value: "", label: "on, or off" }, ...STATES]}
        {...field("leaves")}
      />
      <TextField
        label="Under load"
        placeholder="the springs of the shoes"
        hint="A spring, tensioner or pin that lets go"
        {...field("loaded")}
      />
      <TextField
        label="Carried by"
        placeholder="a jack with a block of wood"
        hint="Once its last bolt is out"
        {...field("heldUp")}
      />
      <TextField
        label="No way back, because"
        placeholder="the clip breaks, a new one goes on"
        {...field("noWayBack")}
      />
      <TextField
        label="Often goes wrong"
        placeholder="seized 5 to 40; snapped 1 to 10"
        hint="In a hundred: on one like new, on an old one"
        {...field("troubles")}
      />
    </Fold>
  );
}
