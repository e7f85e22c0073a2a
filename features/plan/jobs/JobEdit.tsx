"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import type { Job } from "@/core/model/job";
import { SYSTEMS, type System } from "@/core/model/place";
import { removeJob } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeJob } from "../../shared/use-change-job";
import { jobsHref, newJobHref, planHref } from "../../shell/addresses";
import { useDo } from "../../shell/DoProvider";

/** What a job is called, for which vehicle and day, and where its log belongs; planned again, or taken out with its kit and its work. */
export function JobEdit({ job }: { job: Job }) {
  const vehicles = useCollection("vehicles") ?? [];
  const router = useRouter();
  const does = useDo();
  const door = useDoor();
  const changeJob = useChangeJob(job.id);
  const form = useDraftForm(`job ${job.id}`, {
    title: job.title,
    vehicleId: job.vehicleId,
    system: job.system as System,
    plannedFor: job.plannedFor ?? "",
    notes: job.notes ?? "",
  });
  const leave = (href: string) => {
    form.forget();
    router.push(href);
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors, failed } = fieldReader<keyof typeof fields>();
    const title = read("title", () => requireText(fields.title, "Say what the job is."));
    if (failed() || title === undefined) return form.showErrors(errors);
    const saved = await changeJob(({ plannedFor: _day, notes: _said, ...now }) => {
      const notes = ifTyped(fields.notes, (text) => text.slice(0, 20_000));
      return { ...now, title, vehicleId: fields.vehicleId, system: fields.system, ...(fields.plannedFor ? { plannedFor: fields.plannedFor } : {}), ...(notes ? { notes } : {}) };
    }, `${title} saved.`);
    if (saved) leave(planHref(job.id));
  });
  const remove = async () => {
    const change = removeJob(await (await door()).everything(), job.id);
    if (await does(() => change, `Removed: ${job.title}, with its kit and what was done of it. What is in the log stays.`)) leave(jobsHref());
  };
  return (
    <Sheet title={`About ${job.title}`} maxWidth="560px" marginInline="auto" padding="5">
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gap="4">
        <TextField label="What is the job?" error={form.formState.errors.title?.message} autoFocus {...form.register("title")} />
        <SelectField label="Vehicle" choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))} {...form.register("vehicleId")} />
        <SelectField label="In the log it belongs to" choices={SYSTEMS} {...form.register("system")} />
        <TextField label="Planned for" type="date" {...form.register("plannedFor")} />
        <TextAreaField label="Notes" rows={4} hint="The words it was made from, or what else is to be known" {...form.register("notes")} />
        <Box display="flex" flexWrap="wrap" gap="3">
          <Button type="submit" look="primary">
            Save
          </Button>
          <Button onClick={() => leave(planHref(job.id))}>Cancel</Button>
          <Button asChild>
            <Link href={newJobHref(job.id)}>Plan it again</Link>
          </Button>
          <Button look="quiet" color="stop" marginLeft="auto" onClick={() => void remove()}>
            Remove this job
          </Button>
        </Box>
      </Box>
    </Sheet>
  );
}
