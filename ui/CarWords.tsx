"use client";

import { chakra } from "@chakra-ui/react";
import { useId } from "react";
import { carWordsIn } from "@/core/car-words";

const Word = chakra("button", {
  base: {
    display: "inline",
    padding: "0",
    border: "none",
    background: "transparent",
    color: "inherit",
    font: "inherit",
    textAlign: "inherit",
    textDecoration: "underline dotted",
    textUnderlineOffset: "3px",
    cursor: "help",
  },
});

const Says = chakra("span", {
  base: {
    margin: "auto",
    maxWidth: "min(420px, calc(100vw - 32px))",
    padding: "4",
    border: "2px solid",
    borderColor: "drawing",
    borderRadius: "sheet",
    background: "sheet",
    color: "ink",
    fontFamily: "body",
    fontSize: "17px",
    fontWeight: "400",
    "& b": { fontFamily: "heading", fontSize: "20px" },
  },
});

/** A text whose car words say what they are when they are pressed. */
export function CarWords({ children }: { children: string }) {
  const id = useId();
  return carWordsIn(children).map(({ text, says }, i) =>
    says === undefined ? (
      text
    ) : (
      <span key={`${i} ${text}`}>
        <Word type="button" popoverTarget={`${id}${i}`} data-word>
          {text}
        </Word>
        <Says id={`${id}${i}`} popover="auto">
          <b>{text}</b> {says}
        </Says>
      </span>
    ),
  );
}
