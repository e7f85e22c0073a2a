"use client";

import { Box } from "@chakra-ui/react";
import { arrayMove } from "@dnd-kit/sortable";
import { useState } from "react";
import { judgeOrder } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import { SortList, SortRow } from "@/ui/sort/SortList";
import type { TaskFaceProps } from "./face";

/** Steps to be brought into order, by a hand or with the arrows. */
export function OrderFace({ task, isOver, onDone }: TaskFaceProps<"order">) {
  const [ids, setIds] = useState(() => task.steps.map(({ id }) => id));
  const titles = new Map(task.steps.map(({ id, title }) => [id, title]));
  return (
    <Box display="grid" gap="3">
      <SortList
        name="practise"
        ids={ids}
        titleOf={(id) => titles.get(id) ?? ""}
        onDrop={(id, over) => !isOver && setIds(arrayMove(ids, ids.indexOf(id), ids.indexOf(over)))}
      >
        {ids.map((id, i) => (
          <SortRow key={id} id={id} title={titles.get(id) ?? ""} lead={String(i + 1)} />
        ))}
      </SortList>
      {!isOver && (
        <Button look="primary" size="work" onClick={() => onDone(judgeOrder(task, ids))}>
          In this order
        </Button>
      )}
    </Box>
  );
}
