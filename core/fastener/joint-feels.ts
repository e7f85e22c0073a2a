import type { Fastener } from "../model/job";
import type { JointIs } from "../torque/judge-pull";

/** How a fastener's joint feels, from what the plan knows: a locking nut turns hard before it is seated, a gasket gives. */
export function jointFeels({ locking, name }: Pick<Fastener, "locking" | "name">): JointIs {
  return { locking: locking === "locking nut", soft: /\b(?:gasket|cover|sump|pan|seal)/i.test(name) };
}
