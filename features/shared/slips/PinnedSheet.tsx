"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { PinnedSlip } from "@/core/model/job";
import type { Owned } from "@/core/slip/field";
import { slipNamed } from "@/core/slip/slips";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { TONE_SHAPE } from "@/ui/tone-shape";
import { benchHref } from "../../shell/addresses";
import { useOwned } from "./use-owned";

/** The slips pinned to a step, each worked anew from its inputs. */
export function PinnedSheet({
  slips,
  onUnpin,
}: {
  slips: readonly PinnedSlip[];
  onUnpin: ((slip: PinnedSlip) => void) | undefined;
}) {
  const owned = useOwned();
  if (!owned) return null;
  return (
    <Sheet title="Pinned from the Bench">
      {slips.map((slip) => (
        <Pinned key={slip.id} slip={slip} owned={owned} onUnpin={onUnpin} />
      ))}
    </Sheet>
  );
}

function Pinned({
  slip: { slip: name, typed, ...rest },
  owned,
  onUnpin,
}: {
  slip: PinnedSlip;
  owned: Owned;
  onUnpin: ((slip: PinnedSlip) => void) | undefined;
}) {
  const kind = slipNamed(name);
  const slip = kind && kind.work(typed, owned).slip;
  return (
    <Box
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="2"
      display="flex"
      justifyContent="space-between"
      gap="2"
      alignItems="center"
      data-testid="pinned-slip"
    >
      <Box minWidth="0">
        <Box color="soft" fontSize="15px">
          {kind?.title ?? name}: {slip ? slip.answer.says : "cannot be worked as it stands"}
        </Box>
        {slip && (
          <Box fontFamily="heading" fontWeight="700" fontSize="28px" lineHeight="1.1">
            {slip.answer.value} {slip.answer.unit}
          </Box>
        )}
        {slip?.verdict && slip.verdict.tone !== "good" && (
          <Box color={slip.verdict.tone} fontSize="15px">
            {TONE_SHAPE[slip.verdict.tone]} {slip.verdict.says}
          </Box>
        )}
      </Box>
      <Box display="flex" flexShrink={0}>
        <Button asChild look="quiet">
          <Link href={benchHref(name, typed)}>Open</Link>
        </Button>
        {onUnpin && (
          <Button look="quiet" onClick={() => onUnpin({ slip: name, typed, ...rest })}>
            Unpin
          </Button>
        )}
      </Box>
    </Box>
  );
}
