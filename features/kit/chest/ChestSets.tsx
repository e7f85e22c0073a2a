"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { z } from "zod";
import { line } from "@/core/form";
import type { Tool } from "@/core/model/tool";
import { removing } from "@/data/change";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { useDo } from "../../shell/DoProvider";

/** The sets in the chest: each can be looked at, lent out or taken out as one. */
export function ChestSets({ tools, onFind }: { tools: Tool[]; onFind: (name: string) => void }) {
  const sets = [...new Set(tools.flatMap(({ set }) => (set ? [set] : [])))].sort();
  if (sets.length === 0) return null;
  return (
    <Box marginTop="3">
      <Box fontWeight="600">Sets</Box>
      {sets.map((name) => (
        <SetLine key={name} name={name} tools={tools.filter(({ set }) => set === name)} onFind={onFind} />
      ))}
    </Box>
  );
}

function SetLine({ name, tools, onFind }: { name: string; tools: Tool[]; onFind: (name: string) => void }) {
  const perform = useDo();
  const [lending, setLending] = useState(false);
  const form = useDraftForm(`lend ${name}`, { to: "" }, () => z.object({ to: line("Say who has it.") }));
  const lentTo = tools.every((tool) => tool.lentTo) ? tools[0]?.lentTo : undefined;
  const lend = async (who: string | undefined) => {
    const put = tools.map(({ lentTo: _before, ...tool }) =>
      touched({ ...tool, ...(who ? { lentTo: who } : {}) } as Tool),
    );
    if (await perform({ put: { tools: put } }, who ? `${name} is lent to ${who}.` : `${name} is back.`)) {
      form.forget();
      setLending(false);
    }
  };
  return (
    <Box fontSize="15px">
      <Button look="quiet" fontSize="16px" paddingInline="0" onClick={() => onFind(name)}>
        {name}, {tools.length}
      </Button>
      {lentTo && (
        <Box as="span" color="watch">
          {` ▲ lent to ${lentTo}`}
        </Box>
      )}
      <Box display="flex" gap="2" flexWrap="wrap">
        {lentTo ? (
          <Button fontSize="15px" onClick={() => void lend(undefined)}>
            It is back
          </Button>
        ) : (
          <Button fontSize="15px" aria-label={`Lend ${name}`} onClick={() => setLending(!lending)}>
            Lend it
          </Button>
        )}
        <Button
          look="quiet"
          fontSize="15px"
          color="stop"
          aria-label={`Remove ${name}`}
          onClick={() => void perform(removing({ tools }), `${name} removed, ${tools.length} tools.`)}
        >
          Remove
        </Button>
      </Box>
      {lending && (
        <FormBox
          onSubmit={(event) => void form.handleSubmit(({ to }) => lend(to))(event)}
          gridTemplateColumns="minmax(0, 1fr) auto"
          gap="2"
          alignItems="start"
        >
          <TextField label="To whom" autoFocus {...form.field("to")} />
          <Button type="submit" marginTop="26px">
            Lend
          </Button>
        </FormBox>
      )}
    </Box>
  );
}
