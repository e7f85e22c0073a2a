"use client";

import { Box } from "@chakra-ui/react";
import { z } from "zod";
import { ifTyped, line, lineIfTyped, typed } from "@/core/form";
import type { Tool } from "@/core/model/tool";
import { priceText, readPrice } from "@/core/quantity/money";
import { numberWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { removing } from "@/data/change";
import { touched } from "@/data/stamp";
import { TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { useMoney } from "../../shared/money/use-money";
import { useDo } from "../../shell/DoProvider";
import { toolDetails } from "./chest-groups";

/** What changes about an owned tool: its name, who has it, how much is left; or that it is gone. */
export function ToolEdit({
  tool,
  onlyLent = false,
  onClose,
}: {
  tool: Tool;
  onlyLent?: boolean;
  onClose: () => void;
}) {
  const perform = useDo();
  const money = useMoney();
  const form = useRecordForm({
    draft: `owned ${tool.id}`,
    start: {
      name: tool.name,
      set: tool.set ?? "",
      lentTo: tool.lentTo ?? "",
      price: priceText(tool.priceMinor),
      left: tool.kind === "consumable" ? String(tool.left.value) : "",
    },
    schemaOf: () =>
      z.object({
        name: line("Give it a name."),
        set: lineIfTyped,
        lentTo: lineIfTyped,
        price: ifTyped((text) => readPrice(text, money)),
        left: tool.kind === "consumable" ? typed(numberWithin("What is left", 0, 1e6)) : ifTyped(() => 0),
      }),
    onClose,
  });
  const save = form.send(async ({ left = 0, price: priceMinor, ...said }) => {
    const { lentTo: _before, set: _box, priceMinor: _price, ...rest } = tool;
    const changed: Tool = {
      ...rest,
      ...withoutUndefined({ ...said, priceMinor }),
      ...(rest.kind === "consumable" ? { left: { ...rest.left, value: left } } : {}),
    };
    return perform({ put: { tools: [touched(changed)] } }, `${said.name} saved.`);
  });
  return (
    <FormBox onSubmit={save} marginTop={onlyLent ? "4" : "0"}>
      {!onlyLent && <Box color="soft">{toolDetails(tool)}</Box>}
      {!onlyLent && <TextField label="Name" {...form.field("name")} />}
      {tool.kind === "consumable" && (
        <TextField label="Left" numeric unit={tool.left.unit} {...form.field("left")} />
      )}
      {!onlyLent && <TextField label="Belongs to the set" placeholder="none" {...form.field("set")} />}
      {!onlyLent && tool.kind !== "consumable" && (
        <TextField
          label="It cost"
          numeric
          placeholder="not known"
          hint="The Log says when the tools have paid for themselves"
          {...form.field("price")}
        />
      )}
      <TextField
        label="Lent to"
        placeholder="nobody"
        hint="While it is lent it covers nothing"
        {...form.field("lentTo")}
      />
      <FormButtons
        submit="Save"
        onCancel={onlyLent ? undefined : form.close}
        onRemove={() => form.closeAfter(perform(removing({ tools: [tool] }), `${tool.name} removed.`))}
      />
    </FormBox>
  );
}
