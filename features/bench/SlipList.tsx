"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { practiseHref } from "../shell/addresses";
import { useKey } from "../shell/keys";
import { findSlips } from "./find-slips";

const Entry = chakra("button", {
  base: {
    display: "block",
    width: "100%",
    textAlign: "left",
    padding: "8px 12px",
    minHeight: "44px",
    cursor: "pointer",
    borderLeft: "6px solid",
    borderColor: "transparent",
    background: "transparent",
    color: "ink",
    borderBottom: "1px solid",
    borderBottomColor: "edge",
  },
  variants: { open: { yes: { borderLeftColor: "drawing", background: "raised" }, no: {} } },
});

interface SlipListProps {
  open: string | undefined;
  onOpen: (slip: string) => void;
  /** What each is for, under its name; left out where the column is narrow. */
  withAbout: boolean;
  /** Whether the search has the keyboard as it opens. */
  focus?: boolean;
}

/** Every slip, found by plain words. Enter opens the first that is found. */
export function SlipList({ open, onOpen, withAbout, focus = false }: SlipListProps) {
  const [question, setQuestion] = useState("");
  const search = useRef<HTMLDivElement>(null);
  const toSearch = () => search.current?.querySelector("input")?.focus();
  useKey("search", toSearch);
  useEffect(() => {
    if (focus) toSearch();
  }, [focus]);
  const found = findSlips(question);
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <Box
        as="form"
        ref={search}
        role="search"
        onSubmit={(event) => {
          event.preventDefault();
          if (found[0]) onOpen(found[0].name);
        }}
      >
        <TextField
          label="Find a calculation"
          placeholder="how long a bar"
          type="search"
          value={question}
          onChange={(event) => setQuestion(event.target.value)}
        />
      </Box>
      <Button asChild>
        <Link href={practiseHref()}>Practise</Link>
      </Button>
      <Box as="nav" aria-label="Calculations">
        {found.map(({ name, title, about }) => (
          <Entry
            key={name}
            type="button"
            open={name === open ? "yes" : "no"}
            aria-current={name === open || undefined}
            onClick={() => onOpen(name)}
          >
            <Box
              as="span"
              display="block"
              fontFamily="heading"
              fontWeight="600"
              fontSize="19px"
              lineHeight="1.2"
            >
              {title}
            </Box>
            {withAbout && (
              <Box as="span" display="block" color="soft" fontSize="15px" lineHeight="1.3">
                {about}
              </Box>
            )}
          </Entry>
        ))}
        {found.length === 0 && (
          <Box color="soft">Nothing here is called that. Try another word, such as “unit” or “bar”.</Box>
        )}
      </Box>
    </Box>
  );
}
