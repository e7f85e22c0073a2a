"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { z } from "zod";
import { line } from "@/core/form";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";

interface ReasonFormProps {
  /** What it is about, under which its draft is kept. */
  draft: string;
  label: string;
  /** Said where no reason was typed. */
  missing: string;
  /** The words on the button. */
  submit: string;
  /** Resolves to false where it was not done, and the form stays. */
  onSubmit: (because: string) => Promise<boolean>;
  onClose: () => void;
  /** What else is asked, before the reason. */
  children?: ReactNode;
}

/** Something that is done only with a reason, which is kept beside it. */
export function ReasonForm({
  draft,
  label,
  missing,
  submit: does,
  onSubmit,
  onClose,
  children,
}: ReasonFormProps) {
  const form = useRecordForm({
    draft: `reason ${draft}`,
    start: { because: "" },
    schemaOf: () => z.object({ because: line(missing) }),
    onClose,
  });
  return (
    <FormBox
      onSubmit={form.send(({ because }) => onSubmit(because))}
      gridTemplateColumns={{ base: "minmax(0, 1fr)", md: `${children ? "200px " : ""}minmax(0, 1fr) auto` }}
      alignItems="end"
      marginTop="3"
    >
      {children}
      <TextField label={label} autoFocus {...form.field("because")} />
      <Box display="flex" gap="2">
        <Button type="submit" look="primary">
          {does}
        </Button>
        <Button onClick={form.close}>Cancel</Button>
      </Box>
    </FormBox>
  );
}
