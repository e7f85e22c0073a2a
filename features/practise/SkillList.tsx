"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import type { Skill } from "@/core/model/drill";
import { DRILLS } from "@/core/practise/drills";
import type { Practised } from "@/core/practise/practised";
import { labHref, practiseHref, sureHref } from "../shell/addresses";
import { SURENESS_WORDS } from "./drill-words";

const Entry = chakra(Link, {
  base: {
    display: "flex",
    justifyContent: "space-between",
    alignItems: "center",
    gap: "2",
    minHeight: "46px",
    paddingInline: "10px",
    borderLeft: "6px solid",
    borderBottom: "1px solid",
    borderBottomColor: "edge",
    color: "ink",
    textDecoration: "none",
    lineHeight: "1.15",
  },
  variants: {
    open: {
      yes: { borderLeftColor: "drawing", background: "raised" },
      no: { borderLeftColor: "transparent" },
    },
  },
});

/** Every drill, how sure its skill is, and which are to come back. */
export function SkillList({
  all,
  open,
}: {
  all: readonly Practised[];
  open: Skill | "sure" | "lab" | undefined;
}) {
  return (
    <Box as="nav" aria-label="Drills">
      {all.map(({ skill, sureness, isDue }) => (
        <Entry
          prefetch={false}
          key={skill}
          href={practiseHref(skill)}
          open={skill === open ? "yes" : "no"}
          aria-current={skill === open || undefined}
        >
          <Box as="span" fontFamily="heading" fontWeight="600" fontSize="18px">
            {DRILLS[skill].title}
          </Box>
          <Box
            as="span"
            fontSize="14px"
            color={isDue ? "watch" : "soft"}
            whiteSpace="nowrap"
            textAlign="right"
          >
            {isDue ? "▲ again" : `${SURENESS_WORDS[sureness].sign} ${SURENESS_WORDS[sureness].short}`}
          </Box>
        </Entry>
      ))}
      <Entry
        prefetch={false}
        href={sureHref()}
        open={open === "sure" ? "yes" : "no"}
        aria-current={open === "sure" || undefined}
      >
        <b>What is sure</b>
      </Entry>
      <Entry
        prefetch={false}
        href={labHref()}
        open={open === "lab" ? "yes" : "no"}
        aria-current={open === "lab" || undefined}
      >
        <b>A thousand bolts at once</b>
      </Entry>
    </Box>
  );
}
