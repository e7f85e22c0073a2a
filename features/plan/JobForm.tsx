"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { SYSTEMS, type System } from "@/core/model/place";
import { useCollection } from "@/data/hooks";
import { newId, stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { fieldReader, requireText } from "@/core/field-reader";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useHand } from "../shell/hand";
import { useDo } from "../shell/DoProvider";

/** A new job: what it is, on which vehicle, and what it belongs to. */
export function JobForm() {
  const vehicles = useCollection("vehicles") ?? [];
  const [hand = {}] = useHand();
  const router = useRouter();
  const does = useDo();
  const form = useDraftForm("job new", { title: "", vehicleId: hand.vehicleId ?? "", system: "brakes" as System, plannedFor: "" });

  const save = (then: "steps" | "notes") =>
    form.handleSubmit(async (fields) => {
      const { read, errors, failed } = fieldReader<keyof typeof fields>();
      const title = read("title", () => requireText(fields.title, "Say what the job is."));
      const vehicle = vehicles.find(({ id }) => id === fields.vehicleId) ?? vehicles[0];
      if (failed() || title === undefined || !vehicle) return form.showErrors(errors);
      const routeId = newId();
      const job = {
        ...stamp(vehicle.origin),
        vehicleId: vehicle.id,
        title,
        system: fields.system,
        state: "planned" as const,
        ...(fields.plannedFor ? { plannedFor: fields.plannedFor } : {}),
        routes: [{ id: routeId, name: "By the book", steps: [], fasteners: [], parts: [] }],
        chosenRouteId: routeId,
      };
      if (!(await does({ put: { jobs: [job] } }, `${title} planned.`))) return;
      form.forget();
      router.push(`/plan?id=${encodeURIComponent(job.id)}${then === "notes" ? "&notes=1" : ""}`);
    });

  if (vehicles.length === 0) {
    return (
      <Sheet title="Plan a job" maxWidth="560px" marginInline="auto">
        A job belongs to a vehicle. <Link href="/garage">Add one in the Garage</Link> first.
      </Sheet>
    );
  }
  return (
    <Sheet title="Plan a job" maxWidth="560px" marginInline="auto" padding="5">
      <Box as="form" onSubmit={(event) => void save("steps")(event)} display="grid" gap="4">
        <TextField label="What is the job?" placeholder="Rear brake shoes" error={form.formState.errors.title?.message} autoFocus {...form.register("title")} />
        <SelectField label="Vehicle" choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))} {...form.register("vehicleId")} />
        <SelectField label="It belongs to" choices={SYSTEMS} hint="Cautions and follow-ups hang on this" {...form.register("system")} />
        <TextField label="Planned for" type="date" {...form.register("plannedFor")} />
        <Box display="flex" flexWrap="wrap" gap="3">
          <Button type="submit" look="primary">
            Save and add steps
          </Button>
          <Button onClick={() => void save("notes")()}>Save and paste notes</Button>
          <Button asChild>
            <Link href="/plan">Cancel</Link>
          </Button>
        </Box>
      </Box>
    </Sheet>
  );
}
