"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { z } from "zod";
import { ifTyped, line } from "@/core/form";
import { InputError } from "@/core/input-error";
import type { Job } from "@/core/model/job";
import { SYSTEMS, type System } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import type { Work } from "@/core/model/work";
import { copyJob } from "@/core/plan/copy-job";
import { type JobSheet, readJobSheet } from "@/core/plan/job-sheet";
import { forAnotherVehicle } from "@/core/shelf/for-another-vehicle";
import { pastsOf, withLessons } from "@/core/shelf/lessons";
import { withoutUndefined } from "@/core/without-undefined";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { planHref, shelfHref } from "../../shell/addresses";
import { useHand, vehicleInHand } from "../../shell/hand";
import { NoVehicle } from "../../shell/NoVehicle";
import { giveWordsTo, sharedWords } from "../notes/shared-words";
import { findSheets } from "../shelf/find-sheets";
import { SheetRow } from "../shelf/ShelfRow";
import { SheetFile } from "./SheetFile";
import { usePlanJob } from "./use-plan-job";

const newJobForm = (vehicles: Vehicle[]) =>
  z
    .object({
      title: line("Say what the job is."),
      vehicleId: z.string().refine((id) => vehicles.some((one) => one.id === id), "Choose the vehicle."),
      system: z.enum(SYSTEMS),
      plannedFor: ifTyped((day) => day),
      from: z.string(),
      mirrored: z.boolean(),
      sameVehicle: z.boolean(),
    })
    .transform((said) => withoutUndefined(said));

/** A new job: what it is, on which vehicle, and what it belongs to. */
export function JobForm({ fromId }: { fromId?: string | undefined }) {
  const vehicles = useCollection("vehicles");
  const jobs = useCollection("jobs");
  const works = useCollection("works");
  const [hand] = useHand();
  // Drawn before it is known which vehicle is in hand, it would propose another.
  if (!vehicles || !jobs || !works || !hand) return <Loading />;
  const inHand = vehicleInHand(vehicles, hand)?.id;
  return <NewJob fromId={fromId} vehicles={vehicles} jobs={jobs} works={works} inHand={inHand} />;
}

interface NewJobProps {
  fromId: string | undefined;
  vehicles: Vehicle[];
  jobs: Job[];
  works: Work[];
  inHand: string | undefined;
}

function NewJob({ fromId, vehicles, jobs, works, inHand }: NewJobProps) {
  const router = useRouter();
  const plan = usePlanJob();
  const again = jobs.find(({ id }) => id === fromId);
  const form = useDraftForm(
    `job new${again ? ` from ${again.id}` : ""}`,
    {
      title: again?.title ?? "",
      vehicleId: again?.vehicleId ?? inHand ?? "",
      system: again?.system ?? ("brakes" as System),
      plannedFor: "",
      from: again?.id ?? "",
      mirrored: false,
      sameVehicle: false,
    },
    () => newJobForm(vehicles),
  );
  const { field } = form;
  const [sheet, setSheet] = useState<JobSheet>();
  const [refused, setRefused] = useState<string>();
  const from = form.watch("from");
  const earlier = jobs.find(({ id }) => id === from);
  const chooseSheet = async (file: File | undefined) => {
    setSheet(undefined);
    setRefused(undefined);
    if (!file) return;
    try {
      const read = readJobSheet(await file.text());
      setSheet(read);
      if (form.getValues("title").trim() === "") form.setValue("title", read.title);
      form.setValue("system", read.system);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setRefused(error.message);
    }
  };
  const chooseEarlier = (id: string) => {
    const job = jobs.find((one) => one.id === id);
    if (!job) return;
    if (form.getValues("title").trim() === "") form.setValue("title", job.title);
    form.setValue("system", job.system);
  };

  const save = (then: "steps" | "notes") =>
    form.handleSubmit(async ({ vehicleId, from: begunWith, mirrored, sameVehicle, ...said }) => {
      const vehicle = vehicles.find(({ id }) => id === vehicleId);
      if (!vehicle) return;
      if (begunWith === "file" && !sheet)
        return setRefused("Choose the job sheet's file first, or start blank.");
      const again = jobs.find(({ id }) => id === begunWith);
      const source = begunWith === "file" ? sheet : again && learntFrom(again, works);
      const copied = source && copyJob(source, newId, mirrored);
      const isOwn = again ? again.vehicleId === vehicle.id : sameVehicle;
      const routes = isOwn ? copied?.routes : copied?.routes.map(forAnotherVehicle);
      const blank = { id: newId(), name: "By the book", steps: [], fasteners: [], parts: [] };
      const job = await plan(
        vehicle,
        again?.sheet ? { ...said, sheet: again.sheet } : said,
        routes ?? [blank],
        copied?.chosenRouteId,
      );
      if (!job) return;
      form.forget();
      // Words that another app has shared were waiting for this job.
      const shared = await sharedWords();
      if (shared) await giveWordsTo(job.id, shared);
      router.push(planHref(job.id, then === "notes" || shared ? "notes" : undefined));
    });

  const fromField = form.field("from", {
    onChange: (event: { target: { value: string } }) => chooseEarlier(event.target.value),
  });
  if (vehicles.length === 0) {
    return (
      <NoVehicle title="Plan a job" example="plan">
        A job is a repair as steps in order, with what each bolt gets.
      </NoVehicle>
    );
  }
  return (
    <Sheet title="Plan a job" maxWidth="560px" marginInline="auto" padding="5">
      <FormBox onSubmit={(event) => void save("steps")(event)} gap="4">
        <TextField label="What is the job?" placeholder="Rear brake shoes" autoFocus {...field("title")} />
        {from === "" && <OnTheShelf title={form.watch("title")} />}
        <SelectField
          label="Vehicle"
          choices={vehicles.map(({ id, name }) => ({ value: id, label: name }))}
          {...field("vehicleId")}
        />
        <SelectField
          label="Start from"
          choices={[
            { value: "", label: "a blank sheet" },
            { value: "file", label: "a job sheet's file" },
            ...jobs.map(({ id, title, vehicleId }) => ({
              value: id,
              label: `${title}, ${vehicles.find((one) => one.id === vehicleId)?.name ?? ""}`,
            })),
          ]}
          {...fromField}
        />
        {from === "file" && <SheetFile refused={refused} onChoose={(file) => void chooseSheet(file)} />}
        {from === "file" && sheet && (
          <CheckField
            label="It is for this very vehicle: keep its torques, sizes and limits"
            {...field("sameVehicle")}
          />
        )}
        {earlier && earlier.vehicleId !== form.watch("vehicleId") && (
          <Box color="watch">
            ▲ It was another vehicle: its steps come along, its torques and limits are left to look up.
          </Box>
        )}
        {(earlier ?? sheet) && (
          <CheckField label="For the other side: left and right changed over" {...field("mirrored")} />
        )}
        <SelectField label="In the log it belongs to" choices={SYSTEMS} {...field("system")} />
        <TextField label="Planned for" type="date" {...field("plannedFor")} />
        <FormButtons submit="Save and add steps">
          <Button onClick={() => void save("notes")()}>Save and paste notes</Button>
          <Button asChild>
            <Link href={planHref()}>Cancel</Link>
          </Button>
        </FormButtons>
      </FormBox>
    </Sheet>
  );
}

/** A job to be done again, with what was learnt the time before. */
function learntFrom(job: Job, works: Work[]): Job {
  const pasts = pastsOf([job], works);
  return { ...job, routes: job.routes.map((route) => withLessons(route, pasts)) };
}

const MOST_SHOWN = 3;

/** The generic sheets that the job's name may mean, and the way to all of them. */
function OnTheShelf({ title }: { title: string }) {
  const found = title.trim() === "" ? [] : findSheets(title).slice(0, MOST_SHOWN);
  return (
    <Box aria-live="polite">
      {found.length > 0 && (
        <Box as="h2" fontSize="20px" marginBottom="2">
          On the shelf, half planned
        </Box>
      )}
      {found.map((sheet) => (
        <SheetRow key={sheet.name} sheet={sheet} />
      ))}
      {found.length === 0 && (
        <Box asChild display="inline-flex" alignItems="center" minHeight="44px">
          <Link href={shelfHref()}>Take a sheet from the shelf instead</Link>
        </Box>
      )}
    </Box>
  );
}
