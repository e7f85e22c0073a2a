"use client";

import { Box } from "@chakra-ui/react";
import { capital } from "@/core/capital";
import { SENSES } from "@/core/decide/topic";
import { TOPICS } from "@/core/decide/topics";
import type { Place } from "@/core/model/place";
import { Button } from "@/ui/Button";

/** What is noticed, by the sense that notices it, as far as it is noticed at a place. */
export function SymptomPicker({ place, onPick }: { place: Place | undefined; onPick: (id: string) => void }) {
  const topics = TOPICS.filter(({ places }) => place === undefined || places.includes(place));
  return (
    <>
      <Box as="h2" fontSize="30px">
        What do you notice{place ? ` at the ${place}` : ""}?
      </Box>
      {SENSES.map((sense) => {
        const own = topics.filter(({ senses }) => senses.includes(sense));
        return own.length === 0 ? null : (
          <Box key={sense}>
            <Box as="h3" fontSize="20px" color="soft" marginBottom="2">
              {capital(`you ${sense} it`)}
            </Box>
            <Box
              display="grid"
              gridTemplateColumns="repeat(auto-fill, minmax(min(100%, 250px), 1fr))"
              gap="2"
            >
              {own.map(({ id, symptom }) => (
                <Button
                  key={id}
                  minHeight="56px"
                  justifyContent="flex-start"
                  textAlign="left"
                  onClick={() => onPick(id)}
                >
                  {symptom}
                </Button>
              ))}
            </Box>
          </Box>
        );
      })}
      {topics.length === 0 && (
        <Box color="soft">Nothing is noticed there that has checks here. Choose another place, or none.</Box>
      )}
    </>
  );
}
