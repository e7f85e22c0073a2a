import type { Fastener, Route } from "../../model/job";
import type { SpecialTool } from "../../model/supply";

/**
 * The special tool that turns a fastener in place of a socket or a spanner; undefined where none does. One
 * that is wanted only where the usual way fails takes nothing's place.
 */
export const turnerOf = (
  { specialTools = [] }: Pick<Route, "specialTools">,
  { id }: Pick<Fastener, "id">,
): SpecialTool | undefined =>
  specialTools.find(({ turns, onlyIfNeeded }) => !onlyIfNeeded && turns?.includes(id));

/** What else a fastener may be turned by where the usual way fails: "Pipe wrench, if it comes to that: it bites". */
export const otherTurnersOf = (
  { specialTools = [] }: Pick<Route, "specialTools">,
  { id }: Pick<Fastener, "id">,
): SpecialTool[] =>
  specialTools.filter(({ turns, onlyIfNeeded }) => onlyIfNeeded === true && turns?.includes(id) === true);
