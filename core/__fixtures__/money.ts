import type { Money } from "../quantity/money";

/** What prices are in in the tests: "€412.60". */
export const EUROS: Money = { currency: "EUR", region: "IE" };
