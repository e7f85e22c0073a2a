"use client";

import { Box } from "@chakra-ui/react";
import { z } from "zod";
import { ifTyped, line, oneOfIfSaid, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import { type Need } from "@/core/kit/needs/need";
import { inBoxOf } from "@/core/kit/needs/part-needs";
import type { Want } from "@/core/kit/needs/wants";
import type { KitRecord } from "@/core/model/kit";
import type { Offer } from "@/core/model/offer";
import { LONGEST_LINE } from "@/core/model/record";
import { type Money, formatPrice, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { RemovableLine } from "../RemovableLine";

interface OwnOffersProps {
  record: KitRecord;
  wants: readonly Want[];
  onChange: (how: (record: KitRecord) => KitRecord, says?: string) => Promise<boolean>;
}

const START = {
  key: "",
  kind: "single" as "single" | "hire" | "borrow",
  shop: "",
  price: "",
  days: "0",
  deposit: "",
  core: "",
  grade: "",
  comeBack: "",
};

/** Prices of one's own: seen elsewhere, hired from somebody, or borrowed; they stand beside the counter's. */
export function OwnOffers({ record, wants, onChange }: OwnOffersProps) {
  const money = useMoney();
  const form = useDraftForm(`own offer ${record.jobId}`, START, (fields) => offerForm(fields, wants, money));
  const kind = form.watch("kind");
  const save = form.handleSubmit(async ({ want, ...said }) => {
    const offer: Offer = {
      ...said,
      id: newId(),
      title: `${want.name}${want.for[0] && want.need.kind === "part" ? `, ${want.for[0]}` : ""}`.slice(
        0,
        LONGEST_LINE,
      ),
      stock: 1,
      holds: [],
      answers: answersOf(want, wants),
      leavesOut: want.need.kind === "part" ? (want.need.part.leavesOut ?? []) : [],
    };
    if (
      await onChange(
        (now) => ({ ...now, typed: [...now.typed, offer] }),
        `${offer.title} from ${offer.shop} counts now.`,
      )
    ) {
      form.reset(START);
      form.forget();
    }
  });
  return (
    <Sheet title="Prices of your own">
      {record.typed.map((offer) => (
        <OfferLine
          key={offer.id}
          offer={offer}
          onRemove={() =>
            void onChange(
              (now) => ({ ...now, typed: now.typed.filter(({ id }) => id !== offer.id) }),
              `${offer.title} from ${offer.shop} no longer counts.`,
            )
          }
        />
      ))}
      <Box as="details" {...(form.formState.isDirty ? { open: true } : {})}>
        <Box
          as="summary"
          cursor="pointer"
          minHeight="44px"
          paddingTop="10px"
          fontWeight="600"
          fontSize="15px"
        >
          Add one
        </Box>
        <Box
          as="form"
          onSubmit={(event) => void save(event)}
          display="grid"
          gridTemplateColumns="repeat(2, minmax(0, 1fr))"
          gap="2"
        >
          <Box gridColumn="1 / -1">
            <SelectField
              label="For"
              choices={[
                { value: "", label: "choose" },
                ...wants.map(({ key, name, for: its }) => ({
                  value: key,
                  label: `${name}${its[0] ? `, ${its[0]}` : ""}`,
                })),
              ]}
              {...form.field("key")}
            />
          </Box>
          <SelectField
            label="How"
            choices={[
              { value: "single", label: "bought" },
              { value: "hire", label: "hired, a day" },
              { value: "borrow", label: "borrowed" },
            ]}
            {...form.field("kind")}
          />
          {kind !== "borrow" && <TextField label="Price" numeric {...form.field("price")} />}
          <TextField label={kind === "borrow" ? "From" : "Where"} {...form.field("shop")} />
          <TextField label="Here in days" numeric {...form.field("days")} />
          {kind !== "single" && <TextField label="Deposit" numeric {...form.field("deposit")} />}
          {kind === "single" && (
            <>
              <SelectField
                label="It is"
                choices={[{ value: "", label: "new" }, "used", "remanufactured"]}
                {...form.field("grade")}
              />
              <TextField label="For the old part" numeric hint="Given back with it" {...form.field("core")} />
              <TextField
                label="Come back, of 100"
                numeric
                hint="As far as you know"
                {...form.field("comeBack")}
              />
            </>
          )}
          <Box gridColumn="1 / -1">
            <Button type="submit">Count it</Button>
          </Box>
        </Box>
      </Box>
    </Sheet>
  );
}

function OfferLine({ offer, onRemove }: { offer: Offer; onRemove: () => void }) {
  const money = useMoney();
  const says = [
    `${formatPrice(offer.priceMinor, money)}${offer.kind === "hire" ? " a day" : ""}`,
    offer.grade,
    offer.depositMinor && `deposit ${formatPrice(offer.depositMinor, money)}`,
    offer.coreMinor && `old part back for ${formatPrice(offer.coreMinor, money)}`,
    offer.returnRate !== undefined && `${Math.round(offer.returnRate * 100)} in 100 come back`,
  ];
  return (
    <RemovableLine
      name={`${offer.title}, ${offer.shop}`}
      says={offer.kind === "borrow" ? "borrowed" : says.filter(Boolean).join(", ")}
      removes={`the price of ${offer.title}`}
      onRemove={onRemove}
    />
  );
}

/**
 * What the fields of a price make: for which want, how it is had, where, at what price and in how many days.
 */
function offerForm(fields: typeof START, wants: readonly Want[], money: Money) {
  return z
    .object({
      key: typed((key) => {
        const want = wants.find((one) => one.key === key);
        if (!want) throw new InputError("Choose what the price is for.");
        return want;
      }),
      kind: z.enum(["single", "hire", "borrow"]),
      shop: line("Say where, or from whom."),
      price: typed((text) => (fields.kind === "borrow" ? 0 : readPrice(text, money))),
      days: typed(wholeWithin("The number of days", 0, 365)),
      deposit: ifTyped((text) => (fields.kind === "single" ? undefined : readPrice(text, money))),
      core: ifTyped((text) => (fields.kind === "single" ? readPrice(text, money) : undefined)),
      grade: oneOfIfSaid(["used", "remanufactured"] as const),
      comeBack: ifTyped((text) =>
        fields.kind === "single" ? wholeWithin("How many come back", 0, 100)(text) / 100 : undefined,
      ),
    })
    .transform(
      ({ key: want, price: priceMinor, days: leadDays, deposit, core, grade, comeBack, ...said }) => ({
        ...said,
        want,
        priceMinor,
        leadDays,
        ...withoutUndefined({
          depositMinor: deposit,
          coreMinor: core,
          grade: fields.kind === "single" ? grade : undefined,
          returnRate: comeBack,
        }),
      }),
    );
}

/** All that is wanted of it at the price; a part comes with what its box holds. */
function answersOf({ key, need }: Want, wants: readonly Want[]): Offer["answers"] {
  const amount = countNeeded(need);
  const boxed =
    need.kind === "part"
      ? wants.flatMap(({ key: other, need: one }) => {
          const held = one.kind === "hardware" ? inBoxOf(one, need.part) : 0;
          return held > 0 ? [{ key: other, amount: held }] : [];
        })
      : [];
  return [{ key, amount }, ...boxed];
}

function countNeeded(need: Need) {
  if (need.kind === "part") return need.part.count;
  if (need.kind === "hardware") return need.count;
  if (need.kind === "supply") return Math.max(need.amount.value, 1e-3);
  return 1;
}
