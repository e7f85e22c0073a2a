"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { LookedAt } from "@/core/model/work";
import { twinOf } from "@/core/plan/sides";
import { eventsOf } from "@/core/work/event";
import { isComparison } from "@/core/work/how-it-sat";
import { photosOf } from "@/core/work/photos";
import { Button } from "@/ui/Button";
import { Photos } from "../../shared/photos/Photos";
import { TakePhoto } from "../../shared/photos/TakePhoto";
import { useKey } from "../../shell/keys";
import { NotGood } from "../trouble/NotGood";
import { keepPhoto } from "../use-work";
import { ActionBar } from "./ActionBar";
import { CompareFace } from "./CompareFace";
import type { FaceProps } from "./face";

const FOUND: Record<LookedAt, string> = { good: "● Good", watch: "▲ Watch it", replace: "■ Replace" };

/**
 * Something looked at: good, to be watched, or to be replaced; with a photo where that helps later. A check
 * that fails holds the job.
 */
export function LookFace({ route, work, step, isDone, move, finish, bar }: FaceProps) {
  const [notGood, setNotGood] = useState<Exclude<LookedAt, "good">>();
  const proving = step.phase === "prove it";
  const found = eventsOf(work, "step").find(({ stepId }) => stepId === step.id)?.found;
  const photos = photosOf(work, step.id);
  const twin = twinOf(route, step);
  const twinFound = twin && eventsOf(work, "step").find(({ stepId }) => stepId === twin.id)?.found;
  useKey("watch", () => setNotGood("watch"), !isDone);
  useKey("replace", () => setNotGood("replace"), !isDone && !proving);
  if (isComparison(step) && !isDone)
    return (
      <CompareFace
        route={route}
        work={work}
        step={step}
        move={move}
        bar={bar}
        onSame={() => finish("good")}
      />
    );
  if (notGood)
    return (
      <NotGood
        step={step}
        finding={notGood}
        proving={proving}
        bar={bar}
        move={move}
        onClose={() => setNotGood(undefined)}
        onFound={() => finish(notGood)}
      />
    );
  return (
    <>
      {isDone && found && (
        <Box fontFamily="heading" fontWeight="700" fontSize="48px" color={foundColour(found)}>
          {FOUND[found]}
        </Box>
      )}
      {twinFound && (
        <Box fontSize="18px">
          The other side was: <b>{FOUND[twinFound]}</b>
        </Box>
      )}
      <Box display="flex" gap="4" flexWrap="wrap" alignItems="flex-start">
        {!proving && <TakePhoto onTake={keepPhoto(move, step.id)} first={photos.length === 0} />}
        <Photos ids={photos} of={step.title} />
      </Box>
      {twin && <Photos ids={photosOf(work, twin.id)} of={twin.title} size={110} />}
      <ActionBar
        bar={bar}
        says={goodWords(isDone, proving)}
        onPrimary={() => finish(isDone ? undefined : "good")}
        others={
          !isDone && (
            <>
              <Button
                size="work"
                flex={{ base: "1", lg: "none" }}
                color="watch"
                onClick={() => setNotGood("watch")}
              >
                {proving ? "▲ Not right" : "▲ Watch it"}
              </Button>
              {!proving && (
                <Button
                  size="work"
                  flex={{ base: "1", lg: "none" }}
                  color="stop"
                  onClick={() => setNotGood("replace")}
                >
                  ■ Replace
                </Button>
              )}
            </>
          )
        }
      />
    </>
  );
}

function goodWords(isDone: boolean, proving: boolean): string {
  if (isDone) return "Next step";
  if (proving) return "It is right";
  return "Good";
}

function foundColour(found: string) {
  if (found === "good") return "good";
  if (found === "watch") return "watch";
  return "stop";
}
