"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { z } from "zod";
import { capital } from "@/core/capital";
import { line, typed } from "@/core/form";
import { orSentence } from "@/core/input-error";
import { type KitRecord, PAID_FOR } from "@/core/model/kit";
import { formatPrice, priceText, readPrice } from "@/core/quantity/money";
import type { Paid } from "@/core/shop/paid";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { Fold } from "@/ui/form/Fold";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";

interface PaidSheetProps {
  record: KitRecord;
  /** Keeps the lines, and the plan's parts at what they cost. */
  onPaid: (change: (paid: readonly Paid[]) => Paid[], says?: string) => Promise<boolean>;
}

const START = { what: "", kind: "part" as (typeof PAID_FOR)[number], price: "" };

/** What was really paid for the job, a line each; every one can be put right. */
export function PaidSheet({ record, onPaid }: PaidSheetProps) {
  const money = useMoney();
  const form = useDraftForm(`paid ${record.jobId}`, START, () =>
    z.object({
      what: line("Say what it was for."),
      kind: z.enum(PAID_FOR),
      price: typed((text) => readPrice(text, money)),
    }),
  );
  const add = form.handleSubmit(async ({ what, kind, price: minor }) => {
    const one: Paid = { id: newId(), what, kind, minor, keys: [] };
    if (await onPaid((paid) => [...paid, one], `${what}: ${formatPrice(minor, money)} paid.`)) {
      form.reset(START);
      form.forget();
    }
  });
  const paid = record.paid ?? [];
  return (
    <Sheet title="What was paid">
      {paid.length === 0 && (
        <Box color="soft" fontSize="15px">
          “All of it is here” writes an order down here. Add what was paid elsewhere.
        </Box>
      )}
      {paid.map((one) => (
        <PaidRow key={one.id} one={one} onPaid={onPaid} />
      ))}
      <Fold title="Add what was paid" mustShow={form.formState.isDirty}>
        <Box
          as="form"
          gridColumn="1 / -1"
          onSubmit={(event) => void add(event)}
          display="grid"
          gridTemplateColumns="minmax(0, 1fr) minmax(0, 1fr)"
          gap="2"
        >
          <Box gridColumn="1 / -1">
            <TextField label="Paid for" {...form.field("what")} />
          </Box>
          <SelectField
            label="Kind"
            choices={PAID_FOR.map((value) => ({ value, label: capital(value) }))}
            {...form.field("kind")}
          />
          <TextField label="Price" numeric {...form.field("price")} />
          <Box gridColumn="1 / -1">
            <Button type="submit">Write it down</Button>
          </Box>
        </Box>
      </Fold>
    </Sheet>
  );
}

/** One line with its price, which is kept once the field is left; what cannot be read stays typed, with why. */
function PaidRow({ one, onPaid }: { one: Paid; onPaid: PaidSheetProps["onPaid"] }) {
  const money = useMoney();
  const [text, setText] = useState(priceText(one.minor));
  const [error, setError] = useState<string>();
  const keep = () => {
    const minor = orSentence(
      () => readPrice(text, money),
      (sentence) => {
        setError(sentence);
        return undefined;
      },
    );
    if (minor === undefined) return;
    setError(undefined);
    if (minor !== one.minor)
      void onPaid(
        (paid) => paid.map((other) => (other.id === one.id ? { ...other, minor } : other)),
        `${one.what}: ${formatPrice(minor, money)} paid.`,
      );
  };
  return (
    <Box display="flex" gap="2" alignItems="flex-end" marginTop="1">
      <Box flex="1">
        <TextField
          label={one.what}
          numeric
          value={text}
          error={error}
          onChange={({ target }) => setText(target.value)}
          onBlur={keep}
        />
      </Box>
      <Button
        look="quiet"
        aria-label={`Remove ${one.what}`}
        onClick={() => void onPaid((paid) => paid.filter(({ id }) => id !== one.id), `${one.what} removed.`)}
      >
        ×
      </Button>
    </Box>
  );
}
