"use client";

import { Box } from "@chakra-ui/react";
import type { ComponentProps, ReactNode, SyntheticEvent } from "react";
import { Button } from "../Button";

type FormBoxProps = Omit<ComponentProps<typeof Box>, "as" | "onSubmit"> & {
  onSubmit: (event: SyntheticEvent) => void;
};

/** Fields in a grid, sent with Enter or its button. */
export function FormBox({ onSubmit, ...box }: FormBoxProps) {
  return <Box as="form" onSubmit={onSubmit} display="grid" gap="3" {...box} />;
}

interface FormButtonsProps {
  /** The words on the button that sends the form. */
  submit: string;
  onCancel?: (() => void) | undefined;
  /** Takes the record out; left out for a new one. */
  onRemove?: (() => void) | undefined;
  remove?: string;
  /** What else may be done, between Cancel and Remove. */
  children?: ReactNode;
}

/** The buttons at a form's end. */
export function FormButtons({ submit, onCancel, onRemove, remove = "Remove", children }: FormButtonsProps) {
  return (
    <Box gridColumn="1 / -1" display="flex" gap="3" flexWrap="wrap">
      <Button type="submit" look="primary">
        {submit}
      </Button>
      {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      {children}
      {onRemove && (
        <Button look="quiet" color="stop" marginLeft="auto" onClick={onRemove}>
          {remove}
        </Button>
      )}
    </Box>
  );
}
