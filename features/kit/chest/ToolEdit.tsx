"use client";

import { Box } from "@chakra-ui/react";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { Tool } from "@/core/model/tool";
import { readPrice } from "@/core/quantity/money";
import { readNumber } from "@/core/quantity/read-number";
import { removing } from "@/data/change";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { useDo } from "../../shell/DoProvider";
import { toolDetails } from "./chest-groups";

/** What changes about an owned tool: its name, who has it, how much is left; or that it is gone. */
export function ToolEdit({ tool, onlyLent = false, onClose }: { tool: Tool; onlyLent?: boolean; onClose: () => void }) {
  const does = useDo();
  const form = useDraftForm(`owned ${tool.id}`, {
    name: tool.name,
    set: tool.set ?? "",
    lentTo: tool.lentTo ?? "",
    price: tool.priceMinor === undefined ? "" : (tool.priceMinor / 100).toFixed(2),
    left: tool.kind === "consumable" ? String(tool.left.value) : "",
  });
  const { errors } = form.formState;
  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const { read, errors: unread, failed } = fieldReader<keyof typeof fields>();
    const name = read("name", () => requireText(fields.name, "Give it a name."));
    const left = read("left", () => (tool.kind === "consumable" ? notNegative(fields.left) : 0));
    const priceMinor = read("price", () => ifTyped(fields.price, readPrice));
    if (failed() || name === undefined || left === undefined) return form.showErrors(unread);
    const { lentTo: _before, set: _box, priceMinor: _price, ...rest } = tool;
    const set = ifTyped(fields.set, (text) => text.slice(0, 200));
    const lentTo = ifTyped(fields.lentTo, (text) => text.slice(0, 200));
    const changed = {
      ...rest,
      name,
      ...(set ? { set } : {}),
      ...(lentTo ? { lentTo } : {}),
      ...(priceMinor === undefined ? {} : { priceMinor }),
      ...(tool.kind === "consumable" ? { left: { ...tool.left, value: left } } : {}),
    } as Tool;
    if (await does({ put: { tools: [touched(changed)] } }, `${name} saved.`)) close();
  });
  return (
    <Box as="form" onSubmit={(event) => void save(event)} display="grid" gap="3" marginTop={onlyLent ? "4" : "0"}>
      {!onlyLent && <Box color="soft">{toolDetails(tool)}</Box>}
      {!onlyLent && <TextField label="Name" error={errors.name?.message} {...form.register("name")} />}
      {tool.kind === "consumable" && <TextField label="Left" numeric unit={tool.left.unit} error={errors.left?.message} {...form.register("left")} />}
      {!onlyLent && <TextField label="Belongs to the set" placeholder="none" {...form.register("set")} />}
      {!onlyLent && tool.kind !== "consumable" && (
        <TextField
          label="It cost"
          numeric
          placeholder="not known"
          hint="The Log says when the tools have paid for themselves"
          error={errors.price?.message}
          {...form.register("price")}
        />
      )}
      <TextField label="Lent to" placeholder="nobody" hint="While it is lent it covers nothing" {...form.register("lentTo")} />
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button type="submit" look={onlyLent ? "plain" : "primary"}>
          Save
        </Button>
        {!onlyLent && <Button onClick={close}>Cancel</Button>}
        <Button look="quiet" color="stop" marginLeft="auto" onClick={() => void does(removing({ tools: [tool] }), `${tool.name} removed.`).then((done) => done && close())}>
          Remove
        </Button>
      </Box>
    </Box>
  );
}

function notNegative(text: string): number {
  const { value } = readNumber(text, "What is left");
  if (value < 0) throw new InputError("Less than nothing cannot be left.");
  return value;
}
