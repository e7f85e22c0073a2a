"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useDeferredValue, useMemo, useState } from "react";
import { type Job, SOURCES } from "@/core/model/job";
import { checkProposal } from "@/core/notes/check-proposal";
import { type Edit, editedRows, readEdits, withEdits } from "@/core/notes/edited";
import { MOST_LETTERS, plainTextOf } from "@/core/notes/plain-text";
import { useCurrent } from "@/data/hooks";
import { newId, touched } from "@/data/stamp";
import { decodeText } from "@/data/text-file";
import { Button } from "@/ui/Button";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { planHref } from "../../shell/addresses";
import { useDo } from "../../shell/DoProvider";
import { NotesQuestions } from "./NotesQuestions";
import { NotesRows } from "./NotesRows";
import { NotesWords } from "./NotesWords";
import { MOST_KEPT, takeIntoPlan } from "./take-into-plan";
import { useNotes } from "./use-notes";

/**
 * A narration beside the plan that it would be: nothing goes in unseen, and what was corrected stays until it
 * is taken in or thrown away.
 */
export function NotesReader({ job }: { job: Job }) {
  const router = useRouter();
  const form = useNotesForm(job);
  const typed = form.watch("notes");
  const text = useDeferredValue(typed);
  const { edits, edit, undo, canUndo } = useEdits(form);
  const { proposed, reading, failed } = useNotes(text.length > MOST_LETTERS ? "" : text);
  const rows = useMemo(() => editedRows(text, proposed?.rows ?? [], edits), [text, proposed, edits]);
  const [chosen, setChosen] = useState<string>();
  const [writing, setWriting] = useState(typed.trim() === "");
  const [refused, setRefused] = useState<string>();
  const [asked, setAsked] = useState(false);
  const take = useTakeIn(job);

  const choose = async (file: File) => {
    const read = await wordsOf(file);
    setRefused(read.refused);
    if (read.words === undefined) return;
    form.setValue("notes", read.words);
    setWriting(false);
  };

  const accepted = rows.filter(({ dropped }) => !dropped);
  const wrong = accepted.filter(({ proposal }) => Object.keys(checkProposal(proposal)).length > 0);
  const back = planHref(job.id);
  const put = async () => {
    setAsked(true);
    if (wrong.length > 0) return setChosen(wrong[0]?.key);
    const source = SOURCES.find((one) => one === form.getValues("source"));
    const proposals = accepted.map(({ proposal }) => proposal);
    if (!(await take(proposals, { source, text }))) return;
    form.forget();
    router.push(back);
  };
  const aside = (
    <NotesAside
      isKept={job.notes !== undefined && job.notes === text.slice(0, MOST_KEPT)}
      letters={text.length}
      reading={reading}
      wrong={asked ? wrong.length : 0}
    />
  );

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
      <NotesWords
        title={job.title}
        notes={form.register("notes")}
        text={text}
        rows={rows}
        leftOut={proposed?.leftOut ?? []}
        chosen={rows.find(({ key }) => key === chosen)?.proposal.spans}
        writing={writing}
        says={
          failed ? "These words could not be read. Nothing of them is lost; try a part of them." : refused
        }
        onWriting={setWriting}
        onFile={(file) => void choose(file)}
        onChoose={setChosen}
      />
      <Sheet title="The plan that it would be" padding={{ base: "4", lg: "5" }}>
        {proposed && rows.length === 0 && <NothingRead text={text} />}
        {!proposed && !failed && <Box color="soft">Reading…</Box>}
        {proposed && rows.length > 0 && (
          <>
            <Box display="flex" gap="2" flexWrap="wrap" alignItems="end" marginBottom="3">
              <Button look="primary" disabled={accepted.length === 0 || reading} onClick={() => void put()}>
                Take {accepted.length} into the plan
              </Button>
              {canUndo && <Button onClick={undo}>Undo</Button>}
              <Button look="quiet" onClick={() => router.push(back)}>
                Back to the plan
              </Button>
            </Box>
            {aside}
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

const NothingRead = ({ text }: { text: string }) => (
  <Box color="soft" marginBottom="3">
    {text.trim() === ""
      ? "Nothing yet. Paste somebody’s words: the steps, the bolts with their sizes and figures, parts and tools stand here a moment later."
      : "Nothing in there that a plan is made of. Fasteners with sizes, torques with their unit, and what is done are looked for."}
  </Box>
);

/** What was corrected, kept with the draft, and taken back step by step. */
function useEdits(form: NotesForm) {
  const kept = form.watch("edits");
  const edits = useMemo(() => readEdits(kept), [kept]);
  const [before, setBefore] = useState<readonly string[]>([]);
  return {
    edits,
    canUndo: before.length > 0,
    edit: (change: Record<string, Edit>) => {
      setBefore([...before, form.getValues("edits")]);
      form.setValue("edits", JSON.stringify(withEdits(edits, change)));
    },
    undo: () => {
      form.setValue("edits", before.at(-1) ?? "");
      setBefore(before.slice(0, -1));
    },
  };
}

const useNotesForm = (job: Job) =>
  useDraftForm(`notes ${job.id}`, { notes: job.notes ?? "", edits: "", source: "" });
type NotesForm = ReturnType<typeof useNotesForm>;

/** Puts what was accepted into the plan as it stands by then; whether it went in. */
function useTakeIn(job: Job) {
  const perform = useDo();
  const current = useCurrent("jobs");
  const vehicles = useCurrent("vehicles");
  return (
    proposals: Parameters<typeof takeIntoPlan>[2],
    said: Omit<Parameters<typeof takeIntoPlan>[3], "newId">,
  ) =>
    perform(() => {
      const now = current(job.id);
      if (!now) return {};
      return {
        put: { jobs: [touched(takeIntoPlan(now, vehicles(now.vehicleId), proposals, { ...said, newId }))] },
      };
    }, `${proposals.length} lines taken into the plan.`);
}

/** The words of a file, or why they are not taken. */
async function wordsOf(file: File): Promise<{ words?: string; refused?: string }> {
  if (file.size > 4 * MOST_LETTERS) return { refused: `${file.name} is too large to be somebody's words.` };
  const words = plainTextOf(file.name, decodeText(new Uint8Array(await file.arrayBuffer())));
  if (words === "") return { refused: `${file.name} holds no words.` };
  return words.length > MOST_LETTERS
    ? { refused: `${file.name} has ${words.length} letters, ${TOO_MANY}` }
    : { words };
}

const TOO_MANY = `more than the ${MOST_LETTERS} that are read here. Take the part about the job.`;

/** What is to be minded of the words as a whole. */
function NotesAside({
  isKept,
  letters,
  reading,
  wrong,
}: {
  isKept: boolean;
  letters: number;
  reading: boolean;
  wrong: number;
}) {
  return (
    <>
      {isKept && (
        <Box color="watch" marginBottom="2">
          ▲ These words are in the plan already, and are kept with the job. Taken in again, they would stand
          there twice.
        </Box>
      )}
      {letters > MOST_KEPT && (
        <Box color="watch" marginBottom="2">
          ▲ Every line keeps its sentence; of the words as a whole the first {MOST_KEPT} of {letters} letters
          are kept with the job.
        </Box>
      )}
      {reading && <Box color="soft">Reading the change…</Box>}
      {wrong > 0 && (
        <Box role="alert" color="stop" fontWeight="600" marginBottom="2">
          ■{" "}
          {wrong === 1
            ? "One line still has to be put right, or dropped."
            : `${wrong} lines still have to be put right, or dropped.`}
        </Box>
      )}
    </>
  );
}
