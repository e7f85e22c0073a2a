"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { InputError } from "@/core/input-error";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";

interface TypedNumberProps {
  label: string;
  unit: string;
  autoFocus: boolean;
  /** What its button says; "Keep" where it is kept. */
  says?: string;
  /** Takes what was typed, or throws an InputError with what is wrong with it. */
  onKeep: (typed: string) => void;
  onClose?: () => void;
}

/** One number typed with gloves on, and kept; what is wrong with it stands under it. */
export function TypedNumber({ label, unit, autoFocus, says = "Keep", onKeep, onClose }: TypedNumberProps) {
  const [typed, setTyped] = useState("");
  const [error, setError] = useState<string>();
  return (
    <Box
      as="form"
      display="flex"
      gap="3"
      alignItems="flex-start"
      flexWrap="wrap"
      onSubmit={(event) => {
        event.preventDefault();
        try {
          onKeep(typed);
          setTyped("");
          setError(undefined);
        } catch (thrown) {
          if (!(thrown instanceof InputError)) throw thrown;
          setError(thrown.message);
        }
      }}
    >
      <Box width="200px">
        <TextField
          label={label}
          numeric
          unit={unit}
          value={typed}
          autoFocus={autoFocus}
          error={error}
          onChange={(event) => setTyped(event.currentTarget.value)}
          style={{ minHeight: 56, fontSize: 24 }}
        />
      </Box>
      <Box display="flex" gap="3" paddingTop="26px">
        <Button type="submit" size="work" disabled={typed.trim() === ""}>
          {says}
        </Button>
        {onClose && (
          <Button size="work" onClick={onClose}>
            Not now
          </Button>
        )}
      </Box>
    </Box>
  );
}
