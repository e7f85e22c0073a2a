"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import type { SlipKind } from "@/core/slip/slip";
import { slipNamed } from "@/core/slip/slips";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { useOwned } from "../shared/slips/use-owned";
import { benchHref } from "../shell/addresses";
import { SlipDrawing } from "./drawing/SlipDrawing";
import { SlipActions } from "./SlipActions";
import { SlipAnswer, SlipLines } from "./SlipAnswer";
import { SlipForm } from "./SlipForm";
import { SlipList } from "./SlipList";
import { SlipTables, SlipWorking } from "./SlipWorking";
import { lastSlip, rememberSlip, useTyped } from "./use-bench";

/** What is in the pulled-out pocket: the list, or one slip from its answer down. */
export function BenchInPocket({ onPutAway }: { onPutAway: () => void }) {
  const [open, setOpen] = useState(lastSlip);
  const kind = open === undefined ? undefined : slipNamed(open);
  const turnTo = (slip: string | undefined) => {
    rememberSlip(slip);
    setOpen(slip);
  };
  return (
    <>
      <Box
        flex="1"
        overflowY="auto"
        padding={{ base: "4", lg: "5" }}
        display="grid"
        gridTemplateColumns="minmax(0, 1fr)"
        alignContent="start"
        gap="3"
      >
        {kind ? (
          <OneSlip key={kind.name} kind={kind} />
        ) : (
          <SlipList open={undefined} onOpen={turnTo} withAbout focus />
        )}
      </Box>
      <Box display="flex" gap="2" padding="2" borderTop="1px solid" borderColor="edge" background="sheet">
        {kind && (
          <Button flex="1" onClick={() => turnTo(undefined)}>
            All slips
          </Button>
        )}
        <Button asChild flex="1">
          <Link href={benchHref(kind?.name)} onClick={onPutAway}>
            Full width
          </Link>
        </Button>
        <Button flex="1" onClick={onPutAway}>
          Put away
        </Button>
      </Box>
    </>
  );
}

function OneSlip({ kind }: { kind: SlipKind }) {
  const owned = useOwned();
  const { typed, type } = useTyped(kind.name);
  if (!owned) return <Loading />;
  const worked = kind.work(typed, owned);
  return (
    <>
      <Box as="h2" fontSize="26px">
        {kind.title}
      </Box>
      <SlipAnswer worked={worked} />
      {worked.slip && (
        <Box>
          <SlipDrawing drawing={worked.slip.drawing} typed={typed} onType={type} />
        </Box>
      )}
      <SlipForm kind={kind} typed={typed} owned={owned} worked={worked} onType={type} />
      {worked.slip && (
        <>
          <SlipLines lines={worked.slip.lines} />
          <SlipTables tables={worked.slip.tables ?? []} />
          <SlipWorking slip={worked.slip} />
        </>
      )}
      <SlipActions kind={kind} typed={typed} owned={owned} slip={worked.slip} />
    </>
  );
}
