"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { z } from "zod";
import { typed } from "@/core/form";
import { type ReadingQuestion, latestReading, questionReading } from "@/core/log/mileage/odometer";
import type { Reading, Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { useCollection } from "@/data/hooks";
import { stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
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
      <Box marginBottom="3">
        {latest ? `${formatDistance(latest.distance)} on ${formatDay(latest.on)}` : "No reading yet."}
      </Box>
      {adding ? (
        <ReadingForm vehicle={vehicle} readings={readings} onClose={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)}>Add a reading</Button>
      )}
    </Sheet>
  );
}

function ReadingForm({
  vehicle,
  readings,
  onClose,
}: {
  vehicle: Vehicle;
  readings: Reading[];
  onClose: () => void;
}) {
  const perform = useDo();
  const [question, setQuestion] = useState<ReadingQuestion>();
  const form = useRecordForm({
    draft: `reading ${vehicle.id}`,
    start: { distance: "", on: today() },
    schemaOf: () =>
      z.object({
        distance: typed((text) => readOwnOdometer(text, vehicle.distanceUnit)),
        on: typed((text) => readDay(text, today())),
      }),
    onClose,
  });
  const save = (newOdometer: boolean) =>
    form.send(async ({ distance: value, on }) => {
      const distance = { value, unit: vehicle.distanceUnit };
      const asked = newOdometer ? undefined : questionReading(readings, vehicle.id, distance, on);
      setQuestion(asked);
      if (asked) return false;
      const reading = {
        ...stamp(vehicle.origin),
        vehicleId: vehicle.id,
        distance,
        on,
        ...(newOdometer ? { newOdometer } : {}),
      };
      return perform(
        { put: { readings: [reading] } },
        `${formatDistance(distance)} noted for the ${vehicle.name}.`,
      );
    });

  return (
    <FormBox onSubmit={save(false)}>
      <TextField label="It reads" numeric unit={vehicle.distanceUnit} autoFocus {...form.field("distance")} />
      <TextField label="On" type="date" {...form.field("on")} />
      {question ? (
        <ReadingQuestionView
          question={question}
          onNewOdometer={() => save(true)()}
          onCorrect={() => {
            setQuestion(undefined);
            form.setFocus("distance");
          }}
        />
      ) : (
        <FormButtons submit="Save reading" onCancel={form.close} />
      )}
    </FormBox>
  );
}
