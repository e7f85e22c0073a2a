"use client";

import { Box } from "@chakra-ui/react";
import { useSearchParams } from "next/navigation";
import { useEffect, useState } from "react";
import { removeEverything } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useLoadDemo, useRemoveDemo } from "../shared/demo-garage";
import { filesHref } from "../shell/addresses";
import { useDo } from "../shell/DoProvider";
import { AboutSheet } from "./AboutSheet";
import { BringIn } from "./BringIn";
import { ExportSheet } from "./ExportSheet";
import { DevicesSheet } from "./handover/DevicesSheet";
import { HistoryScreen } from "./HistoryScreen";
import { PartsOut } from "./PartsOut";
import { SetAsideSheet } from "./SetAsideSheet";
import { SharedFile } from "./SharedFile";

/** Everything out, and back in; and parts of it in the form that others read. */
export function FilesScreen() {
  const params = useSearchParams();
  const told = params.get("history");
  // What a link carries lies behind its #; one that is opened while this page is open changes nothing else.
  const [hash, setHash] = useState(() => location.hash);
  useEffect(() => {
    // As it was opened: by now the router may have put its own address back.
    const look = ({ newURL }: HashChangeEvent) => setHash(new URL(newURL).hash);
    addEventListener("hashchange", look);
    return () => removeEventListener("hashchange", look);
  }, []);
  if (told !== null) return <HistoryScreen key={told} vehicleId={told} />;
  if (params.has("send")) return <SendScreen jobId={params.get("job") ?? undefined} />;
  if (params.has("receive")) return <ReceiveScreen />;
  if (params.has("shared")) return <SharedFile />;
  if (!hash.startsWith("#t=")) return <AllFiles />;
  const back = () => {
    // Out of the address at once: the same link may be opened again.
    history.replaceState(history.state, "", filesHref());
    setHash("");
  };
  return <ReceiveScreen key={hash} hash={hash} onBack={back} />;
}

const SendScreen = later(() => import("./handover/SendScreen").then((module) => module.SendScreen));
const ReceiveScreen = later(() => import("./handover/ReceiveScreen").then((module) => module.ReceiveScreen));

function AllFiles() {
  const door = useDoor();
  const perform = useDo();
  const loadDemo = useLoadDemo();
  const removeDemo = useRemoveDemo();
  const vehicles = useCollection("vehicles");
  const tools = useCollection("tools");
  if (!vehicles || !tools) return <Loading />;
  const empty = async () =>
    perform(removeEverything(await (await door()).everything()), "This browser is empty now.");
  const hasDemo = [...vehicles, ...tools].some(({ origin }) => origin === "demo");

  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "repeat(2, minmax(0, 1fr))" }}
      gap="18px"
      alignItems="start"
      maxWidth="1080px"
      marginInline="auto"
    >
      <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="18px">
        <SetAsideSheet />
        <ExportSheet />
        <BringIn />
        <DevicesSheet />
      </Box>
      <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="18px">
        <PartsOut />
        <Sheet title="The demo" padding="5">
          <Box marginBottom="4">
            {hasDemo
              ? "Three invented vehicles with their jobs and log. Whatever was added to them goes with them; your own vehicles and tools stay."
              : "Three invented vehicles with jobs and four years of log, beside your own."}
          </Box>
          {hasDemo ? (
            <Button onClick={() => void removeDemo()}>Remove the demo</Button>
          ) : (
            <Button onClick={() => void loadDemo()}>Look round the demo garage</Button>
          )}
        </Sheet>
        <Sheet title="Start afresh" padding="5">
          <Box marginBottom="4">
            Takes everything out of this browser. It can be undone until the page is left; export first.
          </Box>
          <Button onClick={() => void empty()}>Empty this browser</Button>
        </Sheet>
        <AboutSheet />
      </Box>
    </Box>
  );
}
