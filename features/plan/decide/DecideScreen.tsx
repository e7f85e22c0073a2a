"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { judgeCauses, nextCheck } from "@/core/decide/decide";
import { TOPICS } from "@/core/decide/topics";
import type { Decide } from "@/core/model/decide";
import type { Job } from "@/core/model/job";
import { SelectField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useChangeJob } from "../../shared/use-change-job";
import { planHref } from "../../shell/addresses";
import { MeasuredSheet } from "../MeasuredSheet";
import { CausesSheet } from "./CausesSheet";

const BLANK: Decide = { results: {}, own: [], measured: [] };

/**
 * What is wrong, before anything is bought: the symptom, the checks with their results, the causes with the
 * evidence for each, and measures against limits.
 */
export function DecideScreen({ job }: { job: Job }) {
  const changeJob = useChangeJob(job.id);
  const decide = job.decide ?? BLANK;
  const change = (how: (now: Decide) => Decide, says?: string) =>
    changeJob((now) => ({ ...now, decide: how(now.decide ?? BLANK) }), says);
  const topic = TOPICS.find(({ id }) => id === decide.symptom);
  const next = topic && nextCheck(topic, decide);
  const setResult = (check: string, result: string) =>
    void change((now) => {
      const { [check]: _before, ...others } = now.results;
      return { ...now, results: result === "" ? others : { ...others, [check]: result } };
    });

  return (
    <ThreeColumns
      phone="left, middle, right"
      left={
        <Sheet padding="4" flex="1">
          <Box as="h1" fontSize="26px">
            What is wrong?
          </Box>
          <Box asChild color="ink" textDecoration="underline">
            <Link href={planHref(job.id)}>Back to the plan</Link>
          </Box>
          <Box marginTop="3">
            <SelectField
              label="What it does"
              value={decide.symptom ?? ""}
              choices={[
                { value: "", label: "choose what you notice" },
                ...TOPICS.map(({ id, symptom }) => ({ value: id, label: symptom })),
              ]}
              onChange={(event) => {
                const symptom = event.target.value;
                void change(
                  ({ symptom: _before, ...now }) => ({
                    ...now,
                    ...(symptom === "" ? {} : { symptom }),
                    results: {},
                  }),
                  "Symptom chosen.",
                );
              }}
            />
          </Box>
          <Box color="soft" fontSize="15px" marginTop="3">
            General knowledge, to order the looking. It proves nothing: a workshop, or the maker&apos;s own
            steps, come first where you are in doubt.
          </Box>
        </Sheet>
      }
      middle={
        <Sheet padding={{ base: "4", lg: "6" }} flex="1" display="flex" flexDirection="column" gap="4">
          {!topic && (
            <Box color="soft">
              Choose what the car does, and the checks that tell its causes apart stand here. Or measure
              something against its limit, at the right.
            </Box>
          )}
          {topic && next && (
            <Box>
              <Box fontWeight="600" color="soft">
                Next, to tell {next.between[0].toLowerCase()} from {next.between[1].toLowerCase()}:
              </Box>
              <Box
                as="h2"
                fontSize="30px"
                background="marker"
                color="onMarker"
                padding="3"
                data-testid="next-check"
              >
                {next.check.ask} …
              </Box>
            </Box>
          )}
          {topic && !next && <Box fontWeight="600">No check that is left tells the two likeliest apart.</Box>}
          {topic?.checks.map((check) => (
            <SelectField
              key={check.id}
              label={check.ask}
              value={decide.results[check.id] ?? ""}
              choices={[{ value: "", label: "not checked yet" }, ...check.results]}
              onChange={(event) => setResult(check.id, event.target.value)}
            />
          ))}
        </Sheet>
      }
      right={
        <>
          {topic && (
            <CausesSheet jobId={job.id} causes={judgeCauses(topic, decide)} decide={decide} change={change} />
          )}
          <MeasuredSheet decide={decide} change={change} />
        </>
      }
    />
  );
}
