"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { InputError } from "@/core/input-error";
import { isTool } from "@/core/kit/needs/need";
import type { Want } from "@/core/kit/needs/wants";
import type { KitRecord } from "@/core/model/kit";
import { priceText, readPrice } from "@/core/quantity/money";
import { formatDay } from "@/ui/day";
import { CheckField, TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";

interface WishesSheetProps {
  record: KitRecord;
  wants: readonly Want[];
  plannedFor: string | undefined;
  onChange: (how: (record: KitRecord) => KitRecord) => Promise<boolean>;
}

/** What the shopping has to keep to. */
export function WishesSheet({ record: { wishes }, wants, plannedFor, onChange }: WishesSheetProps) {
  const money = useMoney();
  const [spend, setSpend] = useState(priceText(wishes.spendUpToMinor));
  const [error, setError] = useState<string>();
  const wish = (change: (wishes: KitRecord["wishes"]) => KitRecord["wishes"]) =>
    void onChange((now) => ({ ...now, wishes: change(now.wishes) }));
  const typeSpend = (text: string) => {
    setSpend(text);
    try {
      const minor = text.trim() === "" ? undefined : readPrice(text, money);
      wish(({ spendUpToMinor: _old, ...rest }) => ({
        ...rest,
        ...(minor === undefined ? {} : { spendUpToMinor: minor }),
      }));
      setError(undefined);
    } catch (thrown) {
      if (!(thrown instanceof InputError)) throw thrown;
      setError(thrown.message);
    }
  };
  const hireable = wants.filter(
    ({ need }) => isTool(need) && need.kind !== "protection" && need.kind !== "head",
  );
  return (
    <Sheet title="Wishes">
      <Box display="grid" gridTemplateColumns="minmax(0, 2fr) minmax(0, 3fr)" gap="2">
        <TextField
          label="Pay at most"
          numeric
          placeholder="no limit"
          value={spend}
          error={error}
          onChange={(event) => typeSpend(event.target.value)}
        />
        <TextField
          label="Have it by"
          type="date"
          value={wishes.neededBy ?? ""}
          hint={dayHint(wishes, plannedFor)}
          onChange={(event) => {
            const { value } = event.target;
            wish(({ neededBy: _old, ...rest }) => ({ ...rest, ...(value ? { neededBy: value } : {}) }));
          }}
        />
      </Box>
      <CheckField
        label="I keep the old parts: what is asked for them is a cost"
        checked={wishes.keepOld === true}
        onChange={({ target: { checked } }) =>
          wish(({ keepOld: _old, ...rest }) => ({ ...rest, ...(checked ? { keepOld: true as const } : {}) }))
        }
      />
      {hireable.length > 0 && (
        <Box as="details" marginTop="2" {...(wishes.own.length > 0 ? { open: true } : {})}>
          <Box
            as="summary"
            cursor="pointer"
            minHeight="44px"
            paddingTop="10px"
            fontWeight="600"
            fontSize="15px"
          >
            I would rather own it
          </Box>
          {hireable.map(({ key, name, for: its }) => (
            <CheckField
              key={key}
              label={`${name}${its[0] ? `, ${its[0]}` : ""}`}
              checked={wishes.own.includes(key)}
              onChange={(event) => {
                const { checked } = event.target;
                wish((now) => ({
                  ...now,
                  own: checked ? [...now.own, key] : now.own.filter((one) => one !== key),
                }));
              }}
            />
          ))}
        </Box>
      )}
    </Sheet>
  );
}

function dayHint(wishes: { neededBy?: string | undefined }, plannedFor: string | undefined) {
  if (wishes.neededBy) return undefined;
  if (plannedFor) return `The job’s day: ${formatDay(plannedFor)}`;
  return "Any day";
}
