import type { Owned, SlipField, Typed } from "./field";

/**
 * What stands in every field of a slip: what was typed, or else its start. A vehicle field starts on the one
 * in hand, a tool that is no longer in the chest, or a vehicle no longer in the garage, is as if none were
 * chosen, and a choice that there is none of, as an old link might bring, stands on its first.
 */
export function textsIn(fields: readonly SlipField[], typed: Typed, owned: Owned): Typed {
  return Object.fromEntries(fields.map((field) => [field.name, standsIn(field, typed[field.name], owned)]));
}

function standsIn(
  field: SlipField,
  typed: string | undefined,
  { tools, vehicles, vehicleId }: Owned,
): string {
  switch (field.kind) {
    case "vehicle": {
      const wanted = typed ?? vehicleId;
      return vehicles.find(({ id }) => id === wanted)?.id ?? "";
    }
    case "tool": {
      const kept = tools.filter(({ kind }) => kind === field.of);
      return typed === undefined
        ? ((field.startsOn === "first" ? kept[0]?.id : undefined) ?? "")
        : (kept.find(({ id }) => id === typed)?.id ?? "");
    }
    case "choice":
      return (
        field.choices.find(({ value }) => value === (typed ?? field.start))?.value ??
        field.choices[0]?.value ??
        ""
      );
    default:
      return typed ?? field.start;
  }
}
