import { z } from "zod";
import { ifTyped, line, lineIfTyped, lines, oneOfIfSaid, typed } from "@/core/form";
import { LONGEST_WARRANTY_MONTHS, MOST_PARTS, type Part } from "@/core/model/job";
import { PLACES } from "@/core/model/place";
import { type Money, priceText, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { SIDES } from "@/core/side";
import { withoutUndefined } from "@/core/without-undefined";

/** A part as it is typed. */
export function partFields(part: Part | undefined) {
  return {
    name: part?.name ?? "",
    place: part?.place ?? PLACES[0],
    count: String(part?.count ?? 1),
    partNumber: part?.partNumber ?? "",
    price: part?.priceMinor === undefined ? "" : priceText(part.priceMinor),
    warranty: part?.warrantyMonths === undefined ? "" : String(part.warrantyMonths),
    hand: part?.hand ?? "",
    inPairs: part?.inPairs ?? false,
    renews: part?.renews ?? "",
    // One tick alone comes as its own value, not as a list.
    holds: (part?.holds ?? []) as string[] | string | false,
    leavesOut: (part?.leavesOut ?? []).join("\n"),
  };
}

/** What the fields make. Only fasteners in `boxed` can lie in its box. */
export function partForm(
  id: string,
  boxed: readonly string[],
  money: Money,
): z.ZodType<Part, ReturnType<typeof partFields>> {
  return z
    .object({
      name: line("Say which part is replaced."),
      place: z.enum(PLACES),
      count: typed(wholeWithin("The count", 1, MOST_PARTS)),
      partNumber: lineIfTyped,
      price: ifTyped((text) => readPrice(text, money)),
      warranty: ifTyped(wholeWithin("The warranty", 1, LONGEST_WARRANTY_MONTHS, " months")),
      hand: oneOfIfSaid(SIDES),
      inPairs: z.boolean(),
      renews: ifTyped((one) => one),
      holds: z.union([z.array(z.string()), z.string(), z.literal(false)]),
      leavesOut: lines("\n", 30),
    })
    .transform(({ price, warranty, inPairs, holds, leavesOut, ...said }) => {
      const ticked = [holds]
        .flat()
        .filter((one): one is string => typeof one === "string" && boxed.includes(one));
      return withoutUndefined({
        ...said,
        id,
        priceMinor: price,
        warrantyMonths: warranty,
        inPairs: inPairs || undefined,
        holds: ticked.length > 0 ? ticked : undefined,
        leavesOut: leavesOut.length > 0 ? leavesOut : undefined,
      });
    });
}
