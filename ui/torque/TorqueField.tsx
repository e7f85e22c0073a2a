"use client";

import { Box } from "@chakra-ui/react";
import type { ComponentProps } from "react";
import { InputError } from "@/core/input-error";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { figureInWords } from "@/core/quantity/torque-words";
import { TextField } from "../form/Field";

/** A torque typed as people write it, read back in words under the field as it is typed. */
export function TorqueField({
  typed,
  error,
  ...field
}: ComponentProps<typeof TextField> & { typed: string }) {
  const read = readBack(typed);
  return (
    <TextField
      placeholder="35 ft lbs, 18-24 Nm, 50 Nm + 90°, snug"
      error={error ?? read.error}
      hint={
        read.words && (
          <Box as="span" color="ink" data-testid="read-back">
            {read.words}
          </Box>
        )
      }
      {...field}
    />
  );
}

function readBack(typed: string): { words?: string; error?: string } {
  if (typed.trim() === "") return {};
  try {
    return { words: `Reads: ${figureInWords(readTorqueFigure(typed))}.` };
  } catch (error) {
    if (error instanceof InputError) return { error: error.message };
    throw error;
  }
}
