"use client";

import { Box } from "@chakra-ui/react";
import type { HeadNeed } from "@/core/kit/head-needs";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { Sheet } from "@/ui/Sheet";
import { HeadSilhouette } from "@/ui/drawing/HeadSilhouette";

/** The sockets, keys and crowfoots that the plan needs, laid out in order of use; gaps are dashed outlines. */
export function Mat({ needs }: { needs: HeadNeed[] }) {
  return (
    <Sheet title="The mat">
      {needs.length === 0 && <Box color="soft">No sizes in the plan yet. Write a head size on a fastener and its tool is laid out here.</Box>}
      <Box as="ul" display="grid" gridTemplateColumns="repeat(auto-fill, minmax(128px, 1fr))" gap="4" listStyleType="none" padding="0">
        {needs.map((need) => (
          <NeedOnMat key={`${need.type} ${formatHeadSize(need.head)}`} need={need} />
        ))}
      </Box>
    </Sheet>
  );
}

function NeedOnMat({ need }: { need: HeadNeed }) {
  const owned = need.tools[0];
  const type = need.type === "socket or spanner" ? (owned?.kind === "spanner" ? "spanner" : "socket") : need.type;
  return (
    <Box as="li">
      <HeadSilhouette head={need.head} type={type} missing={!owned} />
      <Box fontFamily="heading" fontWeight="600" fontSize="24px" lineHeight="1.1">
        {formatHeadSize(need.head)}
      </Box>
      <Box fontSize="15px" fontWeight="600" color={owned ? "good" : "stop"}>
        {owned ? `● ${type}${"drive" in owned ? `, ${owned.drive} in` : ""}` : `■ no ${need.type}`}
      </Box>
      <Box fontSize="14px" color="soft">
        {[...new Set(need.uses.map(({ fastener }) => fastener.name.replace(/, (left|right)$/, "")))].join(", ")}
      </Box>
    </Box>
  );
}
