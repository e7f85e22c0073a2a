"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { judgeCauses, nextCheck } from "@/core/decide/decide";
import type { Topic } from "@/core/decide/topic";
import { TOPICS } from "@/core/decide/topics";
import type { Decide } from "@/core/model/decide";
import type { Job } from "@/core/model/job";
import { PLACES, type Place } from "@/core/model/place";
import { Button } from "@/ui/Button";
import { PlacesFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useChangeJob } from "../../shared/use-change-job";
import { planHref } from "../../shell/addresses";
import { MeasuredSheet } from "../MeasuredSheet";
import { CausesSheet } from "./CausesSheet";
import { CheckCard } from "./CheckCard";
import { SymptomPicker } from "./SymptomPicker";

const BLANK: Decide = { results: {}, own: [], measured: [] };

/** Where something can be noticed, from the front to the rear, with how much. */
const NOTICED = PLACES.map((place) => ({
  place,
  count: TOPICS.filter(({ places }) => places.includes(place)).length,
})).filter(({ count }) => count > 0);

/**
 * What is wrong, before anything is bought: the symptom, the checks with their results, the causes with the
 * evidence for each, and measures against limits.
 */
export function DecideScreen({ job }: { job: Job }) {
  const changeJob = useChangeJob(job.id);
  const [place, setPlace] = useState<Place>();
  const decide = job.decide ?? BLANK;
  const change = (how: (now: Decide) => Decide, says?: string) =>
    changeJob((now) => ({ ...now, decide: how(now.decide ?? BLANK) }), says);
  const topic = TOPICS.find(({ id }) => id === decide.symptom);
  const setSymptom = (symptom: string | undefined) =>
    void change(
      ({ symptom: _before, ...now }) => ({ ...now, ...(symptom ? { symptom } : {}), results: {} }),
      symptom ? "Symptom chosen." : "Another symptom: what was checked for it is taken back.",
    );
  const setResult = (check: string, result: string | undefined) =>
    void change((now) => {
      const { [check]: _before, ...others } = now.results;
      return { ...now, results: result === undefined ? others : { ...others, [check]: result } };
    });

  return (
    <ThreeColumns
      phone="left, middle, right"
      left={
        <Sheet padding="4" flex="1" overflowY={{ lg: "auto" }}>
          <Box as="h1" fontSize="26px">
            What is wrong?
          </Box>
          <Box asChild color="ink" textDecoration="underline" display="inline-block" paddingBlock="3">
            <Link href={planHref(job.id)}>Back to the plan</Link>
          </Box>
          {topic ? (
            <Box marginTop="2">
              <Box fontFamily="heading" fontWeight="600" fontSize="22px" lineHeight="1.15">
                {topic.symptom}
              </Box>
              <Button marginTop="3" onClick={() => setSymptom(undefined)}>
                Something else
              </Button>
            </Box>
          ) : (
            <Box display={{ base: "none", lg: "block" }}>
              <PlacesFromAbove places={NOTICED} picked={place} onPick={setPlace} />
            </Box>
          )}
          <Box color="soft" fontSize="15px" marginTop="3">
            General knowledge, to order the looking. It proves nothing: a workshop, or the maker&apos;s own
            steps, come first where you are in doubt.
          </Box>
        </Sheet>
      }
      middle={
        <Sheet padding={{ base: "4", lg: "6" }} flex="1" display="flex" flexDirection="column" gap="4">
          {topic ? (
            <Checks topic={topic} decide={decide} onFind={setResult} />
          ) : (
            <SymptomPicker place={place} onPick={setSymptom} />
          )}
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

interface ChecksProps {
  topic: Topic;
  decide: Decide;
  onFind: (check: string, result: string | undefined) => void;
}

/** The check that comes next, large; then those that are left, and those that were done. */
function Checks({ topic, decide, onFind }: ChecksProps) {
  const next = nextCheck(topic, decide);
  const rest = topic.checks
    .filter(({ id }) => id !== next?.check.id)
    .toSorted((a, b) => Number(a.id in decide.results) - Number(b.id in decide.results));
  return (
    <>
      {next ? (
        <CheckCard
          check={next.check}
          found={decide.results[next.check.id]}
          why={`Next, to tell ${next.between[0].toLowerCase()} from ${next.between[1].toLowerCase()}`}
          onFind={(result) => onFind(next.check.id, result)}
        />
      ) : (
        <Box fontWeight="600">No check that is left tells the two likeliest apart.</Box>
      )}
      {rest.map((check) => (
        <CheckCard
          key={check.id}
          check={check}
          found={decide.results[check.id]}
          onFind={(result) => onFind(check.id, result)}
        />
      ))}
    </>
  );
}
