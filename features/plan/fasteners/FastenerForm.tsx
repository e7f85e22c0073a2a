"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { capital } from "@/core/capital";
import type { Fastener, Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { putFastener, putStep, removeFastener } from "@/core/plan/edit-route";
import { savedSays, withTwins } from "@/core/plan/twins";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CheckField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { TorqueField } from "@/ui/torque/TorqueField";
import { useChangeRoute } from "../../shared/use-change-route";
import { fastenerFields, fastenerForm } from "./fastener-fields";
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

/** Ways of doing up that are no torque, in the words that the field reads. */
const WAYS = [
  "good and tight",
  "hand tight",
  "12 turns",
  "until 2 threads show",
  "flush",
  "spring clamp",
  "push clip",
  "plastic nut",
] as const;

/** Where no torque is given: how else it may be done up, a press each. */
function NoTorque({ onSay }: { onSay: (way: string) => void }) {
  return (
    <Box gridColumn="1 / -1">
      <Box color="soft">
        No torque given? How it is done up, also one after the other: “hand tight, then 25 Nm”, “50 Nm, back
        off to the slot”.
      </Box>
      <Box display="flex" flexWrap="wrap" gap="2" marginTop="2">
        {WAYS.map((way) => (
          <Button key={way} fontSize="16px" onClick={() => onSay(way)}>
            {capital(way)}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

/** A fastener typed in or changed: what it is, its size and its torque first; the rest behind a fold. */
export function FastenerForm({ job, vehicle, fastener, forStepId, onClose }: FastenerFormProps) {
  const changeRoute = useChangeRoute(job.id);
  const id = useMemo(() => fastener?.id ?? newId(), [fastener]);
  const form = useRecordForm({
    draft: `fastener ${job.id} ${fastener?.id ?? "new"}`,
    start: fastenerFields(fastener),
    schemaOf: (fields) => fastenerForm(fields, id, fastener),
    onClose,
  });
  const { field } = form;
  const crowfoot = form.watch("crowfoot");
  const torque = form.watch("torque");
  const save = form.send((made) =>
    changeRoute(
      (route) => {
        const step = route.steps.find((one) => one.id === forStepId);
        const withFastener = withTwins(route, putFastener(route, made));
        return step ? putStep(withFastener, { ...step, fastenerId: made.id }) : withFastener;
      },
      savedSays(made.name, chosenRoute(job), putFastener(chosenRoute(job), made)),
    ),
  );

  return (
    <Sheet
      title={fastener ? `Edit ${fastener.name}` : "Add a fastener"}
      padding={{ base: "4", lg: "6" }}
      flex="1"
    >
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(6, minmax(0, 1fr))" }}
        gap="4"
      >
        <Box gridColumn={{ md: "span 4" }}>
          <TextField label="What it is" placeholder="Backing plate bolts" autoFocus {...field("name")} />
        </Box>
        <Box gridColumn={{ md: "span 2" }}>
          <TextField label="How many" numeric {...field("count")} />
        </Box>
        <Box gridColumn={{ md: "span 2" }}>
          <TextField label="Size of the head" placeholder="16, 1/2 in, T30" {...field("size")} />
        </Box>
        <Box gridColumn={{ md: "span 4" }}>
          <TorqueField label="Torque" typed={torque} {...field("torque")} />
        </Box>
        {torque.trim() === "" && (
          <NoTorque
            onSay={(way) => {
              form.setValue("torque", way, { shouldDirty: true });
              form.setFocus("torque");
            }}
          />
        )}
        <Box gridColumn="1 / -1">
          <CheckField label="Only a crowfoot or offset adapter reaches it" {...field("crowfoot")} />
        </Box>
        {crowfoot && (
          <>
            <Box gridColumn={{ md: "span 3" }}>
              <TextField label="Crowfoot: drive to bolt" numeric unit="mm" {...field("offset")} />
            </Box>
            <Box gridColumn={{ md: "span 3" }}>
              <TextField
                label="At an angle of"
                numeric
                unit="°"
                hint="0 in line with the handle, 90 square to it"
                {...field("angle")}
              />
            </Box>
          </>
        )}
        <FastenerPreview fields={form.watch()} before={fastener} unit={vehicle.torqueUnit} />
        <FastenerMore form={form} />
        <FormButtons
          submit="Save fastener"
          onCancel={form.close}
          onRemove={
            fastener &&
            (() =>
              form.closeAfter(
                changeRoute((route) => removeFastener(route, fastener.id), `Removed: ${fastener.name}.`),
              ))
          }
        />
      </FormBox>
    </Sheet>
  );
}
