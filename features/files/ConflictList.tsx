"use client";

import { Box } from "@chakra-ui/react";
import { format, parseISO } from "date-fns";
import { calledIn } from "@/core/model/collections";
import type { Conflict } from "@/data/merge";
import { isSame } from "@/data/same";
import { Button } from "@/ui/Button";

const SHOWN = 30;
const LONGEST = 80;
/** Fields that are about the record, not about what it says. */
const STAMP = new Set(["id", "createdAt", "updatedAt", "schema", "origin"]);
interface ConflictListProps {
  conflicts: readonly Conflict[];
  kept: Record<string, "here" | "incoming">;
  onKeep: (id: string, which: "here" | "incoming") => void;
}

/**
 * Records that say one thing here and another in the file, both shown; the later is kept unless the other is
 * chosen.
 */
export function ConflictList({ conflicts, kept, onKeep }: ConflictListProps) {
  if (conflicts.length === 0) return null;
  return (
    <Box marginBottom="4">
      <Box as="h3" fontSize="18px">
        Said differently; the later is kept unless you choose
      </Box>
      {conflicts.slice(0, SHOWN).map((conflict) => (
        <Box
          key={conflict.id}
          borderTop="1px solid"
          borderColor="edge"
          paddingBlock="2"
          role="group"
          aria-label={titleOf(conflict)}
        >
          <Box fontWeight="600">{titleOf(conflict)}</Box>
          {(["here", "incoming"] as const).map((which) => {
            const on = (kept[conflict.id] ?? conflict.kept) === which;
            return (
              <Box key={which} display="flex" gap="3" alignItems="center" paddingBlock="1">
                <Button
                  look={on ? "primary" : "plain"}
                  aria-pressed={on}
                  onClick={() => onKeep(conflict.id, which)}
                >
                  {which === "here" ? "As here" : "As in the file"}
                </Button>
                <Box fontSize="15px" minWidth="0" overflowWrap="anywhere">
                  <Box color="soft">{format(parseISO(conflict[which].updatedAt), "d MMM yyyy HH:mm")}</Box>
                  {differences(conflict, which)}
                </Box>
              </Box>
            );
          })}
        </Box>
      ))}
      {conflicts.length > SHOWN && (
        <Box color="soft">and {conflicts.length - SHOWN} more, of which the later is kept.</Box>
      )}
    </Box>
  );
}

function titleOf({ collection, here }: Conflict): string {
  const named = here as {
    name?: string;
    title?: string;
    part?: string;
    what?: string;
    text?: string;
    on?: string;
  };
  return [calledIn(collection), named.name ?? named.title ?? named.part ?? named.what ?? named.text, named.on]
    .filter(Boolean)
    .join(", ");
}

/** The fields that differ, as this side has them. */
function differences({ here, incoming }: Conflict, which: "here" | "incoming"): string {
  const [one, other] = (which === "here" ? [here, incoming] : [incoming, here]) as unknown as Record<
    string,
    unknown
  >[];
  const fields = [...new Set([...Object.keys(one ?? {}), ...Object.keys(other ?? {})])].filter(
    (field) => !STAMP.has(field) && !isSame(one?.[field], other?.[field]),
  );
  if (fields.length === 0) return "the same, saved again";
  return fields.map((field) => `${field}: ${said(one?.[field])}`).join("; ");
}

function said(value: unknown): string {
  if (value === undefined) return "nothing";
  if (Array.isArray(value)) return `${value.length} of them`;
  const text =
    typeof value === "object"
      ? Object.values(value as Record<string, unknown>)
          .map(String)
          .join(" ")
      : String(value);
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text;
}
