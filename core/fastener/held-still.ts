import type { CounterHold, Fastener } from "../model/job";
import { formatHeadSize } from "../quantity/read-head-size";

/** How something is kept from turning with its nut, said. Example: "a 6 mm key through the middle". */
export function holdWords({ by, size }: CounterHold): string {
  const sized = size ? formatHeadSize(size) : "";
  switch (by) {
    case "on the other end":
      return size ? `the other end held with ${sized}` : "the other end held";
    case "key through the middle":
      return `${size ? `a ${sized.replace(/ key$/, "")} key` : "a key"} through the middle, a ring or open spanner on the nut`;
    case "adjustable spanner":
      return "an adjustable spanner on the other end";
    case "holding tool":
      return "a holding tool";
    case "bar in the disc":
      return "a bar in the disc, against the carrier";
    case "foot on the brake":
      return "somebody's foot on the brake";
    case "in gear":
      return "in gear, the brake on";
    case "its belt":
      return "its belt still on";
    case "second person":
      return "a second person holds it";
  }
}

/** Whether nothing but a spanner gets on: also where a key in the middle leaves no room for a socket. */
export const isSpannerOnly = ({ access, counterHold }: Pick<Fastener, "access" | "counterHold">): boolean =>
  access === "spanner only" || counterHold?.by === "key through the middle";
