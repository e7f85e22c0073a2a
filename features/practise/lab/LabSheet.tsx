"use client";

import { Box, chakra } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { type ReactNode, useMemo, useState } from "react";
import { TECHNIQUES } from "@/core/joint/scatter";
import type { LabSum, LabTold } from "@/core/practise/lab";
import { shown } from "@/core/quantity/shown";
import { THREAD_CONDITIONS } from "@/core/thread/nut-factor";
import { STRENGTH_CLASSES } from "@/core/thread/strength";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { LAB_STARTS, type LabFields, bandOf, readLab } from "./lab-fields";
import { useLab } from "./use-lab";

const BarChart = dynamic(() => import("@/ui/chart/BarChart"), { ssr: false, loading: () => <Loading /> });

const kN = (force: number) => (force / 1000).toFixed(1);
const signed = (share: number) => `${share < 0 ? "−" : "+"}${Math.abs(share * 100).toFixed(0)} %`;
const off = ({ shares }: LabSum) => `${signed(shares[0])} to ${signed(shares[1])}`;

/** A thousand bolts at once: what the same torque leaves in them, and what would narrow it. */
export function LabSheet() {
  const [fields, setFields] = useState<LabFields>(LAB_STARTS);
  const [seed, setSeed] = useState(1);
  const { ask, errors } = useMemo(() => readLab(fields, seed), [fields, seed]);
  const { answer, isStale } = useLab(ask);
  const put = (field: keyof LabFields) => (event: { target: { value: string } }) =>
    setFields({ ...fields, [field]: event.target.value });
  return (
    <Sheet flex="1" padding={{ base: "4", lg: "6" }} display="grid" gap="4" alignContent="start">
      <Box>
        <Box as="h1" fontSize="30px">
          A thousand bolts at once
        </Box>
        <Box color="soft">
          The same torque leaves another force in each: here is how far apart, and what narrows it.
        </Box>
      </Box>
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(min(100%, 150px), 1fr))"
        gap="3"
        alignItems="start"
      >
        <TextField label="Thread" value={fields.thread} error={errors.thread} onChange={put("thread")} />
        <SelectField
          label="Strength"
          choices={STRENGTH_CLASSES}
          value={fields.strength}
          onChange={put("strength")}
        />
        <SelectField
          label="Threads are"
          choices={THREAD_CONDITIONS}
          value={fields.condition}
          onChange={put("condition")}
        />
        <TextField
          label="Nut factor, if known"
          value={fields.nutFactor}
          error={errors.nutFactor}
          placeholder={bandOf(fields.condition)}
          onChange={put("nutFactor")}
        />
        <TextField label="Torque" value={fields.torque} error={errors.torque} onChange={put("torque")} />
        <TextField
          label="Wrench within"
          numeric
          unit="%"
          value={fields.accuracy}
          error={errors.accuracy}
          onChange={put("accuracy")}
        />
        <SelectField
          label="Made tight"
          choices={TECHNIQUES}
          value={fields.technique}
          onChange={put("technique")}
        />
        <Button alignSelf="end" onClick={() => setSeed(seed + 1)}>
          Another thousand
        </Button>
      </Box>
      {answer?.kind === "refused" && (
        <Box role="alert" color="stop" fontWeight="600">
          ■ {answer.says}
        </Box>
      )}
      {answer?.kind === "told" && (
        <Box opacity={isStale || !ask ? 0.5 : 1} aria-busy={isStale} display="grid" gap="4">
          <Told told={answer.told} technique={fields.technique} />
        </Box>
      )}
      {!answer && <Loading />}
    </Sheet>
  );
}

function Told({
  told: { sum, steps, byTechnique, byCondition, passes },
  technique,
}: {
  told: LabTold;
  technique: string;
}) {
  const said = `95 of 100 clamp with ${kN(sum.most[0])} to ${kN(sum.most[1])} kN, ${off(sum)} of ${kN(sum.meanN)} kN`;
  return (
    <>
      <Box>
        <BigFigure value={`${kN(sum.most[0])} to ${kN(sum.most[1])}`} unit="kN" size="bench" />
        <Box data-testid="lab-said">
          {said}.{" "}
          {sum.pastProof === 0
            ? "None is past its proof load"
            : `▲ ${sum.pastProof} of 1000 are past their proof load`}
          , {kN(sum.proofN)} kN.
        </Box>
      </Box>
      <Box height="240px">
        <BarChart
          labels={steps.map(({ fromN, toN }) => kN((fromN + toN) / 2))}
          values={steps.map(({ count }) => count)}
          says={`How many of a thousand bolts clamp with how many kN: ${said}`}
        />
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="5">
        <LabTable
          title="Made tight another way"
          rows={byTechnique.map((one) => ({
            says: one.technique,
            value: off(one.sum),
            isChosen: one.technique === technique,
          }))}
        >
          Friction takes most of the torque and is never the same: a better wrench hardly helps. An angle
          stretches the bolt by its pitch, whatever the friction.
        </LabTable>
        <LabTable
          title="The same torque on other threads"
          rows={byCondition.map((one) => ({
            says: one.condition,
            value: `${kN(one.sum.meanN)} kN${one.sum.pastProof > 0 ? `, ▲ ${one.sum.pastProof} past proof` : ""}`,
            isChosen: false,
          }))}
        >
          Oil on a thread whose figure is for a dry one pulls harder than was meant.
        </LabTable>
        <LabTable
          title="Eight bolts on a gasket"
          rows={passes.map(({ says, spread }) => ({
            says,
            value: `${shown(spread * 100, 2)} % apart`,
            isChosen: false,
          }))}
        >
          Each bolt takes from its neighbours; small steps, crosswise, take less.
        </LabTable>
      </Box>
    </>
  );
}

const Line = chakra("tr", {
  base: { borderTop: "1px solid", borderColor: "edge" },
  variants: { chosen: { yes: { fontWeight: "700" }, no: {} } },
});

function LabTable({
  title,
  rows,
  children,
}: {
  title: string;
  rows: readonly { says: string; value: string; isChosen: boolean }[];
  children: ReactNode;
}) {
  return (
    <Box>
      <Box as="h2" fontSize="20px">
        {title}
      </Box>
      <chakra.table width="100%" fontSize="15px" borderCollapse="collapse">
        <tbody>
          {rows.map(({ says, value, isChosen }) => (
            <Line key={says} chosen={isChosen ? "yes" : "no"}>
              <td style={{ paddingBlock: 5 }}>{says}</td>
              <td style={{ textAlign: "right" }}>{value}</td>
            </Line>
          ))}
        </tbody>
      </chakra.table>
      <Box color="soft" fontSize="15px" marginTop="1">
        {children}
      </Box>
    </Box>
  );
}
