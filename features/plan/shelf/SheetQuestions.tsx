"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { withOwnFigures } from "@/core/fastener/own-figure";
import type { Job, Route } from "@/core/model/job";
import { blanksOf } from "@/core/shelf/blanks";
import { lessonWords, pastsOf, withLessons } from "@/core/shelf/lessons";
import { asksOf, planFromSheet, titleOf } from "@/core/shelf/plan-from-sheet";
import type { Answers, Ask, Sheet as JobSheet } from "@/core/shelf/sheet";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { SelectField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useChangeJob } from "../../shared/use-change-job";
import { planHref, shelfHref } from "../../shell/addresses";
import { useHand } from "../../shell/hand";
import { NoVehicle } from "../../shell/NoVehicle";
import { usePlanJob } from "../jobs/use-plan-job";

interface SheetQuestionsProps {
  sheet: JobSheet;
  /** A job that was begun by asking what is wrong. */
  jobId: string | undefined;
  /** The vehicle that needs it, where that was said. */
  vehicleId: string | undefined;
}

/** What a sheet has to know, each with how to tell by looking; then it is put in the plan. */
export function SheetQuestions({ sheet, jobId, vehicleId }: SheetQuestionsProps) {
  const router = useRouter();
  const vehicles = useCollection("vehicles");
  const jobs = useCollection("jobs");
  const works = useCollection("works");
  const [hand] = useHand();
  const [chosen, setChosen] = useState<string>();
  const [answers, setAnswers] = useState<Answers>({});
  const [way, setWay] = useState(0);
  const [missing, setMissing] = useState(false);
  const plan = usePlanJob();
  const changeJob = useChangeJob(jobId ?? "");
  if (!vehicles || !jobs || !works || !hand) return <Loading />;
  // A job that was begun by asking what is wrong has no plan yet: this becomes it.
  const begun = jobs.find(
    ({ id, routes }) => id === jobId && routes.every(({ steps }) => steps.length === 0),
  );
  const vehicle =
    vehicles.find(({ id }) => id === (begun?.vehicleId ?? chosen ?? vehicleId ?? hand.vehicleId)) ??
    (vehicles.length === 1 ? vehicles[0] : undefined);
  const asks = asksOf(sheet);
  const open = asks.filter(({ id }) => answers[id] === undefined);

  const pasts = pastsOf(
    jobs.filter((job) => job.sheet === sheet.name),
    works,
  );
  const planBegun = async (
    job: Job,
    said: Pick<Job, "title" | "system" | "sheet">,
    routes: Route[],
    chosenRouteId: string,
  ) => {
    const now = vehicle && { ...said, routes: routes.map((one) => withOwnFigures(one, vehicle)) };
    if (!now) return undefined;
    const put = await changeJob((before) => ({ ...before, ...now, chosenRouteId }), `${said.title} planned.`);
    return put ? job.id : undefined;
  };

  const put = async () => {
    if (open.length > 0 || !vehicle) return setMissing(true);
    const planned = planFromSheet(sheet, answers, newId);
    const routes = planned.routes.map((route) => withLessons(route, pasts));
    const said = { title: planned.title, system: sheet.system, sheet: sheet.name };
    const route = routes[way];
    if (!route) return;
    const id = await (begun
      ? planBegun(begun, said, routes, route.id)
      : plan(vehicle, said, routes, route.id).then((job) => job?.id));
    if (id === undefined) return;
    router.push(planHref(id, blanksOf(route).length > 0 ? "lookup" : undefined));
  };

  if (vehicles.length === 0)
    return (
      <NoVehicle title={titleOf(sheet)} example="plan">
        The shelf has this half made: a few questions put the whole plan in place.
      </NoVehicle>
    );
  return (
    <Sheet title={titleOf(sheet)} maxWidth="640px" marginInline="auto" padding="5">
      <Box display="grid" gap="5">
        {vehicles.length > 1 && !begun && (
          <SelectField
            label="Vehicle"
            choices={[
              ...(vehicle ? [] : [{ value: "", label: "Which one?" }]),
              ...vehicles.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            value={vehicle?.id ?? ""}
            onChange={(event) => setChosen(event.currentTarget.value)}
          />
        )}
        {asks.map((ask) => (
          <Question
            key={ask.id}
            ask={ask}
            answer={answers[ask.id]}
            lacking={missing && answers[ask.id] === undefined}
            onAnswer={(answer) => setAnswers({ ...answers, [ask.id]: answer })}
          />
        ))}
        {sheet.ways && <Ways ways={sheet.ways} chosen={way} onChoose={setWay} />}
        {missing && !vehicle && <Box color="stop">▲ Say which vehicle it is for.</Box>}
        <Box display="flex" gap="3" flexWrap="wrap">
          <Button look="primary" onClick={() => void put()}>
            Put it in the plan
          </Button>
          <Button asChild>
            <Link href={shelfHref()}>Back to the shelf</Link>
          </Button>
        </Box>
        {pasts.map((past) => (
          <Box key={past.job.id} color="soft">
            Done{past.job.doneOn && ` on ${formatDay(past.job.doneOn)}`}: {lessonWords(past)}. The plan begins
            with these times and troubles.
          </Box>
        ))}
        <Box color="soft" fontSize="15px">
          A general sheet, for any vehicle. Torques, sizes and limits are yours to look up; nothing is
          guessed.
        </Box>
      </Box>
    </Sheet>
  );
}

interface WaysProps {
  ways: NonNullable<JobSheet["ways"]>;
  /** By its place among them. */
  chosen: number;
  onChoose: (way: number) => void;
}

/** The ways of doing it side by side; all of them go into the plan, the one that is chosen first. */
function Ways({ ways, chosen, onChoose }: WaysProps) {
  return (
    <Box role="group" aria-labelledby="which-way">
      <Box id="which-way" fontFamily="heading" fontWeight="600" fontSize="24px">
        Which way?
      </Box>
      <Box color="soft" marginBottom="2">
        All of them go into the plan, to be compared there; this one is what you begin with.
      </Box>
      <Box
        display="grid"
        gap="3"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(auto-fit, minmax(220px, 1fr))" }}
      >
        {ways.map(({ id, name, harm, undoable, evidence }, i) => (
          <Box key={id} border="1px solid" borderColor="edge" borderRadius="sheet" padding="3">
            <Button
              width="100%"
              minHeight="56px"
              height="auto"
              whiteSpace="normal"
              aria-pressed={i === chosen}
              look={i === chosen ? "primary" : "plain"}
              onClick={() => onChoose(i)}
            >
              {name}
            </Button>
            {evidence && <Box marginTop="2">For it: {evidence}.</Box>}
            {harm && (
              <Box marginTop="1" color="watch">
                ▲ {harm}.
              </Box>
            )}
            {undoable && <Box color="soft">Can be undone {undoable}.</Box>}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

interface QuestionProps {
  ask: Ask;
  answer: string | undefined;
  lacking: boolean;
  onAnswer: (id: string) => void;
}

function Question({ ask: { id, asks, tell, answers }, answer, lacking, onAnswer }: QuestionProps) {
  return (
    <Box role="group" aria-labelledby={`ask-${id}`}>
      <Box id={`ask-${id}`} fontFamily="heading" fontWeight="600" fontSize="24px">
        {asks}
      </Box>
      <Box color="soft" marginBottom="2">
        {tell}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {answers.map((one) => (
          <Button
            key={one.id}
            aria-pressed={answer === one.id}
            look={answer === one.id ? "primary" : "plain"}
            minHeight="56px"
            onClick={() => onAnswer(one.id)}
          >
            {one.says}
          </Button>
        ))}
      </Box>
      {lacking && (
        <Box color="stop" marginTop="1">
          ▲ Choose one of these: the plan depends on it.
        </Box>
      )}
    </Box>
  );
}
