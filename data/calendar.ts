import ical, { ICalAlarmType, ICalEventStatus } from "ical-generator";
import { DAY_MS } from "@/core/day";
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

/** Seconds from the making of a follow-up to its last change: never falls, and is 0 until it is changed. */
function sequenceOf({ createdAt, updatedAt }: FollowUp): number {
  return Math.max(
    0,
    Math.min(2_147_483_647, Math.floor((Date.parse(updatedAt) - Date.parse(createdAt)) / 1000)),
  );
}
