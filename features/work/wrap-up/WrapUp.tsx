"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { type ReadingQuestion, latestReading, questionReading } from "@/core/log/mileage/odometer";
import type { Job, Route } from "@/core/model/job";
import type { Draft } from "@/core/model/record";
import type { Reading, Vehicle } from "@/core/model/vehicle";
import type { Work } from "@/core/model/work";
import { beforeYouDrive, followUpsFrom } from "@/core/plan/after-the-work";
import { withEvent } from "@/core/work/event";
import { checksToDo } from "@/core/work/wrap-up";
import { useCollection } from "@/data/hooks";
import { stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { ReadingQuestionView } from "../../shared/odometer/ReadingQuestionView";
import { WrapUpReport } from "../../shared/WrapUpReport";
import { thisMoment, today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import type { Move } from "../use-work";
import { wrapUpFields, wrapUpForm } from "./wrap-up-fields";
import { recordsOf } from "./wrap-up-records";
import { WrapUpChecks } from "./WrapUpChecks";
import { WrapUpLines } from "./WrapUpLines";
import { WrapUpNotes } from "./WrapUpNotes";

interface WrapUpProps {
  job: Job;
  vehicle: Vehicle;
  route: Route;
  work: Work;
  move: Move;
  onBack: () => void;
}

/**
 * Every step is done: the checks before driving, what was replaced, at what reading, and what it brings with
 * it. Writes the log.
 */
export function WrapUp(props: WrapUpProps) {
  const readings = useCollection("readings");
  return readings ? <WrapUpSheet {...props} readings={readings} /> : <Loading />;
}

function WrapUpSheet({
  job,
  vehicle,
  route,
  work,
  move,
  onBack,
  readings,
}: WrapUpProps & { readings: Reading[] }) {
  const perform = useDo();
  const latest = latestReading(readings, vehicle.id);
  const [question, setQuestion] = useState<ReadingQuestion>();
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const atLatest = { value: latest?.distance.value ?? 0, unit: vehicle.distanceUnit };
  const proposals = followUpsFrom(job, route, atLatest, today(), work);
  const money = useMoney();
  const form = useDraftForm(`wrap-up ${job.id}`, wrapUpFields(route, latest, proposals, today()), () =>
    wrapUpForm({
      route,
      dropped,
      unit: vehicle.distanceUnit,
      today: today(),
      followUps: (odometer, on) => followUpsFrom(job, route, odometer, on, work),
      money,
    }),
  );
  const toggle = (key: string) =>
    setDropped((was) =>
      was.has(key) ? new Set([...was].filter((one) => one !== key)) : new Set([...was, key]),
    );
  const toCheck = checksToDo(work, beforeYouDrive(route, work));

  const save = (newOdometer: boolean) =>
    form.handleSubmit(async (said) => {
      const { odometer, on } = said;
      const asked = newOdometer ? undefined : questionReading(readings, vehicle.id, odometer, on);
      setQuestion(asked);
      if (asked) return;
      const isNew = latest?.distance.value !== odometer.value || latest.distance.unit !== odometer.unit;
      const reading: Draft<Reading> = {
        vehicleId: vehicle.id,
        distance: odometer,
        on,
        ...(newOdometer ? { newOdometer: true } : {}),
      };
      // What stands typed and was not added goes into the log all the same.
      const typed = (["lesson", "noticed"] as const).flatMap((as) => {
        const text = (form.getValues(as) ?? "").trim().slice(0, 200);
        return text === "" ? [] : [{ ...thisMoment(), type: "noted" as const, as, text }];
      });
      const put = {
        ...recordsOf({ job, route, work: typed.reduce(withEvent, work) }, said),
        readings: isNew ? [{ ...stamp(job.origin), ...reading }] : [],
      };
      const saved = await perform({ put }, `${job.title} is in the log.`);
      if (saved) form.forget();
    });

  return (
    <Sheet flex="1" padding={{ base: "4", lg: "7" }}>
      <Box as="h1" fontSize="36px">
        Wrap up
      </Box>
      {toCheck.length > 0 ? (
        <WrapUpChecks checks={beforeYouDrive(route, work)} toDo={toCheck} move={move} onBack={onBack} />
      ) : (
        <FormBox onSubmit={(event) => void save(false)(event)} gap="5">
          <Box color="soft">
            Every step is done and checked. What was replaced goes into the log of the {vehicle.name}.
          </Box>
          <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="4" maxWidth="520px">
            <TextField
              label="Odometer reads"
              numeric
              unit={vehicle.distanceUnit}
              {...form.field("odometer")}
              style={{ minHeight: 56 }}
            />
            <TextField label="On" type="date" {...form.field("on")} style={{ minHeight: 56 }} />
          </Box>
          <WrapUpLines
            form={form}
            route={route}
            proposals={proposals}
            unit={vehicle.distanceUnit}
            dropped={dropped}
            onToggle={toggle}
          />
          <WrapUpReport route={route} work={work} unit={vehicle.torqueUnit} />
          <WrapUpNotes
            typed={{ lesson: form.watch("lesson") ?? "", noticed: form.watch("noticed") ?? "" }}
            field={form.field}
            onAdded={(name) => form.setValue(name, "")}
            move={move}
          />
          {question ? (
            <ReadingQuestionView
              question={question}
              onNewOdometer={() => void save(true)()}
              onCorrect={() => {
                setQuestion(undefined);
                form.setFocus("odometer");
              }}
            />
          ) : (
            <Box display="flex" gap="3" flexWrap="wrap">
              <Button type="submit" look="primary" size="work">
                Write it to the log
              </Button>
              <Button size="work" onClick={onBack}>
                Take back
              </Button>
            </Box>
          )}
        </FormBox>
      )}
    </Sheet>
  );
}
