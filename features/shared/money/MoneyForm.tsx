"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import { z } from "zod";
import { currencyName, formatPrice, moneyChoices } from "@/core/quantity/money";
import { SelectField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { useDo } from "../../shell/DoProvider";
import { keepMoney, useMoney, useWriting } from "./use-money";

/** Something with thousands and decimals, so that both are seen. */
const EXAMPLE_MINOR = 123_450;

const moneyForm = z.object({
  currency: z.string().regex(/^[A-Z]{3}$/, { message: "Choose a currency." }),
  region: z.string().regex(/^[A-Z]{2}$/, { message: "Choose a country." }),
});

/** The currency, and whose way of writing it; with an example of what comes of it. */
export function MoneyForm({ onClose }: { onClose: () => void }) {
  const money = useMoney();
  const chosen = useWriting();
  const perform = useDo();
  const { currencies, regions } = useMemo(() => moneyChoices(), []);
  const form = useRecordForm({ draft: "money", start: money, schemaOf: () => moneyForm, onClose });
  const typed = form.watch();
  const save = form.send((read) =>
    perform(keepMoney(read, chosen), `Prices are in ${currencyName(read.currency)}.`),
  );
  return (
    <FormBox onSubmit={save} marginTop="2">
      <SelectField label="Currency" choices={currencies} {...form.field("currency")} />
      <SelectField label="Written as in" choices={regions} {...form.field("region")} />
      <Box fontFamily="heading" fontSize="28px" fontWeight="600">
        {formatPrice(EXAMPLE_MINOR, typed)}
      </Box>
      <Box color="soft" fontSize="15px">
        Prices that are kept already stay the numbers they are: nothing is converted.
      </Box>
      <FormButtons submit="Save" onCancel={form.close} />
    </FormBox>
  );
}
