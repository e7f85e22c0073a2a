"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useRef } from "react";
import { z } from "zod";
import { capital } from "@/core/capital";
import { ifTyped, oneOfIfSaid } from "@/core/form";
import { type Job, type Route, SOURCES } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { type Blank, blanksOf, fillBlank } from "@/core/shelf/blanks";
import type { Fills } from "@/core/shelf/fills";
import { Button } from "@/ui/Button";
import { SelectField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useChangeRoute } from "../../shared/use-change-route";
import { planHref } from "../../shell/addresses";
import { FromNotes } from "./FromNotes";

/** What belongs to this vehicle alone and still has to be looked up, as one list. */
export function LookUpScreen({ job }: { job: Job }) {
  const route = chosenRoute(job);
  const blanks = blanksOf(route);
  if (blanks.length === 0)
    return (
      <Sheet title="Nothing left to look up" maxWidth="760px" marginInline="auto" padding="5">
        <Box marginBottom="4">Every torque, size and limit of {job.title} is written down.</Box>
        <Button asChild look="primary">
          <Link href={planHref(job.id)}>To the plan</Link>
        </Button>
      </Sheet>
    );
  return <Blanks key={blanks.map(fieldOf).join(" ")} job={job} route={route} blanks={blanks} />;
}

/** The name of a blank's field. */
const fieldOf = ({ kind, about }: Blank): string => `${kind}-${about}`;

const ASKS: Record<Blank["kind"], { says: string; placeholder: string; title: string }> = {
  torque: { title: "Torques", says: "torque", placeholder: "35 ft lbs, 20 Nm + 90°" },
  limit: { title: "Limits", says: "limit", placeholder: "at least 20.4, at most 204, 0.7 to 0.8" },
  size: { title: "Sizes of heads", says: "size", placeholder: "17, 3/4 in, T30" },
};

function Blanks({ job, route, blanks }: { job: Job; route: Route; blanks: Blank[] }) {
  const router = useRouter();
  const changeRoute = useChangeRoute(job.id);
  const names = blanks.map(fieldOf);
  const start: Record<string, string> = Object.fromEntries([
    ["source", ""],
    ...names.map((name) => [name, ""]),
  ]);
  const form = useDraftForm(
    `look up ${job.id}`,
    start,
    () =>
      z.object({
        source: oneOfIfSaid(SOURCES),
        ...Object.fromEntries(
          blanks.map((blank) => [
            fieldOf(blank),
            ifTyped((text) => {
              fillBlank(route, blank, text);
              return text;
            }),
          ]),
        ),
      }) as unknown as z.ZodType<Record<string, string | undefined>, Record<string, string>>,
  );
  const keep = form.handleSubmit(async (typed) => {
    const said = blanks.filter((blank) => typed[fieldOf(blank)] !== undefined);
    if (said.length === 0) return router.push(planHref(job.id));
    const source = SOURCES.find((one) => one === typed.source);
    const fill = (now: Route, blank: Blank) => {
      const name = fieldOf(blank);
      const text = typed[name] ?? "";
      const auto = filled.current[name];
      return fillBlank(now, blank, text, { source, doubtful: auto?.typed === text && auto.doubtful });
    };
    const kept = await changeRoute((now) => said.reduce(fill, now), `${said.length} written down.`);
    if (!kept) return;
    form.forget();
    if (said.length === blanks.length) router.push(planHref(job.id));
  });
  const filled = useRef<Record<string, { typed: string; doubtful: boolean }>>({});
  // What the words filled in follows them as they are typed; what a hand has typed stays.
  const take = ({ said }: Fills) => {
    for (const blank of blanks) {
      const name = fieldOf(blank);
      const all = said.get(blank) ?? [];
      const [one, other] = all;
      const next = one && !other ? one : { typed: "", doubtful: false };
      if (form.getValues(name) !== (filled.current[name]?.typed ?? "")) continue;
      filled.current[name] = next;
      form.setValue(name, next.typed);
    }
  };
  const titles = [...new Set(blanks.map(({ kind }) => ASKS[kind].title))];
  return (
    <Sheet title={`Look up these ${blanks.length}`} maxWidth="760px" marginInline="auto" padding="5">
      <Box color="soft" marginBottom="4">
        {job.title}: what belongs to this vehicle alone. Leave empty what you do not have yet; it stays on
        this list.
      </Box>
      <FromNotes
        job={job}
        blanks={blanks}
        onRead={take}
        onChoose={(blank, one) => form.setValue(fieldOf(blank), one)}
      />
      <FormBox onSubmit={(event) => void keep(event)} gap="5" marginTop="4">
        {titles.map((title) => (
          <Box key={title}>
            <Box as="h2" fontSize="24px" marginBottom="2">
              {title}
            </Box>
            {title === "Torques" && (
              <Box maxWidth="300px" marginBottom="3">
                <SelectField
                  label="Where are the torques from?"
                  choices={[
                    { value: "", label: "not said yet" },
                    ...SOURCES.filter((one) => one !== "this vehicle's own").map((one) => ({
                      value: one,
                      label: one,
                    })),
                  ]}
                  {...form.field("source")}
                />
              </Box>
            )}
            {blanks
              .filter(({ kind }) => ASKS[kind].title === title)
              .map((blank, i, rows) => (
                <BlankRow
                  key={fieldOf(blank)}
                  blank={blank}
                  saysWhere={rows[i - 1]?.where !== blank.where}
                  field={form.field(fieldOf(blank))}
                />
              ))}
          </Box>
        ))}
        <FormButtons submit="Write them down">
          <Button asChild>
            <Link href={planHref(job.id)}>Later</Link>
          </Button>
        </FormButtons>
      </FormBox>
    </Sheet>
  );
}

interface BlankRowProps {
  blank: Blank;
  /** The row above has not said where to look already. */
  saysWhere: boolean;
  field: ReturnType<ReturnType<typeof useDraftForm>["field"]>;
}

function BlankRow({ blank: { kind, what, unit, where, often }, saysWhere, field }: BlankRowProps) {
  const { says, placeholder } = ASKS[kind];
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="3">
      <TextField
        label={`${capital(what)}: ${says}${unit ? `, ${unit}` : ""}`}
        placeholder={often ? `often ${often}; try it` : placeholder}
        {...(saysWhere ? { hint: where } : {})}
        {...field}
      />
    </Box>
  );
}
