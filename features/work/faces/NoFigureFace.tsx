"use client";

import { Box } from "@chakra-ui/react";
import { z } from "zod";
import { AT_STAKE, lacksFigure } from "@/core/fastener/role";
import { line, oneOf, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import { type Fastener, type Route, SOURCES } from "@/core/model/job";
import type { Role } from "@/core/model/role";
import { answerFinding } from "@/core/plan/second-look/answers";
import { changeFastener } from "@/core/plan/second-look/changes";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { TorqueField } from "@/ui/torque/TorqueField";
import { useChangeJob } from "../../shared/use-change-job";
import { useChangeRoute } from "../../shared/use-change-route";
import { today } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

const reasonForm = z.object({ because: line("Say why, in a few words; it stays with the job.") });

/** A figure with its source; “good and tight” is none for what holds a life. */
function figureForm(route: Route, fastener: Fastener, role: Role) {
  return z
    .object({
      torque: typed((text) => {
        const figure = readTorqueFigure(text);
        if (lacksFigure(route, { ...fastener, figure }))
          throw new InputError(
            `“Good and tight” is no figure for what holds ${AT_STAKE[role]}: look one up, or write below why you go on without.`,
          );
        return figure;
      }),
      source: oneOf(SOURCES, "Say where it is from: a figure that nobody can look up again is a rumour."),
    })
    .transform(({ torque: figure, source }) => ({ figure, source }));
}

/**
 * What holds a life and has no figure is not tightened by guess: the figure is written down here, or why it
 * goes on without one.
 */
export function NoFigureFace({
  job,
  route,
  fastener,
  role,
  bar,
}: FaceProps & { fastener: Fastener; role: Role }) {
  const changeRoute = useChangeRoute(job.id);
  const changeJob = useChangeJob(job.id);
  const form = useDraftForm(`no figure ${job.id} ${fastener.id}`, { torque: "", source: "" }, () =>
    figureForm(route, fastener, role),
  );
  const reason = useDraftForm(
    `no figure, because ${job.id} ${fastener.id}`,
    { because: "" },
    () => reasonForm,
  );
  const keep = form.handleSubmit(async (said) => {
    const kept = await changeRoute(
      (now) => changeFastener(now, fastener.id, (one) => ({ ...one, ...said })),
      `${fastener.name}: figure written down.`,
    );
    if (kept) form.forget();
  });
  const goOn = reason.handleSubmit(async ({ because }) => {
    const kept = await changeJob(
      (now) => answerFinding(now, { rule: { id: "no-figure" }, about: fastener.id }, because, today()),
      "Your reason is kept.",
    );
    if (kept) reason.forget();
  });
  return (
    <>
      <Box fontSize="17px" color="soft" marginTop={{ base: "-1", lg: "-3" }}>
        {fastener.count} × {fastener.name}
      </Box>
      <Box role="alert" color="stop" fontWeight="600" fontSize="20px">
        ■ No figure is written down, and {fastener.count === 1 ? "it holds" : "they hold"} {AT_STAKE[role]}.
      </Box>
      <FormBox
        onSubmit={(event) => void keep(event)}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "2fr 1fr auto" }}
        alignItems="start"
      >
        <TorqueField
          label="Look it up, and write it here"
          placeholder="35 ft lbs, 50 Nm + 90°"
          typed={form.watch("torque")}
          {...form.field("torque")}
        />
        <SelectField
          label="It is from"
          choices={[{ value: "", label: "choose" }, ...SOURCES]}
          {...form.field("source")}
        />
        <Box paddingTop={{ base: "0", md: "20px" }}>
          <Button type="submit" size="work" look="primary">
            Keep
          </Button>
        </Box>
      </FormBox>
      <FormBox
        onSubmit={(event) => void goOn(event)}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "3fr auto" }}
        alignItems="start"
      >
        <TextField
          label="Or go on without one, because"
          placeholder="done up by counted turns, as it was"
          {...reason.field("because")}
        />
        <Box paddingTop={{ base: "0", md: "20px" }}>
          <Button type="submit" size="work">
            Go on without
          </Button>
        </Box>
      </FormBox>
      <ActionBar
        bar={{ ...bar, watchFor: undefined }}
        says="Tight"
        onPrimary={undefined}
        instead="First the figure, or why not"
      />
    </>
  );
}
