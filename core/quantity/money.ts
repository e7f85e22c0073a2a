import countryToCurrency from "country-to-currency";
import { InputError } from "../input-error";
import { readNumber } from "./read-number";

/** What a household's money is in, and whose way of writing it: ISO 4217 and ISO 3166-1 codes. */
export interface Money {
  currency: string;
  region: string;
}

/** What stands before a price and behind it. */
const BESIDE = /^(?<before>[^\d.,+-]*)(?<price>.*?)(?<behind>[^\d.,]*)$/su;
/** Everyday words, and the signs that they stand for. */
const WORDS: Readonly<Record<string, string>> = {
  euro: "€",
  euros: "€",
  dollar: "$",
  dollars: "$",
  bucks: "$",
  pound: "£",
  pounds: "£",
  quid: "£",
};

/**
 * A price as typed, in whole minor units (hundredths), with or without its currency beside it. Example:
 * readPrice("18.50") → 1850; "€18.50" the same.
 * @param money what the household's prices are in: another currency beside the price is asked about. Without it any
 * currency is taken.
 * @throws InputError when it is not a price, has more than two decimals or is in another currency.
 */
export function readPrice(text: string, money?: Money, field?: string): number {
  const { before = "", price = "", behind = "" } = BESIDE.exec(text.trim())?.groups ?? {};
  const beside = [before, behind].map((said) => said.trim()).filter((said) => said !== "");
  if (money && beside.some((said) => isCurrency(said) && !means(said, money)))
    throw new InputError(
      `“${text.trim()}” is in another currency: prices here are in ${currencyName(money.currency)} (${money.currency}). Type what it came to in that.`,
      field,
    );
  const known = beside.every((said) => isCurrency(said) || (money !== undefined && means(said, money)));
  const { value, decimals } = readNumber(known ? price : text, "The price", field);
  if (value < 0) throw new InputError("A price cannot be less than nothing.", field);
  if (decimals > 2)
    throw new InputError(`"${text.trim()}" has more than two decimals. Type it like 18.50.`, field);
  return Math.round(value * 100);
}

/** Whether what stands beside a price is a currency at all: a sign ("€", "US$"), a code or an everyday name. */
function isCurrency(said: string): boolean {
  return (
    /^[A-Z]{0,2}\p{Sc}$/iu.test(said) ||
    said.toLowerCase() in WORDS ||
    Intl.supportedValuesOf("currency").includes(said.toUpperCase())
  );
}

/** Whether it can mean this currency: its code, or a sign of it ("$", "US$", "kr"). */
function means(said: string, money: Money): boolean {
  const sign = WORDS[said.toLowerCase()] ?? said;
  // Its sign at home, and the one that it has in English: "$" and "A$".
  const signs = [money, { ...money, region: "US" }].flatMap((place) =>
    SIGNS.map((display) => signOf(place, display)),
  );
  return [money.currency, ...signs].some((one) => one.toLowerCase() === sign.toLowerCase());
}

const SIGNS = ["symbol", "narrowSymbol"] as const;

/** The sign of a currency: "€". */
function signOf(money: Money, display: (typeof SIGNS)[number] = "narrowSymbol"): string {
  return (
    formatter(money, display)
      .formatToParts(0)
      .find(({ type }) => type === "currency")?.value ?? money.currency
  );
}

/** 41260 → "€412.60", as the currency is written in that country. */
export function formatPrice(minorUnits: number, money: Money): string {
  return formatter(money, "symbol").format(minorUnits / 100);
}

/** 41260 → "412.60": for a field and for a table, with a point and nothing else. */
export function priceText(minorUnits: number | undefined): string {
  return minorUnits === undefined ? "" : (minorUnits / 100).toFixed(2);
}

/** Where a language is spoken that names no country and none is likely: the euro, as it is written in English. */
const NOWHERE: Money = { currency: "EUR", region: "IE" };

/**
 * The money of where a language is spoken, by its tag (BCP 47) and the likeliest country (Unicode CLDR) where it names
 * none. Example: "de" → EUR as in DE; "en-US" → USD as in US.
 */
export function moneyOfLanguage(tag: string): Money {
  const region = regionOf(tag);
  const currency = region && (countryToCurrency as Readonly<Record<string, string>>)[region];
  return region && currency ? { currency, region } : NOWHERE;
}

function regionOf(tag: string): string | undefined {
  try {
    return new Intl.Locale(tag).maximize().region;
  } catch {
    return undefined;
  }
}

/** Every currency that money can be in, by its name, and every country whose way of writing it can be taken. */
export const moneyChoices = () => ({
  currencies: named(Intl.supportedValuesOf("currency"), "currency"),
  regions: named(Object.keys(countryToCurrency), "region"),
});

function named(codes: readonly string[], type: "currency" | "region") {
  const names = new Intl.DisplayNames("en", { type });
  return codes
    .map((value) => ({ value, label: names.of(value) ?? value }))
    .sort((a, b) => a.label.localeCompare(b.label, "en"));
}

/** The name of a currency in English, "Euro"; its code where it has none. */
export function currencyName(currency: string): string {
  return new Intl.DisplayNames("en", { type: "currency" }).of(currency) ?? currency;
}

const made = new Map<string, Intl.NumberFormat>();

/** As it is written there in the language most people there speak. Making one takes a hundred times as long as using it. */
function formatter({ currency, region }: Money, currencyDisplay: (typeof SIGNS)[number]): Intl.NumberFormat {
  const key = `${region} ${currency} ${currencyDisplay}`;
  const before = made.get(key);
  if (before) return before;
  const { language } = new Intl.Locale(`und-${region}`).maximize();
  const fresh = new Intl.NumberFormat(`${language}-${region}`, {
    style: "currency",
    currency,
    currencyDisplay,
    numberingSystem: "latn",
  });
  made.set(key, fresh);
  return fresh;
}
