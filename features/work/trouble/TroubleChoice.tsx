"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { capital } from "@/core/capital";
import type { TroubleKind } from "@/core/model/trouble";
import { withRoute } from "@/core/plan/chosen-route";
import { laddersFor } from "@/core/work/trouble/ladders";
import { meetTrouble, troubleSubjects, withRenewal } from "@/core/work/trouble/trouble";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { useChangeJob } from "../../shared/use-change-job";
import { thisMoment } from "../../shell/clock";
import { useKey } from "../../shell/keys";
import type { FaceProps } from "../faces/face";
import { NotAsPlanned, WAY_SAYS, type Way } from "./NotAsPlanned";

/** What is not as it was planned, and what has gone wrong with what: put right here, or to the ladder for it. */
export function TroubleChoice(props: FaceProps & { onClose: () => void }) {
  const { route, step, fastener, job, move, onClose } = props;
  const subjects = troubleSubjects(route, step, fastener);
  const [about, setAbout] = useState(subjects[0] ?? step.title);
  const changeJob = useChangeJob(job.id);
  const [way, setWay] = useState<Way>();
  useKey("away", onClose);
  const meet = async (kind: TroubleKind) => {
    const met = await move((now) =>
      meetTrouble(now, { troubleId: newId(), stepId: step.id, kind, about }, thisMoment()),
    );
    if (!met) return;
    if (withRenewal(route, kind, about, step, newId) !== route)
      await changeJob(
        (now) =>
          withRoute(
            now,
            withRenewal(now.routes.find(({ id }) => id === route.id) ?? route, kind, about, step, newId),
          ),
        `A new one is in the Kit: ${about}.`,
      );
    onClose();
  };
  return (
    <>
      <Box fontFamily="heading" fontWeight="700" fontSize={{ base: "34px", lg: "44px" }} lineHeight="1">
        {way === undefined ? "Not as planned: what is it?" : WAY_SAYS[way]}
      </Box>
      <NotAsPlanned {...props} way={way} onWay={setWay} />
      {way === undefined && (
        <>
          <Box as="h2" fontSize="24px">
            Trouble: stop pulling
          </Box>
          {subjects.length > 1 && (
            <Box maxWidth="420px">
              <SelectField
                label="With"
                choices={subjects}
                value={about}
                onChange={(event) => setAbout(event.currentTarget.value)}
                style={{ minHeight: 56, fontSize: 20 }}
              />
            </Box>
          )}
          <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "repeat(3, 1fr)" }} gap="3">
            {laddersFor(fastener).map(({ kind, looks }) => (
              <Button
                key={kind}
                size="work"
                minHeight="72px"
                padding="3"
                justifyContent="flex-start"
                textAlign="left"
                onClick={() => void meet(kind)}
              >
                <span>
                  {capital(kind)}
                  <Box
                    as="span"
                    display="block"
                    color="soft"
                    fontSize="15px"
                    fontFamily="body"
                    fontWeight="400"
                  >
                    {looks}
                  </Box>
                </span>
              </Button>
            ))}
          </Box>
          <Box marginTop="auto">
            <Button size="work" onClick={onClose}>
              All as planned
            </Button>
          </Box>
        </>
      )}
    </>
  );
}
