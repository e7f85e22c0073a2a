import type { Want } from "../kit/needs/wants";
import type { Wanted } from "../model/offer";

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
            withIt,
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
