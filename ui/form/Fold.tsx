"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";

/**
 * Fields that are wanted less often, folded away. What has to be seen opens it, and it stays open while that
 * is put right: only the person folds it again.
 */
export function Fold({
  title,
  mustShow,
  children,
}: {
  title: string;
  mustShow: boolean;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(mustShow);
  const [shown, setShown] = useState(mustShow);
  if (mustShow !== shown) {
    setShown(mustShow);
    if (mustShow) setOpen(true);
  }
  return (
    <Box
      as="details"
      gridColumn="1 / -1"
      {...(open ? { open: true } : {})}
      onToggle={({ currentTarget }) => setOpen(currentTarget.hasAttribute("open"))}
    >
      <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
        {title}
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }}
        gap="4"
        marginTop="2"
      >
        {children}
      </Box>
    </Box>
  );
}
