"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import Link from "next/link";
import { useState } from "react";
import type { KnownDevice } from "@/data/devices";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { receiveHref, sendHref } from "../../shell/addresses";
import { useDevice } from "./use-device";

const LONGEST_NAME = 40;

/** From the laptop to the phone and back, by camera; what each last had. */
export function DevicesSheet() {
  const own = useDevice();
  return (
    <Sheet title="To and from another device" padding="5">
      <Box marginBottom="3">
        By codes on the screen that the other’s camera reads: no network, no account. Photos stay; a zip takes
        them.
      </Box>
      <Box display="flex" gap="3" flexWrap="wrap" marginBottom="3">
        <Button asChild>
          <Link href={sendHref()}>Show to another device</Link>
        </Button>
        <Button asChild>
          <Link href={receiveHref()}>Read from another device</Link>
        </Button>
      </Box>
      {own && (
        <NameField key={own.device.name} name={own.device.name} onName={(name) => void own.rename(name)} />
      )}
      {own?.known.map((one) => (
        <Box key={one.id} borderTop="1px solid" borderColor="edge" paddingBlock="2" data-testid="device">
          <Box fontWeight="600">{one.name}</Box>
          <Box fontSize="15px" color="soft">
            {knownWords(one)}
          </Box>
        </Box>
      ))}
    </Sheet>
  );
}

const when = (moment: string): string => format(parseISO(moment), "d MMM yyyy HH:mm");

function knownWords({ hasOurs, haveTheirs, at }: KnownDevice): string {
  const words = [
    hasOurs === undefined ? "" : `Has what was here up to ${when(hasOurs)}.`,
    haveTheirs === undefined ? "" : `What it had up to ${when(haveTheirs)} is here.`,
  ].filter(Boolean);
  return words.length > 0 ? words.join(" ") : `Something went over on ${when(at)}.`;
}

const isName = (text: string): boolean => text.trim() !== "" && text.trim().length <= LONGEST_NAME;

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [text, setText] = useState(name);
  const error = isName(text) ? undefined : `A name of one to ${LONGEST_NAME} letters.`;
  return (
    <Box marginBottom="3">
      <TextField
        label="This device is called"
        value={text}
        {...(error ? { error } : {})}
        onChange={({ target }) => setText(target.value)}
      />
      {text.trim() !== name && !error && (
        <Button marginTop="2" onClick={() => onName(text.trim())}>
          Call it that
        </Button>
      )}
    </Box>
  );
}
