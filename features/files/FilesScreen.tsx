"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { useCollection } from "@/data/hooks";
import { useDoor } from "@/data/DataProvider";
import { removeEverything } from "@/data/change";
import { writeHouseholdFile } from "@/data/household-file";
import { MODEL_VERSION } from "@/core/model/record";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useLoadDemo, useRemoveDemo } from "../garage/demo-garage";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";
import { BringIn } from "./BringIn";
import { saveAs } from "./save-as";

/** Everything out into one file, and back in. */
export function FilesScreen() {
  const door = useDoor();
  const does = useDo();
  const loadDemo = useLoadDemo();
  const removeDemo = useRemoveDemo();
  const vehicles = useCollection("vehicles");
  const tools = useCollection("tools");
  const [exported, setExported] = useState<string>();
  if (!vehicles || !tools) return <Loading />;

  const exportAll = async () => {
    const name = `vest-pocket-${today()}.json`;
    saveAs(name, writeHouseholdFile(await (await door()).everything(), new Date()), "application/json");
    setExported(name);
  };
  const empty = async () => does(removeEverything(await (await door()).everything()), "This browser is empty now.");
  const hasDemo = [...vehicles, ...tools].some(({ origin }) => origin === "demo");

  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "repeat(2, minmax(0, 1fr))" }} gap="18px" alignItems="start" maxWidth="980px" marginInline="auto">
      <Sheet title="Export all" padding="5">
        <Box marginBottom="4">
          Everything in this browser in one file: vehicles, jobs, work under way, chest and log. Keep a copy somewhere else. The format is open: it is JSON, described by a schema
          that ships with the app.
        </Box>
        <Button look="primary" onClick={() => void exportAll()}>
          Export all
        </Button>
        <Box marginTop="3" color="good" role="status">
          {exported && `● ${exported} written.`}
        </Box>
        <Box asChild color="ink" textDecoration="underline">
          <a href={`/schema/household-${MODEL_VERSION}.schema.json`}>The schema</a>
        </Box>
      </Sheet>
      <BringIn />
      <Sheet title="The demo" padding="5">
        <Box marginBottom="4">
          {hasDemo
            ? "Three invented vehicles with their jobs and log. Whatever was added to them goes with them; your own vehicles and tools stay."
            : "Three invented vehicles with jobs and four years of log, beside your own."}
        </Box>
        {hasDemo ? <Button onClick={() => void removeDemo()}>Remove the demo</Button> : <Button onClick={() => void loadDemo()}>Look round the demo garage</Button>}
      </Sheet>
      <Sheet title="Start afresh" padding="5">
        <Box marginBottom="4">Takes everything out of this browser. It can be undone until the page is left; export first.</Box>
        <Button onClick={() => void empty()}>Empty this browser</Button>
      </Sheet>
    </Box>
  );
}
