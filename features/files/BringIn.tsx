"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useId, useState } from "react";
import { InputError } from "@/core/input-error";
import type { Household } from "@/core/model/household";
import { putAll } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { compareHouseholds, readHouseholdFile } from "@/data/household-file";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";

type State =
  { at: "start" } | { at: "refused"; why: string } | { at: "read"; name: string; household: Household; counts: ReturnType<typeof compareHouseholds> } | { at: "in"; name: string };

/** A file chosen, checked, shown for what it will do, and only then brought in: all or nothing. */
export function BringIn() {
  const door = useDoor();
  const does = useDo();
  const inputId = useId();
  const [state, setState] = useState<State>({ at: "start" });

  const choose = async (file: File | undefined) => {
    if (!file) return;
    try {
      const household = readHouseholdFile(await file.text());
      const here = await (await door()).everything();
      setState({ at: "read", name: file.name, household, counts: compareHouseholds(here, household) });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setState({ at: "refused", why: error.message });
    }
  };
  const bringIn = async (name: string, household: Household) => {
    if (await does(putAll(household), `${name} is in.`)) setState({ at: "in", name });
  };

  return (
    <Sheet title="Bring in" padding="5">
      <Box marginBottom="4">A file that “Export all” wrote, here or in another browser. You see what it would do before anything changes.</Box>
      <chakra.label htmlFor={inputId} display="block" fontWeight="600" marginBottom="1">
        File
      </chakra.label>
      <chakra.input id={inputId} type="file" accept="application/json,.json" minHeight="44px" maxWidth="100%" onChange={(event) => void choose(event.target.files?.[0])} />
      <Box aria-live="polite" marginTop="3">
        {state.at === "refused" && (
          <Box color="stop" fontWeight="600" data-testid="refused">
            ■ {state.why} Nothing was changed.
          </Box>
        )}
        {state.at === "read" && (
          <>
            <Box marginBottom="3">
              {state.name}: {state.counts.added} new, {state.counts.replaced} to replace what is here, {state.counts.same} the same.
            </Box>
            <Button look="primary" onClick={() => void bringIn(state.name, state.household)}>
              Bring it in
            </Button>
          </>
        )}
        {state.at === "in" && (
          <Box color="good" fontWeight="600">
            ● {state.name} is in. <Link href="/garage">Open the Garage</Link>
          </Box>
        )}
      </Box>
    </Sheet>
  );
}
