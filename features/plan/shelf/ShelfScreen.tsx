"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { titleOf } from "@/core/shelf/plan-from-sheet";
import type { Sheet as JobSheet } from "@/core/shelf/sheet";
import { sheetNamed } from "@/core/shelf/shelf";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { newJobHref, shelfHref } from "../../shell/addresses";
import { findSheets } from "./find-sheets";
import { SheetQuestions } from "./SheetQuestions";

/** The shelf: every generic job sheet, or the one that was taken down, with what it asks. */
export function ShelfScreen({ name }: { name: string }) {
  const sheet = sheetNamed(name);
  return sheet ? <SheetQuestions key={name} sheet={sheet} /> : <Shelf />;
}

function Shelf() {
  const [words, setWords] = useState("");
  const found = findSheets(words);
  return (
    <Sheet title="The shelf" maxWidth="760px" marginInline="auto" padding="5">
      <TextField
        label="What is the job, or what do you notice?"
        placeholder="squeals when braking"
        autoFocus
        value={words}
        onChange={(event) => setWords(event.currentTarget.value)}
      />
      <Box marginTop="4" aria-live="polite">
        {found.map((one) => (
          <SheetRow key={one.name} sheet={one} />
        ))}
        {found.length === 0 && (
          <Box color="soft" paddingBlock="3">
            Nothing on the shelf is about that. Plan it from a blank sheet, or from somebody’s notes.
          </Box>
        )}
      </Box>
      {words.trim() === "" && <OwnPlans />}
      <Button asChild marginTop="4">
        <Link href={newJobHref()}>Start blank</Link>
      </Button>
    </Sheet>
  );
}

/** Plans of one's own, which are sheets too: begun anew with their steps, for the same vehicle or another. */
function OwnPlans() {
  const jobs = (useCollection("jobs") ?? []).filter(({ putAway }) => !putAway);
  const vehicles = useCollection("vehicles") ?? [];
  if (jobs.length === 0) return null;
  return (
    <>
      <Box as="h2" fontSize="24px" marginTop="5" marginBottom="2">
        Your own plans
      </Box>
      {jobs.map(({ id, title, vehicleId, doneOn }) => (
        <ShelfRow
          key={id}
          href={newJobHref(id)}
          title={title}
          says={`${vehicles.find((one) => one.id === vehicleId)?.name ?? ""}${doneOn ? `, done on ${formatDay(doneOn)}` : ""}`}
        />
      ))}
    </>
  );
}

/** One sheet to choose: its name, and what it is for. */
export function SheetRow({ sheet }: { sheet: JobSheet }) {
  return (
    <ShelfRow
      href={shelfHref(sheet.name)}
      title={titleOf(sheet)}
      says={sheet.foundBy.slice(0, 3).join("; ")}
    />
  );
}

function ShelfRow({ href, title, says }: { href: string; title: string; says: string }) {
  return (
    <Box
      asChild
      display="block"
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="3"
      color="ink"
      textDecoration="none"
      minHeight="56px"
    >
      <Link href={href}>
        <Box as="span" display="block" fontFamily="heading" fontWeight="600" fontSize="22px">
          {title}
        </Box>
        <Box as="span" display="block" color="soft">
          {says}
        </Box>
      </Link>
    </Box>
  );
}
