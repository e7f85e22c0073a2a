"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { Job } from "@/core/model/job";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { ExampleOf } from "@/ui/drawing/Examples";
import { Sheet } from "@/ui/Sheet";
import { garageHref, newJobHref, planHref, shelfHref } from "../../shell/addresses";
import { useHand } from "../../shell/hand";
import { NOT_HERE } from "../../shell/NoJob";
import { NoVehicle } from "../../shell/NoVehicle";

const STATES: Job["state"][] = ["under way", "planned", "done"];

/** The jobs there are, the vehicle in hand first, and the way to a new one. */
export function JobList({ lost = false }: { lost?: boolean }) {
  const [hand = {}] = useHand();
  const vehicles = useCollection("vehicles");
  const jobs = useCollection("jobs") ?? [];
  const sorted = [...jobs].sort(
    (a, b) =>
      Number(b.vehicleId === hand.vehicleId) - Number(a.vehicleId === hand.vehicleId) ||
      STATES.indexOf(a.state) - STATES.indexOf(b.state),
  );
  const [away, listed] = [sorted.filter(({ putAway }) => putAway), sorted.filter(({ putAway }) => !putAway)];
  const nameOf = (job: Job) => vehicles?.find(({ id }) => id === job.vehicleId)?.name;
  if (vehicles?.length === 0 && !lost)
    return (
      <NoVehicle title="No job yet" example="plan">
        A job is a repair as steps in order, with what each bolt gets.
      </NoVehicle>
    );
  return (
    <Sheet title="Jobs" maxWidth="760px" marginInline="auto" padding="5">
      {lost && (
        <Box role="status" color="watch" marginBottom="4">
          ▲ {NOT_HERE}
        </Box>
      )}
      {vehicles?.length === 0 ? (
        <Button asChild look="primary">
          <Link href={garageHref()}>Begin in the Garage</Link>
        </Button>
      ) : (
        <>
          {sorted.length === 0 && (
            <Box marginBottom="4">
              No job yet. The shelf has half-made plans of usual repairs; or name yours, and add its steps as
              you find them out.
              <ExampleOf of="plan" />
            </Box>
          )}
          {listed.map((job) => (
            <JobRow key={job.id} job={job} vehicle={nameOf(job)} />
          ))}
          <Box display="flex" gap="3" flexWrap="wrap" marginTop="3">
            <Button asChild look="primary">
              <Link href={newJobHref()}>Plan a job</Link>
            </Button>
            <Button asChild>
              <Link href={shelfHref()}>From the shelf</Link>
            </Button>
          </Box>
          {away.length > 0 && (
            <Box as="details" marginTop="5">
              <Box as="summary" cursor="pointer" minHeight="44px" fontWeight="600">
                Put away, {away.length}
              </Box>
              {away.map((job) => (
                <JobRow key={job.id} job={job} vehicle={nameOf(job)} />
              ))}
            </Box>
          )}
        </>
      )}
    </Sheet>
  );
}

function JobRow({ job, vehicle }: { job: Job; vehicle: string | undefined }) {
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="3">
      <Box asChild fontFamily="heading" fontWeight="600" fontSize="22px" color="ink">
        <Link href={planHref(job.id)}>{job.title}</Link>
      </Box>
      <Box color="soft">
        {vehicle}, {job.state}
        {job.state === "planned" && job.plannedFor && ` for ${formatDay(job.plannedFor)}`}
        {job.state === "done" && job.doneOn && ` on ${formatDay(job.doneOn)}`}
      </Box>
    </Box>
  );
}
