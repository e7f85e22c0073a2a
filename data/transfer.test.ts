import fc from "fast-check";
import { gzipSync, strToU8 } from "fflate";
import { emptyHousehold } from "@/core/model/household";
import { demoHousehold } from "@/demo/household";
import { asOfNow, cameIn, sentTo } from "./device-news";
import type { KnownDevice } from "./devices";
import { readHouseholdFile } from "./household-file";
import { jobAlone } from "./job-alone";
import { LONGEST_LINK, fromLink, inLink } from "./link";
import { mergeHouseholds } from "./merge";
import { changesSince, hashOf, lastChange, packTransfer, unpackTransfer } from "./transfer";

const demo = demoHousehold("2026-11-29");
const from = { id: "laptop", name: "Laptop" };
const NOW = "2026-11-29T12:00:00.000Z";

test("what goes over comes out the same, the same bytes every time, and much smaller", () => {
  const packed = packTransfer(demo, { from, has: [] });
  expect(packTransfer(demo, { from, has: [] })).toEqual(packed);
  expect(packed.length).toBeLessThan(JSON.stringify(demo).length / 6);
  const { transfer, text } = unpackTransfer(packed);
  expect(transfer.from).toEqual(from);
  expect(readHouseholdFile(text)).toEqual(readHouseholdFile(JSON.stringify({ ...transfer.file })));
  expect(mergeHouseholds(demo, readHouseholdFile(text)).counts).toMatchObject({ added: 0, changed: 0 });
});

test("changes since a moment come with what they hang on, and are a whole file by themselves", () => {
  const work = demo.works.find(({ id }) => id === "demo-brake-shoes-work");
  if (!work) throw new Error("the demo has a work");
  const since = new Date(Date.parse(work.updatedAt) - 1).toISOString();
  const some = changesSince(demo, since);
  expect(some.works.map(({ id }) => id)).toContain(work.id);
  expect(some.jobs.map(({ id }) => id)).toContain(work.jobId);
  const day = (i: number) => new Date(Date.UTC(2027, 0, 1 + i)).toISOString();
  const aged = { ...demo, replacements: demo.replacements.map((one, i) => ({ ...one, updatedAt: day(i) })) };
  const later = changesSince(aged, day(19));
  expect(later.replacements).toEqual(aged.replacements.slice(20));
  expect(later.vehicles.length).toBeGreaterThan(0);
  expect(() => unpackAndRead(packTransfer(later, { from, has: [] }))).not.toThrow();
  expect(() => unpackAndRead(packTransfer(some, { from, has: [] }))).not.toThrow();
  expect(changesSince(demo, undefined)).toBe(demo);
  const none = changesSince(demo, lastChange(demo));
  expect(none).toEqual(emptyHousehold());
});

const unpackAndRead = (packed: Uint8Array) => readHouseholdFile(unpackTransfer(packed).text);

test("a job alone goes over as a small thing, and in a link where it is small enough", () => {
  const job = jobAlone(demo, "demo-thermostat");
  const packed = packTransfer(job, { from, has: [] });
  expect(packed.length).toBeLessThan(12_000);
  const link = inLink(packed);
  expect(link.length).toBeLessThan(LONGEST_LINK);
  expect(link).toMatch(/^#t=[\w-]+$/);
  expect(fromLink(link)).toEqual(packed);
  expect(fromLink("")).toBeUndefined();
  expect(() => fromLink("#t=a*b")).toThrow("The link is not whole");
});

test.each<[string, Uint8Array, string]>([
  ["nothing", new Uint8Array(), "not whole"],
  ["anything", new Uint8Array([1, 2, 3, 4]), "not whole"],
  ["half of it", packTransfer(demo, { from, has: [] }).slice(0, 900), "not whole"],
  ["something else", gzipSync(strToU8('{"format":"shopping list"}')), "not from this app"],
  ["a newer form", gzipSync(strToU8('{"format":"vest-pocket transfer","version":2}')), "newer version"],
  ["a bomb", gzipSync(new Uint8Array(60_000_000)), "far too large"],
])("%s is refused in a sentence", (_what, packed, says) => {
  expect(() => unpackTransfer(packed)).toThrow(says);
});

test("more than goes over by codes is refused before it is shown", () => {
  const random = (length: number) => Array.from({ length }, () => Math.random().toString(36)).join("");
  const large = {
    ...demo,
    vehicles: demo.vehicles.map((one) => ({ ...one, name: random(200_000) })),
  };
  expect(() => packTransfer(large, { from, has: [] })).toThrow("Export it as a file");
});

test("what is hashed is told by the standard's own value", async () => {
  // FIPS 180-2, appendix B.1.
  expect(await hashOf(strToU8("abc"))).toBe(
    "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad",
  );
});

test("what each device has: raised by what went over, told by the other, lowered by older news from a third", () => {
  const phone = { id: "phone", name: "Phone" };
  let known: KnownDevice[] = sentTo([], phone, "2026-11-29T10:00:00.000Z", NOW);
  expect(known).toEqual([{ ...phone, hasOurs: "2026-11-29T10:00:00.000Z", at: NOW }]);
  // From a tablet comes what was changed at nine: the phone does not have that yet.
  const tablet = unpackTransfer(
    packTransfer(demo, { from: { id: "tablet", name: "Tablet" }, asOf: "2026-11-29T09:30:00.000Z", has: [] }),
  ).transfer;
  known = cameIn(known, tablet, { oldest: "2026-11-29T09:00:00.000Z", ourLast: NOW }, "laptop", NOW);
  expect(known.find(({ id }) => id === "phone")?.hasOurs).toBe("2026-11-29T08:59:59.999Z");
  expect(known.find(({ id }) => id === "tablet")).toMatchObject({ haveTheirs: "2026-11-29T09:30:00.000Z" });
  // The phone says itself what it has: of before the tablet's news that is past, of after it counts.
  const says = (asOf: string) => {
    const back = { ...tablet, from: phone, has: [{ id: "laptop", asOf }] };
    known = cameIn(known, back, { oldest: undefined, ourLast: "2026-11-29T14:00:00.000Z" }, "laptop", NOW);
    return known.find(({ id }) => id === "phone")?.hasOurs;
  };
  expect(says("2026-11-29T11:00:00.000Z")).toBe("2026-11-29T08:59:59.999Z");
  expect(says("2026-11-29T13:00:00.000Z")).toBe("2026-11-29T13:00:00.000Z");
});

test("what a device says it has counts for nothing where older news came in since it was seen to get it", () => {
  const said = unpackTransfer(
    packTransfer(demo, {
      from: { id: "phone", name: "Phone" },
      asOf: "2026-11-29T12:00:00.000Z",
      has: [{ id: "laptop", asOf: "2026-11-29T11:00:00.000Z" }],
    }),
  ).transfer;
  const news = { oldest: "2026-11-29T09:00:00.000Z", ourLast: "2026-11-29T09:00:00.000Z" };
  const has = (known: KnownDevice[]) =>
    cameIn(known, said, { ...news, oldest: undefined }, "laptop", NOW).find(({ id }) => id === "phone")
      ?.hasOurs;
  const heard = { id: "phone", name: "Phone", at: "2026-11-29T08:00:00.000Z" };
  expect(has([heard])).toBe("2026-11-29T12:00:00.000Z");
  // A file with older news came in at noon.
  expect(has(cameIn([heard], undefined, news, "laptop", "2026-11-29T12:00:00.000Z"))).toBeUndefined();
  // Heard of for the first time: so far as nothing came from another since.
  expect(has([])).toBe("2026-11-29T12:00:00.000Z");
  const other = (at: string) => [{ id: "tablet", name: "Tablet", at }];
  expect(has(other("2026-11-29T10:30:00.000Z"))).toBe("2026-11-29T12:00:00.000Z");
  expect(has(other("2026-11-29T11:30:00.000Z"))).toBeUndefined();
});

test("two devices that send each other what changed since come to the same, whatever happened on a third", () => {
  const edit = fc.record({
    at: fc.integer({ min: 0, max: 2 }),
    minute: fc.integer({ min: 1, max: 500 }),
    entry: fc.nat(4),
  });
  const send = fc.record({
    from: fc.integer({ min: 0, max: 2 }),
    to: fc.integer({ min: 0, max: 2 }),
    acked: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(fc.oneof(edit, send), { maxLength: 25 }), (doing) => {
      const start = { ...emptyHousehold(), vehicles: demo.vehicles.slice(0, 1) };
      const [car] = start.vehicles;
      const devices = ["a", "b", "c"].map((id) => ({ id, household: start, known: [] as KnownDevice[] }));
      let clock = Date.parse("2026-11-29T00:00:00.000Z");
      const tick = () => new Date((clock += 1000)).toISOString();
      const over = (fromAt: number, toAt: number, acked: boolean) => {
        const [source, target] = [devices[fromAt], devices[toAt]];
        if (!source || !target || source === target) return;
        const since = source.known.find(({ id }) => id === target.id)?.hasOurs;
        const asOf = asOfNow(lastChange(source.household), source.known) ?? NOW;
        const has = source.known.flatMap(({ id, haveTheirs }) =>
          haveTheirs ? [{ id, asOf: haveTheirs }] : [],
        );
        const { transfer, text } = unpackTransfer(
          packTransfer(changesSince(source.household, since), {
            from: { id: source.id, name: source.id },
            asOf,
            has,
          }),
        );
        const merge = mergeHouseholds(target.household, readHouseholdFile(text));
        const news = { oldest: merge.oldestNew, ourLast: lastChange(target.household) };
        target.known = cameIn(target.known, transfer, news, target.id, tick());
        target.household = merge.merged;
        if (acked) source.known = sentTo(source.known, { id: target.id, name: target.id }, asOf, tick());
      };
      for (const one of doing) {
        if ("from" in one) over(one.from, one.to, one.acked);
        else {
          const device = devices[one.at];
          if (!device || !car) continue;
          clock += 60_000 * one.minute;
          const at = new Date(clock).toISOString();
          const [sample] = demo.replacements;
          if (!sample) throw new Error("the demo has a log");
          const written = { ...sample, id: `e${one.entry}`, vehicleId: car.id, updatedAt: at, note: at };
          delete (written as { jobId?: string }).jobId;
          device.household = {
            ...device.household,
            replacements: [...device.household.replacements.filter(({ id }) => id !== written.id), written],
          };
        }
      }
      // Round and round: then all are alike.
      for (let i = 0; i < 3; i++)
        for (const [a, b] of [
          [0, 1],
          [1, 2],
          [2, 0],
        ] as const)
          over(a, b, false);
      const told = devices.map(({ household }) =>
        household.replacements
          .map(({ id, note }) => `${id} ${note}`)
          .sort()
          .join(),
      );
      expect(new Set(told).size).toBe(1);
    }),
    { numRuns: 400 },
  );
});
