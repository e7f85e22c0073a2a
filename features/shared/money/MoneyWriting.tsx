"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useState } from "react";
import { currencyName } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { useMoney, useWriting } from "./use-money";

/** Fetched once it is asked for. */
const MoneyForm = dynamic(() => import("./MoneyForm").then((module) => module.MoneyForm), { ssr: false });

/** What prices are in, in one line, and the way to change it. */
export function MoneyWriting() {
  const money = useMoney();
  const chosen = useWriting();
  const [changing, setChanging] = useState(false);
  if (changing) return <MoneyForm onClose={() => setChanging(false)} />;
  return (
    <Box color="soft" fontSize="15px">
      Prices are in {currencyName(money.currency)}
      {chosen ? "." : ", by this browser’s language."}{" "}
      <Button look="quiet" paddingInline="0" onClick={() => setChanging(true)}>
        Change the currency
      </Button>
    </Box>
  );
}
