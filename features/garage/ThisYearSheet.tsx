"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { yearSummary } from "@/core/log/costs/this-year";
import { formatPrice } from "@/core/quantity/money";
import { formatMinutes } from "@/core/work/times";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { MoneyWriting } from "../shared/money/MoneyWriting";
import { useMoney } from "../shared/money/use-money";
import type { LogRecords } from "../shared/use-logs";
import { logHref } from "../shell/addresses";
import { today } from "../shell/clock";

/**
 * What all vehicles have had this calendar year: jobs, hours, parts, and what a workshop would have asked.
 */
export function ThisYearSheet({ records }: { records: LogRecords }) {
  const money = useMoney();
  const year = today().slice(0, 4);
  const { jobs, minutes, replacements, spentMinor, unpriced, quoted } = yearSummary(records, undefined, year);
  return (
    <Sheet title={`This year, ${year}`}>
      {replacements === 0 && minutes < 1 ? (
        <Box color="soft">Nothing done yet.</Box>
      ) : (
        <Box>
          {replacements} {replacements === 1 ? "replacement" : "replacements"}, {jobs}{" "}
          {jobs === 1 ? "job" : "jobs"} done
          {minutes >= 1 && `, ${formatMinutes(minutes)} under cars`}. Parts {formatPrice(spentMinor, money)}
          {unpriced > 0 && ` (${unpriced} without a price)`}
          {quoted.count > 0 &&
            `; quoted ${formatPrice(quoted.quoteMinor, money)} for work that cost ${formatPrice(quoted.partsMinor + quoted.otherMinor, money)}`}
          .
        </Box>
      )}
      <Button asChild look="quiet" paddingInline="0">
        <Link href={logHref(undefined, "costs")}>All costs</Link>
      </Button>
      <MoneyWriting />
    </Sheet>
  );
}
