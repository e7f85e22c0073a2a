"use client";

import { Box } from "@chakra-ui/react";
import { useQueryErrorResetBoundary } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { StoreError, exportAsItLies } from "@/data/store";
import { Button } from "@/ui/Button";
import { MISSING_PART, isMissingPart } from "@/ui/missing-part";
import { Sheet } from "@/ui/Sheet";
import { saveAs } from "./save-as";

/** When a screen cannot be drawn: what is so, and the way on. */
export function ScreenFailed({ error, reset }: { error: Error; reset: () => void }) {
  const queries = useQueryErrorResetBoundary();
  const [failed, setFailed] = useState(false);
  const again = useCallback(() => {
    queries.reset();
    reset();
  }, [queries, reset]);
  const ofStore = error instanceof StoreError ? error : undefined;
  const missing = !ofStore && isMissingPart(error);
  useEffect(() => void ofStore?.back?.then(again), [ofStore, again]);
  const save = () =>
    exportAsItLies(new Date()).then(
      (text) => saveAs("vest-pocket-as-it-lies.json", text, "application/json"),
      () => setFailed(true),
    );
  return (
    <Sheet
      title={ofStore ? "What is stored here cannot be opened" : "This screen could not be drawn"}
      maxWidth="560px"
      marginInline="auto"
      marginTop="10"
    >
      <Box marginBottom="3">
        {ofStore && error.message}
        {missing && MISSING_PART}
        {!ofStore &&
          !missing &&
          "What was saved before stays in this browser. Try again; if it stays so, export everything and reload, or open another screen."}
      </Box>
      {!ofStore && !missing && (
        <Box color="soft" fontSize="14px" marginBottom="4" overflowWrap="anywhere">
          {error.message}
        </Box>
      )}
      <Box display="flex" gap="3" flexWrap="wrap">
        {missing || ofStore?.trouble === "newer" ? (
          <Button look="primary" onClick={() => void reloadIntoNewest()}>
            Reload
          </Button>
        ) : (
          <Button look="primary" onClick={again}>
            Try again
          </Button>
        )}
        {ofStore?.trouble !== "held" && (
          <Button onClick={() => void save()}>Export everything as it lies</Button>
        )}
      </Box>
      {failed && (
        <Box role="alert" color="stop" marginTop="3">
          ■ The browser gives nothing out. Nothing was changed.
        </Box>
      )}
    </Sheet>
  );
}

/** The newer build may be here already and only wait to be let in. */
async function reloadIntoNewest(): Promise<void> {
  const registration = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  await registration?.update().catch(() => undefined);
  registration?.waiting?.postMessage({ type: "SKIP_WAITING" });
  location.reload();
}
