"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { capital } from "@/core/capital";
import type { Measure, Step } from "@/core/model/job";
import { twinOf } from "@/core/plan/sides";
import { judgeAgainst } from "@/core/quantity/limits";
import { readNumber } from "@/core/quantity/read-number";
import { sideOf } from "@/core/side";
import { withEvent } from "@/core/work/event";
import { measuredIn, sidesCompared } from "@/core/work/measured";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";
import { TypedNumber } from "./TypedNumber";

const VERDICT = {
  within: ["good", "●"],
  "at the limit": ["watch", "▲"],
  beyond: ["stop", "■"],
  "no limit": ["watch", "▲"],
} as const;

/** Something measured against its limit, at each of its places, left against right. */
export function MeasureFace({ route, work, step, isDone, move, finish, bar }: FaceProps) {
  const measure = step.measure;
  if (!measure) return null;
  const values = measuredIn(work, step.id);
  const places = measure.places ?? [""];
  const open = places.find((place) => !values.has(place));
  const twin = twinOf(route, step);
  const twinValue = twin && measuredIn(work, twin.id).get("");
  const own = values.get("");
  const mine = sideOf(step.title);
  const [left, right] = bothSides(twin, mine, own, twinValue, values);
  const compared = sidesCompared(left, right, measure.unit);
  const keep = (place: string, value: number) =>
    void move((now) =>
      withEvent(now, {
        ...thisMoment(),
        type: "measured",
        stepId: step.id,
        value,
        ...(place === "" ? {} : { place }),
      }),
    );
  return (
    <>
      <Box fontSize="18px" fontWeight="600" fontFamily="heading">
        Measure the {measure.what}
        {measure.least !== undefined && `, at least ${measure.least} ${measure.unit}`}
        {measure.most !== undefined && `, at most ${measure.most} ${measure.unit}`}
      </Box>
      <Box display="grid" gap="4">
        {places.map((place) => (
          <Place
            key={place}
            place={place}
            measure={measure}
            value={values.get(place)}
            onKeep={(value) => keep(place, value)}
            first={place === open}
          />
        ))}
      </Box>
      {compared && (
        <Box fontSize="20px" fontWeight="600">
          {compared}
        </Box>
      )}
      <ActionBar
        bar={bar}
        says={isDone || open === undefined ? "Next step" : "Keep it"}
        instead="Measure it first"
        onPrimary={isDone || open === undefined ? () => finish() : undefined}
        others={
          open !== undefined && !isDone ? (
            <Button size="work" flex={{ base: "1", lg: "none" }} onClick={() => finish()}>
              Skip it
            </Button>
          ) : undefined
        }
      />
    </>
  );
}

function bothSides(
  twin: Step | undefined,
  mine: string | undefined,
  own: number | undefined,
  twinValue: number | undefined,
  values: Map<string, number>,
): [number | undefined, number | undefined] {
  if (twin) {
    if (mine === "left") return [own, twinValue];
    return [twinValue, own];
  }
  return [values.get("left"), values.get("right")];
}

function Place({
  place,
  measure,
  value,
  onKeep,
  first,
}: {
  place: string;
  measure: Measure;
  value: number | undefined;
  onKeep: (value: number) => void;
  first: boolean;
}) {
  const [again, setAgain] = useState(false);
  const verdict = value === undefined ? undefined : judgeAgainst(measure, value);
  const [colour, shape] = VERDICT[verdict?.kind ?? "within"];
  const keep = (typed: string) => {
    onKeep(readNumber(typed, "The measure").value);
    setAgain(false);
  };
  return (
    <Box
      display="flex"
      gap="4"
      alignItems="center"
      flexWrap="wrap"
      borderTop="1px solid"
      borderColor="edge"
      paddingTop="3"
    >
      {value !== undefined && (
        <Box minWidth="min(240px, 100%)" flex="1">
          {place !== "" && <Box fontSize="17px">{capital(place)}</Box>}
          <BigFigure value={String(value)} unit={measure.unit} size={measure.places ? "bench" : "work"} />
          {verdict && (
            <Box color={colour} fontWeight="600" fontSize="18px" role="status">
              {shape} {verdict.says}
            </Box>
          )}
        </Box>
      )}
      {value !== undefined && !again ? (
        <Button size="work" fontSize="19px" onClick={() => setAgain(true)}>
          Measure again
        </Button>
      ) : (
        <TypedNumber
          label={place === "" ? "It measures" : `Measures, ${place}`}
          unit={measure.unit}
          autoFocus={first || again}
          onKeep={keep}
        />
      )}
    </Box>
  );
}
