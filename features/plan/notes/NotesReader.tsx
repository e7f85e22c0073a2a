"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useDeferredValue, useMemo, useState } from "react";
import { withOwnFigures } from "@/core/fastener/own-figure";
import { type Job, SOURCES } from "@/core/model/job";
import { applyProposals } from "@/core/notes/apply-proposals";
import { type Edit, editedRows, readEdits } from "@/core/notes/edited";
import { MOST_LETTERS, plainTextOf } from "@/core/notes/plain-text";
import { checkProposal } from "@/core/notes/proposals";
import { chosenRoute, withRoute } from "@/core/plan/chosen-route";
import { useCurrent } from "@/data/hooks";
import { newId, touched } from "@/data/stamp";
import { decodeText } from "@/data/text-file";
import { Button } from "@/ui/Button";
import { TextAreaField } from "@/ui/form/Field";
import { FileField } from "@/ui/form/FileField";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { planHref } from "../../shell/addresses";
import { useDo } from "../../shell/DoProvider";
import { NotesMarked } from "./NotesMarked";
import { NotesQuestions } from "./NotesQuestions";
import { NotesRows } from "./NotesRows";
import { useNotes } from "./use-notes";

const MOST_KEPT = 20_000;
/** So much pasted in one go is somebody else’s text: it is shown as it was read at once. */
const LONG_PASTE = 300;

/**
 * A narration beside the plan that it would be: nothing goes in unseen, and what was corrected stays until it
 * is taken in or thrown away.
 */
export function NotesReader({ job }: { job: Job }) {
  const router = useRouter();
  const perform = useDo();
  const current = useCurrent("jobs");
  const vehicles = useCurrent("vehicles");
  const form = useDraftForm(`notes ${job.id}`, { notes: job.notes ?? "", edits: "", source: "" });
  const typed = form.watch("notes");
  const text = useDeferredValue(typed);
  const keptEdits = form.watch("edits");
  const edits = useMemo(() => readEdits(keptEdits), [keptEdits]);
  const { proposed, reading, failed } = useNotes(text.length > MOST_LETTERS ? "" : text);
  const rows = useMemo(() => editedRows(text, proposed?.rows ?? [], edits), [text, proposed, edits]);
  const [before, setBefore] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string>();
  const [writing, setWriting] = useState(typed.trim() === "");
  const [refused, setRefused] = useState<string>();
  const [asked, setAsked] = useState(false);

  const edit = (change: Record<string, Edit>) => {
    setBefore([...before, form.getValues("edits")]);
    const merged = { ...edits };
    for (const [key, one] of Object.entries(change))
      merged[key] = {
        ...merged[key],
        ...one,
        ...(one.change ? { change: { ...merged[key]?.change, ...one.change } } : {}),
      };
    form.setValue("edits", JSON.stringify(merged));
  };
  const undo = () => {
    form.setValue("edits", before.at(-1) ?? "");
    setBefore(before.slice(0, -1));
  };
  const take = (name: string, content: string) => {
    const plain = plainTextOf(name, content);
    if (plain === "") return setRefused(`${name} holds no words.`);
    if (plain.length > MOST_LETTERS)
      return setRefused(
        `${name} has ${plain.length} letters, more than the ${MOST_LETTERS} that are read here. Take the part about the job.`,
      );
    setRefused(undefined);
    form.setValue("notes", plain);
    setWriting(false);
  };
  const choose = async (file: File) => {
    if (file.size > 4 * MOST_LETTERS) return setRefused(`${file.name} is too large to be somebody's words.`);
    take(file.name, decodeText(new Uint8Array(await file.arrayBuffer())));
  };

  const accepted = rows.filter(({ dropped }) => !dropped);
  const wrong = accepted.filter(({ proposal }) => Object.keys(checkProposal(proposal)).length > 0);
  const back = planHref(job.id);
  const put = async () => {
    setAsked(true);
    if (wrong.length > 0) {
      setChosen(wrong[0]?.key);
      return;
    }
    const source = SOURCES.find((one) => one === form.getValues("source"));
    const done = await perform(() => {
      const now = current(job.id);
      if (!now) return {};
      const route = chosenRoute(now);
      const known = new Set(route.fasteners.map(({ id }) => id));
      const filled = applyProposals(
        route,
        accepted.map(({ proposal }) => proposal),
        { newId, text },
      );
      const fasteners = filled.fasteners.map((one) =>
        source && one.figure && !known.has(one.id) ? { ...one, source } : one,
      );
      const vehicle = vehicles(now.vehicleId);
      const own = vehicle ? withOwnFigures({ ...filled, fasteners }, vehicle) : { ...filled, fasteners };
      return { put: { jobs: [touched({ ...withRoute(now, own), notes: text.slice(0, MOST_KEPT) })] } };
    }, `${accepted.length} lines taken into the plan.`);
    if (!done) return;
    form.forget();
    router.push(back);
  };

  const spans = rows.find(({ key }) => key === chosen)?.proposal.spans;
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 5fr) minmax(0, 6fr)" }}
      gap="4"
      alignItems="start"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const [file] = event.dataTransfer.files;
        if (!file) return;
        event.preventDefault();
        void choose(file);
      }}
    >
      <Sheet
        title={`Somebody’s words for “${job.title}”`}
        padding={{ base: "4", lg: "5" }}
        position={{ lg: "sticky" }}
        top={{ lg: "18px" }}
      >
        {writing ? (
          <Box as="form" onSubmit={(event) => event.preventDefault()}>
            <TextAreaField
              label={`Notes for “${job.title}”`}
              rows={10}
              placeholder="Paste captions, a memo, a page of your own: four 15 mil bolts, fifty newton metres, new ones every time…"
              {...form.register("notes")}
              onPaste={({ clipboardData }) =>
                clipboardData.getData("text").length > LONG_PASTE && setTimeout(() => setWriting(false))
              }
            />
            <Box display="flex" gap="3" flexWrap="wrap" alignItems="end" marginTop="3">
              <FileField
                label="Or a file: text, captions, a page"
                accept=".txt,.srt,.vtt,.md,.html,.htm,text/plain,text/html,text/vtt"
                onFile={(file) => void choose(file)}
              />
              {typed.trim() !== "" && (
                <Button onClick={() => setWriting(false)}>Show what was read in it</Button>
              )}
            </Box>
          </Box>
        ) : (
          <>
            <Box
              maxHeight={{ base: "30vh", lg: "calc(100vh - 230px)" }}
              overflowY="auto"
              marginBottom="3"
              tabIndex={0}
              aria-label="The words, with what was read in them"
            >
              <NotesMarked
                text={text}
                rows={rows}
                leftOut={proposed?.leftOut ?? []}
                chosen={spans}
                onChoose={setChosen}
              />
            </Box>
            <Button onClick={() => setWriting(true)}>Change the words</Button>
          </>
        )}
        <Box aria-live="polite" color="stop" fontWeight="600" marginTop="2">
          {refused && `■ ${refused}`}
          {text.length > MOST_LETTERS &&
            `■ These are ${text.length} letters, more than the ${MOST_LETTERS} that are read here. Take the part about the job.`}
          {failed && "■ These words could not be read. Nothing of them is lost; try a part of them."}
        </Box>
      </Sheet>
      <Sheet title="The plan that it would be" padding={{ base: "4", lg: "5" }}>
        {proposed && rows.length === 0 && (
          <Box color="soft" marginBottom="3">
            {text.trim() === ""
              ? "Nothing yet. Paste somebody’s words: the steps, the bolts with their sizes and figures, parts and tools stand here a moment later."
              : "Nothing in there that a plan is made of. Fasteners with sizes, torques with their unit, and what is done are looked for."}
          </Box>
        )}
        {!proposed && !failed && <Box color="soft">Reading…</Box>}
        {proposed && rows.length > 0 && (
          <>
            <Box display="flex" gap="2" flexWrap="wrap" alignItems="end" marginBottom="3">
              <Button look="primary" disabled={accepted.length === 0 || reading} onClick={() => void put()}>
                Take {accepted.length} into the plan
              </Button>
              {before.length > 0 && <Button onClick={undo}>Undo</Button>}
              <Button look="quiet" onClick={() => router.push(back)}>
                Back to the plan
              </Button>
            </Box>
            {job.notes !== undefined && job.notes === text.slice(0, MOST_KEPT) && (
              <Box color="watch" marginBottom="2">
                ▲ These words are in the plan already, and are kept with the job. Taken in again, they would
                stand there twice.
              </Box>
            )}
            {text.length > MOST_KEPT && (
              <Box color="watch" marginBottom="2">
                ▲ Every line keeps its sentence; of the words as a whole the first {MOST_KEPT} of{" "}
                {text.length} letters are kept with the job.
              </Box>
            )}
            {reading && <Box color="soft">Reading the change…</Box>}
            {asked && wrong.length > 0 && (
              <Box role="alert" color="stop" fontWeight="600" marginBottom="2">
                ■{" "}
                {wrong.length === 1
                  ? "One line still has to be put right, or dropped."
                  : `${wrong.length} lines still have to be put right, or dropped.`}
              </Box>
            )}
            <NotesQuestions
              questions={proposed.questions}
              rows={rows}
              source={form.watch("source")}
              onSource={(source) => form.setValue("source", source)}
              onEdit={edit}
              onShow={setChosen}
            />
            <NotesRows
              rows={rows}
              chosen={chosen}
              leftOut={proposed.leftOut}
              onChoose={setChosen}
              onEdit={edit}
              asked={asked}
            />
          </>
        )}
      </Sheet>
    </Box>
  );
}
