import type { Want } from "../kit/needs/wants";
import { type CounterAsk, LARGEST_ASK_BYTES, MOST_WANTED, type Wanted } from "../model/offer";

const MOST_WITH_IT = 50;

/** What is wanted as questions that are small enough to be asked; one, where nothing is wanted by name. */
export function asksFor(wanted: readonly Wanted[]): CounterAsk[] {
  const asks: Wanted[][] = [[]];
  let bytes = 0;
  for (const one of wanted) {
    const own = (JSON.stringify(one).length + 1) * BYTES_A_LETTER;
    const last = asks.at(-1) ?? [];
    if (last.length >= MOST_WANTED || bytes + own > LARGEST_ASK_BYTES - AROUND_BYTES) {
      asks.push([one]);
      bytes = own;
    } else {
      last.push(one);
      bytes += own;
    }
  }
  return asks.map((some) => ({ wanted: some }));
}

/** The most that a letter takes in UTF-8, counted as a string counts it. */
const BYTES_A_LETTER = 3;
/** What stands around the things that are asked for, and some room. */
const AROUND_BYTES = 1024;

/** What a counter is asked for by name; tools need no asking, as its whole shelf of them is shown. */
export function wantedFor(wants: readonly Want[]): Wanted[] {
  return wants.flatMap(({ key, need, name }): Wanted[] => {
    switch (need.kind) {
      case "part": {
        // What has to be new with it may lie in its box.
        const withIt = wants.flatMap((other) =>
          other.need.kind === "hardware" &&
          (need.part.leavesOut?.includes(other.need.name) ||
            need.part.holds?.some((id) => other.need.kind === "hardware" && other.need.fastener?.id === id))
            ? [other.key]
            : [],
        );
        return [
          {
            key,
            is: "part",
            what: name.slice(0, 180),
            amount: { value: need.part.count, unit: "pieces" },
            withIt: withIt.slice(0, MOST_WITH_IT),
          },
        ];
      }
      case "hardware":
        return [
          {
            key,
            is: "hardware",
            what: name.slice(0, 180),
            amount: { value: need.count, unit: "pieces" },
            withIt: [],
          },
        ];
      case "supply":
        return [{ key, is: "supply", what: name.slice(0, 180), amount: need.amount, withIt: [] }];
      case "special tool":
        return [
          {
            key,
            is: "special tool",
            what: name.slice(0, 180),
            amount: { value: 1, unit: "pieces" },
            withIt: [],
          },
        ];
      default:
        return [];
    }
  });
}
