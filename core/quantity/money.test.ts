import { EUROS } from "../__fixtures__/money";
import { InputError } from "../input-error";
import {
  type Money,
  currencyName,
  formatPrice,
  moneyChoices,
  moneyOfLanguage,
  priceText,
  readPrice,
} from "./money";

/** Spaces that do not break are spaces to the eye. */
const seen = (text: string) => text.replace(/[\u00a0\u202f]/g, " ");

// As Unicode CLDR writes each currency in English where it is paid in.
test.each<[minor: number, currency: string, region: string, written: string]>([
  [41_260, "EUR", "IE", "€412.60"],
  [162_770, "EUR", "DE", "1.627,70 €"],
  [162_770, "GBP", "GB", "£1,627.70"],
  [162_770, "USD", "US", "$1,627.70"],
  [162_770, "USD", "CA", "US$1,627.70"],
  [150_000, "JPY", "JP", "￥1,500"],
  [-550, "EUR", "IE", "-€5.50"],
])("%d hundredths of %s as in %s are %s", (minor, currency, region, written) => {
  expect(seen(formatPrice(minor, { currency, region }))).toBe(written);
});

test("in a field and in a table a price is a plain number with a point", () => {
  expect([priceText(162_770), priceText(5), priceText(undefined)]).toEqual(["1627.70", "0.05", ""]);
});

const KRONA: Money = { currency: "SEK", region: "SE" };
const DOLLARS: Money = { currency: "AUD", region: "AU" };

test.each<[typed: string, money: Money | undefined, minor: number]>([
  ["18.50", EUROS, 1850],
  ["€18,50", EUROS, 1850],
  ["18.50 EUR", EUROS, 1850],
  ["18 euros", EUROS, 1800],
  ["185 kr", KRONA, 18_500],
  ["$12", DOLLARS, 1200],
  ["A$12", DOLLARS, 1200],
  ["12 bucks", DOLLARS, 1200],
  ["$12", undefined, 1200],
  ["1 627.70", EUROS, 162_770],
])("%s comes to %s hundredths", (typed, money, minor) => {
  expect(readPrice(typed, money)).toBe(minor);
});

test.each<[typed: string, money: Money, says: string]>([
  ["$18", EUROS, "prices here are in Euro (EUR)"],
  ["£18", EUROS, "in another currency"],
  ["18 USD", DOLLARS, "in another currency"],
  ["US$18", DOLLARS, "in another currency"],
  ["18 quid", EUROS, "in another currency"],
  ["18 miles", EUROS, "price"],
  ["kr 18", EUROS, "price"],
  ["-5", EUROS, "less than nothing"],
  ["18.505", EUROS, "more than two decimals"],
  ["", EUROS, "empty"],
])("“%s” is asked about, and never taken for the household’s own", (typed, money, says) => {
  expect(() => readPrice(typed, money)).toThrow(InputError);
  expect(() => readPrice(typed, money)).toThrow(says);
});

test.each<[tag: string, currency: string, region: string]>([
  ["en-GB", "GBP", "GB"],
  ["en-US", "USD", "US"],
  ["de", "EUR", "DE"],
  ["fr-CH", "CHF", "CH"],
  ["sv", "SEK", "SE"],
  ["ja", "JPY", "JP"],
  ["eo", "EUR", "IE"],
  ["", "EUR", "IE"],
])("where %s is spoken money is in %s", (tag, currency, region) => {
  expect(moneyOfLanguage(tag)).toEqual({ currency, region });
});

test("every currency and country that can be chosen has a name, and money in it can be written", () => {
  const { currencies, regions } = moneyChoices();
  expect(currencies).toContainEqual({ value: "SEK", label: "Swedish Krona" });
  expect(regions).toContainEqual({ value: "IE", label: "Ireland" });
  for (const { value } of currencies)
    expect(formatPrice(100, { currency: value, region: "IE" })).toMatch(/1/);
  for (const { value } of regions) expect(formatPrice(100, { currency: "EUR", region: value })).toMatch(/1/);
  expect(currencyName("EUR")).toBe("Euro");
});
