"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useId, useState } from "react";
import { chestRows, readChestRows } from "@/core/chest/chest-table";
import type { ToolDraft } from "@/core/chest/read-chest";
import { InputError } from "@/core/input-error";
import type { Tool } from "@/core/model/tool";
import { readCsv, writeCsv } from "@/data/csv";
import { stamp } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";
import { saveAs } from "../files/save-as";

type State = { at: "start" } | { at: "refused"; why: string } | { at: "read"; name: string; drafts: ToolDraft[] };

/** The chest out as a table, and tables of tools in: checked, shown, and then all or nothing. */
export function ChestFile({ tools }: { tools: Tool[] }) {
  const does = useDo();
  const inputId = useId();
  const [state, setState] = useState<State>({ at: "start" });
  const choose = async (file: File | undefined) => {
    if (!file) return;
    try {
      setState({ at: "read", name: file.name, drafts: readChestRows(readCsv(await file.text())) });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setState({ at: "refused", why: error.message });
    }
  };
  const bringIn = async (drafts: ToolDraft[]) => {
    const put = drafts.map((draft) => ({ ...stamp("own"), ...draft }) as Tool);
    if (await does({ put: { tools: put } }, `${put.length} tools are in the chest.`)) setState({ at: "start" });
  };
  return (
    <Sheet title="As a table">
      <Box display="flex" gap="2" flexWrap="wrap" alignItems="center">
        <Button disabled={tools.length === 0} onClick={() => saveAs("chest.csv", writeCsv(chestRows(tools)), "text/csv;charset=utf-8")}>
          Save as CSV
        </Button>
      </Box>
      <chakra.label htmlFor={inputId} display="block" fontWeight="600" fontSize="15px" marginTop="3" marginBottom="1">
        Bring in a CSV
      </chakra.label>
      <chakra.input id={inputId} type="file" accept=".csv,text/csv" minHeight="44px" maxWidth="100%" onChange={(event) => void choose(event.target.files?.[0])} />
      <Box aria-live="polite">
        {state.at === "refused" && <Box color="stop">■ {state.why} Nothing was changed.</Box>}
        {state.at === "read" && (
          <>
            <Box marginBlock="2">
              {state.name}: {state.drafts.length} {state.drafts.length === 1 ? "tool" : "tools"}, from {state.drafts[0]?.name} to {state.drafts.at(-1)?.name}.
            </Box>
            <Button look="primary" onClick={() => void bringIn(state.drafts)}>
              Put {state.drafts.length} in the chest
            </Button>
          </>
        )}
      </Box>
    </Sheet>
  );
}
