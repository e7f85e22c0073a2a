import { expose } from "comlink";
import highsLoader from "highs";
import { chestOf } from "@/core/chest/chest";
import { wantsFor } from "@/core/kit/kit";
import type { Route } from "@/core/model/job";
import type { KitRecord } from "@/core/model/kit";
import type { Offer, Shop } from "@/core/model/offer";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import type { Money } from "@/core/quantity/money";
import { shop } from "@/core/shop/shopping";
import { type ToldShopping, tellShopping } from "@/core/shop/tell";
import { highsSolver } from "./highs-solver";

export interface ShopFor {
  route: Route;
  tools: Tool[];
  vehicle: Vehicle;
  thisYear: number;
  got: KitRecord["got"];
  wishes: KitRecord["wishes"];
  offers: Offer[];
  shops: Shop[];
  daysLeft: number | undefined;
  money: Money;
}

const loaded = highsLoader({ locateFile: () => new URL("highs/runtime", import.meta.url).href });

/** Shops for a job's kit; everything that crosses is plain data. */
async function shopFor({
  route,
  tools,
  vehicle,
  thisYear,
  got,
  wishes,
  offers,
  shops,
  daysLeft,
  money,
}: ShopFor): Promise<ToldShopping> {
  const chest = chestOf(tools);
  const wants = wantsFor(route, chest, { vehicle, thisYear });
  const had = new Set(got.map(({ key }) => key));
  const names = new Map(wants.map(({ key, name }) => [key, name]));
  return tellShopping(
    shop({ wants, chest, had, offers, shops, wishes, daysLeft }, highsSolver(await loaded)),
    names,
    money,
  );
}

const worker = { shopFor };
export type ShoppingWorker = typeof worker;
expose(worker);
