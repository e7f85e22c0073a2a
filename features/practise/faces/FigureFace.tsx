"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { orSentence } from "@/core/input-error";
import { judgeFigure } from "@/core/practise/judge";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import type { TaskFaceProps } from "./face";
import { ShownDrawing } from "./ShownDrawing";

/** A figure that is typed. */
export function FigureFace({ task, isOver, onDone }: TaskFaceProps<"figure">) {
  const [typed, setTyped] = useState("");
  const [error, setError] = useState<string>();
  const send = () =>
    orSentence(
      () => {
        setError(undefined);
        onDone(judgeFigure(task, typed));
      },
      (sentence) => setError(sentence),
    );
  return (
    <Box display="grid" gap="4">
      {task.said && (
        <Box
          as="blockquote"
          borderLeft="6px solid"
          borderColor="drawing"
          paddingLeft="4"
          fontSize="20px"
          lineHeight="1.5"
        >
          “{task.said}”
        </Box>
      )}
      {task.shows && <ShownDrawing shown={task.shows} />}
      <FormBox
        maxWidth="420px"
        onSubmit={(event) => {
          event.preventDefault();
          if (!isOver) send();
        }}
      >
        <TextField
          label={task.unit ? "Set the wrench to" : "The figure, with its unit"}
          value={typed}
          error={error}
          disabled={isOver}
          numeric={task.unit !== undefined}
          unit={task.unit && torqueSymbol(task.unit)}
          onChange={(event) => setTyped(event.target.value)}
        />
        {!isOver && (
          <Button type="submit" look="primary" size="work">
            That is it
          </Button>
        )}
      </FormBox>
    </Box>
  );
}
