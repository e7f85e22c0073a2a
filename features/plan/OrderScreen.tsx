"use client";

import { Box, chakra } from "@chakra-ui/react";
import { DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, closestCenter, useSensor, useSensors } from "@dnd-kit/core";
import { SortableContext, arrayMove, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import Link from "next/link";
import { memo, useState } from "react";
import type { Job, Route, Step } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { brokenBy, sortSteps } from "@/core/plan/order";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { phaseTitle } from "./StepsByPhase";
import { useChangeRoute } from "./use-plan";

const Grip = chakra("button", {
  base: { minHeight: "44px", minWidth: "44px", border: "none", background: "transparent", color: "soft", fontSize: "20px", cursor: "grab", touchAction: "none" },
});

/** The steps to be put in another order by dragging, or with the keyboard; an order that breaks a dependency is refused and says which. */
export function OrderScreen({ job }: { job: Job }) {
  const route = chosenRoute(job);
  const changeRoute = useChangeRoute(job.id);
  const [refused, setRefused] = useState<string>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }));
  const sorted = sortSteps(route.steps);
  const broken = brokenBy(route.steps);

  const drop = ({ active, over }: DragEndEvent) => {
    const from = route.steps.findIndex(({ id }) => id === active.id);
    const to = route.steps.findIndex(({ id }) => id === over?.id);
    if (from < 0 || to < 0 || from === to) return;
    const moved = withPhase(arrayMove(route.steps, from, to), to, to > from);
    const breaks = brokenBy(moved);
    // A plan that was broken before may be mended a step at a time.
    if (breaks && !broken) {
      setRefused(`“${breaks.step.title}” has to come after “${breaks.needs.title}”. The order stays as it was.`);
      return;
    }
    setRefused(undefined);
    void changeRoute((now) => ({ ...now, steps: reorder(now, moved) }), `Moved: ${route.steps[from]?.title ?? "step"}.`);
  };

  return (
    <Sheet maxWidth="760px" marginInline="auto" padding={{ base: "4", lg: "6" }}>
      <Box as="h1" fontSize="30px">
        Order of the steps
      </Box>
      <Box color="soft">Drag a step by its handle, or take the handle with Space and move it with the arrows.</Box>
      <Box role="status" color="stop" fontWeight="600" minHeight="24px" marginBlock="2">
        {refused
          ? `■ ${refused}`
          : broken
            ? `■ “${broken.step.title}” comes before “${broken.needs.title}”, which it needs.`
            : sorted
              ? ""
              : "■ Some steps wait for each other: see the second look."}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap" marginBottom="3">
        {broken && sorted && (
          <Button onClick={() => void changeRoute((now) => ({ ...now, steps: sortSteps(now.steps) ?? now.steps }), "Sorted, as near to how it was as can be.")}>Sort it</Button>
        )}
        <Button asChild>
          <Link href={`/plan?id=${encodeURIComponent(job.id)}`}>Back to the plan</Link>
        </Button>
      </Box>
      <DndContext id="order" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={route.steps} strategy={verticalListSortingStrategy}>
          {route.steps.map((step, i) => (
            <Row key={step.id} step={step} place={i + 1} newPhase={route.steps[i - 1]?.phase !== step.phase} />
          ))}
        </SortableContext>
      </DndContext>
    </Sheet>
  );
}

/** A step takes the phase of where it lands: that of the step it was put behind, or before. */
function withPhase(steps: Step[], at: number, down: boolean): Step[] {
  const neighbour = steps[down ? at - 1 : at + 1];
  return steps.map((step, i) => (i === at && neighbour ? { ...step, phase: neighbour.phase } : step));
}

/** The steps as they stand now in the order that was dropped; one that was added meanwhile stays at the end. */
function reorder(now: Route, moved: readonly Step[]): Step[] {
  const byId = new Map(now.steps.map((step) => [step.id, step]));
  const inOrder = moved.flatMap(({ id, phase }) => {
    const step = byId.get(id);
    return step ? [{ ...step, phase }] : [];
  });
  const known = new Set(moved.map(({ id }) => id));
  return [...inOrder, ...now.steps.filter(({ id }) => !known.has(id))];
}

const Row = memo(function Row({ step, place, newPhase }: { step: Step; place: number; newPhase: boolean }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: step.id });
  return (
    <div ref={setNodeRef} style={{ transform: CSS.Translate.toString(transform), transition, position: "relative", zIndex: isDragging ? 2 : undefined }}>
      {newPhase && (
        <Box color="soft" fontFamily="heading" fontWeight="600" paddingTop="2">
          {phaseTitle(step.phase)}
        </Box>
      )}
      <Box display="flex" alignItems="center" gap="2" background={isDragging ? "raised" : "transparent"} borderBottom="1px solid" borderColor="edge">
        <Grip type="button" {...attributes} {...listeners} aria-label={`Move ${step.title}`}>
          ≡
        </Grip>
        <Box color="soft" minWidth="28px" textAlign="right">
          {place}
        </Box>
        <Box>{step.title}</Box>
      </Box>
    </div>
  );
});
