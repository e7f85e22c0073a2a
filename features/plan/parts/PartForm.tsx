"use client";

import { Box } from "@chakra-ui/react";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { Job, Part } from "@/core/model/job";
import { PLACES } from "@/core/model/place";
import { chosenRoute } from "@/core/plan/chosen-route";
import { putPart, removePart } from "@/core/plan/edit-route";
import { formatPrice, readPrice } from "@/core/quantity/money";
import { readNumber } from "@/core/quantity/read-number";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CheckField, SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeRoute } from "../../shared/use-change-route";

const HANDS = ["left", "right"] as const;

function fieldsOf(part: Part | undefined) {
  return {
    name: part?.name ?? "",
    place: part?.place ?? PLACES[0],
    count: String(part?.count ?? 1),
    partNumber: part?.partNumber ?? "",
    price: part?.priceMinor === undefined ? "" : formatPrice(part.priceMinor),
    warranty: part?.warrantyMonths === undefined ? "" : String(part.warrantyMonths),
    hand: part?.hand ?? "",
    inPairs: part?.inPairs ?? false,
    renews: part?.renews ?? "",
    holds: part?.holds ?? [],
    leavesOut: (part?.leavesOut ?? []).join("\n"),
  };
}

/** A part that the job replaces, typed in or changed. */
export function PartForm({ job, part, onClose }: { job: Job; part: Part | undefined; onClose: () => void }) {
  const changeRoute = useChangeRoute(job.id);
  const form = useDraftForm(`part ${job.id} ${part?.id ?? "new"}`, fieldsOf(part));
  const { errors } = form.formState;
  const boxed = chosenRoute(job).fasteners.filter(({ singleUse, locking }) => singleUse || locking === "split pin" || locking === "tab washer" || locking === "locking nut");
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const name = read("name", () => requireText(fields.name, "Say which part is replaced."));
    const count = read("count", () => readPartCount(fields.count));
    const priceMinor = read("price", () => ifTyped(fields.price, (text) => readPrice(text)));
    const warrantyMonths = read("warranty", () => ifTyped(fields.warranty, readMonths));
    if (failed() || name === undefined || count === undefined) return form.showErrors(unread);
    // One tick alone comes as its own value, not as a list.
    const holds = [fields.holds].flat().filter((id) => boxed.some((fastener) => fastener.id === id));
    const leavesOut = fields.leavesOut
      .split("\n")
      .flatMap((line) => ifTyped(line, (text) => text.slice(0, 200)) ?? [])
      .slice(0, 30);
    const hand = HANDS.find((one) => one === fields.hand);
    const partNumber = ifTyped(fields.partNumber, (text) => text.slice(0, 200));
    const saved: Part = {
      id: part?.id ?? newId(),
      name,
      place: fields.place,
      count,
      ...(partNumber && { partNumber }),
      ...(priceMinor !== undefined && { priceMinor }),
      ...(warrantyMonths !== undefined && { warrantyMonths }),
      ...(hand && { hand }),
      ...(fields.inPairs && { inPairs: true }),
      ...(fields.renews && { renews: fields.renews }),
      ...(holds.length > 0 && { holds }),
      ...(leavesOut.length > 0 && { leavesOut }),
    };
    if (await changeRoute((route) => putPart(route, saved), `${name} saved.`)) close();
  });

  return (
    <Sheet title={part ? `Edit ${part.name}` : "Add a part"} padding={{ base: "4", lg: "6" }} flex="1">
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="4">
        <TextField label="Part" placeholder="Wheel cylinder" error={errors.name?.message} autoFocus {...form.register("name")} />
        <SelectField label="Place" choices={PLACES} {...form.register("place")} />
        <TextField label="How many" numeric error={errors.count?.message} {...form.register("count")} />
        <TextField label="Price together" numeric error={errors.price?.message} {...form.register("price")} />
        <TextField label="Warranty" numeric unit="months" error={errors.warranty?.message} {...form.register("warranty")} />
        <TextField label="Part number" {...form.register("partNumber")} />
        <SelectField label="Made for" choices={[{ value: "", label: "either side" }, ...HANDS]} {...form.register("hand")} />
        <SelectField
          label="It is the new"
          choices={[{ value: "", label: "part of its own" }, ...chosenRoute(job).fasteners.map(({ id, name }) => ({ value: id, label: name }))]}
          {...form.register("renews")}
        />
        {boxed.length > 0 && (
          <Box as="fieldset" border="none" padding="0">
            <Box as="legend" fontSize="15px" fontWeight="600">
              New in its box
            </Box>
            {boxed.map(({ id, name }) => (
              <CheckField key={id} label={name} value={id} {...form.register("holds")} />
            ))}
          </Box>
        )}
        <TextAreaField label="Its box leaves out, a line each" rows={2} placeholder="clip" {...form.register("leavesOut")} />
        <CheckField label="Renewed on both sides or neither" {...form.register("inPairs")} />
        <Box gridColumn="1 / -1" display="flex" gap="3">
          <Button type="submit" look="primary">
            Save part
          </Button>
          <Button onClick={close}>Cancel</Button>
          {part && (
            <Button
              look="quiet"
              color="stop"
              marginLeft="auto"
              onClick={() => void changeRoute((route) => removePart(route, part.id), `Removed: ${part.name}.`).then((done) => done && close())}
            >
              Remove
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}

function readPartCount(text: string): number {
  const { value } = readNumber(text, "The count");
  if (!Number.isInteger(value) || value < 1 || value > 99) throw new InputError("How many: a whole number from 1 to 99.");
  return value;
}

function readMonths(text: string): number {
  const { value } = readNumber(text, "The warranty");
  if (!Number.isInteger(value) || value < 1 || value > 240) throw new InputError("The warranty: whole months, from 1 to 240.");
  return value;
}
