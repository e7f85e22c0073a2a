"use client";

import { chakra } from "@chakra-ui/react";

/** The picture of a key. */
export const Key = chakra("kbd", {
  base: {
    display: "inline-block",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "16px",
    lineHeight: "1",
    padding: "6px 9px",
    border: "1px solid",
    borderColor: "ink",
    borderRadius: "button",
    background: "raised",
  },
});
