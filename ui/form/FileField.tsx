"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useId } from "react";

interface FileFieldProps {
  label: string;
  /** Endings and types that are offered. */
  accept: string;
  disabled?: boolean;
  onFile: (file: File) => void;
}

/**
 * A file to choose. The same one can be chosen again, mended meanwhile: browsers tell of a choice only when
 * it is another.
 */
export function FileField({ label, accept, disabled = false, onFile }: FileFieldProps) {
  const id = useId();
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="15px" fontWeight="600" marginBottom="1">
        {label}
      </chakra.label>
      <chakra.input
        id={id}
        type="file"
        accept={accept}
        minHeight="44px"
        maxWidth="100%"
        disabled={disabled}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) onFile(file);
          target.value = "";
        }}
      />
    </Box>
  );
}
