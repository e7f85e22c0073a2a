"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { memo, useDeferredValue, useMemo, useState } from "react";
import type { Job } from "@/core/model/job";
import { type Proposal, applyProposals, checkProposal, notesText, proposalsFrom } from "@/core/notes/proposals";
import { readNotes } from "@/core/notes/read-notes";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import { useCurrent } from "@/data/hooks";
import { newId, touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextAreaField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";
import { NotesMarked } from "./NotesMarked";
import { ProposalView } from "./ProposalView";

/** Notes pasted in, what was read out of them, and the way into the plan: nothing goes in unseen. */
export function NotesReader({ job }: { job: Job }) {
  const form = useDraftForm(`notes ${job.id}`, { notes: "" });
  const { forget } = form;
  // What is read follows when the typing leaves time for it.
  const notes = useDeferredValue(form.watch("notes"));
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" }} gridTemplateRows={{ lg: "auto auto 1fr" }} gap="4" alignItems="start">
      <Sheet title="Your notes" gridColumn={{ lg: "1" }} padding={{ base: "4", lg: "5" }}>
        <Box as="form" onSubmit={(event) => event.preventDefault()}>
          <TextAreaField
            label={`Notes for “${job.title}”`}
            rows={8}
            placeholder="Paste or say it as it comes: four 15 mil bolts, fifty newton metres, new ones every time…"
            {...form.register("notes")}
          />
        </Box>
      </Sheet>
      <NotesReadOut job={job} notes={notes} onIn={forget} />
    </Box>
  );
}

/** What was read out of the notes, to be corrected, dropped and put in. */
const NotesReadOut = memo(function NotesReadOut({ job, notes, onIn }: { job: Job; notes: string; onIn: () => void }) {
  const router = useRouter();
  const read = useMemo(() => readNotes(notes), [notes]);
  const proposals = useMemo(() => proposalsFrom(read), [read]);
  // What was corrected or dropped, by proposal and by the words it came from: other notes are other proposals.
  const [changed, setChanged] = useState<Record<string, Proposal>>({});
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const [asked, setAsked] = useState(false);
  const [shown, setShown] = useState<string>();
  const keyOf = (one: Proposal) => `${one.id} ${notes.slice(one.spans[0]?.start, one.spans[0]?.end)}`;
  const current = useCurrent("jobs");
  const does = useDo();

  const standing = proposals.map((one) => ({ key: keyOf(one), proposal: changed[keyOf(one)] ?? one }));
  const accepted = standing.filter(({ key }) => !dropped.has(key)).map(({ proposal }) => proposal);
  const wrong = accepted.filter((one) => Object.keys(checkProposal(one)).length > 0);
  const back = `/plan?id=${encodeURIComponent(job.id)}`;

  const put = async () => {
    setAsked(true);
    if (wrong.length > 0) return;
    const done = await does(() => {
      const now = current(job.id);
      if (!now) return {};
      const kept = [now.notes, notesText(accepted)].filter((text) => text).join("\n");
      return { put: { jobs: [touched({ ...withRoute(now, applyProposals(chosenRoute(now), accepted, newId)), ...(kept ? { notes: kept.slice(0, 20_000) } : {}) })] } };
    }, `${accepted.length} put into the plan.`);
    if (!done) return;
    onIn();
    router.push(back);
  };

  return (
    <>
      {notes.trim() !== "" && (
        <Sheet title="As it was read" gridColumn={{ lg: "1" }} padding={{ base: "4", lg: "5" }}>
          <NotesMarked notes={notes} read={read} marked={standing.find(({ key }) => key === shown)?.proposal.spans} />
        </Sheet>
      )}
      <Sheet
        title="What was read out of them"
        gridColumn={{ lg: "2" }}
        gridRow={{ lg: "1 / span 3" }}
        padding={{ base: "4", lg: "5" }}
        display="flex"
        flexDirection="column"
        gap="3"
      >
        {proposals.length === 0 && (
          <Box color="soft">
            {notes.trim() === ""
              ? "Nothing yet. Sizes, torques, parts and steps stand here as you type."
              : "Nothing in there that a plan is made of. Sizes, torques with their unit, parts and steps are looked for."}
          </Box>
        )}
        {standing.map(({ key, proposal }) => (
          <ProposalView
            key={key}
            proposal={proposal}
            dropped={dropped.has(key)}
            errors={asked && !dropped.has(key) ? checkProposal(proposal) : {}}
            onChange={(next) => setChanged({ ...changed, [key]: next })}
            onDrop={(drop) => setDropped(new Set(drop ? [...dropped, key] : [...dropped].filter((one) => one !== key)))}
            onShow={() => setShown(key)}
          />
        ))}
        {asked && wrong.length > 0 && (
          <Box role="alert" color="stop" fontWeight="600">
            ■ {wrong.length === 1 ? "One of them still has to be put right, or dropped." : `${wrong.length} of them still have to be put right, or dropped.`}
          </Box>
        )}
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button look="primary" disabled={accepted.length === 0} onClick={() => void put()}>
            Put {accepted.length} into the plan
          </Button>
          <Button onClick={() => router.push(back)}>Back to the plan</Button>
        </Box>
      </Sheet>
    </>
  );
});
