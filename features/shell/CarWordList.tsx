"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { CAR_WORDS } from "@/core/car-words";
import { TextField } from "@/ui/form/Field";

/** Every word of the trade that is explained, with a search. */
export function CarWordList() {
  const [sought, seek] = useState("");
  const found = CAR_WORDS.filter(({ word, says }) =>
    `${word} ${says}`.toLowerCase().includes(sought.trim().toLowerCase()),
  );
  return (
    <Box>
      <TextField
        label="Look up a word"
        value={sought}
        onChange={(event) => seek(event.currentTarget.value)}
      />
      {found.length === 0 && <Box color="soft">No such word here. Try a part of it.</Box>}
      <Box as="dl" marginTop="2" maxHeight="40vh" overflowY="auto" tabIndex={0} aria-label="Words">
        {found.map(({ word, says }) => (
          <Box key={word} borderBottom="1px solid" borderColor="edge" paddingBlock="1">
            <Box as="dt" fontWeight="600">
              {word}
            </Box>
            <dd>{says}</dd>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
