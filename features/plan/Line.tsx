"use client";

import type { ReactNode } from "react";
import { RowButton } from "@/ui/RowButton";

/** A ruled line that opens what it names. */
export function Line({
  label,
  children,
  onClick,
}: {
  label: ReactNode;
  children: ReactNode;
  onClick: () => void;
}) {
  return (
    <RowButton minHeight="44px" paddingBlock="1" onClick={onClick}>
      <span>{label}</span>
      <span style={{ textAlign: "right" }}>{children}</span>
    </RowButton>
  );
}
