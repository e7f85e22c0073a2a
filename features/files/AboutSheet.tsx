"use client";

import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

const licencesSchema = z.array(
  z.object({ name: z.string(), version: z.string(), licence: z.string(), text: z.string() }),
);

/** What the app is made of and promises; the licences of what ships with it, where they are asked for. */
export function AboutSheet() {
  const [open, setOpen] = useState(false);
  return (
    <Sheet title="About" padding="5">
      <Box marginBottom="4">
        All that is typed stays in this browser and in the files it writes; nothing is sent anywhere. Figures
        and advice are general: the vehicle maker’s instructions come first.
      </Box>
      <Button aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Close the licences" : "Licences of what ships with it"}
      </Button>
      {open && <Licences />}
    </Sheet>
  );
}

function Licences() {
  const { data, isError, refetch } = useQuery({
    queryKey: ["licences"],
    queryFn: async () => licencesSchema.parse(await (await fetch("/licences.json")).json()),
  });
  if (isError)
    return (
      <Box marginTop="3" role="status">
        <Box marginBottom="2">They could not be read. They come with the app, and need a signal once.</Box>
        <Button onClick={() => void refetch()}>Read them again</Button>
      </Box>
    );
  return (
    <Box marginTop="3" maxHeight="420px" overflowY="auto" tabIndex={0} role="region" aria-label="Licences">
      {data?.map(({ name, version, licence, text }) => (
        <Box as="details" key={`${name} ${version}`}>
          <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="10px" overflowWrap="anywhere">
            {name} {version}, {licence}
          </Box>
          <Box as="pre" fontSize="13px" whiteSpace="pre-wrap" overflowWrap="anywhere" paddingBottom="3">
            {text || "Its package has no text of it."}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
