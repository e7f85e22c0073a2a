"use client";

import { Box } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useDoor } from "@/data/DataProvider";
import type { SetAside } from "@/data/sound";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { today } from "../shell/clock";
import { saveAs } from "../shell/save-as";
import { whyNotSaved } from "../shell/why-not-saved";

const SHOWN = 20;

/**
 * What lies in the store and cannot be read, and the copy from before the last update: to be had as files,
 * and let go. Nothing where there is neither.
 */
export function SetAsideSheet() {
  const door = useDoor();
  const client = useQueryClient();
  const { data: aside = [] } = useQuery({
    queryKey: ["set aside"],
    queryFn: async () => (await door()).setAside(),
    staleTime: 0,
  });
  const { data: former } = useQuery({
    queryKey: ["former"],
    queryFn: async () => (await (await door()).former()) ?? null,
    staleTime: 0,
  });
  const [exported, setExported] = useState<readonly SetAside[]>();
  const [failed, setFailed] = useState<string>();
  if (aside.length === 0 && !former) return null;
  const saveAside = () => {
    saveAs(`vest-pocket-not-read-${today()}.json`, JSON.stringify(aside, null, 2), "application/json");
    setExported(aside);
  };
  const throwAway = async () => {
    try {
      await (await door()).throwAway(exported ?? []);
      await client.invalidateQueries();
    } catch (error) {
      setFailed(whyNotSaved(error));
    }
  };
  return (
    <Sheet title={asideTitle(aside)} padding="5">
      {aside.length > 0 && (
        <>
          <Box marginBottom="3">
            They lie in this browser as they are, are shown nowhere and go into no export; everything else
            goes on. Save them as they lie: whoever knows the format may mend them. A sound copy of the same
            record, brought in from a file, takes their place.
          </Box>
          <Box as="ul" marginBottom="3" paddingLeft="5" listStyleType="square" overflowWrap="anywhere">
            {aside.slice(0, SHOWN).map(({ collection, id, why }) => (
              <li key={`${collection} ${id}`}>
                {collection}, {id.slice(0, 40)}: {why}
              </li>
            ))}
            {aside.length > SHOWN && <li>and {aside.length - SHOWN} more</li>}
          </Box>
          <Box display="flex" gap="3" flexWrap="wrap" marginBottom={former ? "4" : "0"}>
            <Button look="primary" onClick={saveAside}>
              Save them as they lie
            </Button>
            {exported && <Button onClick={() => void throwAway()}>Throw them away</Button>}
          </Box>
        </>
      )}
      {former && (
        <>
          <Box marginBottom="3">
            A copy of everything as it was before the app was last updated is kept until the next start that
            finds all in order.
          </Box>
          <Button
            onClick={() => saveAs(`vest-pocket-before-update-${today()}.json`, former, "application/json")}
          >
            Save that copy
          </Button>
        </>
      )}
      {failed && (
        <Box role="alert" color="stop" marginTop="3">
          ■ {failed}
        </Box>
      )}
    </Sheet>
  );
}

function asideTitle(aside: SetAside[]) {
  if (aside.length > 0) {
    if (aside.length === 1) return "1 record could not be read";
    return `${aside.length} records could not be read`;
  }
  return "Before the last update";
}
