"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { chestRows, readChestRows } from "@/core/chest/chest-table";
import type { ToolDraft } from "@/core/chest/missing";
import { InputError } from "@/core/input-error";
import type { Tool } from "@/core/model/tool";
import { readCsv } from "@/data/csv";
import { stamped } from "@/data/stamp";
import { readTextFile } from "@/data/text-file";
import { Button } from "@/ui/Button";
import { FileField } from "@/ui/form/FileField";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../../shell/DoProvider";
import { saveTable } from "../../shell/save-table";

type State =
  { kind: "start" } | { kind: "refused"; why: string } | { kind: "read"; name: string; drafts: ToolDraft[] };

/** The chest out as a table, and tables of tools in: checked, shown, and then all or nothing. */
export function ChestFile({ tools }: { tools: Tool[] }) {
  const perform = useDo();
  const [state, setState] = useState<State>({ kind: "start" });
  const choose = async (file: File) => {
    try {
      setState({ kind: "read", name: file.name, drafts: readChestRows(readCsv(await readTextFile(file))) });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setState({ kind: "refused", why: error.message });
    }
  };
  const bringIn = async (drafts: ToolDraft[]) => {
    const put = drafts.map((draft) => stamped<Tool>(draft, "own"));
    if (await perform({ put: { tools: put } }, `${put.length} tools are in the chest.`))
      setState({ kind: "start" });
  };
  return (
    <Sheet title="As a table">
      <Box display="flex" gap="2" flexWrap="wrap" alignItems="center">
        <Button disabled={tools.length === 0} onClick={() => saveTable("chest.csv", chestRows(tools))}>
          Save as CSV
        </Button>
      </Box>
      <Box marginTop="3">
        <FileField label="Bring in a CSV" accept=".csv,text/csv" onFile={(file) => void choose(file)} />
      </Box>
      <Box aria-live="polite">
        {state.kind === "refused" && <Box color="stop">■ {state.why} Nothing was changed.</Box>}
        {state.kind === "read" && (
          <>
            <Box marginBlock="2">
              {state.name}: {state.drafts.length} {state.drafts.length === 1 ? "tool" : "tools"}, from{" "}
              {state.drafts[0]?.name} to {state.drafts.at(-1)?.name}.
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
