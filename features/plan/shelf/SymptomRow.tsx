"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import type { Topic } from "@/core/decide/topic";
import type { System } from "@/core/model/place";
import { sheetNamed } from "@/core/shelf/shelf";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { planHref } from "../../shell/addresses";
import { useVehicleInHand } from "../../shell/hand";
import { usePlanJob } from "../jobs/use-plan-job";

/** What a complaint is usually the work of. */
const systemOf = ({ causes }: Topic): System =>
  causes.flatMap(({ sheet = "" }) => sheetNamed(sheet)?.system ?? [])[0] ?? "engine";

/** A complaint that has several causes: what tells them apart comes before a plan, and before any part is bought. */
export function SymptomRow({ topic }: { topic: Topic }) {
  const router = useRouter();
  const vehicles = useCollection("vehicles") ?? [];
  const plan = usePlanJob();
  const vehicle = useVehicleInHand();
  const ask = async () => {
    if (!vehicle) return;
    const blank = { id: newId(), name: "By the book", steps: [], fasteners: [], parts: [] };
    const decide = { symptom: topic.id, results: {}, own: [], measured: [] };
    const job = await plan(vehicle, { title: topic.symptom, system: systemOf(topic), decide }, [blank]);
    if (job) router.push(planHref(job.id, "decide"));
  };
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="3">
      <Box fontFamily="heading" fontWeight="600" fontSize="22px">
        {topic.symptom}?
      </Box>
      <Box color="soft" marginBottom="2">
        {topic.causes.length} things do that; {topic.checks.length} checks tell them apart before anything is
        bought.
      </Box>
      {vehicle && (
        <Button look="primary" onClick={() => void ask()}>
          What is wrong? {vehicles.length > 1 && `On the ${vehicle.name}`}
        </Button>
      )}
    </Box>
  );
}
