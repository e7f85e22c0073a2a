"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { z } from "zod";
import { ifTyped, line, textIfTyped, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import type { Fastener, Route } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { type GetsOn, foundHead, reachedWith, reallyIs, takenAside } from "@/core/plan/not-as-planned";
import { minutesText, readMinutes } from "@/core/plan/step-minutes";
import { withTwins } from "@/core/plan/twins";
import { mmWithin } from "@/core/quantity/number-within";
import { readHeadSize } from "@/core/quantity/read-head-size";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { formatFigure } from "@/core/quantity/torque-words";
import { skipStep } from "@/core/work/progress";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { useChangeRoute } from "../../shared/use-change-route";
import { planHref } from "../../shell/addresses";
import { thisMoment } from "../../shell/clock";
import type { FaceProps } from "../faces/face";

const WAYS = ["wrench", "in the way", "head", "otherwise", "skip"] as const;
export type Way = (typeof WAYS)[number];

export const WAY_SAYS: Record<Way, string> = {
  wrench: "The wrench does not get on",
  "in the way": "Something is in the way",
  head: "The head is another size",
  otherwise: "The step goes otherwise",
  skip: "Leave this step out",
};

type NotAsPlannedProps = FaceProps & {
  /** What was chosen, whose form is open. */
  way: Way | undefined;
  onWay: (way: Way) => void;
  onClose: () => void;
};

/** What is not as the plan says and no trouble: put right here, in the plan too, and on the other side. */
export function NotAsPlanned(props: NotAsPlannedProps) {
  const { job, fastener, way, onWay } = props;
  const hasHead = fastener !== undefined;
  const ways = WAYS.filter((one) => hasHead || (one !== "wrench" && one !== "head"));
  if (way === "wrench" && fastener) return <WrenchForm {...props} fastener={fastener} />;
  if (way === "head" && fastener) return <HeadForm {...props} fastener={fastener} />;
  if (way === "in the way") return <InTheWayForm {...props} />;
  if (way === "otherwise") return <OtherwiseForm {...props} />;
  if (way === "skip") return <SkipForm {...props} />;
  return (
    <Box display={{ base: "grid", md: "flex" }} gridTemplateColumns="1fr 1fr" gap="3" flexWrap="wrap">
      {ways.map((one) => (
        <Button
          key={one}
          size="work"
          fontSize="18px"
          lineHeight="1.2"
          paddingInline="4"
          onClick={() => onWay(one)}
        >
          {WAY_SAYS[one]}
        </Button>
      ))}
      <Button asChild size="work" fontSize="18px" paddingInline="4">
        <Link href={planHref(job.id)}>Open the plan</Link>
      </Button>
    </Box>
  );
}

/** Changes the plan as it stands, on the other side too where that is still to come. */
function usePutRight({ job, onClose }: NotAsPlannedProps) {
  const changeRoute = useChangeRoute(job.id);
  return async (change: (route: Route) => Route, says: string) => {
    const twins = withTwins(chosenRoute(job), change(chosenRoute(job))) !== change(chosenRoute(job));
    const kept = await changeRoute(
      (now) => withTwins(now, change(now)),
      `${says}${twins ? ", on the other side too" : ""}.`,
    );
    if (kept) onClose();
    return kept;
  };
}

const ACCESS = ["crowfoot only", "spanner only", "by feel"] as const;

function WrenchForm(props: NotAsPlannedProps & { fastener: Fastener }) {
  const { job, fastener, onClose } = props;
  const putRight = usePutRight(props);
  const form = useDraftForm(
    `gets on ${job.id} ${fastener.id}`,
    { access: "crowfoot only" as (typeof ACCESS)[number], offset: "", angle: "90" },
    (fields) =>
      z
        .object({
          access: z.enum(ACCESS),
          offset: typed((text) =>
            fields.access === "crowfoot only" ? mmWithin("From the square to the bolt", 0, 1000)(text) : 0,
          ),
          angle: typed((text) => (fields.access === "crowfoot only" ? degrees(text) : 0)),
        })
        .transform(({ access, offset, angle }): GetsOn =>
          access === "crowfoot only" ? { access, offsetMm: offset, angleDeg: angle } : { access },
        ),
  );
  const keep = form.handleSubmit(async (on) => {
    if (await putRight((route) => reachedWith(route, fastener.id, on), `${fastener.name}: ${on.access}`))
      form.forget();
  });
  return (
    <FormBox onSubmit={(event) => void keep(event)} gap="4" maxWidth="640px">
      <SelectField
        label="What gets on"
        choices={[
          { value: "crowfoot only", label: "a crowfoot on the wrench" },
          { value: "spanner only", label: "only a spanner" },
          { value: "by feel", label: "only fingers or a stubby tool, by feel" },
        ]}
        {...form.field("access")}
      />
      {form.watch("access") === "crowfoot only" && (
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
          <TextField label="From the square to the bolt" numeric unit="mm" {...form.field("offset")} />
          <TextField
            label="Angle to the handle"
            numeric
            unit="°"
            hint="90 square to it, 0 straight on"
            {...form.field("angle")}
          />
        </Box>
      )}
      <Both onClose={onClose} says="That gets on" />
    </FormBox>
  );
}

function degrees(text: string): number {
  const value = Number(text.trim().replace(",", ".").replace(/°$/, ""));
  if (!(value >= 0 && value <= 180) || text.trim() === "")
    throw new InputError("The angle is between 0 (in line) and 180 (folded back).");
  return value;
}

function HeadForm(props: NotAsPlannedProps & { fastener: Fastener }) {
  const { job, step, fastener, onClose } = props;
  const putRight = usePutRight(props);
  const form = useDraftForm(`head ${job.id} ${fastener.id}`, { size: "" }, () =>
    z.object({ size: typed((text) => readHeadSize(text)) }),
  );
  const keep = form.handleSubmit(async ({ size }) => {
    if (
      await putRight(
        (route) => foundHead(route, fastener.id, step, size),
        `${fastener.name}: its head is written down`,
      )
    )
      form.forget();
  });
  return (
    <FormBox onSubmit={(event) => void keep(event)} gap="4" maxWidth="480px">
      <TextField label="What fits it" placeholder="15, T45, 9/16 in" autoFocus {...form.field("size")} />
      <Both onClose={onClose} says="That fits" />
    </FormBox>
  );
}

function InTheWayForm(props: NotAsPlannedProps) {
  const { job, step, move, onClose } = props;
  const putRight = usePutRight(props);
  const form = useDraftForm(`in the way ${job.id} ${step.id}`, { what: "" }, () =>
    z.object({ what: line("Say what is in the way: heat shield.") }),
  );
  const keep = form.handleSubmit(async ({ what }) => {
    const [off, back] = [newId(), newId()];
    const kept = await putRight(
      (route) => takenAside(route, step, what, [off, back]),
      `${what} comes aside first, and goes back`,
    );
    if (!kept) return;
    form.forget();
    await move((now) => ({ ...now, openStepId: off }));
  });
  return (
    <FormBox onSubmit={(event) => void keep(event)} gap="4" maxWidth="480px">
      <TextField label="What is in the way" placeholder="heat shield" autoFocus {...form.field("what")} />
      <Both onClose={onClose} says="Take it aside first" />
    </FormBox>
  );
}

function OtherwiseForm(props: NotAsPlannedProps) {
  const { job, step, fastener, onClose } = props;
  const putRight = usePutRight(props);
  const was = fastener?.figure ? formatFigure(fastener.figure) : "";
  const form = useDraftForm(
    `otherwise ${job.id} ${step.id}`,
    {
      title: step.title,
      detail: step.detail ?? "",
      minutes: step.minutes ? minutesText(step.minutes) : "",
      figure: was,
    },
    () =>
      z.object({
        title: line("Say what is done: drain plug out."),
        detail: textIfTyped,
        minutes: ifTyped(readMinutes),
        figure: ifTyped((text) => (text.trim() === was ? undefined : readTorqueFigure(text))),
      }),
  );
  const keep = form.handleSubmit(async ({ title, detail, minutes, figure }) => {
    const kept = await putRight(
      (route) => reallyIs(route, step, { title, detail, minutes, figure }),
      `${title}: put right`,
    );
    if (kept) form.forget();
  });
  return (
    <FormBox onSubmit={(event) => void keep(event)} gap="4" maxWidth="640px">
      <TextField label="What is done" autoFocus {...form.field("title")} />
      <TextField label="In your words" {...form.field("detail")} />
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
        <TextField label="Takes" unit="min" {...form.field("minutes")} />
        {fastener && <TextField label="Torque" hint="35 ft lbs, or snug" {...form.field("figure")} />}
      </Box>
      <Both onClose={onClose} says="So it goes" />
    </FormBox>
  );
}

function SkipForm({ route, step, job, move, onClose }: NotAsPlannedProps) {
  const form = useDraftForm(`skip ${job.id} ${step.id}`, { because: "" }, () =>
    z.object({ because: line("Say why it is left out; the log keeps it.") }),
  );
  const keep = form.handleSubmit(async ({ because }) => {
    if (await move((now) => skipStep(now, route, step.id, because, thisMoment()))) {
      form.forget();
      onClose();
    }
  });
  return (
    <FormBox onSubmit={(event) => void keep(event)} gap="4" maxWidth="480px">
      <TextField
        label="It is left out, because"
        placeholder="not there on this one"
        autoFocus
        {...form.field("because")}
      />
      <Both onClose={onClose} says="Leave it out" />
    </FormBox>
  );
}

function Both({ says, onClose }: { says: string; onClose: () => void }) {
  return (
    <Box display="flex" gap="3" flexWrap="wrap">
      <Button type="submit" size="work" look="primary">
        {says}
      </Button>
      <Button size="work" onClick={onClose}>
        As it was
      </Button>
    </Box>
  );
}
