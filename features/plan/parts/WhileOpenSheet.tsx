"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { z } from "zod";
import { ifTyped, line, typed } from "@/core/form";
import { latestReading } from "@/core/log/mileage/odometer";
import type { LaidOpen, Job, Part, Route } from "@/core/model/job";
import { PLACES } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { putPart } from "@/core/plan/edit-route";
import { usuallyOpen } from "@/core/plan/usually-open";
import { type WhileOpen, whileOpen, USUAL_HOUR_MINOR } from "@/core/plan/while-open";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { type Money, formatPrice, readPrice } from "@/core/quantity/money";
import { numberWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { useChangeRoute } from "../../shared/use-change-route";

/**
 * What lies open during the job, how far it has gone, and whether renewing it now saves more than it costs.
 */
export function WhileOpenSheet({ job, route, vehicle }: { job: Job; route: Route; vehicle: Vehicle }) {
  const money = useMoney();
  const log = useCollection("replacements")?.filter(({ vehicleId }) => vehicleId === vehicle.id);
  const readings = useCollection("readings");
  const kits = useCollection("kits");
  const [adding, setAdding] = useState<string>();
  const changeRoute = useChangeRoute(job.id);
  if (!log || !readings || !kits) return null;
  // The same as in the money of the job, where it is said there.
  const hourMinor = kits.find(({ jobId }) => jobId === job.id)?.hourMinor ?? USUAL_HOUR_MINOR;
  const odometer = latestReading(readings, vehicle.id)?.distance;
  const judged = (route.laysBare ?? []).map((part) => whileOpen(part, log, odometer, hourMinor));
  const addPart = ({ part }: WhileOpen) => {
    const made: Part = {
      id: newId(),
      name: part.name,
      place: part.place,
      count: 1,
      ...(part.priceMinor === undefined ? {} : { priceMinor: part.priceMinor }),
    };
    void changeRoute(
      (now) => ({ ...putPart(now, made), laysBare: (now.laysBare ?? []).filter(({ id }) => id !== part.id) }),
      `${part.name} is on the list.`,
    );
  };
  const drop = (id: string) =>
    void changeRoute(
      (now) => ({ ...now, laysBare: (now.laysBare ?? []).filter((one) => one.id !== id) }),
      "Dropped.",
    );
  return (
    <Sheet title="While it is open">
      {judged.length === 0 && adding === undefined && (
        <Box color="soft">
          Parts that lie bare during this job, and could be renewed for little more work.
        </Box>
      )}
      {judged.map((one) => (
        <Box key={one.part.id} borderTop="1px solid" borderColor="edge" paddingBlock="2">
          <Box fontWeight="600">{one.part.name}</Box>
          <Box color="soft" fontSize="15px">
            {goneSays(one, vehicle)} Saves {one.savedMinutes} min later
            {one.wasteMinor === undefined
              ? "."
              : `, throws away ${formatPrice(one.wasteMinor, money)} of its life.`}
          </Box>
          <Box color={one.verdict === "do it now" ? "good" : "soft"} fontWeight="600">
            {verdictWords(one, hourMinor, money)}
          </Box>
          <Button look="quiet" paddingInline="0" onClick={() => addPart(one)}>
            Put it on the list
          </Button>
          <Button look="quiet" onClick={() => drop(one.part.id)}>
            Drop
          </Button>
        </Box>
      ))}
      {adding === undefined &&
        usuallyOpen(route).map(({ name, because, bares }) => (
          <Box key={name} borderTop="1px solid" borderColor="edge" paddingBlock="2">
            <Box fontWeight="600">{name}?</Box>
            <Box color="soft" fontSize="15px">
              Usual with “{bares}”: {because}.
            </Box>
            <Button look="quiet" paddingInline="0" onClick={() => setAdding(name)}>
              What would it cost?
            </Button>
          </Box>
        ))}
      {adding !== undefined ? (
        <LaidOpenForm
          key={adding}
          name={adding}
          onClose={() => setAdding(undefined)}
          onSave={(part) =>
            changeRoute(
              (now) => ({ ...now, laysBare: [...(now.laysBare ?? []), part] }),
              `${part.name} lies open.`,
            )
          }
        />
      ) : (
        <Button look="quiet" paddingInline="0" onClick={() => setAdding("")}>
          Add what lies open
        </Button>
      )}
    </Sheet>
  );
}

function verdictWords(one: WhileOpen, hourMinor: number, money: Money) {
  if (one.verdict === "do it now") return `● Worth doing now, at ${formatPrice(hourMinor, money)} an hour.`;
  if (one.verdict === "leave it") return "○ Leave it: it has life left.";
  return "○ Its price or its usual life is not written down.";
}

function goneSays({ goneKm, atLeast }: WhileOpen, vehicle: Vehicle): string {
  if (goneKm === undefined) return "How far it has gone is not known.";
  const gone = formatDistance(convertDistance({ value: goneKm, unit: "km" }, vehicle.distanceUnit));
  return atLeast ? `No entry in the log: up to ${gone} old.` : `${gone} since it was renewed.`;
}

function LaidOpenForm({
  name,
  onSave,
  onClose,
}: {
  name: string;
  onSave: (part: LaidOpen) => Promise<boolean>;
  onClose: () => void;
}) {
  const money = useMoney();
  const form = useRecordForm({
    draft: `laid open ${name}`,
    start: {
      name,
      place: "engine" as LaidOpen["place"],
      price: "",
      minutesNow: "10",
      minutesLater: "60",
      lasts: "",
    },
    schemaOf: () => laidOpenForm(money),
    onClose,
  });
  const { field } = form;
  return (
    <FormBox onSubmit={form.send((said) => onSave({ ...said, id: newId() }))} gap="2" marginTop="2">
      <TextField label="What lies open" placeholder="Gearbox mount" autoFocus {...field("name")} />
      <SelectField label="Where" choices={PLACES} {...field("place")} />
      <TextField label="Its price" numeric {...field("price")} />
      <TextField label="Renewing it now takes" numeric unit="min" {...field("minutesNow")} />
      <TextField label="Later, by itself" numeric unit="min" {...field("minutesLater")} />
      <TextField label="It usually lasts" numeric unit="km" {...field("lasts")} />
      <FormButtons submit="Save" onCancel={form.close} />
    </FormBox>
  );
}

const laidOpenForm = (money: Money) =>
  z
    .object({
      name: line("Say what lies open."),
      place: z.enum(PLACES),
      price: ifTyped((text) => readPrice(text, money)),
      minutesNow: typed(numberWithin("The time", 0, 10_000, " minutes")),
      minutesLater: typed(numberWithin("The time", 0, 10_000, " minutes")),
      lasts: ifTyped(numberWithin("How far it lasts", 1, 1_000_000, " km")),
    })
    .transform(({ price: priceMinor, lasts: lastsKm, ...said }) =>
      withoutUndefined({ ...said, priceMinor, lastsKm }),
    );
