"use client";

import { Box } from "@chakra-ui/react";
import { useStoreTrouble } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { today } from "./clock";
import { saveAs } from "./save-as";

/**
 * Says that the browser has let the store go while the app was open, and offers what this tab still knows; or
 * how far an update of the store has come.
 */
export function StoreTrouble() {
  const { befalls, inMemory, goOn } = useStoreTrouble();
  if (!befalls) return null;
  if ("updated" in befalls)
    return (
      <Box
        role="status"
        textAlign="center"
        background="watchPaper"
        borderBottom="1px solid"
        borderColor="watchEdge"
        padding="2"
      >
        Bringing what is stored up to this version: {Math.round(befalls.updated * 100)} %
      </Box>
    );
  const { trouble, message } = befalls.error;
  const save = async () => {
    const { writeHouseholdFile } = await import("@/data/household-file");
    saveAs(
      `vest-pocket-${today()}.json`,
      writeHouseholdFile(await inMemory(), new Date()),
      "application/json",
    );
  };
  return (
    <Box
      role="alert"
      display="flex"
      gap="3"
      alignItems="center"
      justifyContent="center"
      flexWrap="wrap"
      background="watchPaper"
      borderBottom="1px solid"
      borderColor="watchEdge"
      padding="2"
    >
      <Box maxWidth="640px">
        <b>■ {message}</b> Photos are gone with it; export it first, then go on.
      </Box>
      <Button look="primary" onClick={() => void save()}>
        Export what is in memory
      </Button>
      <Button onClick={() => void goOn(trouble === "dropped")}>
        {trouble === "dropped" ? "Store it again" : "Try again"}
      </Button>
      {trouble === "dropped" && (
        <Button look="quiet" onClick={() => void goOn(false)}>
          Go on without it
        </Button>
      )}
    </Box>
  );
}
