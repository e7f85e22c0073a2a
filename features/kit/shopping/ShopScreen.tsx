"use client";

import { Box } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import { chestOf } from "@/core/chest/chest";
import { daysAfter, daysBetween } from "@/core/day";
import { wantsFor } from "@/core/kit/kit";
import { isCovered } from "@/core/kit/needs/need";
import type { Job } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import { type Paid, paidFor, withPrices } from "@/core/shop/paid";
import { ordered, takenIn } from "@/core/shop/take-in";
import type { ToldPlan } from "@/core/shop/tell";
import { wantedFor } from "@/core/shop/wanted";
import { useSetting } from "@/data/hooks";
import { newId, stamp, stamped, touched } from "@/data/stamp";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import type { ShopFor } from "@/workers/shopping.worker";
import { useMoney } from "../../shared/money/use-money";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { KitSide } from "../KitSide";
import { type KitInHand, useKit } from "../use-kit";
import { CounterSheet } from "./CounterSheet";
import { MoneySheet } from "./MoneySheet";
import { OrderSheet } from "./OrderSheet";
import { OwnOffers } from "./OwnOffers";
import { PaidSheet } from "./PaidSheet";
import { useCounter } from "./use-counter";
import { useShopping } from "./use-shopping";
import { WishesSheet } from "./WishesSheet";

/** The cheapest way to have what is short, in time. */
export function ShopScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const inHand = useKit(job, vehicle);
  return inHand ? <Shop job={job} vehicle={vehicle} inHand={inHand} /> : <Loading />;
}

function Shop({ job, vehicle, inHand }: { job: Job; vehicle: Vehicle; inHand: KitInHand }) {
  const { route, tools, kit, record, change, thisYear } = inHand;
  const money = useMoney();
  const [kept, keepDay] = useSetting("counter day");
  const day = kept ?? "open";
  const { got, wishes, typed } = record;
  const had = useMemo(() => new Set(got.map(({ key }) => key)), [got]);
  const wants = useMemo(
    () => wantsFor(route, chestOf(tools), { vehicle, thisYear }),
    [route, tools, vehicle, thisYear],
  );
  const short = useMemo(() => {
    const keys = new Set(kit.lines.filter((line) => !isCovered(line)).map(({ key }) => key));
    return wants.filter(({ key }) => keys.has(key));
  }, [kit, wants]);
  const wanted = useMemo(() => wantedFor(wants.filter(({ key }) => !had.has(key))), [wants, had]);
  const [counter, askAgain] = useCounter(wanted, day);
  const neededBy =
    record.wishes.neededBy ?? (job.plannedFor && job.plannedFor >= today() ? job.plannedFor : undefined);
  const answer = counter.kind === "open" ? counter.answer : undefined;
  // While the counter is asked anew nothing is worked out: without its offers the answer would be another
  // one.
  const asking = counter.kind === "asking";
  const ask = useMemo((): ShopFor | undefined => {
    if (asking) return undefined;
    const daysLeft = neededBy === undefined ? undefined : Math.max(0, daysBetween(today(), neededBy));
    return {
      route,
      tools,
      vehicle,
      thisYear,
      got,
      wishes,
      offers: [...typed, ...(answer?.offers ?? [])],
      shops: answer?.shops ?? [],
      daysLeft,
      money,
    };
  }, [asking, route, tools, vehicle, thisYear, got, wishes, typed, answer, neededBy, money]);
  const { told, stale, failed } = useShopping(ask);
  const [at, setAt] = useState(0);
  const plan = told?.plans[at] ?? told?.plans[0];
  const take = useTakeIn(job, inHand);
  const keepPaid = useKeepPaid(job, inHand);
  return (
    <ThreeColumns
      phone="left, middle, right"
      left={<KitSide job={job} vehicle={vehicle} inHand={inHand} at="shop" />}
      middle={
        told && (!stale || plan) ? (
          <OrderSheet
            job={job}
            told={told}
            at={plan === told.plans[at] ? at : 0}
            stale={stale}
            neededBy={neededBy}
            onLook={setAt}
            onOrdered={(one) => void take(one, "ordered")}
            onTaken={(one) => void take(one, "taken")}
          />
        ) : (
          <Sheet flex="1" title="Shopping">
            <Box role="status">
              {failed
                ? "■ The shopping could not be worked out. Reload the page to try again; nothing was lost."
                : "Working it out …"}
            </Box>
          </Sheet>
        )
      }
      right={
        <>
          <CounterSheet state={counter} day={day} onDay={(one) => void keepDay(one)} onAskAgain={askAgain} />
          <WishesSheet
            key={record.id}
            record={record}
            wants={short}
            plannedFor={job.plannedFor}
            onChange={change}
          />
          <OwnOffers record={record} wants={short} onChange={change} />
          <MoneySheet inHand={inHand} plan={plan} />
          <PaidSheet record={record} onPaid={keepPaid} />
        </>
      }
    />
  );
}

/** Writes down what was paid; the plan's parts take their price from it, and the log from them. */
function useKeepPaid(
  job: Job,
  { record }: KitInHand,
): (change: (paid: readonly Paid[]) => Paid[], says?: string) => Promise<boolean> {
  const perform = useDo();
  return (change, says) => {
    const paid = change(record.paid ?? []);
    return perform(
      {
        put: {
          kits: [touched({ ...record, paid })],
          jobs: [touched(withRoute(job, withPrices(chosenRoute(job), paid)))],
        },
      },
      says,
    );
  };
}

/** Notes a plan as ordered, or takes all of it in; each can be undone. */
function useTakeIn(
  job: Job,
  { record }: KitInHand,
): (plan: ToldPlan, how: "ordered" | "taken") => Promise<boolean> {
  const perform = useDo();
  const dueIn = (days: number) => daysAfter(today(), days);
  return (plan, how) => {
    const keys = new Set(plan.lines.flatMap(({ covers }) => covers.map(({ key }) => key)));
    const others = record.got.filter(({ key }) => !keys.has(key));
    if (how === "ordered")
      return perform(
        { put: { kits: [touched({ ...record, got: [...others, ...ordered(plan, dueIn)] })] } },
        "Noted as on order.",
      );
    const { tools, got, followUps } = takenIn(plan, dueIn);
    const paid = paidFor(plan, newId);
    const priced = withRoute(job, withPrices(chosenRoute(job), paid));
    return perform(
      {
        put: {
          kits: [
            touched({
              ...record,
              got: [...others, ...got],
              ...(paid.length > 0 ? { paid: [...(record.paid ?? []), ...paid].slice(-2000) } : {}),
            }),
          ],
          jobs: [touched(priced)],
          tools: tools.map((draft) => stamped<Tool>(draft, job.origin)),
          followUps: followUps.map((one) => ({
            ...stamp(job.origin),
            vehicleId: job.vehicleId,
            jobId: job.id,
            state: "open" as const,
            ...one,
          })),
        },
      },
      `All of it is here.${followUps.length > 0 ? " What is owed back is in the Garage." : ""}`,
    );
  };
}
