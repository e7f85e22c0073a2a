"use client";

import { Box } from "@chakra-ui/react";
import { useRef } from "react";
import type { Step } from "@/core/model/job";
import { twinOf } from "@/core/plan/sides";
import { photosOf } from "@/core/work/photos";
import { Button } from "@/ui/Button";
import { Photos } from "../../shared/photos/Photos";
import { TakePhoto } from "../../shared/photos/TakePhoto";
import { keepPhoto } from "../use-work";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

/** How it was, kept before it is touched: a photo, a paint mark, which way it faced. */
export function MarkFace({ route, work, step, isDone, move, finish, bar }: FaceProps) {
  const camera = useRef<HTMLInputElement>(null);
  const photos = photosOf(work, step.id);
  const twin = twinOf(route, step);
  const twins = twin ? photosOf(work, twin.id) : [];
  const wanted = step.photo === true && photos.length === 0 && !isDone;
  return (
    <>
      {step.mark && (
        <Box fontFamily="heading" fontWeight="700" fontSize={{ base: "34px", lg: "44px" }} lineHeight="1.05">
          Mark it: {step.mark}
        </Box>
      )}
      <Box fontSize="20px">
        {step.photo
          ? "How it faces, where each lead and hose runs, what lies over what. From two sides."
          : "Across both parts, where it can be seen again."}
      </Box>
      <Photos ids={photos} of={step.title} />
      <TakePhoto ref={camera} onTake={keepPhoto(move, step.id)} first={photos.length === 0} />
      {twins.length > 0 && twin && (
        <Box>
          <Box fontWeight="600" marginBottom="1">
            The other side, for comparison
          </Box>
          <Photos ids={twins} of={twin.title} />
        </Box>
      )}
      <ActionBar
        bar={{ ...bar, watchFor: `${bar.watchFor} ${photos.length}` }}
        says={markWords(isDone, wanted, step)}
        onPrimary={() => (wanted ? camera.current?.click() : finish())}
        others={
          wanted && (
            <Button size="work" flex={{ base: "1 1 100%", lg: "none" }} onClick={() => finish()}>
              Go on without
            </Button>
          )
        }
      />
    </>
  );
}

function markWords(isDone: boolean, wanted: boolean, step: Step): string {
  if (isDone) return "Next step";
  if (wanted) return "Take the photo";
  if (step.mark) return "Marked";
  return "Photographed";
}
