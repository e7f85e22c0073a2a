"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { COMPARED_BY } from "@/core/work/how-it-sat";
import { meetTrouble, troubleSubjects } from "@/core/work/trouble/trouble";
import { newId } from "@/data/stamp";
import { BigTick } from "@/ui/BigTick";
import { Button } from "@/ui/Button";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

type CompareFaceProps = Pick<FaceProps, "route" | "work" | "step" | "move" | "bar"> & { onSame: () => void };

/** The new part beside the old, point by point, while there is still a way back. */
export function CompareFace({ route, step, move, bar, onSame }: CompareFaceProps) {
  const [same, setSame] = useState<ReadonlySet<string>>(new Set());
  const left = COMPARED_BY.filter((one) => !same.has(one));
  const [next] = left;
  const about = troubleSubjects(route, step, undefined)[0] ?? step.title;
  const differs = () =>
    void move((now) =>
      meetTrouble(now, { troubleId: newId(), stepId: step.id, kind: "wrong part", about }, thisMoment()),
    );
  return (
    <>
      <Box fontSize="18px">Old and new side by side. What does not apply is the same.</Box>
      <Box display="grid" gap="2" maxWidth="640px">
        {COMPARED_BY.map((one) => (
          <BigTick
            key={one}
            isTicked={same.has(one)}
            ask={one}
            onTick={() => setSame((was) => new Set([...was, one]))}
          />
        ))}
      </Box>
      <ActionBar
        bar={{ ...bar, watchFor: `${bar.watchFor} ${left.length}` }}
        says={next === undefined ? "It is the same part" : "The same"}
        onPrimary={() => (next === undefined ? onSame() : setSame((was) => new Set([...was, next])))}
        others={
          <Button size="work" flex={{ base: "1 1 100%", lg: "none" }} color="stop" onClick={differs}>
            ■ It differs
          </Button>
        }
      />
    </>
  );
}
