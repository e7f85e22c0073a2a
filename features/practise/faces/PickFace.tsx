"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import { judgePick } from "@/core/practise/judge";
import { shake } from "../pull/sounds";
import type { TaskFaceProps } from "./face";
import { ShownDrawing } from "./ShownDrawing";

const Choice = chakra("button", {
  base: {
    display: "block",
    width: "100%",
    minHeight: "56px",
    padding: "3",
    textAlign: "left",
    fontSize: "18px",
    background: "raised",
    color: "ink",
    border: "2px solid",
    borderColor: "ink",
    borderRadius: "button",
    cursor: "pointer",
    _disabled: { cursor: "default" },
  },
  variants: {
    state: {
      open: {},
      right: { borderColor: "good", borderWidth: "4px" },
      wrong: { borderColor: "stop", borderWidth: "4px" },
      left: { borderColor: "edge" },
    },
  },
});

/** A phone tells a fit by how it shakes: a socket that rocks rattles, one that sits gives one short knock. */
function shakeFor(deg: number | undefined): void {
  const knocks = deg === undefined ? 4 : Math.min(4, 1 + Math.round(deg / 2.5));
  shake(Array.from({ length: knocks * 2 - 1 }, (_, i) => (i % 2 === 0 ? 25 : 70)));
}

/** One of several answers. */
export function PickFace({ task, isOver, onDone }: TaskFaceProps<"pick">) {
  const [picked, setPicked] = useState<number>();
  const pick = (at: number) => {
    setPicked(at);
    const shows = task.choices[at]?.shows;
    if (shows?.kind === "head") shakeFor(shows.turnedDeg);
    onDone(judgePick(task, at));
  };
  const stateOf = (at: number, isRight: boolean) => {
    if (!isOver) return "open";
    if (isRight) return "right";
    return at === picked ? "wrong" : "left";
  };
  return (
    <Box display="grid" gap="4">
      {task.shows && <ShownDrawing shown={task.shows} />}
      {task.lines && (
        <Box
          as="ol"
          paddingLeft="7"
          listStyleType="decimal"
          fontSize="16px"
          columns={{ base: 1, md: 2 }}
          columnGap="8"
        >
          {task.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
      <Box
        display="grid"
        gap="2"
        gridTemplateColumns={{ base: "1fr", md: task.choices.some(({ shows }) => shows) ? "1fr 1fr" : "1fr" }}
      >
        {task.choices.map(({ says, isRight, shows }, at) => (
          <Choice
            key={says}
            type="button"
            disabled={isOver}
            state={stateOf(at, isRight)}
            onClick={() => pick(at)}
          >
            <b>
              {stateOf(at, isRight) === "right" && "● "}
              {stateOf(at, isRight) === "wrong" && "■ "}
              {says}
            </b>
            {/* Drawn to scale once it is judged: before, the size is to be told from its name. */}
            {shows && isOver && <ShownDrawing shown={shows} />}
          </Choice>
        ))}
      </Box>
    </Box>
  );
}
