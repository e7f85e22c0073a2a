"use client";

import { Box } from "@chakra-ui/react";
import type { Job, Route } from "@/core/model/job";
import type { SpecialTool } from "@/core/model/supply";
import { CheckField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { useChangeRoute } from "../shared/use-change-route";
import { specialToolFields, specialToolForm } from "./special-tool-fields";

interface SpecialToolFormProps {
  job: Job;
  route: Route;
  tool: SpecialTool;
  onClose: () => void;
}

/** A special tool of the job: for how long, what it turns in place of a socket, what it may spoil. */
export function SpecialToolForm({ job, route, tool, onClose }: SpecialToolFormProps) {
  const change = useChangeRoute(job.id);
  const form = useRecordForm({
    draft: `special tool ${job.id} ${tool.id}`,
    start: specialToolFields(tool),
    schemaOf: () =>
      specialToolForm(
        tool.id,
        route.fasteners.map(({ id }) => id),
      ),
    onClose,
  });
  const { error: _none, ...turns } = form.field("turns");
  const tools = (now: Route, how: (all: SpecialTool[]) => SpecialTool[]): Route => ({
    ...now,
    specialTools: how(now.specialTools ?? []),
  });
  const save = form.send((made) =>
    change(
      (now) => tools(now, (all) => all.map((one) => (one.id === tool.id ? made : one))),
      `${made.name} saved.`,
    ),
  );
  return (
    <FormBox onSubmit={save} gridTemplateColumns="minmax(0, 2fr) minmax(0, 1fr)" gap="2" paddingBlock="2">
      <TextField label="Special tool" autoFocus {...form.field("name")} />
      <TextField label="For" numeric unit="days" {...form.field("days")} />
      <Box gridColumn="1 / -1">
        <TextField label="What it may spoil" placeholder="it bites into the pipe" {...form.field("risk")} />
      </Box>
      <Box gridColumn="1 / -1">
        <CheckField label="Only if the usual way fails" {...form.field("onlyIfNeeded")} />
      </Box>
      {route.fasteners.length > 0 && (
        <Box as="fieldset" border="none" padding="0" gridColumn="1 / -1">
          <Box as="legend" fontSize="15px" fontWeight="600">
            It turns, in place of a socket
          </Box>
          {route.fasteners.map(({ id, name }) => (
            <CheckField key={id} label={name} value={id} {...turns} />
          ))}
        </Box>
      )}
      <Box gridColumn="1 / -1">
        <FormButtons
          submit="Save tool"
          onCancel={form.close}
          onRemove={() =>
            form.closeAfter(
              change(
                (now) => tools(now, (all) => all.filter((one) => one.id !== tool.id)),
                `${tool.name} removed.`,
              ),
            )
          }
        />
      </Box>
    </FormBox>
  );
}
