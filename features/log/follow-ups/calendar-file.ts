import { dueWords, type Owed } from "@/core/log/follow-up";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import type { CalendarEntry } from "@/data/calendar";
import { formatDay } from "@/ui/day";
import { saveAs } from "../../shell/save-as";
import { bandWords } from "../due/when-words";

/** A follow-up as a calendar entry; undefined for one that has no day, not even a forecast one. */
export function calendarEntry(
  { followUp, on }: Owed,
  vehicle: Vehicle,
  jobs: readonly Job[],
): CalendarEntry | undefined {
  if (!on) return undefined;
  const job = jobs.find(({ id }) => id === followUp.jobId);
  const says = [
    `Owed ${dueWords(followUp, formatDay)}.`,
    ...(followUp.dueOn === on.best
      ? []
      : [
          `The day is a forecast from how the vehicle is driven${bandWords(on) ? `: ${bandWords(on)}` : ""}.`,
        ]),
    ...(job ? [`From the job: ${job.title}.`] : []),
    ...(followUp.because ? [`Moved: ${followUp.because}.`] : []),
  ];
  return { followUp, on: on.best, vehicle: vehicle.name, says: says.join("\n") };
}

/** Hands the entries to the browser as an iCalendar file; the library for it is fetched only then. */
export async function saveCalendar(name: string, entries: readonly CalendarEntry[]): Promise<void> {
  const { writeCalendar } = await import("@/data/calendar");
  saveAs(name, writeCalendar(entries, new Date()), "text/calendar");
}
