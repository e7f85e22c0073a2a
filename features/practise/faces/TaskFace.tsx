"use client";

import type { Outcome, Task } from "@/core/practise/drill";
import { CastleFace } from "./CastleFace";
import { CountFace } from "./CountFace";
import { FigureFace } from "./FigureFace";
import { OrderFace } from "./OrderFace";
import { PickFace } from "./PickFace";
import { PlaceFace } from "./PlaceFace";
import { PullFace } from "./PullFace";
import { RingFace } from "./RingFace";
import { ScaleFace } from "./ScaleFace";
import { SeizedFace } from "./SeizedFace";
import { TurnFace } from "./TurnFace";

/** The face of a task, by its kind. */
export function TaskFace({
  task,
  ...rest
}: {
  task: Task;
  isOver: boolean;
  onDone: (outcome: Outcome) => void;
}) {
  switch (task.kind) {
    case "pick":
      return <PickFace task={task} {...rest} />;
    case "figure":
      return <FigureFace task={task} {...rest} />;
    case "scale":
      return <ScaleFace task={task} {...rest} />;
    case "pull":
      return <PullFace task={task} {...rest} />;
    case "ring":
      return <RingFace task={task} {...rest} />;
    case "turn":
      return <TurnFace task={task} {...rest} />;
    case "castle":
      return <CastleFace task={task} {...rest} />;
    case "count":
      return <CountFace task={task} {...rest} />;
    case "seized":
      return <SeizedFace task={task} {...rest} />;
    case "order":
      return <OrderFace task={task} {...rest} />;
    case "place":
      return <PlaceFace task={task} {...rest} />;
  }
}
