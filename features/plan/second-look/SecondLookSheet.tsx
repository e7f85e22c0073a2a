"use client";

import { Box } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import { saidOnce } from "@/core/kit/needs/both-sides";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { answerFinding, takeAnswerBack } from "@/core/plan/second-look/answers";
import { type Found, mendsHelp, secondLook } from "@/core/plan/second-look/second-look";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { CarWords } from "@/ui/CarWords";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useChangeJob } from "../../shared/use-change-job";
import { useChangeRoute } from "../../shared/use-change-route";
import { today } from "../../shell/clock";

interface SecondLookSheetProps {
  job: Job;
  route: Route;
  vehicle: Vehicle;
  onOpenStep: (stepId: string) => void;
  onOpenFastener: (fastenerId: string) => void;
}

/** More than these at once are read by nobody: the rest are shown when asked for. */
const SHOWN = 4;

/** What the plan lacks, doubts or risks, each with why, a fix where there is one, and room for an answer. */
export function SecondLookSheet({ job, route, vehicle, onOpenStep, onOpenFastener }: SecondLookSheetProps) {
  const tools = useCollection("tools");
  const [all, setAll] = useState(false);
  const found = useMemo(
    () => (tools ? secondLook(job, route, vehicle, tools) : []),
    [job, route, vehicle, tools],
  );
  const open = useMemo(() => found.filter(({ answer }) => !answer), [found]);
  // Only what is shown is tried, so that a long plan stays quick to change.
  const shown = useMemo(() => {
    const groups = alike(open);
    const first = all ? groups : groups.slice(0, SHOWN);
    return {
      first: first.map((group) =>
        tools && group[0]?.fix && mendsHelp(job, route, vehicle, tools, group, found)
          ? group
          : group.map(withoutFix),
      ),
      more: groups.slice(SHOWN).flat().length,
    };
  }, [found, open, all, job, route, vehicle, tools]);
  if (!tools || route.steps.length === 0) return null;
  const answered = found.filter(({ answer }) => answer);
  const props = { job, onOpenStep, onOpenFastener };
  return (
    <Sheet title="Second look">
      {open.length === 0 && (
        <Box color="good" fontWeight="600">
          ●{" "}
          {answered.length === 0
            ? "Nothing is missing that can be seen from here."
            : "All of it is answered."}
        </Box>
      )}
      {shown.first.map((group) => (
        <FoundGroup key={`${group[0]?.rule.id} ${group[0]?.about}`} group={group} {...props} />
      ))}
      {shown.more > 0 && (
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? "Only the first" : `${shown.more} more`}
        </Button>
      )}
      {answered.length > 0 && (
        <Box as="details">
          <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
            Answered, {answered.length}
          </Box>
          {answered.map((one) => (
            <FoundView key={`${one.rule.id} ${one.about}`} found={one} {...props} />
          ))}
        </Box>
      )}
    </Sheet>
  );
}

const withoutFix = ({ fix: _helpsNot, ...found }: Found): Found => found;

/**
 * Findings of one rule with one way to put them right, or none, stand together: each can be answered, and all of
 * them mended at once.
 */
function alike(found: readonly Found[]): Found[][] {
  const groups = new Map<string, Found[]>();
  for (const one of found) {
    const key = `${one.rule.id} ${one.fix?.says ?? one.grave ?? ""}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()];
}

function FoundGroup({
  group,
  ...props
}: Omit<SecondLookSheetProps, "route" | "vehicle"> & { group: readonly Found[] }) {
  const [open, setOpen] = useState(false);
  const changeRoute = useChangeRoute(props.job.id);
  const [first] = group;
  if (!first) return null;
  if (group.length === 1) return <FoundView found={first} {...props} />;
  const says = first.fix?.says;
  const apply = (now: Route) => group.reduce((route, { fix }) => fix?.apply(route, newId) ?? route, now);
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="2" data-testid="findings">
      <Box color={first.grave ? "stop" : "watch"} fontWeight="600">
        {saidOnce(group.map((one) => one.says)).map((sentence) => (
          <Box key={sentence}>
            {first.grave ? "■" : "▲"} {sentence}
          </Box>
        ))}
      </Box>
      <Box color="soft" fontSize="15px">
        <CarWords>{first.rule.reason}</CarWords>
      </Box>
      <Box display="flex" flexWrap="wrap" columnGap="2">
        {says && (
          <Button
            onClick={() => void changeRoute(apply, `${says}, all ${group.length}: done.`)}
            marginTop="1"
          >
            {says}, all {group.length}
          </Button>
        )}
        <Button look="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Together" : "One by one"}
        </Button>
      </Box>
      {open && group.map((one) => <FoundView key={one.about} found={one} {...props} />)}
    </Box>
  );
}

function FoundView({
  job,
  found,
  onOpenStep,
  onOpenFastener,
}: Omit<SecondLookSheetProps, "route" | "vehicle"> & { found: Found }) {
  const [answering, setAnswering] = useState(false);
  const changeRoute = useChangeRoute(job.id);
  const changeJob = useChangeJob(job.id);
  const { rule, says, grave, fix, answer, stepId, fastenerId } = found;
  const tone = findingColour(answer, grave);
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="2" data-testid="finding">
      <Box color={tone} fontWeight="600">
        {findingSign(answer, grave)} {says}
      </Box>
      <Box color="soft" fontSize="15px">
        {answer ? `You said: “${answer.because}”` : <CarWords>{rule.reason}</CarWords>}
      </Box>
      {answering ? (
        <AnswerForm
          onCancel={() => setAnswering(false)}
          onAnswer={async (because) => {
            if (
              await changeJob(
                (now) => answerFinding(now, found, because, today()),
                "Answered. It is shown again in Work.",
              )
            )
              setAnswering(false);
          }}
        />
      ) : (
        <Box display="flex" flexWrap="wrap" columnGap="2">
          {fix && !answer && (
            <Button
              onClick={() => void changeRoute((now) => fix.apply(now, newId), `${fix.says}: done.`)}
              marginTop="1"
            >
              {fix.says}
            </Button>
          )}
          {(fastenerId ?? stepId) && (
            <Button
              look="quiet"
              onClick={() => (fastenerId ? onOpenFastener(fastenerId) : stepId && onOpenStep(stepId))}
            >
              Open it
            </Button>
          )}
          {answer ? (
            <Button
              look="quiet"
              onClick={() => void changeJob((now) => takeAnswerBack(now, found), "Asked again.")}
            >
              Ask again
            </Button>
          ) : (
            <Button look="quiet" onClick={() => setAnswering(true)}>
              I know, because…
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

function findingSign(answer: Found["answer"], grave: boolean | undefined) {
  if (answer) return "○";
  if (grave) return "■";
  return "▲";
}

function findingColour(answer: Found["answer"], grave: boolean | undefined) {
  if (answer) return "soft";
  if (grave) return "stop";
  return "watch";
}

function AnswerForm({
  onAnswer,
  onCancel,
}: {
  onAnswer: (because: string) => Promise<void>;
  onCancel: () => void;
}) {
  const [because, setBecause] = useState("");
  const [error, setError] = useState<string>();
  return (
    <Box
      as="form"
      marginTop="2"
      onSubmit={(event) => {
        event.preventDefault();
        if (because.trim() === "") setError("Say why, in a few words: you will read it again under the car.");
        else void onAnswer(because);
      }}
    >
      <TextField
        label="I know, because"
        autoFocus
        value={because}
        error={error}
        maxLength={200}
        onChange={(event) => setBecause(event.target.value)}
      />
      <Box display="flex" gap="2" marginTop="2">
        <Button type="submit">Keep the answer</Button>
        <Button look="quiet" onClick={onCancel}>
          Cancel
        </Button>
      </Box>
    </Box>
  );
}
