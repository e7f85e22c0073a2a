import ical, { ICalAlarmType, ICalEventStatus } from "ical-generator";
import { DAY_MS } from "@/core/day";
import { instantOf } from "@/core/day/clock";
import type { DayTold } from "@/core/day/day";
import type { Slot } from "@/core/day/schedule";
import { bandWords } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import type { FollowUp } from "@/core/model/log";

/**
 * A follow-up as a calendar sees it: the day it is owed, the vehicle it is about, and what else there is to
 * say.
 */
export interface CalendarEntry {
  followUp: FollowUp;
  on: string;
  vehicle: string;
  says: string;
}

/**
 * In the morning of the day, and the evening before, counted from the midnight that an all-day entry begins
 * at.
 */
const ALARMS_S = [-5 * 3600, 8 * 3600];

/**
 * Follow-ups as iCalendar (RFC 5545): a day each, with two alarms. The UID is the follow-up's id and the
 * SEQUENCE rises with every change, so that a calendar that takes the file again moves its entries instead of
 * doubling them; one that is done or dropped is sent as cancelled. A day that was only forecast may move
 * without a change: then the later DTSTAMP tells which file is the newer.
 */
export function writeCalendar(entries: readonly CalendarEntry[], now: Date): string {
  const calendar = ical({
    prodId: { company: "Vest Pocket", product: "Follow-ups", language: "EN" },
    name: "Vest Pocket follow-ups",
  });
  for (const { followUp, on, vehicle, says } of entries) {
    // The library writes a whole day as it is in UTC; a midnight here would be the day before, east of
    // Greenwich.
    const day = new Date(`${on}T00:00:00.000Z`);
    const event = calendar.createEvent({
      id: `${followUp.id}@vest-pocket`,
      stamp: now,
      sequence: sequenceOf(followUp),
      start: day,
      end: new Date(day.getTime() + DAY_MS),
      allDay: true,
      summary: `${vehicle}: ${followUp.text}`,
      description: says,
      status: followUp.state === "open" ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
    });
    if (followUp.state === "open")
      for (const trigger of ALARMS_S)
        event.createAlarm({
          type: ICalAlarmType.display,
          trigger: -trigger,
          description: `${vehicle}: ${followUp.text}`,
        });
  }
  return calendar.toString();
}

/** Alarms of a day: half an hour before it begins, and at each wait's end and each decision. */
const BEFORE_START_S = 1800;

/**
 * A day as iCalendar: one entry for the whole of it, one for each wait's end and each place to decide, with alarms.
 * Moments are instants, so they stand right wherever the calendar is.
 */
export function writeDayCalendar(
  job: Job,
  vehicle: string,
  told: DayTold,
  slots: readonly Slot[],
  now: Date,
): string {
  const calendar = ical({
    prodId: { company: "Vest Pocket", product: "Day", language: "EN" },
    name: "Vest Pocket day",
  });
  const steps = new Map(job.routes.flatMap(({ steps: all }) => all).map((step) => [step.id, step]));
  const at = (minutes: number) => new Date(instantOf(told.zero, minutes));
  const entry = (
    id: string,
    from: number,
    to: number,
    summary: string,
    description: string,
    before: number,
  ) => {
    const event = calendar.createEvent({
      id: `${job.id}.${id}@vest-pocket`,
      stamp: now,
      start: at(from),
      end: at(to),
      summary,
      description,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: before, description: summary });
  };
  const ends = slots.map(({ over }) => over).filter(Number.isFinite);
  entry(
    "day",
    told.begins,
    Math.max(told.begins + 1, ...ends),
    `${vehicle}: ${job.title}`,
    bandWords(told),
    BEFORE_START_S,
  );
  for (const { id, to, over } of slots)
    if (over > to && Number.isFinite(over))
      entry(
        `wait.${id}`,
        over,
        over + 5,
        `${steps.get(id)?.title ?? "Wait"}: over`,
        steps.get(id)?.wait?.until ?? "",
        0,
      );
  for (const { stepId, says, by } of told.decide)
    if (by > told.begins && Number.isFinite(by))
      entry(`decide.${stepId}`, by, by + 5, `Decide: ${steps.get(stepId)?.title ?? ""}`, says, 0);
  return calendar.toString();
}

/** Seconds from the making of a follow-up to its last change: never falls, and is 0 until it is changed. */
function sequenceOf({ createdAt, updatedAt }: FollowUp): number {
  return Math.max(
    0,
    Math.min(2_147_483_647, Math.floor((Date.parse(updatedAt) - Date.parse(createdAt)) / 1000)),
  );
}
