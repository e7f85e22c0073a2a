import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { titleOf } from "@/core/shelf/plan-from-sheet";
import type { Sheet } from "@/core/shelf/sheet";
import { shelfHref } from "../../shell/addresses";

/** One sheet to choose: its name, and what it is for. */
export function SheetRow({ sheet }: { sheet: Sheet }) {
  return (
    <ShelfRow
      href={shelfHref(sheet.name)}
      title={titleOf(sheet)}
      says={sheet.foundBy.slice(0, 3).join("; ")}
    />
  );
}

/** Something to plan from: its name, and a line below. */
export function ShelfRow({ href, title, says }: { href: string; title: string; says: string }) {
  return (
    <Box
      asChild
      display="block"
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="3"
      color="ink"
      textDecoration="none"
      minHeight="56px"
    >
      <Link href={href}>
        <Box as="span" display="block" fontFamily="heading" fontWeight="600" fontSize="22px">
          {title}
        </Box>
        <Box as="span" display="block" color="soft">
          {says}
        </Box>
      </Link>
    </Box>
  );
}
