"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { z } from "zod";
import { typed } from "@/core/form";
import { readSupply } from "@/core/kit/needs/read-supply";
import { formatAmount, usualSupplies } from "@/core/kit/needs/supply-needs";
import type { Job, Route } from "@/core/model/job";
import type { SpecialTool } from "@/core/model/supply";
import type { Vehicle } from "@/core/model/vehicle";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeRoute } from "../shared/use-change-route";
import { RemovableLine } from "./RemovableLine";
import { SpecialToolForm } from "./SpecialToolForm";

/**
 * What the job uses up and the special tools it wants by name: written in one line, or taken from what such
 * jobs usually want.
 */
export function SuppliesSheet({ job, vehicle, route }: { job: Job; vehicle: Vehicle; route: Route }) {
  const change = useChangeRoute(job.id);
  const [edited, setEdited] = useState<string>();
  const form = useDraftForm(`supply ${job.id}`, { line: "" }, () =>
    z.object({ line: typed((text) => readSupply(text, newId())) }),
  );
  const supplies = route.supplies ?? [];
  const specials = route.specialTools ?? [];
  const usual = usualSupplies(job.system, vehicle, supplies);
  const add = form.handleSubmit(async ({ line: read }) => {
    const done = await change(
      (now) =>
        "amount" in read
          ? { ...now, supplies: [...(now.supplies ?? []), read] }
          : { ...now, specialTools: [...(now.specialTools ?? []), read] },
      `${read.name} is wanted for this job.`,
    );
    if (done) form.reset({ line: "" });
  });
  return (
    <Sheet title="Also for this job">
      {supplies.length + specials.length === 0 && (
        <Box color="soft">Fluids, grease, rags, and special tools that the fasteners do not tell of.</Box>
      )}
      {supplies.map(({ id, name, amount, lost }) => (
        <RemovableLine
          key={id}
          name={name}
          says={`${formatAmount(amount)}${lost ? `, and ${formatAmount({ value: lost, unit: amount.unit })} lost` : ""}`}
          onRemove={() =>
            void change(
              (now) => ({ ...now, supplies: (now.supplies ?? []).filter((one) => one.id !== id) }),
              `${name} removed.`,
            )
          }
        />
      ))}
      {specials.map((tool) =>
        edited === tool.id ? (
          <SpecialToolForm
            key={tool.id}
            job={job}
            route={route}
            tool={tool}
            onClose={() => setEdited(undefined)}
          />
        ) : (
          <RemovableLine
            key={tool.id}
            name={tool.name}
            says={specialWords(tool, route)}
            onEdit={() => setEdited(tool.id)}
            onRemove={() =>
              void change(
                (now) => ({
                  ...now,
                  specialTools: (now.specialTools ?? []).filter((one) => one.id !== tool.id),
                }),
                `${tool.name} removed.`,
              )
            }
          />
        ),
      )}
      <Box
        as="form"
        onSubmit={(event) => void add(event)}
        display="flex"
        gap="2"
        alignItems="flex-start"
        marginTop="2"
      >
        <Box flex="1">
          <TextField label="Add" placeholder="coolant 6 L lost 0.5 L" {...form.field("line")} />
        </Box>
        <Button type="submit" marginTop="26px">
          Add
        </Button>
      </Box>
      {usual.length > 0 && (
        <Box marginTop="2" display="flex" gap="2" flexWrap="wrap" alignItems="center">
          <Box fontSize="15px" color="soft">
            Usual:
          </Box>
          {usual.map(({ name, amount }) => (
            <Button
              key={name}
              fontSize="15px"
              paddingInline="3"
              onClick={() =>
                void change(
                  (now) => ({ ...now, supplies: [...(now.supplies ?? []), { id: newId(), name, amount }] }),
                  `${name} is wanted for this job.`,
                )
              }
            >
              {name}, {formatAmount(amount)}
            </Button>
          ))}
        </Box>
      )}
    </Sheet>
  );
}

function specialWords({ days, turns = [], onlyIfNeeded, risk }: SpecialTool, { fasteners }: Route): string {
  const turned = fasteners.filter(({ id }) => turns.includes(id)).map(({ name }) => name);
  return [
    days > 1 ? `${days} days` : "special tool",
    onlyIfNeeded && "only if needed",
    turned.length > 0 && `turns ${turned.join(", ")}`,
    risk,
  ]
    .filter(Boolean)
    .join("; ");
}
