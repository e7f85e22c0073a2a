"use client";

import { Box } from "@chakra-ui/react";
import { arrayMove } from "@dnd-kit/sortable";
import { defaultRangeExtractor, useWindowVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { useLayoutEffect, useRef, useState } from "react";
import { capital } from "@/core/capital";
import type { Job, Route, Step } from "@/core/model/job";
import { boundBy, brokenBy, sortSteps } from "@/core/order/order";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { SortList, SortRow } from "@/ui/sort/SortList";
import { useChangeRoute } from "../../shared/use-change-route";
import { planHref } from "../../shell/addresses";

/**
 * The steps to be put in another order by dragging, or with the keyboard; an order that breaks a dependency
 * is refused and says which.
 */
export function OrderScreen({ job }: { job: Job }) {
  const route = chosenRoute(job);
  const changeRoute = useChangeRoute(job.id);
  const [refused, setRefused] = useState<string>();
  const sorted = sortSteps(route.steps);
  const broken = brokenBy(route.steps);

  const list = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<number>();
  const heldId = held === undefined ? undefined : route.steps[held]?.id;
  /** While a step is in hand each other says whether it may pass. */
  const bound = heldId === undefined ? undefined : boundBy(route.steps, heldId);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop((list.current?.getBoundingClientRect().top ?? 0) + scrollY), []);
  // Only the rows in sight are drawn, and the one in hand wherever it was taken from: a plan may have
  // hundreds.
  const rows = useWindowVirtualizer({
    count: route.steps.length,
    estimateSize: (index) => (route.steps[index - 1]?.phase !== route.steps[index]?.phase ? 78 : 46),
    overscan: 2,
    scrollMargin: top,
    getItemKey: (index) => route.steps[index]?.id ?? index,
    rangeExtractor: (range) =>
      [...new Set([...defaultRangeExtractor(range), ...(held === undefined ? [] : [held])])].sort(
        (a, b) => a - b,
      ),
  });

  const ids = route.steps.map(({ id }) => id);
  const drop = (moving: string, over: string) => {
    const [from, to] = [ids.indexOf(moving), ids.indexOf(over)];
    if (from < 0 || to < 0) return;
    const moved = withPhase(arrayMove(route.steps, from, to), to, to > from);
    const breaks = brokenBy(moved);
    // A plan that was broken before may be mended a step at a time.
    if (breaks && !broken) {
      setRefused(
        `“${breaks.step.title}” has to come after “${breaks.needs.title}”. The order stays as it was.`,
      );
      return;
    }
    setRefused(undefined);
    void changeRoute(
      (now) => ({ ...now, steps: reorder(now, moved) }),
      `Moved: ${route.steps[from]?.title ?? "step"}.`,
    );
  };

  return (
    <Sheet maxWidth="760px" marginInline="auto" padding={{ base: "4", lg: "6" }}>
      <Box as="h1" fontSize="30px">
        Order of the steps
      </Box>
      <Box color="soft">
        Drag a step by its handle, or take the handle with Space and move it with the arrows.
      </Box>
      <Box role="status" color="stop" fontWeight="600" minHeight="24px" marginBlock="2">
        {orderWords(refused, broken, sorted)}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap" marginBottom="3">
        {broken && sorted && (
          <Button
            onClick={() =>
              void changeRoute(
                (now) => ({ ...now, steps: sortSteps(now.steps) ?? now.steps }),
                "Sorted, as near to how it was as can be.",
              )
            }
          >
            Sort it
          </Button>
        )}
        <Button asChild>
          <Link href={planHref(job.id)}>Back to the plan</Link>
        </Button>
      </Box>
      <SortList
        name="order"
        ids={ids}
        titleOf={(id) => route.steps.find((step) => step.id === id)?.title ?? ""}
        onDrop={drop}
        onHold={(id) => setHeld(id === undefined ? undefined : ids.indexOf(id))}
      >
        <div ref={list} style={{ position: "relative", height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map(({ index, start }) => {
            const step = route.steps[index];
            if (!step) return null;
            return (
              <div
                key={step.id}
                data-index={index}
                ref={rows.measureElement}
                style={{ position: "absolute", insetInline: 0, top: start - rows.options.scrollMargin }}
              >
                <SortRow
                  id={step.id}
                  title={step.title}
                  lead={String(index + 1)}
                  after={bound && BOUND_SAYS[bound.get(step.id) ?? "free"]}
                  above={route.steps[index - 1]?.phase === step.phase ? undefined : capital(step.phase)}
                />
              </div>
            );
          })}
        </div>
      </SortList>
    </Sheet>
  );
}

/** What the other steps say to the one in hand. */
const BOUND_SAYS = { before: "▲ stays above it", after: "▼ stays below it", free: "" } as const;

function orderWords(
  refused: string | undefined,
  broken: { step: Step; needs: Step } | undefined,
  sorted: readonly Step[] | undefined,
) {
  if (refused) return `■ ${refused}`;
  if (broken) return `■ “${broken.step.title}” comes before “${broken.needs.title}”, which it needs.`;
  if (sorted) return "";
  return "■ Some steps wait for each other: see the second look.";
}

/** A step takes the phase of where it lands: that of the step it was put behind, or before. */
function withPhase(steps: Step[], at: number, down: boolean): Step[] {
  const neighbour = steps[down ? at - 1 : at + 1];
  return steps.map((step, i) => (i === at && neighbour ? { ...step, phase: neighbour.phase } : step));
}

/**
 * The steps as they stand now in the order that was dropped; one that was added meanwhile stays at the end.
 */
function reorder(now: Route, moved: readonly Step[]): Step[] {
  const byId = new Map(now.steps.map((step) => [step.id, step]));
  const inOrder = moved.flatMap(({ id, phase }) => {
    const step = byId.get(id);
    return step ? [{ ...step, phase }] : [];
  });
  const known = new Set(moved.map(({ id }) => id));
  return [...inOrder, ...now.steps.filter(({ id }) => !known.has(id))];
}
