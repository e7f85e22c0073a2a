"use client";

import { Box, chakra } from "@chakra-ui/react";
import { asked } from "@/core/slip/asked";
import type { Owned, SlipField, Typed } from "@/core/slip/field";
import type { SlipKind, Worked } from "@/core/slip/slip";
import { textsIn } from "@/core/slip/texts-in";
import { SlipFieldView } from "./SlipFieldView";

interface SlipFormProps {
  kind: SlipKind;
  typed: Typed;
  owned: Owned;
  worked: Worked;
  onType: (typed: Typed) => void;
}

const Fold = chakra("summary", {
  base: {
    cursor: "pointer",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    minHeight: "44px",
    display: "flex",
    alignItems: "center",
    gap: "2",
  },
});

/** The inputs of a slip; those that are seldom needed are folded away by name. */
export function SlipForm({ kind, typed, owned, worked, onType }: SlipFormProps) {
  const shown = asked(kind.fields, typed, owned);
  const stands = textsIn(kind.fields, typed, owned);
  const groups = [...new Set(shown.flatMap(({ group }) => (group === undefined ? [] : [group])))];
  const show = (field: SlipField) => (
    <Box key={field.name} gridColumn={field.wide ? "1 / -1" : undefined}>
      <SlipFieldView
        field={field}
        value={stands[field.name] ?? ""}
        typed={typed}
        owned={owned}
        error={worked.errors[field.name]}
        readBack={worked.readBack[field.name]}
        onType={onType}
      />
    </Box>
  );
  return (
    <Box as="form" onSubmit={(event) => event.preventDefault()}>
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(min(100%, 150px), 1fr))"
        gap="3"
        alignItems="start"
      >
        {shown.filter(({ group }) => group === undefined).map(show)}
      </Box>
      {groups.map((group) => {
        const within = shown.filter((field) => field.group === group);
        // Opened once when it holds something of its own, so that nothing that counts is hidden.
        const inUse = within.some(
          (field) =>
            (typed[field.name] !== undefined && "start" in field && typed[field.name] !== field.start) ||
            worked.errors[field.name] !== undefined,
        );
        return (
          <details key={group} open={inUse || undefined}>
            <Fold>
              <span aria-hidden>+</span> {group}
            </Fold>
            <Box
              display="grid"
              gridTemplateColumns="repeat(auto-fill, minmax(min(100%, 150px), 1fr))"
              gap="3"
              alignItems="start"
              paddingBottom="2"
            >
              {within.map(show)}
            </Box>
          </details>
        );
      })}
    </Box>
  );
}
