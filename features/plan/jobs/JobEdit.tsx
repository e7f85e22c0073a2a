"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { z } from "zod";
import { ifTyped, line, textIfTyped } from "@/core/form";
import type { Job } from "@/core/model/job";
import { SYSTEMS } from "@/core/model/place";
import { withoutUndefined } from "@/core/without-undefined";
import { removeJob } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeJob } from "../../shared/use-change-job";
import { jobsHref, newJobHref, planHref } from "../../shell/addresses";
import { useDo } from "../../shell/DoProvider";

const jobForm = z
  .object({
    title: line("Say what the job is."),
    vehicleId: z.string(),
    system: z.enum(SYSTEMS),
    plannedFor: ifTyped((day) => day),
    notes: textIfTyped,
  })
  .transform((said) => withoutUndefined(said));

/**
 * What a job is called, for which vehicle and day, and where its log belongs; planned again, or taken out
 * with its kit and its work.
 */
export function JobEdit({ job }: { job: Job }) {
  const vehicles = useCollection("vehicles") ?? [];
  const router = useRouter();
  const perform = useDo();
  const door = useDoor();
  const changeJob = useChangeJob(job.id);
  const form = useRecordForm({
    draft: `job ${job.id}`,
    start: {
      title: job.title,
      vehicleId: job.vehicleId,
      system: job.system,
      plannedFor: job.plannedFor ?? "",
      notes: job.notes ?? "",
    },
    schemaOf: () => jobForm,
    onClose: () => router.push(planHref(job.id)),
  });
  const { field } = form;
  const save = form.send((said) =>
    changeJob(({ plannedFor: _day, notes: _said, ...now }) => ({ ...now, ...said }), `${said.title} saved.`),
  );
  const putAway = async () => {
    const says = job.putAway
      ? `${job.title} is among the jobs again.`
      : `${job.title} is put away: it stands at the end of the jobs. Its log stays.`;
    if (await changeJob(({ putAway, ...now }) => (putAway ? now : { ...now, putAway: true as const }), says))
      router.push(job.putAway ? planHref(job.id) : jobsHref());
  };
  const remove = async () => {
    const change = removeJob(await (await door()).everything(), job.id);
    if (
      await perform(
        () => change,
        `Removed: ${job.title}, with its kit and what was done of it. What is in the log stays.`,
      )
    ) {
      form.forget();
      router.push(jobsHref());
    }
  };
  return (
    <Sheet title={`About ${job.title}`} maxWidth="560px" marginInline="auto" padding="5">
      <FormBox onSubmit={save} gap="4">
        <TextField label="What is the job?" autoFocus {...field("title")} />
        <SelectField
          label="Vehicle"
          choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))}
          {...field("vehicleId")}
        />
        <SelectField label="In the log it belongs to" choices={SYSTEMS} {...field("system")} />
        <TextField label="Planned for" type="date" {...field("plannedFor")} />
        <TextAreaField
          label="Notes"
          rows={4}
          hint="The words it was made from, or what else is to be known"
          {...field("notes")}
        />
        <FormButtons
          submit="Save"
          onCancel={form.close}
          onRemove={() => void remove()}
          remove="Remove this job"
        >
          <Button asChild>
            <Link href={newJobHref(job.id)}>Plan it again</Link>
          </Button>
          <Button onClick={() => void putAway()}>{job.putAway ? "Take it out again" : "Put it away"}</Button>
        </FormButtons>
      </FormBox>
    </Sheet>
  );
}
