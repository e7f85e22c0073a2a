"use client";

import { roleByWords } from "@/core/fastener/role";
import { ACCESSES, CONDITIONS, type Fastener, HOLDS, LOCKINGS, SOURCES, TIGHTENED } from "@/core/model/job";
import { ROLES } from "@/core/model/role";
import { INTO } from "@/core/thread/hole";
import { STRENGTH_CLASSES } from "@/core/thread/strength";
import { CheckField, SelectField, TextField } from "@/ui/form/Field";
import { Fold } from "@/ui/form/Fold";
import type { DraftForm } from "@/ui/form/useDraftForm";
import type { FastenerFields } from "./fastener-fields";

type FastenerFormState = Pick<
  DraftForm<FastenerFields, Fastener>,
  "field" | "formState" | "watch" | "getValues"
>;

/** Fields that have to be seen when they are wrong. */
const FOLDED = ["thread", "sizeToDoUp", "counterHold", "length", "reach", "note", "reuseReason"] as const;

const HOLD_SAYS: Partial<Record<(typeof HOLDS)[number], string>> = {
  "on the other end": "a tool on the other end",
  "key through the middle": "a key through the middle of the stud",
};

const NOT_SAID = { value: "", label: "not said" };

/** What is known less often about a fastener, folded away until it is wanted. */
export function FastenerMore({ form: { field, formState, watch, getValues } }: { form: FastenerFormState }) {
  const { errors } = formState;
  const drawn = getValues("layout") === "drawn";
  const told = roleByWords(watch("name"));
  return (
    <Fold title="More about it" mustShow={FOLDED.some((name) => errors[name] !== undefined)}>
      <SelectField
        label="What it holds"
        choices={[{ value: "", label: told ? `${told}, by its name` : "not said" }, ...ROLES]}
        {...field("role")}
      />
      <SelectField label="The torque is from" choices={[NOT_SAID, ...SOURCES]} {...field("source")} />
      <SelectField
        label="The torque is for a thread that is"
        choices={[NOT_SAID, ...CONDITIONS]}
        {...field("condition")}
      />
      <SelectField label="The thread will be" choices={[NOT_SAID, ...CONDITIONS]} {...field("threadIs")} />
      <SelectField
        label="Held by"
        choices={[{ value: "", label: "nothing more" }, ...LOCKINGS]}
        {...field("locking")}
      />
      <TextField label="Thread" placeholder="M10 or M10x1.25" {...field("thread")} />
      <TextField label="Other size to do up" placeholder="if the new one differs" {...field("sizeToDoUp")} />
      <SelectField
        label="Kept from turning by"
        choices={[NOT_SAID, ...HOLDS.map((value) => ({ value, label: HOLD_SAYS[value] ?? value }))]}
        {...field("holdBy")}
      />
      <TextField label="Hold the other end with" placeholder="17, 6 mm key" {...field("counterHold")} />
      <SelectField
        label="Final torque"
        choices={[{ value: "", label: "wherever it stands" }, ...TIGHTENED]}
        {...field("tightened")}
      />
      <SelectField label="Reached with" choices={[NOT_SAID, ...ACCESSES]} {...field("access")} />
      <TextField
        label="It lies deep"
        numeric
        unit="mm"
        hint="What extensions have to reach"
        {...field("reach")}
      />
      <SelectField
        label="Strength"
        choices={[{ value: "", label: "not known" }, ...STRENGTH_CLASSES]}
        {...field("strength")}
      />
      <TextField label="Length" numeric unit="mm" {...field("length")} />
      <SelectField
        label="Goes into"
        choices={[{ value: "", label: "not known" }, ...INTO]}
        {...field("into")}
      />
      <SelectField
        label="They stand"
        choices={[
          { value: "none", label: "no pattern" },
          { value: "circle", label: "in a circle" },
          { value: "row", label: "in a row" },
          ...(drawn ? [{ value: "drawn", label: "as drawn" }] : []),
        ]}
        {...field("layout")}
      />
      <TextField label="Note" {...field("note")} />
      <CheckField label="The figure is doubtful" {...field("doubtful")} />
      <CheckField label="The size is doubtful" {...field("sizeDoubtful")} />
      <CheckField label="Left-hand thread: undone clockwise" {...field("leftHand")} />
      <CheckField label="A pipe or lead comes out of it" {...field("overPipe")} />
      <CheckField label="Only a deep socket gets down to it" {...field("deepSocket")} />
      <CheckField label="Single-use" {...field("singleUse")} />
      {watch("singleUse") && (
        <TextField
          label="Used again because"
          hint="Left empty, a new one is fitted"
          {...field("reuseReason")}
        />
      )}
    </Fold>
  );
}
