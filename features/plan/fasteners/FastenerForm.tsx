"use client";

import { Box } from "@chakra-ui/react";
import type { Fastener, Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { putFastener, putStep, removeFastener } from "@/core/plan/edit-route";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CheckField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { TorqueField } from "@/ui/torque/TorqueField";
import { useChangeRoute } from "../../shared/use-change-route";
import { fastenerFields, readFastener } from "./fastener-fields";
import { FastenerMore } from "./FastenerMore";
import { FastenerPreview } from "./FastenerPreview";

interface FastenerFormProps {
  job: Job;
  vehicle: Vehicle;
  fastener: Fastener | undefined;
  /** A step that the new fastener is for. */
  forStepId?: string | undefined;
  onClose: () => void;
}

/** A fastener typed in or changed: what it is, its size and its torque first; the rest behind a fold. */
export function FastenerForm({ job, vehicle, fastener, forStepId, onClose }: FastenerFormProps) {
  const changeRoute = useChangeRoute(job.id);
  const form = useDraftForm(`fastener ${job.id} ${fastener?.id ?? "new"}`, fastenerFields(fastener));
  const { register } = form;
  const { errors } = form.formState;
  const crowfoot = form.watch("crowfoot");
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const result = readFastener(fields, fastener?.id ?? newId(), fastener);
    if ("errors" in result) return form.showErrors(result.errors);
    const put = await changeRoute((route) => {
      const step = route.steps.find(({ id }) => id === forStepId);
      const withFastener = putFastener(route, result.fastener);
      return step ? putStep(withFastener, { ...step, fastenerId: result.fastener.id }) : withFastener;
    }, `${result.fastener.name} saved.`);
    if (put) close();
  });

  return (
    <Sheet title={fastener ? `Edit ${fastener.name}` : "Add a fastener"} padding={{ base: "4", lg: "6" }} flex="1">
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(6, minmax(0, 1fr))" }} gap="4">
        <Box gridColumn={{ md: "span 5" }}>
          <TextField label="What it is" placeholder="Backing plate bolts" error={errors.name?.message} autoFocus {...register("name")} />
        </Box>
        <TextField label="How many" numeric error={errors.count?.message} {...register("count")} />
        <Box gridColumn={{ md: "span 2" }}>
          <TextField label="Size of the head" placeholder="16, 1/2 in, T30" error={errors.size?.message} {...register("size")} />
        </Box>
        <Box gridColumn={{ md: "span 4" }}>
          <TorqueField label="Torque" error={errors.torque?.message} typed={form.watch("torque")} {...register("torque")} />
        </Box>
        <Box gridColumn="1 / -1">
          <CheckField label="Only a crowfoot or offset adapter reaches it" {...register("crowfoot")} />
        </Box>
        {crowfoot && (
          <>
            <Box gridColumn={{ md: "span 3" }}>
              <TextField label="Crowfoot: drive to bolt" numeric unit="mm" error={errors.offset?.message} {...register("offset")} />
            </Box>
            <Box gridColumn={{ md: "span 3" }}>
              <TextField label="At an angle of" numeric unit="°" hint="0 in line with the handle, 90 square to it" error={errors.angle?.message} {...register("angle")} />
            </Box>
          </>
        )}
        <FastenerPreview fields={form.watch()} before={fastener} unit={vehicle.torqueUnit} />
        <FastenerMore form={form} />
        <Box gridColumn="1 / -1" display="flex" gap="3" flexWrap="wrap">
          <Button type="submit" look="primary">
            Save fastener
          </Button>
          <Button onClick={close}>Cancel</Button>
          {fastener && (
            <Button
              look="quiet"
              color="stop"
              marginLeft="auto"
              onClick={() => void changeRoute((route) => removeFastener(route, fastener.id), `Removed: ${fastener.name}.`).then((done) => done && close())}
            >
              Remove
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}
