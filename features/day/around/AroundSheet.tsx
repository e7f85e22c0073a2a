"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, memo } from "react";
import { hoursText, readHours } from "@/core/day/read-hours";
import { readSpot } from "@/core/day/spot";
import type { DayPlan, Surroundings } from "@/core/model/day-plan";
import { priceText, readPrice } from "@/core/quantity/money";
import { numberWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import type { DayInHand } from "../use-day";
import { type Change, Helper, Hires, Pauses, ROOMY } from "./PlanLists";
import { asClock, asDay } from "./readers";
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
  const money = useMoney();
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
    <Box display="grid" gridTemplateColumns={ROOMY} gap="2" marginTop="2">
      <SavedField label="To roll by" type="date" text={rollBy.on} read={asDay} onSave={(on) => set({ on })} />
      <SavedField label="at" type="time" text={rollBy.at} read={asClock} onSave={(at) => set({ at })} />
      <SavedField
        label="Late, it costs"
        text={priceText(rollBy.costMinor)}
        placeholder="a taxi, a day off"
        read={(text) => (text.trim() === "" ? undefined : readPrice(text, money))}
        onSave={(costMinor) => set({ costMinor })}
      />
      <Box alignSelf="end">
        <Button onClick={() => change({ rollBy: undefined })}>No such hour</Button>
      </Box>
    </Box>
  );
}
