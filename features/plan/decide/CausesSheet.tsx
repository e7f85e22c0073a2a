"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { z } from "zod";
import type { JudgedCause } from "@/core/decide/decide";
import { line } from "@/core/form";
import type { Decide } from "@/core/model/decide";
import { titleOf } from "@/core/shelf/plan-from-sheet";
import { sheetNamed } from "@/core/shelf/shelf";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { FormBox } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { shelfHref } from "../../shell/addresses";

export type ChangeDecide = (how: (now: Decide) => Decide, says?: string) => Promise<boolean>;

const sheetTitle = (name: string): string => {
  const sheet = sheetNamed(name);
  return sheet ? titleOf(sheet) : name;
};

/** The causes, the likeliest first, with what speaks for and against each; one's own can be added. */
export function CausesSheet({
  jobId,
  causes,
  decide,
  change,
}: {
  jobId: string;
  causes: readonly JudgedCause[];
  decide: Decide;
  change: ChangeDecide;
}) {
  const form = useDraftForm("another cause", { name: "" }, () =>
    z.object({ name: line("Say what it could be.") }),
  );
  const add = form.handleSubmit(async ({ name }) => {
    if (
      await change(
        (now) => ({ ...now, own: [...now.own, { id: newId(), name, for: [], against: [] }] }),
        `${name} is among the causes.`,
      )
    )
      form.reset({ name: "" });
  });
  return (
    <Sheet title="Causes">
      {causes.map((cause) => (
        <Box key={cause.id} borderTop="1px solid" borderColor="edge" paddingBlock="2" data-testid="cause">
          <Box display="flex" justifyContent="space-between" gap="2" fontWeight="600">
            <span>{cause.name}</span>
            <Box as="span" whiteSpace="nowrap">
              {Math.round(cause.chance * 100)} %
            </Box>
          </Box>
          <Box height="6px" background="edge" marginBlock="1" aria-hidden>
            <Box height="6px" background="drawing" style={{ width: `${cause.chance * 100}%` }} />
          </Box>
          <Evidence cause={cause} />
          {cause.handOver && (
            <Box color="watch" fontSize="15px" fontWeight="600">
              ▲ Hand it over: {cause.handOver}
            </Box>
          )}
          {cause.sheet && causes.find(({ sheet }) => sheet === cause.sheet) === cause && (
            <Box asChild color="ink" textDecoration="underline" display="inline-block" paddingBlock="2">
              <Link href={shelfHref(cause.sheet, { jobId })}>{sheetTitle(cause.sheet)}, from the shelf</Link>
            </Box>
          )}
          {decide.own.some(({ id }) => id === cause.id) && <OwnEvidence id={cause.id} change={change} />}
        </Box>
      ))}
      <FormBox onSubmit={(event) => void add(event)} gap="2" marginTop="2" justifyItems="start">
        <Box width="100%">
          <TextField label="Another cause" placeholder="loose heat shield" {...form.field("name")} />
        </Box>
        <Button type="submit">Add it</Button>
      </FormBox>
    </Sheet>
  );
}

/** What speaks for a cause and what against it, side by side. */
function Evidence({ cause: { evidenceFor, evidenceAgainst } }: { cause: JudgedCause }) {
  if (evidenceFor.length + evidenceAgainst.length === 0) return null;
  return (
    <Box display="grid" gridTemplateColumns="1fr 1fr" gap="2" fontSize="14px" color="soft" lineHeight="1.3">
      {[
        { head: "for it", lines: evidenceFor },
        { head: "against it", lines: evidenceAgainst },
      ].map(({ head, lines }) => (
        <Box key={head}>
          <b>{head}</b>
          {lines.length === 0 && <div>nothing yet</div>}
          {lines.map((line) => (
            <div key={line}>{line}</div>
          ))}
        </Box>
      ))}
    </Box>
  );
}

function OwnEvidence({ id, change }: { id: string; change: ChangeDecide }) {
  const form = useDraftForm(`found ${id}`, { found: "" }, () =>
    z.object({ found: line("Say what you found.") }),
  );
  const put = (side: "for" | "against") =>
    void form.handleSubmit(async ({ found }) => {
      if (
        await change((now) => ({
          ...now,
          own: now.own.map((cause) =>
            cause.id === id ? { ...cause, [side]: [...cause[side], found] } : cause,
          ),
        }))
      )
        form.reset({ found: "" });
    })();
  return (
    <Box>
      <TextField label="What you found" {...form.field("found")} />
      <Box display="flex" gap="2">
        <Button look="quiet" onClick={() => put("for")}>
          For it
        </Button>
        <Button look="quiet" onClick={() => put("against")}>
          Against it
        </Button>
        <Button
          look="quiet"
          color="stop"
          onClick={() =>
            void change(
              (now) => ({ ...now, own: now.own.filter((cause) => cause.id !== id) }),
              "That cause is gone.",
            )
          }
        >
          Remove
        </Button>
      </Box>
    </Box>
  );
}
