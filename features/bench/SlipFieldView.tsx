"use client";

import { chakra } from "@chakra-ui/react";
import type { Owned, SlipField, Typed } from "@/core/slip/field";
import { chooseUnit, fieldUnit } from "@/core/slip/field-unit";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";

interface SlipFieldViewProps {
  field: SlipField;
  /** What stands in it. */
  value: string;
  typed: Typed;
  owned: Owned;
  error: string | undefined;
  readBack: string | undefined;
  onType: (typed: Typed) => void;
}

const UnitSelect = chakra("select", {
  base: {
    minHeight: "44px",
    minWidth: "44px",
    border: "none",
    background: "transparent",
    color: "ink",
    fontSize: "16px",
    cursor: "pointer",
    "& option": { color: "#15241E", background: "#FFFFFF" },
  },
});

/** One input of a slip, with its unit to choose inside it. */
export function SlipFieldView({ field, value, typed, owned, error, readBack, onType }: SlipFieldViewProps) {
  const put = (text: string) => onType({ ...typed, [field.name]: text });
  const around = { label: field.label, error, name: field.name };

  switch (field.kind) {
    case "tick":
      return (
        <CheckField
          label={field.label}
          checked={value === "yes"}
          onChange={(event) => put(event.target.checked ? "yes" : "")}
        />
      );
    case "choice":
      return (
        <SelectField
          {...around}
          hint={field.hint}
          choices={field.choices}
          value={value}
          onChange={(event) => put(event.target.value)}
        />
      );
    case "tool":
    case "vehicle": {
      const listed =
        field.kind === "tool" ? owned.tools.filter((tool) => tool.kind === field.of) : owned.vehicles;
      const choices = [
        { value: "", label: field.other },
        ...listed.map(({ id, name }) => ({ value: id, label: name })),
      ];
      return (
        <SelectField
          {...around}
          choices={choices}
          value={value}
          onChange={(event) => put(event.target.value)}
        />
      );
    }
    default: {
      const unit = fieldUnit(field, typed, owned);
      const numeric =
        field.kind === "number" ||
        field.kind === "share" ||
        ((field.kind === "measure" || field.kind === "torque") && unit?.value !== "in");
      const unitPart = () => {
        if (unit)
          return (
            <UnitSelect
              aria-label={`Unit of ${field.label}`}
              value={unit.value}
              onChange={(event) => onType(chooseUnit(field, typed, event.target.value))}
            >
              {unit.value === "" && <option value="">?</option>}
              {unit.choices.map((choice) => (
                <option key={choice.value} value={choice.value}>
                  {choice.label}
                </option>
              ))}
            </UnitSelect>
          );
        if (field.kind === "share") return "%";
        return undefined;
      };
      return (
        <TextField
          {...around}
          hint={readBack ?? field.hint}
          numeric={numeric}
          value={value}
          onChange={(event) => put(event.target.value)}
          unit={unitPart()}
        />
      );
    }
  }
}
