"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Owned, Typed } from "@/core/slip/field";
import type { Slip, SlipKind } from "@/core/slip/slip";
import { slipText } from "@/core/slip/slip-text";
import { Button } from "@/ui/Button";
import { copyText } from "@/ui/CopyButton";
import { benchHref } from "../shell/addresses";
import { PinToStep } from "./PinToStep";

interface SlipActionsProps {
  kind: SlipKind;
  typed: Typed;
  owned: Owned;
  slip: Slip | undefined;
}

/** What can be done with a slip: copy it, keep a link to it, pin it to a step. */
export function SlipActions({ kind, typed, owned, slip }: SlipActionsProps) {
  const [says, setSays] = useState("");
  const copy = async (text: string, done: string) =>
    setSays((await copyText(text)) ? done : "This browser does not let it be copied. Select it by hand.");
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <Box display="flex" flexWrap="wrap" gap="2">
        <Button
          disabled={!slip}
          onClick={() => slip && void copy(slipText(kind, typed, owned, slip), "Copied as text.")}
        >
          Copy as text
        </Button>
        <Button
          onClick={() =>
            void copy(
              `${location.origin}${benchHref(kind.name, typed)}`,
              "The link is copied. It opens this slip with the same inputs.",
            )
          }
        >
          Copy a link
        </Button>
      </Box>
      <Box role="status" color="soft" fontSize="15px">
        {says}
      </Box>
      <PinToStep kind={kind} typed={typed} ready={slip !== undefined} />
    </Box>
  );
}
