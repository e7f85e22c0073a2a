"use client";

import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

const LineButton = chakra("button", {
  base: {
    display: "flex",
    justifyContent: "space-between",
    alignItems: "center",
    gap: "3",
    width: "100%",
    minHeight: "44px",
    paddingBlock: "1",
    textAlign: "left",
    fontSize: "15px",
    color: "ink",
    background: "transparent",
    border: "none",
    borderBottom: "1px solid",
    borderColor: "edge",
    cursor: "pointer",
    _hover: { background: "raised" },
  },
});

/** A ruled line that opens what it names. */
export function Line({ label, children, onClick }: { label: ReactNode; children: ReactNode; onClick: () => void }) {
  return (
    <LineButton type="button" onClick={onClick}>
      <span>{label}</span>
      <span style={{ textAlign: "right" }}>{children}</span>
    </LineButton>
  );
}
