"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useId } from "react";
import type { Route, Step } from "@/core/model/job";
import { CheckField, TextField } from "@/ui/form/Field";
import { Fold } from "@/ui/form/Fold";
import type { DraftForm } from "@/ui/form/useDraftForm";
import type { StepFields } from "./step-fields";

type StepFormState = Pick<DraftForm<StepFields, Step>, "field" | "formState" | "getValues">;

/** Fields that have to be seen when they are wrong. */
const FOLDED = [
  "takesOff",
  "putsBack",
  "movesPast",
  "mark",
  "waitMinutes",
  "waitUntil",
  "measureWhat",
  "measureUnit",
  "measureLeast",
  "measureMost",
  "measurePlaces",
  "count",
  "vehicleIs",
  "hands",
] as const;

const ManySelect = chakra("select", {
  base: {
    width: "100%",
    minHeight: "120px",
    padding: "2",
    border: "1px solid",
    borderColor: "soft",
    borderRadius: "sheet",
    background: "raised",
    color: "ink",
    fontSize: "16px",
  },
});

/** What is known less often about a step, folded away until it is wanted. */
export function StepMore({
  form: { field, formState, getValues },
  route,
  step,
}: {
  form: StepFormState;
  route: Route;
  step: Step | undefined;
}) {
  const needsId = useId();
  const { errors } = formState;
  const wrong = FOLDED.some((name) => errors[name]);
  const inUse =
    getValues("needs").length > 0 ||
    [
      getValues("takesOff"),
      getValues("putsBack"),
      getValues("movesPast"),
      getValues("measureWhat"),
      getValues("waitMinutes"),
    ].some((text) => text !== "");
  const { error: _none, ...needs } = field("needs");
  const others = route.steps.filter(({ id }) => id !== step?.id);
  return (
    <Fold title="What it needs, takes off and measures" mustShow={wrong || inUse}>
      <TextField
        label="Takes off"
        placeholder="sensor lead; vent hose"
        hint="Connectors, hoses and leads, with ; between"
        {...field("takesOff")}
      />
      <TextField label="Puts back" placeholder="sensor lead" {...field("putsBack")} />
      <TextField
        label="Moves past"
        placeholder="sensor lead"
        hint="What must be off before this moves"
        {...field("movesPast")}
      />
      <TextField label="Mark or count" placeholder="turns, a paint mark, how it faced" {...field("mark")} />
      {others.length > 0 && (
        <Box gridColumn="1 / -1">
          <chakra.label htmlFor={needsId} display="block" fontSize="15px" fontWeight="600" marginBottom="1">
            Has to come after
          </chakra.label>
          <ManySelect id={needsId} multiple {...needs}>
            {others.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </ManySelect>
        </Box>
      )}
      <TextField label="Wait about" numeric unit="min" {...field("waitMinutes")} />
      <TextField label="Until" placeholder="the hoses are cold" {...field("waitUntil")} />
      <TextField label="Measure the" placeholder="drum's inside width" {...field("measureWhat")} />
      <TextField label="In" placeholder="mm" {...field("measureUnit")} />
      <TextField label="At least" numeric {...field("measureLeast")} />
      <TextField label="At most" numeric {...field("measureMost")} />
      <TextField
        label="Measured at"
        placeholder="left; right"
        hint="Each place apart, with ; between"
        {...field("measurePlaces")}
      />
      <TextField
        label="How many of the fastener"
        numeric
        hint="Left empty: all of them"
        {...field("count")}
      />
      <TextField
        label="The vehicle has to be"
        placeholder="in gear, steering turned left"
        {...field("vehicleIs")}
      />
      <TextField label="People" numeric {...field("hands")} />
      <CheckField label="Photograph it first" {...field("photo")} />
    </Fold>
  );
}
