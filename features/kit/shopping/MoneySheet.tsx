"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { InputError } from "@/core/input-error";
import { formatPrice, priceText, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { jobMoney } from "@/core/shop/money";
import type { ToldPlan } from "@/core/shop/tell";
import { TextField } from "@/ui/form/Field";
import { Row, Sheet } from "@/ui/Sheet";
import { MoneyWriting } from "../../shared/money/MoneyWriting";
import { useMoney } from "../../shared/money/use-money";
import type { KitInHand } from "../use-kit";

/**
 * The money of a job: what it costs, and what a workshop would have taken, and what is left for one's own
 * hours.
 */
export function MoneySheet({
  inHand: { route, record, change },
  plan,
}: {
  inHand: KitInHand;
  plan?: ToldPlan | undefined;
}) {
  const money = useMoney();
  const sums = jobMoney(route, plan, record, new Set(record.got.map(({ key }) => key)));
  return (
    <Sheet title="Money">
      <Row label="Parts">{formatPrice(sums.partsMinor, money)}</Row>
      {sums.toolsMinor > 0 && (
        <Row label={record.toolUses && record.toolUses > 1 ? `Tools, over ${record.toolUses} jobs` : "Tools"}>
          {formatPrice(sums.toolsMinor, money)}
        </Row>
      )}
      {sums.suppliesMinor > 0 && <Row label="Used up">{formatPrice(sums.suppliesMinor, money)}</Row>}
      {sums.hireMinor > 0 && <Row label="Hire">{formatPrice(sums.hireMinor, money)}</Row>}
      {sums.deliveryMinor > 0 && <Row label="Delivery">{formatPrice(sums.deliveryMinor, money)}</Row>}
      <Row label={<b>Together</b>}>
        <b data-testid="together">{formatPrice(sums.togetherMinor, money)}</b>
      </Row>
      {plan && sums.cashMinor !== sums.togetherMinor && (
        <Row label="To pay at first">{formatPrice(sums.cashMinor, money)}</Row>
      )}
      {!plan && (
        <Box fontSize="14px" color="soft">
          What is in the plan, in hand and paid. Shopping adds what is still to get.
        </Box>
      )}
      <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="2" marginTop="3">
        <MoneyField
          key={`quote ${record.id}`}
          label="Workshop’s quote"
          value={record.quoteMinor}
          onSave={(quoteMinor) =>
            change(({ quoteMinor: _old, ...now }) => ({
              ...now,
              ...(quoteMinor === undefined ? {} : { quoteMinor }),
            }))
          }
        />
        <MoneyField
          key={`hour ${record.id}`}
          label="Your hour is worth"
          value={record.hourMinor}
          onSave={(hourMinor) =>
            change(({ hourMinor: _old, ...now }) => ({
              ...now,
              ...(hourMinor === undefined ? {} : { hourMinor }),
            }))
          }
        />
        {(plan !== undefined || sums.toolsMinor > 0) && (
          <UsesField
            key={`uses ${record.id}`}
            uses={record.toolUses}
            onSave={(toolUses) =>
              change(({ toolUses: _old, ...now }) => ({
                ...now,
                ...(toolUses === undefined ? {} : { toolUses }),
              }))
            }
          />
        )}
      </Box>
      {sums.savedMinor !== undefined && (
        <Box marginTop="2" fontSize="15px">
          <Box color={sums.savedMinor >= 0 ? "good" : "watch"} fontWeight="600">
            {sums.savedMinor >= 0
              ? `● ${formatPrice(sums.savedMinor, money)} less than the workshop`
              : `▲ ${formatPrice(-sums.savedMinor, money)} more than the workshop`}
          </Box>
          {sums.savedPerHourMinor !== undefined && sums.savedPerHourMinor > 0 && (
            <Box color="soft">
              {sums.hours.toFixed(1)} h of work: {formatPrice(sums.savedPerHourMinor, money)} an hour.
            </Box>
          )}
          {sums.afterOwnWorkMinor !== undefined && (
            <Box color="soft">
              {sums.afterOwnWorkMinor >= 0
                ? `${formatPrice(sums.afterOwnWorkMinor, money)} left once your hours are paid.`
                : `Your hours come to ${formatPrice(-sums.afterOwnWorkMinor, money)} more than is saved.`}
            </Box>
          )}
        </Box>
      )}
      <MoneyWriting />
    </Sheet>
  );
}

function MoneyField({
  label,
  value,
  onSave,
}: {
  label: string;
  value: number | undefined;
  onSave: (value: number | undefined) => void;
}) {
  const money = useMoney();
  return (
    <SavedField
      label={label}
      shown={priceText(value)}
      read={(text) => readPrice(text, money)}
      onSave={onSave}
    />
  );
}

function UsesField({
  uses,
  onSave,
}: {
  uses: number | undefined;
  onSave: (uses: number | undefined) => void;
}) {
  return (
    <SavedField
      label="Spread tools over jobs"
      shown={uses === undefined ? "" : String(uses)}
      read={wholeWithin("The number of jobs", 1, 1000)}
      onSave={onSave}
    />
  );
}

/** A field whose number is kept as soon as it can be read; what cannot stays typed, with why. */
function SavedField({
  label,
  shown,
  read,
  onSave,
}: {
  label: string;
  shown: string;
  read: (text: string) => number;
  onSave: (value: number | undefined) => void;
}) {
  const [text, setText] = useState(shown);
  const [error, setError] = useState<string>();
  const type = (typed: string) => {
    setText(typed);
    try {
      onSave(typed.trim() === "" ? undefined : read(typed));
      setError(undefined);
    } catch (thrown) {
      if (!(thrown instanceof InputError)) throw thrown;
      setError(thrown.message);
    }
  };
  return (
    <TextField
      label={label}
      numeric
      value={text}
      error={error}
      onChange={(event) => type(event.target.value)}
    />
  );
}
