"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { luckOf } from "@/core/chance";
import type { Level, Skill } from "@/core/model/drill";
import type { Outcome } from "@/core/practise/drill";
import { DRILLS } from "@/core/practise/drills";
import { nextSkill } from "@/core/practise/practised";
import { nextLevel } from "@/core/practise/skill";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { practiseHref } from "../shell/addresses";
import { TaskFace } from "./faces/TaskFace";
import { OutcomeBox } from "./OutcomeBox";
import type { PractisedHere } from "./use-practised";

const newSeed = () => Math.floor(Math.random() * 2 ** 31);

interface Round {
  seed: number;
  level: Level;
  /** The same task once more, which tells nothing new. */
  isAgain: boolean;
  /** Tells one round from the next, so that each face begins anew. */
  id: number;
}

/** A task that was done before. */
export type Again = Pick<Round, "level" | "seed">;

interface DrillRunProps {
  skill: Skill;
  /** The task that it begins with, where that is not a new one. */
  again: Again | undefined;
  practised: PractisedHere;
}

/** One drill after another of a skill, each as hard as what is known of it asks for. */
export function DrillRun({ skill, again, practised }: DrillRunProps) {
  const drill = DRILLS[skill];
  const router = useRouter();
  const stands = practised.all.find((one) => one.skill === skill);
  const begin = (id: number): Round => ({
    seed: newSeed(),
    level: stands ? nextLevel(skill, stands.estimate) : 1,
    isAgain: false,
    id,
  });
  const [round, setRound] = useState<Round>(() => (again ? { ...again, isAgain: true, id: 0 } : begin(0)));
  const [outcome, setOutcome] = useState<Outcome>();
  const task = useMemo(() => drill.task(round.level, luckOf(round.seed, skill)), [drill, round, skill]);
  const next = (one: Round) => {
    setOutcome(undefined);
    setRound(one);
  };
  const other = nextSkill(practised.all);
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (round.id > 0) top.current?.focus();
  }, [round.id]);
  const done = (went: Outcome) => {
    setOutcome(went);
    if (!round.isAgain)
      void practised.keep({ skill, level: round.level, seed: round.seed, grade: went.grade });
  };
  return (
    <DrillSheet
      refTop={top}
      asks={task.asks}
      detail={task.detail}
      above={`${drill.title}, level ${round.level} of 5${round.isAgain ? ", once more" : ""}`}
    >
      <TaskFace key={round.id} task={task} isOver={outcome !== undefined} onDone={done} />
      {outcome && (
        <OutcomeBox outcome={outcome}>
          <Button look="primary" size="work" onClick={() => next(begin(round.id + 1))}>
            Another
          </Button>
          <Button size="work" onClick={() => next({ ...round, isAgain: true, id: round.id + 1 })}>
            The same again
          </Button>
          {other !== skill && (
            <Button size="work" onClick={() => router.push(practiseHref(other))}>
              {DRILLS[other].title}
            </Button>
          )}
        </OutcomeBox>
      )}
    </DrillSheet>
  );
}

interface DrillSheetProps {
  refTop?: React.RefObject<HTMLDivElement | null>;
  above: string;
  asks: string;
  detail: string | undefined;
  children: ReactNode;
}

/** A drill on its sheet: what is to be done, large, and then the thing itself. */
export function DrillSheet({ refTop, above, asks, detail, children }: DrillSheetProps) {
  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }} display="flex" flexDirection="column" gap="3">
      <Box ref={refTop} tabIndex={-1} outline="none">
        <Box color="soft" fontSize="15px">
          {above}
        </Box>
        <Box as="h1" fontSize={{ base: "26px", lg: "32px" }} lineHeight="1.1">
          {asks}
        </Box>
        {detail && <Box fontSize="17px">{detail}</Box>}
      </Box>
      {children}
    </Sheet>
  );
}
