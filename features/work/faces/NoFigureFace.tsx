"use client";

import { Box } from "@chakra-ui/react";
import { useForm } from "react-hook-form";
import { AT_STAKE } from "@/core/fastener/role";
import { orSentence } from "@/core/input-error";
import { type Fastener, SOURCES } from "@/core/model/job";
import type { Role } from "@/core/model/role";
import { changeFastener } from "@/core/plan/second-look/changes";
import { answerFinding } from "@/core/plan/second-look/second-look";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { TorqueField } from "@/ui/torque/TorqueField";
import { useChangeJob } from "../../shared/use-change-job";
import { useChangeRoute } from "../../shared/use-change-route";
import { today } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

interface Fields {
  torque: string;
  source: string;
  because: string;
}

/** What holds a life and has no figure is not tightened by guess: the figure is written down here, or why it goes on without one. */
export function NoFigureFace({ job, fastener, role, bar }: FaceProps & { fastener: Fastener; role: Role }) {
  const changeRoute = useChangeRoute(job.id);
  const changeJob = useChangeJob(job.id);
  const { register, watch, handleSubmit, setError, formState } = useForm<Fields>({ defaultValues: { torque: "", source: "", because: "" } });
  const keep = handleSubmit(async ({ torque, source }) => {
    const figure = orSentence<ReturnType<typeof readTorqueFigure> | string>(
      () => readTorqueFigure(torque),
      (sentence) => sentence,
    );
    if (typeof figure === "string") return setError("torque", { message: figure }, { shouldFocus: true });
    const from = SOURCES.find((one) => one === source);
    if (!from) return setError("source", { message: "Say where it is from: a figure that nobody can look up again is a rumour." }, { shouldFocus: true });
    await changeRoute((route) => changeFastener(route, fastener.id, (one) => ({ ...one, figure, source: from })), `${fastener.name}: figure written down.`);
  });
  const goOn = handleSubmit(async ({ because }) => {
    if (because.trim() === "") return setError("because", { message: "Say why, in a few words; it stays with the job." }, { shouldFocus: true });
    await changeJob((now) => answerFinding(now, { rule: { id: "no-figure" }, about: fastener.id }, because, today()), "Your reason is kept.");
  });
  return (
    <>
      <Box role="alert" color="stop" fontWeight="600" fontSize="20px">
        ■ No figure is written down, and {fastener.count === 1 ? "it holds" : "they hold"} {AT_STAKE[role]}.
      </Box>
      <Box as="form" onSubmit={(event) => void keep(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "2fr 1fr auto" }} gap="3" alignItems="start">
        <TorqueField label="Look it up, and write it here" typed={watch("torque")} error={formState.errors.torque?.message} {...register("torque")} />
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
