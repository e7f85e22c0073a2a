"use client";

import { Box } from "@chakra-ui/react";
import type { Fastener } from "@/core/model/job";
import { outOfTurn } from "@/core/work/progress";
import { BoltPattern, type BoltPatternProps } from "@/ui/drawing/BoltPattern";

interface BoltsProps {
  fastener: Fastener;
  order: readonly number[];
  ticked: readonly number[];
  next: number | undefined;
  title: string;
  how: string;
  why: string | undefined;
  /** What follows at the same bolt. */
  then: string | undefined;
  onTick: BoltPatternProps["onTick"];
}

/** The bolts as they stand, which of them is next, and how it is done. */
export function Bolts({ fastener, order, ticked, next, title, how, why, then, onTick }: BoltsProps) {
  const late = outOfTurn(order, ticked);
  return (
    <Box display="flex" gap={{ base: "3", lg: "8" }} alignItems="center" flexWrap="wrap">
      <BoltPattern fastener={fastener} order={order} ticked={ticked} next={next} onTick={onTick} />
      <Box flex="1" minWidth={{ base: "120px", lg: "min(200px, 100%)" }}>
        <Box as="h2" fontSize="26px" aria-live="polite" data-testid="bolt-count">
          {title}
        </Box>
        <Box fontSize="17px" color="soft">
          {how}
        </Box>
        {why && (
          <Box fontSize="16px" color="soft">
            {why}
          </Box>
        )}
        {then && (
          <Box fontSize="17px" fontWeight="600">
            {then}
          </Box>
        )}
        {late && <OutOfTurn late={late} order={order} />}
        {fastener.note && <Box fontSize="17px">{fastener.note}</Box>}
      </Box>
    </Box>
  );
}

function OutOfTurn({
  late,
  order,
}: {
  late: NonNullable<ReturnType<typeof outOfTurn>>;
  order: readonly number[];
}) {
  return (
    <Box role="status" color="watch" fontWeight="600" fontSize="17px">
      ▲ {order.indexOf(late.bolt) + 1} came out of turn: {order.indexOf(late.expected) + 1} was next. Go on
      there; go round once more at the end.
    </Box>
  );
}
