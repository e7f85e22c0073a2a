"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";

interface ReasonFormProps {
  label: string;
  /** Said where no reason was typed. */
  missing: string;
  /** The words on the button. */
  does: string;
  /** Resolves to false where it was not done, and the form stays. */
  onSubmit: (because: string) => Promise<boolean>;
  onClose: () => void;
  /** What else is asked, before the reason. */
  children?: ReactNode;
}

/** Something that is done only with a reason, which is kept beside it. */
export function ReasonForm({ label, missing, does, onSubmit, onClose, children }: ReasonFormProps) {
  const [because, setBecause] = useState("");
  const [error, setError] = useState<string>();
  const submit = async () => {
    const said = because.trim().slice(0, 200);
    setError(said === "" ? missing : undefined);
    if (said !== "" && (await onSubmit(said))) onClose();
  };
  return (
    <Box
      as="form"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", md: `${children ? "200px " : ""}minmax(0, 1fr) auto` }}
      gap="3"
      alignItems="end"
      marginTop="3"
    >
      {children}
      <TextField label={label} value={because} error={error} autoFocus onChange={(event) => setBecause(event.target.value)} />
      <Box display="flex" gap="2">
        <Button type="submit" look="primary">
          {does}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </Box>
    </Box>
  );
}
