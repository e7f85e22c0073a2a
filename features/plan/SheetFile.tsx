"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useId } from "react";

/** The file of a job sheet to begin a job from; what was wrong with it is said beside it. */
export function SheetFile({ refused, onChoose }: { refused: string | undefined; onChoose: (file: File | undefined) => void }) {
  const id = useId();
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="15px" fontWeight="600" marginBottom="1">
        Job sheet
      </chakra.label>
      <chakra.input id={id} type="file" accept="application/json,.json" minHeight="44px" maxWidth="100%" onChange={(event) => onChoose(event.target.files?.[0])} />
      <Box aria-live="polite" color="stop" fontWeight="600">
        {refused && `■ ${refused} Nothing was changed.`}
      </Box>
    </Box>
  );
}
