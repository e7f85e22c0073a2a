"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { fieldReader } from "@/core/field-reader";
import { type ReadingQuestion, latestReading, questionReading } from "@/core/log/mileage/odometer";
import type { Reading, Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { useCollection } from "@/data/hooks";
import { stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { readDay, readOwnOdometer } from "../shared/odometer/read-reading";
import { ReadingQuestionView } from "../shared/odometer/ReadingQuestionView";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

/** The newest odometer reading, and the next one to be added. */
export function OdometerSheet({ vehicle }: { vehicle: Vehicle }) {
  const readings = useCollection("readings") ?? [];
  const latest = latestReading(readings, vehicle.id);
  const [adding, setAdding] = useState(false);
  return (
    <Sheet title="Odometer">
      <Box marginBottom="3">{latest ? `${formatDistance(latest.distance)} on ${formatDay(latest.on)}` : "No reading yet."}</Box>
      {adding ? <ReadingForm vehicle={vehicle} readings={readings} onClose={() => setAdding(false)} /> : <Button onClick={() => setAdding(true)}>Add a reading</Button>}
    </Sheet>
  );
}

function ReadingForm({ vehicle, readings, onClose }: { vehicle: Vehicle; readings: Reading[]; onClose: () => void }) {
  const does = useDo();
  const [question, setQuestion] = useState<ReadingQuestion>();
  const form = useDraftForm(`reading ${vehicle.id}`, { distance: "", on: today() });
  const { errors } = form.formState;
  const close = () => {
    form.forget();
    onClose();
  };
  const save = (newOdometer: boolean) =>
    form.handleSubmit(async (values) => {
      const { read, errors: unread, failed } = fieldReader<keyof typeof values>();
      const value = read("distance", () => readOwnOdometer(values.distance, vehicle.distanceUnit));
      const on = read("on", () => readDay(values.on, today()));
      if (failed() || value === undefined || on === undefined) return form.showErrors(unread);
      const distance = { value, unit: vehicle.distanceUnit };
      const asked = newOdometer ? undefined : questionReading(readings, vehicle.id, distance, on);
      setQuestion(asked);
      if (asked) return;
      const reading = { ...stamp(vehicle.origin), vehicleId: vehicle.id, distance, on, ...(newOdometer ? { newOdometer } : {}) };
      if (await does({ put: { readings: [reading] } }, `${formatDistance(distance)} noted for the ${vehicle.name}.`)) close();
    });

  return (
    <Box as="form" onSubmit={(event) => void save(false)(event)} display="grid" gap="3">
      <TextField label="It reads" numeric unit={vehicle.distanceUnit} error={errors.distance?.message} autoFocus {...form.register("distance")} />
      <TextField label="On" type="date" error={errors.on?.message} {...form.register("on")} />
      {question ? (
        <ReadingQuestionView
          question={question}
          onNewOdometer={() => void save(true)()}
          onCorrect={() => {
            setQuestion(undefined);
            form.setFocus("distance");
          }}
        />
      ) : (
        <Box display="flex" gap="3">
          <Button type="submit" look="primary">
            Save reading
          </Button>
          <Button onClick={close}>Cancel</Button>
        </Box>
      )}
    </Box>
  );
}
