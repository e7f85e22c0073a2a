"use client";

import { Box } from "@chakra-ui/react";
import { AT_STAKE, lacksFigure } from "@/core/fastener/role";
import { orSentence } from "@/core/input-error";
import { type Fastener, SOURCES } from "@/core/model/job";
import type { Role } from "@/core/model/role";
import { changeFastener } from "@/core/plan/second-look/changes";
import { answerFinding } from "@/core/plan/second-look/second-look";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { TorqueField } from "@/ui/torque/TorqueField";
import { useChangeJob } from "../../shared/use-change-job";
import { useChangeRoute } from "../../shared/use-change-route";
import { today } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

type Fields = {
  torque: string;
  source: string;
  because: string;
};

/** What holds a life and has no figure is not tightened by guess: the figure is written down here, or why it goes on without one. */
export function NoFigureFace({ job, route, fastener, role, bar }: FaceProps & { fastener: Fastener; role: Role }) {
  const changeRoute = useChangeRoute(job.id);
  const changeJob = useChangeJob(job.id);
  const form = useDraftForm<Fields>(`no figure ${job.id} ${fastener.id}`, { torque: "", source: "", because: "" });
  const { register, watch, handleSubmit, showErrors, formState } = form;
  const keep = handleSubmit(async ({ torque, source }) => {
    const figure = orSentence<ReturnType<typeof readTorqueFigure> | string>(
      () => readTorqueFigure(torque),
      (sentence) => sentence,
    );
    if (typeof figure === "string") return showErrors({ torque: figure });
    if (lacksFigure(route, { ...fastener, figure }))
      return showErrors({ torque: `“Good and tight” is no figure for what holds ${AT_STAKE[role]}: look one up, or write below why you go on without.` });
    const from = SOURCES.find((one) => one === source);
    if (!from) return showErrors({ source: "Say where it is from: a figure that nobody can look up again is a rumour." });
    const kept = await changeRoute((now) => changeFastener(now, fastener.id, (one) => ({ ...one, figure, source: from })), `${fastener.name}: figure written down.`);
    if (kept) form.forget();
  });
  const goOn = handleSubmit(async ({ because }) => {
    if (because.trim() === "") return showErrors({ because: "Say why, in a few words; it stays with the job." });
    const kept = await changeJob((now) => answerFinding(now, { rule: { id: "no-figure" }, about: fastener.id }, because, today()), "Your reason is kept.");
    if (kept) form.forget();
  });
  return (
    <>
      <Box fontSize="17px" color="soft" marginTop="-3">
        {fastener.count} × {fastener.name}
      </Box>
      <Box role="alert" color="stop" fontWeight="600" fontSize="20px">
        ■ No figure is written down, and {fastener.count === 1 ? "it holds" : "they hold"} {AT_STAKE[role]}.
      </Box>
      <Box as="form" onSubmit={(event) => void keep(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "2fr 1fr auto" }} gap="3" alignItems="start">
        <TorqueField
          label="Look it up, and write it here"
          placeholder="35 ft lbs, 50 Nm + 90°"
          typed={watch("torque")}
          error={formState.errors.torque?.message}
          {...register("torque")}
        />
        <SelectField label="It is from" choices={[{ value: "", label: "choose" }, ...SOURCES]} error={formState.errors.source?.message} {...register("source")} />
        <Box paddingTop={{ base: "0", md: "20px" }}>
          <Button type="submit" size="work" look="primary">
            Keep
          </Button>
        </Box>
      </Box>
      <Box as="form" onSubmit={(event) => void goOn(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "3fr auto" }} gap="3" alignItems="start">
        <TextField label="Or go on without one, because" placeholder="done up by counted turns, as it was" error={formState.errors.because?.message} {...register("because")} />
        <Box paddingTop={{ base: "0", md: "20px" }}>
          <Button type="submit" size="work">
            Go on without
          </Button>
        </Box>
      </Box>
      <ActionBar bar={{ ...bar, watchFor: undefined }} says="Tight" onPrimary={undefined} instead="First the figure, or why not" />
    </>
  );
}
