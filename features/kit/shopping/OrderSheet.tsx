"use client";

import { Box } from "@chakra-ui/react";
import { capital } from "@/core/capital";
import type { Job } from "@/core/model/job";
import { formatPrice } from "@/core/quantity/money";
import { orderRows, orderText } from "@/core/shop/order-list";
import type { OrderLine, ToldPlan, ToldShopping } from "@/core/shop/tell";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { saveTable } from "../../shell/save-table";

interface OrderSheetProps {
  job: Job;
  told: ToldShopping;
  at: number;
  /** True while a newer one is being worked out. */
  stale: boolean;
  neededBy: string | undefined;
  onLook: (at: number) => void;
  onOrdered: (plan: ToldPlan) => void;
  onTaken: (plan: ToldPlan) => void;
}

/** The shopping that won, why, and the next two; its order by shop. */
export function OrderSheet({ job, told, at, stale, neededBy, onLook, onOrdered, onTaken }: OrderSheetProps) {
  const money = useMoney();
  const plan = told.plans[at];
  const lacking = told.nowhere.length + told.late.length > 0;
  return (
    <Sheet flex="1">
      <Box display="flex" alignItems="baseline" gap="3" flexWrap="wrap">
        <Box as="h2" fontSize="22px">
          {at === 0 ? "The cheapest that is here in time" : `The ${at === 1 ? "second" : "third"} best`}
        </Box>
        <Box role="status" color="soft" fontSize="15px">
          {orderNote(stale, neededBy)}
        </Box>
      </Box>
      {told.overBudget && plan && (
        <Box color="watch" fontWeight="600">
          ▲ Nothing gets all of it for what you want to spend. This takes the least cash.
        </Box>
      )}
      {told.nowhere.length > 0 && (
        <Box color="stop" marginTop="1">
          ■ Nobody that could be asked sells it: {told.nowhere.join(", ")}. Type a price of your own for it,
          or borrow it.
        </Box>
      )}
      {told.late.length > 0 && (
        <Box color="stop" marginTop="1">
          ■ Not in time:{" "}
          {told.late
            .map(({ name, leadDays }) => `${name}, in ${leadDays} ${leadDays === 1 ? "day" : "days"}`)
            .join("; ")}
          . Choose a later day, or type a price of your own.
        </Box>
      )}
      {!plan && (
        <Box marginTop="3" color={lacking ? "soft" : "good"} fontWeight="600">
          {lacking
            ? "Nothing can be bought as it stands."
            : "● Nothing has to be bought: everything is there."}
        </Box>
      )}
      {plan && (
        <>
          <Box
            display="flex"
            alignItems="center"
            gap="5"
            flexWrap="wrap"
            marginTop="2"
            data-testid="plan-cost"
          >
            <BigFigure value={formatPrice(plan.costMinor, money)} size="bench" />
            <Box color="soft" fontSize="15px">
              {plan.cashMinor > plan.costMinor && (
                <Box>
                  {formatPrice(plan.cashMinor, money)} to pay at first;{" "}
                  {formatPrice(plan.cashMinor - plan.costMinor, money)} comes back.
                </Box>
              )}
              <Box>
                {lacking ? "The rest" : "All of it"}{" "}
                {plan.leadDays === 0
                  ? "today."
                  : `in ${plan.leadDays} ${plan.leadDays === 1 ? "day" : "days"}.`}
              </Box>
            </Box>
          </Box>
          {plan.why.length > 0 && (
            <Box as="ul" listStyleType="none" padding="0" marginTop="2" fontSize="15px">
              {plan.why.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </Box>
          )}
          <Order plan={plan} />
          <Box display="flex" gap="2" flexWrap="wrap" marginTop="4">
            <Button look="primary" disabled={stale} onClick={() => onTaken(plan)}>
              {lacking ? "The rest of it is here" : "All of it is here"}
            </Button>
            <Button disabled={stale} onClick={() => onOrdered(plan)}>
              It is ordered
            </Button>
            <CopyButton text={orderText(job.title, plan, money)} />
            <Button onClick={() => saveTable("order.csv", orderRows(plan, money))}>Save as CSV</Button>
          </Box>
        </>
      )}
      {told.plans.length > 1 && (
        <Box marginTop="5" borderTop="1px solid" borderColor="edge" paddingTop="3">
          <Box as="h3" fontSize="20px" marginBottom="1">
            The others
          </Box>
          {told.plans.map((other, i) =>
            i === at ? null : (
              <Button
                key={i}
                width="100%"
                justifyContent="space-between"
                marginBottom="2"
                borderColor="edge"
                textAlign="left"
                onClick={() => onLook(i)}
              >
                <Box as="span" fontFamily="body" fontWeight="400" fontSize="15px">
                  {i === 0 ? "Back to the best" : other.why[0]}
                </Box>
                <span>{formatPrice(other.costMinor, money)}</span>
              </Button>
            ),
          )}
        </Box>
      )}
    </Sheet>
  );
}

function orderNote(stale: boolean, neededBy: string | undefined) {
  if (stale) return "Working it out anew …";
  if (neededBy) return `by ${formatDay(neededBy)}`;
  return "";
}

function Order({ plan }: { plan: ToldPlan }) {
  const money = useMoney();
  const shops = [...new Set(plan.lines.map(({ shop }) => shop))];
  return (
    <>
      {shops.map((shop) => (
        <Box key={shop} marginTop="3">
          <Box as="h3" fontSize="18px" color="soft">
            {capital(shop)}
          </Box>
          {plan.lines
            .filter((line) => line.shop === shop)
            .map((line) => (
              <OrderRow key={line.id} line={line} />
            ))}
          {plan.delivery
            .filter((one) => one.shop === shop)
            .map(({ minor }) => (
              <Box
                key="delivery"
                display="flex"
                justifyContent="space-between"
                fontSize="15px"
                paddingBlock="1"
              >
                <span>Delivery</span>
                <span>{formatPrice(minor, money)}</span>
              </Box>
            ))}
        </Box>
      ))}
    </>
  );
}

function OrderRow({ line }: { line: OrderLine }) {
  const money = useMoney();
  const {
    title,
    count,
    kind,
    days,
    costMinor,
    depositMinor,
    coreMinor,
    keptMinor,
    leadDays,
    grade,
    returnRate,
    covers,
    leavesOut,
  } = line;
  const small = [
    covers.length > 1 && `for ${covers.map(({ name }) => name).join(", ")}`,
    kind === "hire" && `${days} ${days === 1 ? "day" : "days"}`,
    depositMinor > 0 && `deposit ${formatPrice(depositMinor, money)}`,
    keptMinor > 0 && `${formatPrice(keptMinor, money)} of it for the old part, kept`,
    coreMinor > 0 && `old part back for ${formatPrice(coreMinor, money)}`,
    (grade === "used" || grade === "remanufactured") && grade,
    returnRate !== undefined && `${Math.round(returnRate * 100)} in 100 come back`,
    leavesOut.length > 0 && `leaves out ${leavesOut.join(", ")}`,
    leadDays > 0 && `in ${leadDays} ${leadDays === 1 ? "day" : "days"}`,
  ].filter(Boolean);
  return (
    <Box borderBottom="1px solid" borderColor="edge" paddingBlock="2" data-testid="order-line">
      <Box display="flex" justifyContent="space-between" gap="3" fontWeight="600">
        <span>
          {count > 1 && `${count} × `}
          {title}
        </span>
        <span>{kind === "stand-in" ? "nothing" : formatPrice(costMinor, money)}</span>
      </Box>
      {small.length > 0 && (
        <Box fontSize="14px" color="soft">
          {small.join("; ")}
        </Box>
      )}
    </Box>
  );
}
