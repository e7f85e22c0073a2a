"use client";

import { Box } from "@chakra-ui/react";
import { withRoute } from "@/core/plan/chosen-route";
import type { Rung } from "@/core/work/trouble/ladder";
import { ladderFor } from "@/core/work/trouble/ladders";
import {
  type Trouble,
  nextRung,
  rungsFor,
  troubleNeeds,
  tryRung,
  withNeeds,
} from "@/core/work/trouble/trouble";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { useChangeJob } from "../../shared/use-change-job";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "../faces/ActionBar";
import type { FaceProps } from "../faces/face";

/** A ladder out of trouble, a rung at a time from mild to drastic; what was tried is kept. */
export function TroubleFace(props: FaceProps & { trouble: Trouble }) {
  const { job, trouble, tools, move, bar } = props;
  const ladder = ladderFor(trouble.kind, job.system);
  const rungs = rungsFor(trouble, job.system, tools);
  const rung = nextRung(trouble, job.system, tools);
  const tried = trouble.tried.filter(({ passed }) => !passed);
  const does = (worked: boolean | "not for this") =>
    rung && void move((now) => tryRung(now, trouble, rung.id, worked, thisMoment()));
  const stop = () =>
    void move((now) => ({ ...now, doNotDrive: `${trouble.about}: ${trouble.kind}`.slice(0, 200) }));
  return (
    <>
      <Box color="stop" fontWeight="600" fontSize="20px">
        ■ {trouble.about}: {trouble.kind}
      </Box>
      {trouble.tried.length === 0 && <Box fontSize="18px">{ladder.first}</Box>}
      {rung ? (
        <RungView {...props} rung={rung} at={rungs.indexOf(rung) + 1} of={rungs.length} />
      ) : (
        <Box fontSize="20px">
          Everything on the ladder has been tried. The vehicle stays where it is until somebody with other
          tools has seen it.
        </Box>
      )}
      {tried.length > 0 && (
        <Box color="soft" fontSize="16px">
          Tried without luck: {tried.map(({ rung: id }) => id).join(", ")}.
        </Box>
      )}
      {rung && !rung.stops ? (
        <ActionBar
          bar={{ ...bar, onTrouble: undefined }}
          says="That did it"
          onPrimary={() => does(true)}
          others={
            <>
              <Button size="work" flex={{ base: "1 1 100%", lg: "none" }} onClick={() => does(false)}>
                Did not work: the next
              </Button>
              <Button
                size="work"
                flex={{ base: "1 1 100%", lg: "none" }}
                onClick={() => does("not for this")}
              >
                Not for this
              </Button>
            </>
          }
        />
      ) : (
        <ActionBar
          bar={{ ...bar, onTrouble: undefined }}
          says="Leave it standing"
          onPrimary={stop}
          others={
            rung && (
              <Button size="work" flex={{ base: "1", lg: "none" }} onClick={() => does(true)}>
                It was solved
              </Button>
            )
          }
        />
      )}
    </>
  );
}

function RungView({ rung, at, of, job, route, tools }: FaceProps & { rung: Rung; at: number; of: number }) {
  const changeJob = useChangeJob(job.id);
  const needs = troubleNeeds(rung, tools);
  const lacking = needs.flatMap(({ need, owned }) => (owned ? [] : [need]));
  const listed = new Set(
    [...(route.specialTools ?? []), ...(route.supplies ?? [])].map(({ name }) => name.toLowerCase()),
  );
  const toList = lacking.filter(({ name }) => !listed.has(name.toLowerCase()));
  return (
    <>
      <Box
        fontFamily="heading"
        fontWeight="600"
        fontSize={{ base: "30px", lg: "38px" }}
        lineHeight="1.1"
        aria-live="polite"
      >
        {rung.does}
      </Box>
      <Box fontSize="18px" color="soft">
        Rung {at} of {of}
        {rung.minutes > 0 && `, about ${rung.minutes} min more`}
      </Box>
      {rung.cautions.map((caution) => (
        <Box key={caution} color="watch" fontWeight="600" fontSize="18px">
          ▲ {caution}
        </Box>
      ))}
      {needs.map(({ need, owned }) => (
        <Box key={need.name} fontSize="18px" color={owned ? "good" : "stop"}>
          {owned ? `● ${owned.name}, in the chest` : `■ ${need.name}: not in the chest`}
        </Box>
      ))}
      {toList.length > 0 && (
        <Box>
          <Button
            size="work"
            fontSize="20px"
            onClick={() =>
              void changeJob(
                (now) =>
                  withRoute(
                    now,
                    withNeeds(now.routes.find(({ id }) => id === route.id) ?? route, toList, newId),
                  ),
                `The Kit asks for: ${toList.map(({ name }) => name).join(", ")}.`,
              )
            }
          >
            Put what is missing into the Kit
          </Button>
        </Box>
      )}
    </>
  );
}
