"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Job, Route } from "@/core/model/job";
import { type ReadingQuestion, latestReading, questionReading } from "@/core/log/odometer";
import type { Vehicle } from "@/core/model/vehicle";
import { followUpsFrom, replacementFrom } from "@/core/work/wrap-up";
import { useCollection } from "@/data/hooks";
import { stamp, touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CheckField, TextField } from "@/ui/form/Field";
import { fieldReader } from "@/core/field-reader";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { ReadingQuestionView } from "../garage/ReadingQuestionView";
import { readDay, readOdometer } from "../garage/read-reading";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

interface WrapUpProps {
  job: Job;
  vehicle: Vehicle;
  route: Route;
  onBack: () => void;
}

/** Every step is done: what was replaced, at what reading, and what it brings with it. Writes the log. */
export function WrapUp({ job, vehicle, route, onBack }: WrapUpProps) {
  const readings = useCollection("readings") ?? [];
  const does = useDo();
  const latest = latestReading(readings, vehicle.id);
  const [question, setQuestion] = useState<ReadingQuestion>();
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const form = useDraftForm(`wrap-up ${job.id}`, { odometer: latest ? String(latest.distance.value) : "", on: today() });
  const { errors } = form.formState;
  const proposals = followUpsFrom(job, route, { value: latest?.distance.value ?? 0, unit: vehicle.distanceUnit }, today());
  const toggle = (key: string) => setDropped((was) => (was.has(key) ? new Set([...was].filter((one) => one !== key)) : new Set([...was, key])));

  const save = (newOdometer: boolean) =>
    form.handleSubmit(async (values) => {
      const { read, errors: unread, failed } = fieldReader<keyof typeof values>();
      const value = read("odometer", () => readOdometer(values.odometer, vehicle.distanceUnit));
      const on = read("on", () => readDay(values.on, today()));
      if (failed() || value === undefined || on === undefined) return form.showErrors(unread);
      const odometer = { value, unit: vehicle.distanceUnit };
      const asked = newOdometer ? undefined : questionReading(readings, vehicle.id, odometer, on);
      setQuestion(asked);
      if (asked) return;
      const isNew = latest?.distance.value !== value || latest.distance.unit !== odometer.unit;
      const saved = await does(
        {
          put: {
            jobs: [touched({ ...job, state: "done" as const, doneOn: on })],
            replacements: route.parts.filter(({ id }) => !dropped.has(id)).map((part) => ({ ...stamp(job.origin), ...replacementFrom(job, part, odometer, on) })),
            followUps: followUpsFrom(job, route, odometer, on)
              .filter(({ kind }) => !dropped.has(kind))
              .map((one) => ({ ...stamp(job.origin), ...one })),
            readings: isNew ? [{ ...stamp(job.origin), vehicleId: vehicle.id, distance: odometer, on, ...(newOdometer ? { newOdometer: true } : {}) }] : [],
          },
        },
        `${job.title} is in the log.`,
      );
      if (saved) form.forget();
    });

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "7" }}>
      <Box as="h1" fontSize="36px">
        Wrap up
      </Box>
      <Box color="soft" marginBottom="4">
        Every step is done. What was replaced goes into the log of the {vehicle.name}.
      </Box>
      <Box as="form" onSubmit={(event) => void save(false)(event)} display="grid" gap="5">
        <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="4" maxWidth="520px">
          <TextField label="Odometer reads" numeric unit={vehicle.distanceUnit} error={errors.odometer?.message} {...form.register("odometer")} />
          <TextField label="On" type="date" error={errors.on?.message} {...form.register("on")} />
        </Box>
        <Box as="fieldset" border="none" padding="0">
          <Box as="legend" fontFamily="heading" fontWeight="600" fontSize="24px">
            Replaced
          </Box>
          {route.parts.length === 0 && <Box color="soft">The plan names no parts. Add them there first, or wrap up without.</Box>}
          {route.parts.map((part) => (
            <CheckField
              key={part.id}
              label={`${part.count > 1 ? `${part.count} × ` : ""}${part.name}, ${part.place}`}
              checked={!dropped.has(part.id)}
              onChange={() => toggle(part.id)}
            />
          ))}
        </Box>
        {proposals.length > 0 && (
          <Box as="fieldset" border="none" padding="0">
            <Box as="legend" fontFamily="heading" fontWeight="600" fontSize="24px">
              To follow up
            </Box>
            {proposals.map((one) => (
              <CheckField key={one.kind} label={one.text} checked={!dropped.has(one.kind)} onChange={() => toggle(one.kind)} />
            ))}
          </Box>
        )}
        {question ? (
          <ReadingQuestionView
            question={question}
            onNewOdometer={() => void save(true)()}
            onCorrect={() => {
              setQuestion(undefined);
              form.setFocus("odometer");
            }}
          />
        ) : (
          <Box display="flex" gap="3" flexWrap="wrap">
            <Button type="submit" look="primary" size="work">
              Write it to the log
            </Button>
            <Button size="work" onClick={onBack}>
              Take back the last step
            </Button>
          </Box>
        )}
      </Box>
    </Sheet>
  );
}
