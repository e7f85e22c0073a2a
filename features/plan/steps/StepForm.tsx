"use client";

import { Box } from "@chakra-ui/react";
import { type Job, PHASES, type Phase, type Route, STANCES, STEP_KINDS, type Step } from "@/core/model/job";
import { putStep } from "@/core/plan/edit-route";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { phaseTitle } from "../../shared/StepsByPhase";
import { useChangeRoute } from "../../shared/use-change-route";
import { readStep, stepFields } from "./step-fields";
import { KIND_SAYS } from "./step-words";
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
  const form = useDraftForm(`step ${job.id} ${step?.id ?? "new"}`, stepFields(step, phase));
  const { register } = form;
  const { errors } = form.formState;
  const close = (saved?: Step) => {
    form.forget();
    onClose(saved);
  };
  const save = form.handleSubmit(async (fields) => {
    const result = readStep(fields, step?.id ?? newId(), step);
    if ("errors" in result) return form.showErrors(result.errors);
    if (await changeRoute((now) => putStep(now, result.step), `${result.step.title} saved.`)) close(result.step);
  });

  return (
    <Sheet title={step ? "Edit step" : "Add a step"} padding={{ base: "4", lg: "6" }} flex="1">
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="4">
        <Box gridColumn="1 / -1">
          <TextField label="What is done" placeholder="Drum off, left" error={errors.title?.message} autoFocus {...register("title")} />
        </Box>
        <SelectField label="Phase" choices={PHASES.map((value) => ({ value, label: phaseTitle(value) }))} {...register("phase")} />
        <SelectField label="Kind" choices={STEP_KINDS.map((value) => ({ value, label: KIND_SAYS[value] }))} {...register("kind")} />
        <SelectField label="Vehicle is" choices={STANCES} hint="A raised vehicle brings the safety ticks" {...register("stance")} />
        <SelectField
          label="Fastener"
          choices={[{ value: "", label: "none" }, ...route.fasteners.map(({ id, name, count }) => ({ value: id, label: `${count} × ${name}` }))]}
          {...register("fastenerId")}
        />
        <TextField label="Usually takes" numeric unit="min" error={errors.usualMinutes?.message} {...register("usualMinutes")} />
        <TextField label="Be careful of" placeholder="Springs let go: eye protection on." {...register("caution")} />
        <Box gridColumn="1 / -1">
          <TextAreaField label="More" rows={3} {...register("detail")} />
        </Box>
        <StepMore form={form} route={route} step={step} />
        <Box display="flex" gap="3" gridColumn="1 / -1">
          <Button type="submit" look="primary">
            Save step
          </Button>
          <Button onClick={() => close()}>Cancel</Button>
        </Box>
      </Box>
    </Sheet>
  );
}
