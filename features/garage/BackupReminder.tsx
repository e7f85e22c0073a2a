"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useBackup } from "../shared/files/use-backup";
import { filesHref } from "../shell/addresses";

/** Said when enough has changed that losing this browser would hurt. */
export function BackupReminder() {
  const backup = useBackup();
  if (!backup?.state.remind) return null;
  return (
    <Sheet tone="watch" title="▲ Not backed up">
      <Box marginBottom="2">
        {backup.state.changes} {backup.state.changes === 1 ? "change is" : "changes are"} in this browser
        only.
      </Box>
      <Button asChild>
        <Link href={filesHref()}>Back up</Link>
      </Button>
    </Sheet>
  );
}
