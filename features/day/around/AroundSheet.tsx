"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, memo } from "react";
import { clockOf, minutesOf } from "@/core/day/clock";
import { hoursText, readHours } from "@/core/day/read-hours";
import { readSpot } from "@/core/day/spot";
import { InputError } from "@/core/input-error";
import type { Surroundings } from "@/core/model/day-plan";
import { type DayPlan, clockSchema } from "@/core/model/day-plan";
import { daySchema, lineSchema } from "@/core/model/record";
import { formatPrice, readPrice } from "@/core/quantity/money";
import { numberWithin, wholeWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import type { DayInHand } from "../use-day";
import { SavedField } from "./SavedField";

interface AroundSheetProps {
  plan: DayPlan;
  day: DayInHand;
  around: Surroundings;
  onAround: (next: Surroundings) => Promise<void>;
}

const WEEK = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"] as const;

/** Where and when: what this day keeps to, and what is the same for every job that is done here. */
export function AroundSheet({ plan, day, around, onAround }: AroundSheetProps) {
  const change = (next: Partial<DayPlan>) =>
    void day.change((now) => withoutUndefined({ ...now, ...next }) as DayPlan);
  return (
    <Sheet title="Where and when">
      <SavedField
        label="Where it is done"
        text={around.spot?.name ?? ""}
        placeholder="a large town, or 48.2 N 16.4 E"
        hint="For light and dark. It stays on this device."
        read={(text) => (text.trim() === "" ? undefined : readSpot(text))}
        onSave={(spot) => {
          const { spot: _old, ...rest } = around;
          void onAround(spot ? { ...rest, spot } : rest);
        }}
      />
      <RollBy plan={plan} change={change} />
      <Pauses plan={plan} change={change} />
      <Helper plan={plan} change={change} />
      <SavedField
        label="How warm it is there"
        unit="°C"
        text={plan.temperatureC === undefined ? "" : String(plan.temperatureC)}
        placeholder="not said"
        hint="For what has to cure"
        read={(text) =>
          text.trim() === "" ? undefined : numberWithin("The temperature", -40, 60, " °C")(text)
        }
        onSave={(temperatureC) => change({ temperatureC })}
      />
      <Hires plan={plan} change={change} />
      <HoursOfWeek around={around} onAround={onAround} />
    </Sheet>
  );
}

/** Drawn anew only where the hours change: these are many fields, and a drag on the bar changes none of them. */
const HoursOfWeek = memo(function HoursOfWeek({
  around,
  onAround,
}: Pick<AroundSheetProps, "around" | "onAround">) {
  return (
    <>
      <Folded title="When you work on it">
        <Week hours={around.hands} onHours={(hands) => void onAround({ ...around, hands })} />
      </Folded>
      <Folded title="When the shop is open">
        <Week hours={around.shop} onHours={(shop) => void onAround({ ...around, shop })} />
        <SavedField
          label="There and back"
          unit="min"
          text={String(around.tripMin)}
          read={numberWithin("The way", 0, 600, " minutes")}
          onSave={(tripMin) => void onAround({ ...around, tripMin })}
        />
      </Folded>
    </>
  );
});

type Change = (next: Partial<DayPlan>) => void;

function Folded({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="details" marginTop="2">
      <Box as="summary" minHeight="44px" paddingTop="2" cursor="pointer" fontWeight="600">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** The hours of each day of a week, Monday first as it is lived. */
function Week({
  hours,
  onHours,
}: {
  hours: Surroundings["hands"];
  onHours: (next: Surroundings["hands"]) => void;
}) {
  return (
    <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="2">
      {[1, 2, 3, 4, 5, 6, 0].map((day) => (
        <SavedField
          key={day}
          label={WEEK[day] ?? ""}
          text={hoursText(hours[day] ?? null)}
          read={readHours}
          onSave={(read) => onHours(hours.map((one, i) => (i === day ? read : one)))}
        />
      ))}
    </Box>
  );
}

function RollBy({ plan, change }: { plan: DayPlan; change: Change }) {
  const { rollBy } = plan;
  if (!rollBy)
    return (
      <Box marginTop="2">
        <Button onClick={() => change({ rollBy: { on: plan.startsOn, at: "18:00" } })}>
          It has to roll by …
        </Button>
      </Box>
    );
  const set = (next: Partial<typeof rollBy>) => change({ rollBy: withoutUndefined({ ...rollBy, ...next }) });
  return (
    <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="2" marginTop="2">
      <SavedField label="To roll by" type="date" text={rollBy.on} read={asDay} onSave={(on) => set({ on })} />
      <SavedField label="at" type="time" text={rollBy.at} read={asClock} onSave={(at) => set({ at })} />
      <SavedField
        label="Late, it costs"
        text={rollBy.costMinor === undefined ? "" : formatPrice(rollBy.costMinor)}
        placeholder="a taxi, a day off"
        read={(text) => (text.trim() === "" ? undefined : readPrice(text))}
        onSave={(costMinor) => set({ costMinor })}
      />
      <Box alignSelf="end">
        <Button onClick={() => change({ rollBy: undefined })}>No such hour</Button>
      </Box>
    </Box>
  );
}

const asDay = (text: string): string => {
  if (!daySchema.safeParse(text).success) throw new InputError("Choose a day.");
  return text;
};
const asClock = (text: string): string => {
  if (!clockSchema.safeParse(text).success) throw new InputError("An hour is written 08:30.");
  return text;
};
const asLine = (text: string): string => {
  if (!lineSchema.safeParse(text).success)
    throw new InputError("Say what it is, in 200 letters at the most.");
  return text.trim();
};

/** Where a new pause is put: behind the last, or in the middle of the day. */
function nextPause({ pauses }: DayPlan): DayPlan["pauses"][number] {
  const last = pauses.at(-1);
  return { at: last ? clockOf(Math.min(minutesOf(last.at) + 150, 1380)) : "12:30", minutes: last ? 15 : 45 };
}

function Pauses({ plan, change }: { plan: DayPlan; change: Change }) {
  const { pauses } = plan;
  const put = (i: number, next: Partial<(typeof pauses)[number]>) =>
    change({ pauses: pauses.map((one, j) => (i === j ? { ...one, ...next } : one)) });
  return (
    <Box marginTop="2">
      {pauses.map(({ at, minutes }, i) => (
        <Box
          key={i}
          display="grid"
          gridTemplateColumns="minmax(0, 1fr) minmax(0, 1fr) auto"
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

function Helper({ plan, change }: { plan: DayPlan; change: Change }) {
  const { helper } = plan;
  return (
    <Box marginTop="2">
      {helper.map((hours, i) => (
        <Box key={i} display="grid" gridTemplateColumns="minmax(0, 1fr) auto" gap="2" marginTop="1">
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
          <Box alignSelf="end">
            <Button
              aria-label={`Nobody from ${hours.from}`}
              onClick={() => change({ helper: helper.filter((_, j) => j !== i) })}
            >
              ×
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

function Hires({ plan, change }: { plan: DayPlan; change: Change }) {
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
        <Box key={i} display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="2" marginTop="1">
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
            text={formatPrice(hire.perDayMinor)}
            read={readPrice}
            onSave={(perDayMinor) => put(i, { perDayMinor })}
          />
          <SavedField
            label="To buy it costs"
            text={hire.buyMinor === undefined ? "" : formatPrice(hire.buyMinor)}
            placeholder="not known"
            read={(text) => (text.trim() === "" ? undefined : readPrice(text))}
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
