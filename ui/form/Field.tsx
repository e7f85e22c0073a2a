"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type ComponentProps, type ReactNode, useId } from "react";

const Input = chakra("input", {
  base: {
    width: "100%",
    minHeight: "44px",
    paddingInline: "3",
    border: "none",
    background: "transparent",
    color: "ink",
    fontSize: "17px",
    outline: "none",
    minWidth: 0,
  },
});
const Area = chakra("textarea", {
  base: {
    width: "100%",
    minHeight: "80px",
    padding: "3",
    border: "none",
    background: "transparent",
    color: "ink",
    fontSize: "16px",
    outline: "none",
    resize: "vertical",
  },
});
const Select = chakra("select", {
  base: {
    minHeight: "44px",
    width: "100%",
    paddingInline: "2",
    border: "none",
    background: "transparent",
    color: "ink",
    fontSize: "17px",
    cursor: "pointer",
    outline: "none",
    "& option": { color: "#15241E", background: "#FFFFFF" },
  },
});

interface Around {
  label: ReactNode;
  error?: string | undefined;
  hint?: ReactNode;
}

function Framed({
  id,
  label,
  error,
  hint,
  children,
  after,
}: Around & { id: string; children: ReactNode; after?: ReactNode }) {
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="15px" fontWeight="600" marginBottom="1">
        {label}
      </chakra.label>
      <Box
        display="flex"
        alignItems="stretch"
        background="raised"
        border="1px solid"
        borderColor={error ? "stop" : "soft"}
        borderRadius="sheet"
        _focusWithin={{ outline: "3px solid", outlineColor: "drawing", outlineOffset: "1px" }}
      >
        {children}
        {after && (
          <Box
            display="flex"
            alignItems="center"
            color="soft"
            paddingRight="3"
            whiteSpace="nowrap"
            flexShrink={0}
          >
            {after}
          </Box>
        )}
      </Box>
      <Box
        id={`${id}-says`}
        aria-live="polite"
        fontSize="14px"
        marginTop={error || hint ? "1" : "0"}
        color={error ? "stop" : "soft"}
      >
        {error ? `▲ ${error}` : hint}
      </Box>
    </Box>
  );
}

type TextFieldProps = Around &
  Omit<ComponentProps<"input">, "id" | "size" | "color" | "height" | "width"> & {
    unit?: ReactNode;
    numeric?: boolean;
  };

/** One line, its label above, its unit inside, its error in a sentence under it. */
export function TextField({ label, error, hint, unit, numeric, ...input }: TextFieldProps) {
  const id = useId();
  return (
    <Framed id={id} label={label} error={error} hint={hint} after={unit}>
      <Input
        id={id}
        autoComplete="off"
        aria-invalid={error ? true : undefined}
        aria-describedby={`${id}-says`}
        {...(numeric ? { inputMode: "decimal" as const } : {})}
        {...input}
      />
    </Framed>
  );
}

/** Several lines of text. */
export function TextAreaField({
  label,
  error,
  hint,
  ...area
}: Around & Omit<ComponentProps<"textarea">, "id" | "color" | "height" | "width">) {
  const id = useId();
  return (
    <Framed id={id} label={label} error={error} hint={hint}>
      <Area id={id} aria-invalid={error ? true : undefined} aria-describedby={`${id}-says`} {...area} />
    </Framed>
  );
}

type Choice = string | { value: string; label: string };

/** One of a few. */
export function SelectField({
  label,
  error,
  hint,
  choices,
  ...select
}: Around &
  Omit<ComponentProps<"select">, "id" | "size" | "color" | "height" | "width"> & {
    choices: readonly Choice[];
  }) {
  const id = useId();
  return (
    <Framed id={id} label={label} error={error} hint={hint}>
      <Select id={id} aria-describedby={`${id}-says`} {...select}>
        {choices.map((choice) => {
          const { value, label: said } =
            typeof choice === "string" ? { value: choice, label: choice } : choice;
          return (
            <option key={value} value={value}>
              {said}
            </option>
          );
        })}
      </Select>
    </Framed>
  );
}

/** A tick with its words; `work` is the size for gloves. */
export function CheckField({
  label,
  size = "normal",
  ...input
}: { label: ReactNode; size?: "normal" | "work" } & Omit<
  ComponentProps<"input">,
  "id" | "size" | "color" | "height" | "width" | "type"
>) {
  const id = useId();
  return (
    <Box display="flex" alignItems="center" gap="3" minHeight={size === "work" ? "56px" : "44px"}>
      <chakra.input
        id={id}
        type="checkbox"
        width="24px"
        height="24px"
        flexShrink={0}
        accentColor="var(--chakra-colors-ink)"
        {...input}
      />
      <chakra.label htmlFor={id} flex="1" paddingBlock={size === "work" ? "3" : "0"} cursor="pointer">
        {label}
      </chakra.label>
    </Box>
  );
}
