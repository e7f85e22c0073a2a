/**
 * What a fastener holds. Those that hold a life come first: none of them goes without a figure, a method or a
 * written reason.
 */
export const ROLES = [
  "wheel",
  "hub and axle",
  "brake",
  "steering",
  "suspension",
  "restraint",
  "fuel",
  "engine",
  "driveline",
  "body",
  "clip",
] as const;
export type Role = (typeof ROLES)[number];

/** How many of the roles hold a life. */
const HOLD_A_LIFE = 7;

/** Whether what holds so keeps somebody alive. Example: "brake" → true; "engine" → false. */
export const holdsALife = (role: Role | undefined): boolean =>
  role !== undefined && ROLES.indexOf(role) < HOLD_A_LIFE;
