import type { Device, KnownDevice } from "./devices";

/** What a transfer tells of the two devices, beside its records. */
interface Arrived {
  from: Device;
  asOf?: string | undefined;
  has: readonly { id: string; asOf: string }[];
}

/** What is known of the others once records have gone to one: it has all up to then. */
export function sentTo(known: readonly KnownDevice[], to: Device, asOf: string, now: string): KnownDevice[] {
  return withDevice(known, to, ({ lessSince: _past, ...one }) => ({
    ...one,
    hasOurs: later(one.hasOurs, asOf),
    at: now,
  }));
}

/** Up to when a device has all that is here, once it is sent what it has not: the last change, or the last news. */
export function asOfNow(lastChange: string | undefined, known: readonly KnownDevice[]): string | undefined {
  const news = known.flatMap(({ at, lessSince }) => [at, lessSince ?? at]);
  return news.reduce((last, one) => (last === undefined ? undefined : later(last, one)), lastChange);
}

/**
 * What is known of the others once something came in. What is older than what others have, and new here, they do not
 * have yet: they count as having what is older still.
 * @param from who sent it; undefined for a file. @param oldest the oldest change among what was new here, `ourLast` the
 * last change here before that. @param here this device's own id.
 */
export function cameIn(
  known: readonly KnownDevice[],
  from: Arrived | undefined,
  { oldest, ourLast }: { oldest: string | undefined; ourLast: string | undefined },
  here: string,
  now: string,
): KnownDevice[] {
  const lowered = known.map((one): KnownDevice => {
    if (oldest === undefined || one.id === from?.from.id) return one;
    // What it says of before now is past in any case: it may have been sent more than it was seen to get.
    if (one.hasOurs === undefined || one.hasOurs < oldest) return { ...one, lessSince: now };
    return { ...one, hasOurs: new Date(Date.parse(oldest) - 1).toISOString(), lessSince: now };
  });
  if (!from) return lowered;
  const said = from.has.find(({ id }) => id === here)?.asOf;
  const before = known.find(({ id }) => id === from.from.id);
  // Of a device that is heard of for the first time: what came from any other since may be news to it.
  const met = known.flatMap(({ at, lessSince }) => [at, lessSince ?? at]);
  const past = before ? before.lessSince : met.sort().at(-1);
  const told = said !== undefined && (past ?? "") > said ? undefined : said;
  // It had all of ours, and what is new here is its own: then it has all of it still.
  const all = told !== undefined && from.asOf !== undefined && (ourLast ?? "") <= told;
  const hasOurs = all ? later(told, from.asOf ?? told) : told;
  return withDevice(lowered, from.from, (one) => ({
    ...one,
    ...(from.asOf === undefined ? {} : { haveTheirs: later(one.haveTheirs, from.asOf) }),
    ...(hasOurs === undefined ? {} : { hasOurs }),
    at: now,
  }));
}

const later = (one: string | undefined, other: string): string =>
  one === undefined || Date.parse(other) > Date.parse(one) ? other : one;

function withDevice(
  known: readonly KnownDevice[],
  { id, name }: Device,
  change: (one: KnownDevice) => KnownDevice,
): KnownDevice[] {
  const before = known.find((one) => one.id === id) ?? { id, name, at: "2000-01-01T00:00:00.000Z" };
  return [...known.filter((one) => one.id !== id), change({ ...before, name })].slice(-MOST_DEVICES);
}

const MOST_DEVICES = 30;
