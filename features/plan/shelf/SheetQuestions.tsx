"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { blanksOf } from "@/core/shelf/blanks";
import { asksOf, planFromSheet, titleOf } from "@/core/shelf/plan-from-sheet";
import type { Answers, Ask, Sheet as JobSheet } from "@/core/shelf/sheet";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { garageHref, planHref, shelfHref } from "../../shell/addresses";
import { useHand } from "../../shell/hand";
import { usePlanJob } from "../jobs/use-plan-job";

/** What a sheet has to know, each with how to tell by looking; then it is put in the plan. */
export function SheetQuestions({ sheet }: { sheet: JobSheet }) {
  const router = useRouter();
  const vehicles = useCollection("vehicles");
  const [hand] = useHand();
  const [chosen, setChosen] = useState<string>();
  const [answers, setAnswers] = useState<Answers>({});
  const [missing, setMissing] = useState(false);
  const plan = usePlanJob();
  if (!vehicles || !hand) return <Loading />;
  const vehicle =
    vehicles.find(({ id }) => id === (chosen ?? hand.vehicleId)) ??
    (vehicles.length === 1 ? vehicles[0] : undefined);
  const asks = asksOf(sheet);
  const open = asks.filter(({ id }) => answers[id] === undefined);

  const put = async () => {
    if (open.length > 0 || !vehicle) return setMissing(true);
    const { title, routes } = planFromSheet(sheet, answers, newId);
    const job = await plan(vehicle, { title, system: sheet.system }, routes);
    if (!job) return;
    const [route] = job.routes;
    router.push(planHref(job.id, route && blanksOf(route).length > 0 ? "lookup" : undefined));
  };

  if (vehicles.length === 0)
    return (
      <Sheet title="From the shelf" maxWidth="640px" marginInline="auto">
        A job belongs to a vehicle. <Link href={garageHref()}>Add one in the Garage</Link> first.
      </Sheet>
    );
  return (
    <Sheet title={titleOf(sheet)} maxWidth="640px" marginInline="auto" padding="5">
      <Box display="grid" gap="5">
        {vehicles.length > 1 && (
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
        {missing && !vehicle && <Box color="stop">▲ Say which vehicle it is for.</Box>}
        <Box display="flex" gap="3" flexWrap="wrap">
          <Button look="primary" onClick={() => void put()}>
            Put it in the plan
          </Button>
          <Button asChild>
            <Link href={shelfHref()}>Back to the shelf</Link>
          </Button>
        </Box>
        <Box color="soft" fontSize="15px">
          A general sheet, for any vehicle. Torques, sizes and limits are yours to look up; nothing is
          guessed.
        </Box>
      </Box>
    </Sheet>
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
