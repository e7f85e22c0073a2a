import { measureUnits } from "../quantity/measure";
import { torqueSymbol } from "../quantity/torque-unit";
import { asked } from "./asked";
import type { Owned, SlipField, Typed } from "./field";
import { torqueUnitOf } from "./field-unit";
import type { Slip, SlipKind, SlipLine } from "./slip";
import { textsIn } from "./texts-in";

/**
 * The inputs as they were given, a line each; fields left empty, and folded ones left as they were, are left
 * out.
 */
export function givenLines(kind: SlipKind, typed: Typed, owned: Owned): SlipLine[] {
  const stands = textsIn(kind.fields, typed, owned);
  return asked(kind.fields, typed, owned).flatMap((field) => {
    const text = (stands[field.name] ?? "").trim();
    const value = given(field, typed, owned, text);
    const untouched = field.group !== undefined && "start" in field && text === field.start;
    return value === "" || untouched ? [] : [{ label: field.label, value }];
  });
}

/** A slip as plain text: what was given, the answer, its working, margin, assumption and caution. */
export function slipText(kind: SlipKind, typed: Typed, owned: Owned, slip: Slip): string {
  const { answer, verdict, lines, working, margin, assumes, caution } = slip;
  return [
    kind.title,
    ...givenLines(kind, typed, owned).map(({ label, value }) => `${label}: ${value}`),
    "",
    `${answer.says}: ${answer.value}${answer.unit ? ` ${answer.unit}` : ""}`,
    ...(verdict ? [verdict.says] : []),
    ...lines.map(({ label, value }) => `${label}: ${value}`),
    "",
    ...working,
    "",
    `Margin: ${margin}`,
    `Assumes: ${assumes}`,
    ...(caution ? [`Mind: ${caution}`] : []),
    "The vehicle maker's instructions come first.",
  ].join("\n");
}

function given(field: SlipField, typed: Typed, owned: Owned, text: string): string {
  switch (field.kind) {
    case "tick":
      return text === "yes" ? "yes" : "";
    case "choice":
      return field.choices.find(({ value }) => value === text)?.label ?? "";
    case "tool":
      return owned.tools.find(({ id }) => id === text)?.name ?? field.other;
    case "vehicle":
      return owned.vehicles.find(({ id }) => id === text)?.name ?? field.other;
    case "share":
      return /^[\d.,]+$/.test(text) ? `${text} %` : text;
    case "measure":
      return hasUnit(text)
        ? text
        : `${text} ${typed[`${field.name}Unit`] ?? field.unit ?? measureUnits(field.dimension)[0] ?? ""}`;
    case "torque":
    case "figure":
      return hasUnit(text) ? text : `${text} ${torqueSymbol(torqueUnitOf(field, typed, owned))}`;
    default:
      return text;
  }
}

function hasUnit(text: string): boolean {
  return text === "" || /[^\d\s.,/½¼¾⅛⅜⅝⅞-]/.test(text);
}
