"use client";

import { Box } from "@chakra-ui/react";
import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { memo, useMemo, useState } from "react";
import { dropped } from "@/core/day/bar";
import type { DayTold } from "@/core/day/day";
import { bestStop, stopWords, stopsOf } from "@/core/day/no-return";
import type { Slot } from "@/core/day/schedule";
import { hourWords, minutesSay } from "@/core/day/words";
import type { DayPlan } from "@/core/model/day-plan";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Button } from "@/ui/Button";
import type { DayInHand } from "../use-day";

interface DayStepsProps {
  job: Job;
  told: DayTold;
  slots: readonly Slot[];
  plan: DayPlan;
  day: DayInHand;
}

/** The steps with their hours, in the order they are worked: to be dragged, or moved with the keyboard. */
export const DaySteps = memo(function DaySteps({ job, told, slots, plan, day }: DayStepsProps) {
  const [refused, setRefused] = useState<string>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const steps = new Map(chosenRoute(job).steps.map((step) => [step.id, step]));
  const title = (id: string | undefined) => steps.get(id ?? "")?.title ?? "another step";
  const decide = new Map(told.decide.map(({ stepId, says }) => [stepId, says]));
  // The same list stays the same while the day is reckoned anew: a step in hand is not let go by it.
  const inOrder = told.timed.map(({ id }) => id).join(" ");
  const items = useMemo(() => inOrder.split(" "), [inOrder]);
  const drop = ({ active, over }: DragEndEvent) => {
    const [from, to] = [active.id, over?.id].map((id) => told.timed.findIndex((one) => one.id === id));
    if (from === undefined || to === undefined || from < 0 || to < 0 || from === to) return;
    const { order, heldBy } = dropped(told.timed, from, to);
    setRefused(
      heldBy === undefined
        ? undefined
        : `“${title(String(active.id))}” ${to < from ? "has to come after" : "has to come before"} “${title(heldBy)}”.`,
    );
    if (order) void day.change((now) => ({ ...now, order }), `Moved: ${title(String(active.id))}.`);
  };
  return (
    <Box>
      <Box fontSize="15px" color="soft">
        {told.ownOrder
          ? "In an order of your own."
          : "In the order that is over soonest. Drag a step by its handle, or take it with Space and move it with the arrows."}
      </Box>
      {told.ownOrder && (
        <Button
          onClick={() =>
            void day.change((now) => {
              const { order: _own, ...rest } = now;
              return rest;
            }, "In the order that is over soonest.")
          }
        >
          The soonest order again
        </Button>
      )}
      <Box role="status" color="stop" fontWeight="600" minHeight="24px">
        {refused ? `■ ${refused}` : ""}
      </Box>
      <Split job={job} told={told} slots={slots} plan={plan} day={day} />
      <DndContext id="day" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={items} strategy={verticalListSortingStrategy}>
          {slots.map(({ id, from, to, over }) => (
            <Row
              key={id}
              id={id}
              hour={hourWords(told.zero, from)}
              title={title(id)}
              decide={decide.get(id)}
              wait={
                over - to > 0.5
                  ? `then ${minutesSay(over - to)} until ${steps.get(id)?.wait?.until ?? "it is over"}`
                  : ""
              }
            />
          ))}
        </SortableContext>
      </DndContext>
    </Box>
  );
});

/** Where the day could end for another: proposed where it does not fit, taken back in one press. */
function Split({ job, told, slots, plan, day }: DayStepsProps) {
  const steps = chosenRoute(job).steps;
  const all = told.all.flatMap((id) => steps.find((step) => step.id === id) ?? []);
  const stops = stopsOf(all, told.open);
  if (plan.splitAfter !== undefined) {
    const at = all.findIndex(({ id }) => id === plan.splitAfter);
    const stop = stops[at];
    return (
      <Box marginBottom="2" fontSize="15px">
        The first day ends with “{all[at]?.title ?? "a step"}”{stop ? `: ${stopWords(stop)}. ` : ". "}
        <Button
          onClick={() =>
            void day.change((now) => {
              const { splitAfter: _split, ...rest } = now;
              return rest;
            }, "In one go.")
          }
        >
          In one go
        </Button>
      </Box>
    );
  }
  if (told.chance >= WORTH_A_SPLIT || all.length < 2) return null;
  // Steps that are done lie behind: from the last of them on it can be stopped.
  const done = all.length - told.timed.length;
  const reached = done + slots.filter(({ to }) => to <= told.goal.at).length - 1;
  const stop = bestStop(
    stops.filter(({ at }) => at >= done - 1),
    Math.max(done - 1, reached, 0),
  );
  const last = stop && all[stop.at];
  if (!stop || !last) return null;
  return (
    <Box marginBottom="2" fontSize="15px">
      ▲ Over two days, the best place to stop is behind “{last.title}”: {stopWords(stop)}.{" "}
      <Button
        onClick={() =>
          void day.change(
            (now) => ({ ...now, splitAfter: last.id }),
            `Over two days, behind “${last.title}”.`,
          )
        }
      >
        Over two days
      </Button>
    </Box>
  );
}

/** Above this chance nobody is asked whether it should be two days. */
const WORTH_A_SPLIT = 0.8;

/* Plain styles: a row is drawn anew at every step of a drag. */
const LINE = {
  display: "flex",
  alignItems: "center",
  gap: 8,
  borderBottom: "1px solid var(--chakra-colors-edge)",
  minHeight: 44,
} as const;
const GRIP = {
  minHeight: 44,
  minWidth: 40,
  border: "none",
  background: "transparent",
  color: "var(--chakra-colors-soft)",
  fontSize: 20,
  cursor: "grab",
  touchAction: "none",
} as const;
const HOUR = { minWidth: 52, fontVariantNumeric: "tabular-nums", fontWeight: 600 } as const;
const SOFT = { color: "var(--chakra-colors-soft)", fontSize: 14 } as const;
const DECIDE = { color: "var(--chakra-colors-watch)", fontWeight: 600, fontSize: 15, paddingTop: 6 } as const;

const Row = memo(function Row({
  id,
  hour,
  title,
  decide,
  wait,
}: {
  id: string;
  hour: string;
  title: string;
  decide: string | undefined;
  wait: string;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  return (
    <div
      ref={setNodeRef}
      data-day-step={id}
      style={{
        transform: CSS.Translate.toString(transform),
        transition,
        position: "relative",
        zIndex: isDragging ? 2 : undefined,
      }}
    >
      {decide && <div style={DECIDE}>◆ Decide here. {decide}</div>}
      <div style={isDragging ? { ...LINE, background: "var(--chakra-colors-raised)" } : LINE}>
        <button type="button" {...attributes} {...listeners} aria-label={`Move ${title}`} style={GRIP}>
          ≡
        </button>
        <span style={HOUR}>{hour}</span>
        <span>
          {title} {wait && <span style={SOFT}>{wait}</span>}
        </span>
      </div>
    </div>
  );
});
