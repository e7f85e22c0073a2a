"use client";

import { chakra } from "@chakra-ui/react";

/**
 * The app's button. `primary` is the one thing to do on its sheet; `plain` the others; `quiet` is text alone.
 * `work` is the size for gloves.
 */
export const Button = chakra(
  "button",
  {
    base: {
      display: "inline-flex",
      alignItems: "center",
      justifyContent: "center",
      gap: "2",
      fontFamily: "heading",
      fontWeight: "600",
      borderRadius: "button",
      border: "2px solid transparent",
      cursor: "pointer",
      textAlign: "center",
      lineHeight: "1.1",
      textDecoration: "none",
      _disabled: { opacity: 0.5, cursor: "not-allowed" },
    },
    variants: {
      look: {
        primary: { background: "ink", color: "onInk" },
        plain: { background: "raised", color: "ink", borderColor: "ink" },
        quiet: {
          background: "transparent",
          color: "ink",
          textDecoration: "underline",
          textUnderlineOffset: "3px",
        },
      },
      size: {
        normal: { minHeight: "44px", minWidth: "44px", paddingInline: "4", fontSize: "18px" },
        work: { minHeight: "58px", minWidth: "58px", paddingInline: "6", fontSize: "24px" },
      },
    },
    defaultVariants: { look: "plain", size: "normal" },
  },
  { defaultProps: { type: "button" } },
);
