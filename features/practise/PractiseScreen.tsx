"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { type DrillDone, LEVELS, SKILLS, type Skill } from "@/core/model/drill";
import { DRILLS } from "@/core/practise/drills";
import { nextSkill } from "@/core/practise/practised";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { Row, Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { benchHref, practiseHref } from "../shell/addresses";
import { GRADE_WORDS, SURENESS_WORDS } from "./drill-words";
import { type Again, DrillRun } from "./DrillRun";
import { SkillList } from "./SkillList";
import { SureSheet } from "./SureSheet";
import { ThisOneScreen } from "./ThisOneScreen";
import { type PractisedHere, usePractised } from "./use-practised";

const Lab = later(() => import("./lab/LabSheet").then((module) => module.LabSheet));

/** Practise: drills of two minutes, what is sure, the lab, and a bolt of one's own plan before it is pulled. */
export function PractiseScreen() {
  const query = useSearchParams();
  const practised = usePractised();
  if (!practised) return <Loading />;
  const [jobId, fastenerId] = [query.get("job"), query.get("fastener")];
  if (jobId && fastenerId)
    return (
      <ThisOneScreen
        key={`${jobId} ${fastenerId}`}
        jobId={jobId}
        fastenerId={fastenerId}
        from={query.get("from") ?? ""}
        pull={query.get("pull")}
      />
    );
  const skill = SKILLS.find((one) => one === query.get("skill"));
  const open = openOf(skill, query);
  return (
    <ThreeColumns
      phone="middle, right, left"
      left={
        <Sheet padding="3" flex="1" overflowY={{ lg: "auto" }} title="Practise">
          <SkillList all={practised.all} open={open} />
        </Sheet>
      }
      middle={<Middle open={open} again={againIn(query)} practised={practised} />}
      right={<Beside open={open} practised={practised} />}
    />
  );
}

type Open = Skill | "sure" | "lab" | undefined;

function openOf(skill: Skill | undefined, query: URLSearchParams): Open {
  if (query.has("sure")) return "sure";
  return query.has("lab") ? "lab" : skill;
}

interface MiddleProps {
  open: Open;
  again: Again | undefined;
  practised: PractisedHere;
}

function Middle({ open, again, practised }: MiddleProps) {
  if (open === "sure") return <SureSheet practised={practised} />;
  if (open === "lab") return <Lab />;
  if (open)
    return <DrillRun key={`${open} ${again?.seed}`} skill={open} again={again} practised={practised} />;
  return <Begin practised={practised} />;
}

/** The drill that an address asks for once more. */
function againIn(query: URLSearchParams): Again | undefined {
  const level = LEVELS.find((one) => String(one) === query.get("level"));
  const seed = Number(query.get("seed") ?? NaN);
  return level && Number.isInteger(seed) && seed >= 0 ? { level, seed } : undefined;
}

const SHOWN = 5;

/** How the last drills went, each to be tried once more. */
function Lately({ drills }: { drills: readonly DrillDone[] }) {
  const last = drills.toSorted((a, b) => b.createdAt.localeCompare(a.createdAt)).slice(0, SHOWN);
  if (last.length === 0) return null;
  return (
    <Box marginTop="3" fontSize="15px">
      <Box as="h3" fontSize="18px">
        Lately
      </Box>
      {last.map(({ id, skill, level, seed, grade, createdAt }) => (
        <Row
          key={id}
          label={`${GRADE_WORDS[grade].sign} ${formatDay(createdAt.slice(0, 10))}, level ${level}`}
        >
          <Link href={practiseHref(skill, { level, seed })} prefetch={false}>
            once more
          </Link>
        </Row>
      ))}
    </Box>
  );
}

/** What two minutes are best spent on. */
function Begin({ practised: { all, drills } }: { practised: PractisedHere }) {
  const next = nextSkill(all);
  const due = all.filter(({ isDue }) => isDue);
  const why = () => {
    if (drills.length === 0) return "It is where most threads are ruined.";
    return due.some(({ skill }) => skill === next)
      ? "It was some days ago, and is to be tried again."
      : "It was not tried yet.";
  };
  return (
    <Sheet flex="1" padding={{ base: "5", lg: "8" }} display="flex" flexDirection="column" gap="3">
      <Box color="soft">Two minutes, on a bolt that is nobody’s.</Box>
      <Box as="h1" fontSize={{ base: "40px", lg: "56px" }} lineHeight="1.05">
        {DRILLS[next].title}
      </Box>
      <Box fontSize="20px">
        {DRILLS[next].about}. {why()}
      </Box>
      <Button asChild look="primary" size="work" alignSelf={{ base: "stretch", md: "flex-start" }}>
        <Link href={practiseHref(next)} prefetch={false}>
          Begin
        </Link>
      </Button>
      {due.length > 1 && (
        <Box fontSize="17px">
          Also to be tried again:{" "}
          {due
            .filter(({ skill }) => skill !== next)
            .map(({ skill }, i) => (
              <span key={skill}>
                {i > 0 && ", "}
                <Link href={practiseHref(skill)} prefetch={false}>
                  {DRILLS[skill].title}
                </Link>
              </span>
            ))}
          .
        </Box>
      )}
    </Sheet>
  );
}

/** What bears on it: what the drill is for, how it stands, and the calculation behind it. */
function Beside({ open, practised }: { open: Open; practised: PractisedHere }) {
  const stands = practised.all.find(({ skill }) => skill === open);
  if (!stands)
    return (
      <Sheet title="What this is">
        <Box fontSize="15px">
          Wrench, bolt and flange here behave as the Bench reckons: the same friction, strength and levers.
          What you do is kept with the household, and tells what comes next. Nothing is counted but what is
          sure.
        </Box>
      </Sheet>
    );
  const { estimate, sureness, spaced } = stands;
  const drill = DRILLS[stands.skill];
  return (
    <Sheet title={drill.title}>
      <Box fontSize="15px" display="grid" gap="2">
        <span>{drill.about}.</span>
        <span>
          {SURENESS_WORDS[sureness].sign} {SURENESS_WORDS[sureness].says}
          {estimate.count > 0 && `: ${estimate.count} ${estimate.count === 1 ? "drill" : "drills"}`}
          {spaced && estimate.count > 0 && `, ${Math.round(spaced.still * 100)} of 100 that it still goes`}
        </span>
        {drill.slip && <Link href={benchHref(drill.slip)}>The same on the Bench</Link>}
      </Box>
      <Lately drills={practised.drills.filter(({ skill }) => skill === stands.skill)} />
    </Sheet>
  );
}
