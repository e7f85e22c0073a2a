"use client";

import { Box } from "@chakra-ui/react";
import { FileField } from "@/ui/form/FileField";

/** The file of a job sheet to begin a job from; what was wrong with it is said beside it. */
export function SheetFile({
  refused,
  onChoose,
}: {
  refused: string | undefined;
  onChoose: (file: File) => void;
}) {
  return (
    <Box>
      <FileField label="Job sheet" accept="application/json,.json" onFile={onChoose} />
      <Box aria-live="polite" color="stop" fontWeight="600">
        {refused && `■ ${refused} Nothing was changed.`}
      </Box>
    </Box>
  );
}
