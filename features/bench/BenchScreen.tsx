"use client";

import { Box } from "@chakra-ui/react";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useState } from "react";
import type { SlipKind } from "@/core/slip/slip";
import { SLIPS, slipNamed } from "@/core/slip/slips";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useOwned } from "../shared/slips/use-owned";
import { benchHref, readBenchHref } from "../shell/addresses";
import { SlipDrawing } from "./drawing/SlipDrawing";
import { SlipActions } from "./SlipActions";
import { SlipAnswer, SlipLines } from "./SlipAnswer";
import { SlipForm } from "./SlipForm";
import { SlipList } from "./SlipList";
import { SlipTables, SlipWorking } from "./SlipWorking";
import { lastSlip, rememberSlip, takeLinked, useTyped } from "./use-bench";

/**
 * The Bench at full width. An address with inputs in it puts them in the slip, once, and what stood there
 * aside.
 */
export function BenchScreen() {
  const search = useSearchParams().toString();
  const asked = readBenchHref(search);
  const linked = asked && Object.keys(asked.typed).length > 0;
  return <AskedBench key={linked ? search : "kept"} search={search} />;
}

function AskedBench({ search }: { search: string }) {
  const router = useRouter();
  const asked = readBenchHref(search);
  const [fromLink] = useState(() => {
    const link = readBenchHref(search);
    if (link && slipNamed(link.slip) && Object.keys(link.typed).length > 0) takeLinked(link.slip, link.typed);
    return link;
  });
  const hasInputs = fromLink !== undefined && Object.keys(fromLink.typed).length > 0;
  useEffect(() => {
    // From here on the fields are the truth; the address would bring the old ones back at the next reload.
    if (fromLink && hasInputs) router.replace(benchHref(fromLink.slip));
  }, [fromLink, hasInputs, router]);

  const kind = slipNamed(asked?.slip ?? lastSlip() ?? "") ?? SLIPS[0];
  const turnTo = (slip: string) => router.replace(benchHref(slip));
  useEffect(() => rememberSlip(kind?.name), [kind]);
  if (!kind) return null;
  return <SlipAtWidth key={kind.name} kind={kind} onTurnTo={turnTo} />;
}

function SlipAtWidth({ kind, onTurnTo }: { kind: SlipKind; onTurnTo: (slip: string) => void }) {
  const owned = useOwned();
  const { typed, type, bringBack } = useTyped(kind.name);
  if (!owned) return <Loading />;
  const worked = kind.work(typed, owned);
  return (
    <ThreeColumns
      phone="middle, right, left"
      left={
        <Sheet padding="3" flex="1" overflowY={{ lg: "auto" }}>
          <SlipList open={kind.name} onOpen={onTurnTo} withAbout={false} />
        </Sheet>
      }
      middle={
        <Sheet flex="1" padding={{ base: "4", lg: "5" }} display="flex" flexDirection="column" gap="4">
          <Box>
            <Box as="h1" fontSize="30px">
              {kind.title}
            </Box>
            <Box color="soft">{kind.about}</Box>
            {bringBack && (
              <Button look="quiet" onClick={bringBack}>
                Bring back what stood here before
              </Button>
            )}
          </Box>
          <Box
            display="grid"
            gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 320px)" }}
            gap="5"
            alignItems="start"
          >
            <SlipAnswer worked={worked} />
            {worked.slip && <SlipDrawing drawing={worked.slip.drawing} typed={typed} onType={type} />}
          </Box>
          <SlipForm kind={kind} typed={typed} owned={owned} worked={worked} onType={type} />
          {worked.slip && (
            <>
              <SlipLines lines={worked.slip.lines} />
              <SlipTables tables={worked.slip.tables ?? []} />
            </>
          )}
        </Sheet>
      }
      right={
        <>
          {worked.slip && (
            <Sheet>
              <SlipWorking slip={worked.slip} />
            </Sheet>
          )}
          <Sheet title="Keep it">
            <SlipActions kind={kind} typed={typed} owned={owned} slip={worked.slip} />
          </Sheet>
        </>
      }
    />
  );
}
