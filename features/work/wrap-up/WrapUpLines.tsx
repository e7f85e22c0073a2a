"use client";

import { Box } from "@chakra-ui/react";
import type { ComponentProps } from "react";
import type { Route } from "@/core/model/job";
import type { followUpsFrom } from "@/core/plan/after-the-work";
import type { DistanceUnit } from "@/core/quantity/distance";
import { CheckField, TextField } from "@/ui/form/Field";

interface WrapUpLinesProps {
  form: { field: (name: string) => Omit<ComponentProps<typeof TextField>, "label"> };
  route: Route;
  proposals: ReturnType<typeof followUpsFrom>;
  unit: DistanceUnit;
  dropped: ReadonlySet<string>;
  onToggle: (key: string) => void;
}

/** The parts that were replaced, with price and warranty, and the follow-ups that are proposed, with when. */
export function WrapUpLines({
  form: { field },
  route,
  proposals,
  unit,
  dropped,
  onToggle,
}: WrapUpLinesProps) {
  return (
    <>
      <Box as="fieldset" border="none" padding="0" display="grid" gap="3">
        <Box as="legend" fontFamily="heading" fontWeight="600" fontSize="24px">
          Replaced
        </Box>
        {route.parts.length === 0 && (
          <Box color="soft">The plan names no parts. Add them there first, or wrap up without.</Box>
        )}
        {route.parts.map((part) => (
          <Line key={part.id}>
            <CheckField
              size="work"
              label={`${part.count > 1 ? `${part.count} × ` : ""}${part.name}, ${part.place}${part.hand ? `, ${part.hand}-hand` : ""}`}
              checked={!dropped.has(part.id)}
              onChange={() => onToggle(part.id)}
            />
            {!dropped.has(part.id) && (
              <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
                <TextField
                  label={part.count > 1 ? "Paid, together" : "Paid"}
                  numeric
                  {...field(`price ${part.id}`)}
                  style={{ minHeight: 56 }}
                />
                <TextField
                  label="Warranty"
                  numeric
                  unit="months"
                  {...field(`warranty ${part.id}`)}
                  style={{ minHeight: 56 }}
                />
              </Box>
            )}
          </Line>
        ))}
      </Box>
      {proposals.length > 0 && (
        <Box as="fieldset" border="none" padding="0" display="grid" gap="3">
          <Box as="legend" fontFamily="heading" fontWeight="600" fontSize="24px">
            To follow up
          </Box>
          {proposals.map(({ kind, text, dueAt }) => (
            <Line key={kind}>
              <CheckField
                size="work"
                label={text.replace(/ after \d+ (?:km|mi)$/, "")}
                checked={!dropped.has(kind)}
                onChange={() => onToggle(kind)}
              />
              {!dropped.has(kind) && (
                <Box maxWidth="220px">
                  <TextField
                    label="Due after"
                    numeric
                    unit={dueAt ? unit : "days"}
                    {...field(`after ${kind}`)}
                    style={{ minHeight: 56 }}
                  />
                </Box>
              )}
            </Line>
          ))}
        </Box>
      )}
    </>
  );
}

function Line({ children }: { children: React.ReactNode }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "1fr", xl: "minmax(0, 1fr) 300px" }}
      columnGap="4"
      alignItems="center"
      borderTop="1px solid"
      borderColor="edge"
      paddingTop="2"
    >
      {children}
    </Box>
  );
}
