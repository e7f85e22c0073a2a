"use client";

import { Box } from "@chakra-ui/react";
import { useWatch } from "react-hook-form";
import type { TorqueWrench } from "@/core/model/tool";
import { TORQUE_UNITS, torqueSymbol } from "@/core/quantity/torque-unit";
import { useCollection } from "@/data/hooks";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { BENCH_START, workBench } from "./bench-state";
import { BenchAnswerView } from "./BenchAnswerView";
import { BenchWorking } from "./BenchWorking";

/** One figure in every unit, and on one wrench with one adapter. */
export function AdapterBench() {
  const form = useDraftForm("bench adapter", BENCH_START);
  const fields = { ...BENCH_START, ...useWatch({ control: form.control }) };
  const wrenches = (useCollection("tools") ?? []).filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
  const owned = wrenches.find(({ id }) => id === fields.wrench);
  const answer = workBench(fields, owned);

  return (
    <Box display="flex" flexDirection="column" gap="3">
      <BenchAnswerView answer={answer} />
      <TextField label="Torque at the bolt" error={answer.errors.torque} placeholder="35 ft lbs" {...form.register("torque")} />
      <SelectField
        label="Wrench"
        choices={[
          { value: "", label: "Another wrench" },
          ...wrenches.map(({ id, name, unit, gripLengthMm }) => ({ value: id, label: `${name}, ${torqueSymbol(unit)}, ${gripLengthMm} mm` })),
        ]}
        {...form.register("wrench")}
        value={owned ? fields.wrench : ""}
      />
      {!owned && (
        <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="2">
          <TextField label="Drive to grip" unit="mm" numeric error={answer.errors.grip} {...form.register("grip")} />
          <SelectField label="Its scale" choices={TORQUE_UNITS.map((unit) => ({ value: unit, label: torqueSymbol(unit) }))} {...form.register("unit")} />
          <TextField label="Its step" numeric error={answer.errors.step} {...form.register("step")} />
        </Box>
      )}
      <CheckField label="A crowfoot or other adapter is on" {...form.register("adapterOn")} />
      {fields.adapterOn && (
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="2">
          <TextField label="Drive to bolt" unit="mm" numeric error={answer.errors.offset} {...form.register("offset")} />
          <TextField label="Angle" unit="°" numeric error={answer.errors.angle} hint="0 in line, 90 square" {...form.register("angle")} />
        </Box>
      )}
      {answer.lever && <AdapterDrawing {...answer.lever} />}
      <BenchWorking answer={answer} />
    </Box>
  );
}
