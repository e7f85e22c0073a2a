"use client";

import { Box } from "@chakra-ui/react";
import { clockOf, minutesOf } from "@/core/day/clock";
import { hoursText, readHours } from "@/core/day/read-hours";
import { InputError } from "@/core/input-error";
import type { DayPlan } from "@/core/model/day-plan";
import { priceText, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { Button } from "@/ui/Button";
import { useMoney } from "../../shared/money/use-money";
import { asClock, asDay, asLine } from "./readers";
import { SavedField } from "./SavedField";

/** Two beside each other where a date has room in each, and one below the other where it has not. */
export const ROOMY = "repeat(auto-fit, minmax(145px, 1fr))";

/** Changes what a plan of a day says. */
export type Change = (next: Partial<DayPlan>) => void;

/** Where a new pause is put: behind the last, or in the middle of the day. */
function nextPause({ pauses }: DayPlan): DayPlan["pauses"][number] {
  const last = pauses.at(-1);
  return { at: last ? clockOf(Math.min(minutesOf(last.at) + 150, 1380)) : "12:30", minutes: last ? 15 : 45 };
}

/** When hands rest. */
export function Pauses({ plan, change }: { plan: DayPlan; change: Change }) {
  const { pauses } = plan;
  const put = (i: number, next: Partial<(typeof pauses)[number]>) =>
    change({ pauses: pauses.map((one, j) => (i === j ? { ...one, ...next } : one)) });
  return (
    <Box marginTop="2">
      {pauses.map(({ at, minutes }, i) => (
        <Box
          key={i}
          display="grid"
          gridTemplateColumns="minmax(0, 5fr) minmax(0, 3fr) auto"
          gap="2"
          marginTop="1"
        >
          <SavedField
            label="Rest at"
            type="time"
            text={at}
            read={asClock}
            onSave={(next) => put(i, { at: next })}
          />
          <SavedField
            label="for"
            unit="min"
            text={String(minutes)}
            read={wholeWithin("A rest", 5, 240)}
            onSave={(next) => put(i, { minutes: next })}
          />
          <Box alignSelf="end">
            <Button
              aria-label={`No rest at ${at}`}
              onClick={() => change({ pauses: pauses.filter((_, j) => j !== i) })}
            >
              ×
            </Button>
          </Box>
        </Box>
      ))}
      {pauses.length < 6 && (
        <Box marginTop="1">
          <Button look="quiet" onClick={() => change({ pauses: [...pauses, nextPause(plan)] })}>
            A rest more
          </Button>
        </Box>
      )}
    </Box>
  );
}

/** When somebody helps. */
export function Helper({ plan, change }: { plan: DayPlan; change: Change }) {
  const { helper } = plan;
  return (
    <Box marginTop="2">
      {helper.map((hours, i) => (
        <Box key={i} display="grid" gridTemplateColumns={ROOMY} gap="2" marginTop="1">
          <SavedField
            label="A second pair of hands"
            text={hoursText({ from: hours.from, to: hours.to })}
            read={(text) => {
              const read = readHours(text);
              if (!read) throw new InputError("Write 14:00-16:00, or take it out.");
              return read;
            }}
            onSave={(read) =>
              change({ helper: helper.map((one, j) => (i === j ? { ...one, ...read } : one)) })
            }
          />
          <SavedField
            label="on"
            type="date"
            hint={hours.on === undefined ? "Empty: each day" : undefined}
            text={hours.on ?? ""}
            read={(text) => (text === "" ? undefined : asDay(text))}
            onSave={(on) =>
              change({
                helper: helper.map((one, j) => (i === j ? withoutUndefined({ ...one, on }) : one)),
              })
            }
          />
          <Box alignSelf="end">
            <Button
              aria-label={`Nobody helps from ${hours.from}`}
              onClick={() => change({ helper: helper.filter((_, j) => j !== i) })}
            >
              Nobody helps
            </Button>
          </Box>
        </Box>
      ))}
      {helper.length < 4 && (
        <Button
          look="quiet"
          onClick={() => change({ helper: [...helper, { from: "14:00", to: "17:00", on: plan.startsOn }] })}
        >
          Somebody helps
        </Button>
      )}
    </Box>
  );
}

/** What is hired, and what buying it would cost. */
export function Hires({ plan, change }: { plan: DayPlan; change: Change }) {
  const money = useMoney();
  const hires = plan.hires ?? [];
  const put = (
    i: number,
    next: { [K in keyof (typeof hires)[number]]?: (typeof hires)[number][K] | undefined },
  ) =>
    change({
      hires: hires.map((one, j) => (i === j ? (withoutUndefined({ ...one, ...next }) as typeof one) : one)),
    });
  return (
    <Box marginTop="2">
      {hires.map((hire, i) => (
        <Box key={i} display="grid" gridTemplateColumns={ROOMY} gap="2" marginTop="1">
          <SavedField label="Hired" text={hire.what} read={asLine} onSave={(what) => put(i, { what })} />
          <SavedField
            label="until"
            type="date"
            text={hire.until}
            read={asDay}
            onSave={(until) => put(i, { until })}
          />
          <SavedField
            label="A day of it costs"
            text={priceText(hire.perDayMinor)}
            read={readPrice}
            onSave={(perDayMinor) => put(i, { perDayMinor })}
          />
          <SavedField
            label="To buy it costs"
            text={priceText(hire.buyMinor)}
            placeholder="not known"
            read={(text) => (text.trim() === "" ? undefined : readPrice(text, money))}
            onSave={(buyMinor) => put(i, { buyMinor })}
          />
          <Box alignSelf="end">
            <Button onClick={() => change({ hires: hires.filter((_, j) => j !== i) })}>Not hired</Button>
          </Box>
        </Box>
      ))}
      <Button
        look="quiet"
        onClick={() =>
          change({ hires: [...hires, { what: "Hired tool", until: plan.startsOn, perDayMinor: 0 }] })
        }
      >
        Something is hired
      </Button>
    </Box>
  );
}
