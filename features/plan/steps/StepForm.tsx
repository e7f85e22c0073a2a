"use client";

import { Box } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import { capital } from "@/core/capital";
import { type Job, PHASES, type Phase, type Route, STANCES, STEP_KINDS, type Step } from "@/core/model/job";
import { putStep } from "@/core/plan/edit-route";
import { moveAfter } from "@/core/plan/second-look/changes";
import { savedSays, withTwins } from "@/core/plan/twins";
import { STEP_KIND } from "@/core/step-kinds";
import { newId } from "@/data/stamp";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeRoute } from "../../shared/use-change-route";
import { stepFields, stepForm } from "./step-fields";
import { StepHow } from "./StepHow";
import { StepMore } from "./StepMore";

interface StepFormProps {
  job: Job;
  route: Route;
  step: Step | undefined;
  /** Where a new step goes unless it is said otherwise. */
  phase: Phase;
  onClose: (saved?: Step) => void;
}

/** A step typed in or changed. */
export function StepForm({ job, route, step, phase, onClose }: StepFormProps) {
  const changeRoute = useChangeRoute(job.id);
  const id = useMemo(() => step?.id ?? newId(), [step]);
  const form = useRecordForm({
    draft: `step ${job.id} ${step?.id ?? "new"}`,
    start: stepFields(step, phase),
    schemaOf: (fields) => stepForm(fields, id, step),
    onClose,
  });
  const { field } = form;
  const [place, setPlace] = useState("");
  const inPhase = route.steps.filter((one) => one.phase === form.watch("phase"));
  const save = form.send(
    (made) =>
      changeRoute(
        (now) => {
          const put = withTwins(now, putStep(now, made));
          const isThere = put.steps.some(({ id: one, phase: its }) => one === place && its === made.phase);
          return isThere ? moveAfter(put, made.id, place) : put;
        },
        savedSays(made.title, route, putStep(route, made)),
      ),
    onClose,
  );

  return (
    <Sheet title={step ? "Edit step" : "Add a step"} padding={{ base: "4", lg: "6" }} flex="1">
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }}
        gap="4"
      >
        <Box gridColumn="1 / -1">
          <TextField label="What is done" placeholder="Drum off, left" autoFocus {...field("title")} />
        </Box>
        <SelectField
          label="Phase"
          choices={PHASES.map((value) => ({ value, label: capital(value) }))}
          {...field("phase")}
        />
        <SelectField
          label="Kind"
          choices={STEP_KINDS.map((value) => ({ value, label: STEP_KIND[value].says }))}
          {...field("kind")}
        />
        <SelectField
          label="Vehicle is"
          choices={STANCES}
          hint="A raised vehicle brings the safety ticks"
          {...field("stance")}
        />
        <SelectField
          label="Fastener"
          choices={[
            { value: "", label: "none" },
            ...route.fasteners.map(({ id, name, count }) => ({ value: id, label: `${count} × ${name}` })),
          ]}
          {...field("fastenerId")}
        />
        {!step && inPhase.length > 0 && (
          <SelectField
            label="Comes after"
            value={place}
            onChange={(event) => setPlace(event.currentTarget.value)}
            choices={[
              { value: "", label: "all that is in its phase" },
              ...inPhase.map(({ id: one, title }) => ({ value: one, label: title })),
            ]}
          />
        )}
        <TextField label="Takes" placeholder="8, or 5 to 20, usually 8" unit="min" {...field("minutes")} />
        <TextField
          label="Be careful of"
          placeholder="Springs let go: eye protection on."
          {...field("caution")}
        />
        <Box gridColumn="1 / -1">
          <TextAreaField label="More" rows={3} {...field("detail")} />
        </Box>
        <StepMore form={form} route={route} step={step} />
        <StepHow form={form} />
        <FormButtons submit="Save step" onCancel={form.close} />
      </FormBox>
    </Sheet>
  );
}
