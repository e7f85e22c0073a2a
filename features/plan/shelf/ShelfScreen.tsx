"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import type { Place } from "@/core/model/place";
import { lessonWords, pastsOf } from "@/core/shelf/lessons";
import { SHELF_PLACES, placesOf } from "@/core/shelf/places";
import type { Sheet as JobSheet } from "@/core/shelf/sheet";
import { SHELF, sheetNamed } from "@/core/shelf/shelf";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { PlacesFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { newJobHref } from "../../shell/addresses";
import { DueOnShelf } from "./DueOnShelf";
import { findSheets, findSymptom } from "./find-sheets";
import { SheetQuestions } from "./SheetQuestions";
import { SheetRow, ShelfRow } from "./ShelfRow";
import { SymptomRow } from "./SymptomRow";

interface ShelfScreenProps {
  name: string;
  /** A job that was begun by asking what is wrong, and gets its plan here. */
  jobId: string | undefined;
  /** The vehicle that needs it, where that was said. */
  vehicleId: string | undefined;
}

/** The shelf: every generic job sheet, or the one that was taken down, with what it asks. */
export function ShelfScreen({ name, jobId, vehicleId }: ShelfScreenProps) {
  const sheet = sheetNamed(name);
  return sheet ? <SheetQuestions key={name} sheet={sheet} jobId={jobId} vehicleId={vehicleId} /> : <Shelf />;
}

const isAt = (sheet: JobSheet, place: Place | undefined): boolean =>
  place === undefined || placesOf(sheet).includes(place);

const PLACES = SHELF_PLACES.map((place) => ({
  place,
  count: SHELF.filter((sheet) => isAt(sheet, place)).length,
}));

function Shelf() {
  const [words, setWords] = useState("");
  const [place, setPlace] = useState<Place>();
  const symptom = findSymptom(words);
  const found = findSheets(words).filter((sheet) => isAt(sheet, place));
  return (
    <ThreeColumns
      phone="middle, left, right"
      left={
        <>
          <Sheet title="Where on the car?" display={{ base: "none", lg: "block" }}>
            <PlacesFromAbove places={PLACES} picked={place} onPick={setPlace} />
          </Sheet>
          <DueOnShelf />
        </>
      }
      middle={
        <Sheet title="The shelf" padding={{ base: "4", lg: "5" }} flex="1">
          <TextField
            label="What is the job, or what do you notice?"
            placeholder="squeals when braking"
            autoFocus
            value={words}
            onChange={(event) => setWords(event.currentTarget.value)}
          />
          <Box display={{ base: "flex", lg: "none" }} gap="2" flexWrap="wrap" marginTop="3">
            {PLACES.map(({ place: one, count }) => (
              <Button
                key={one}
                aria-pressed={one === place}
                look={one === place ? "primary" : "plain"}
                minHeight="44px"
                onClick={() => setPlace(one === place ? undefined : one)}
              >
                {one} {count}
              </Button>
            ))}
          </Box>
          <Box marginTop="4" aria-live="polite">
            {symptom && <SymptomRow topic={symptom} />}
            {found.map((one) => (
              <SheetRow key={one.name} sheet={one} />
            ))}
            {found.length === 0 && (
              <Box color="soft" paddingBlock="3">
                Nothing on the shelf is about that{place && `, ${place}`}. Plan it from a blank sheet, or from
                somebody’s notes.
              </Box>
            )}
          </Box>
          <Button asChild marginTop="4">
            <Link href={newJobHref()}>Start blank</Link>
          </Button>
        </Sheet>
      }
      right={<OwnPlans />}
    />
  );
}

/**
 * Plans of one's own, which are sheets too: begun anew with their steps, for the same vehicle or another, and with
 * what was learnt the last time.
 */
function OwnPlans() {
  const jobs = (useCollection("jobs") ?? []).filter(({ putAway }) => !putAway);
  const vehicles = useCollection("vehicles") ?? [];
  const works = useCollection("works") ?? [];
  return (
    <Sheet title="Your own plans">
      {jobs.length === 0 && (
        <Box color="soft">Every plan you make stands here, to be done again on this car or another.</Box>
      )}
      {jobs.map((job) => {
        const name = vehicles.find((one) => one.id === job.vehicleId)?.name ?? "";
        const [past] = pastsOf([job], works);
        const done = job.doneOn ? `, done on ${formatDay(job.doneOn)}` : "";
        return (
          <ShelfRow
            key={job.id}
            href={newJobHref(job.id)}
            title={job.title}
            says={`${name}${done}${past ? `: ${lessonWords(past)}` : ""}`}
          />
        );
      })}
    </Sheet>
  );
}
