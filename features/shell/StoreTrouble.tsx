"use client";

import { Box } from "@chakra-ui/react";
import { useStoreTrouble } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { saveAs } from "./save-as";
import { today } from "./clock";

/** Says that the browser has let the store go while the app was open, and offers what this tab still knows. */
export function StoreTrouble() {
  const { trouble, inMemory, goOn } = useStoreTrouble();
  if (!trouble) return null;
  const save = async () => {
    const { writeHouseholdFile } = await import("@/data/household-file");
    saveAs(`vest-pocket-${today()}.json`, writeHouseholdFile(inMemory(), new Date()), "application/json");
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
        <b>■ {trouble.message}</b> Photos are gone with it; export it first, then go on.
      </Box>
      <Button look="primary" onClick={() => void save()}>
        Export what is in memory
      </Button>
      <Button onClick={() => void goOn(trouble.trouble === "dropped")}>{trouble.trouble === "dropped" ? "Store it again" : "Try again"}</Button>
      {trouble.trouble === "dropped" && (
        <Button look="quiet" onClick={() => void goOn(false)}>
          Go on without it
        </Button>
      )}
    </Box>
  );
}
