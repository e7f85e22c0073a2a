"use client";

import { chakra } from "@chakra-ui/react";

/**
 * A whole line that can be pressed, as high as a glove asks: what it is at the left, how it stands at the
 * right.
 */
export const RowButton = chakra(
  "button",
  {
    base: {
      display: "flex",
      justifyContent: "space-between",
      alignItems: "center",
      gap: "3",
      width: "100%",
      minHeight: "56px",
      paddingBlock: "6px",
      borderBottom: "1px solid",
      borderColor: "edge",
      fontSize: "15px",
      textAlign: "left",
      cursor: "pointer",
      _hover: { background: "raised" },
      _last: { borderBottom: "none" },
    },
  },
  { defaultProps: { type: "button" } },
);
