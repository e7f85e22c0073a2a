"use client";

import { Box } from "@chakra-ui/react";
import type { ToolDraft } from "@/core/chest/missing";
import { type ChestLine, readChest } from "@/core/chest/read-chest";
import type { Tool } from "@/core/model/tool";
import { stamped } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextAreaField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../../shell/DoProvider";
import { toolDetails } from "./chest-groups";

/**
 * Many tools at once, typed or pasted a line each; each line shows what it became before anything is kept.
 */
export function ChestAdd({ onField }: { onField: () => void }) {
  const perform = useDo();
  const form = useDraftForm("chest lines", { lines: "" });
  const lines = readChest(form.watch("lines"));
  const drafts = lines.flatMap((line) => ("tools" in line ? line.tools : []));
  const unread = lines.filter((line) => "why" in line).length;
  const save = async () => {
    const tools = drafts.map((draft) => stamped<Tool>(draft, "own"));
    if (
      !(await perform(
        { put: { tools } },
        tools.length === 1 && tools[0]
          ? `${tools[0].name} is in the chest.`
          : `${tools.length} tools are in the chest.`,
      ))
    )
      return;
    // What could not be read stays to be mended.
    form.reset({ lines: lines.flatMap((line) => ("why" in line ? [line.line] : [])).join("\n") });
  };
  return (
    <Sheet title="Put in the chest">
      <TextAreaField
        label="What you own, a line each"
        rows={5}
        placeholder={"3/8 deep metric 8-19 no 16\ncombination spanners 8-19\nbrake cleaner 400 mL"}
        hint="As you would say it: “1/2 ratchet”, “14 mm deep socket”. Ranges and “no 16” are understood; what is missing is asked. “Red box: 3/8 sockets 8-19” is a set."
        {...form.register("lines")}
      />
      <Box aria-live="polite" marginTop="2">
        {lines.map((line, i) => (
          <LineRead
            key={`${i} ${line.line}`}
            line={line}
            onAnswer={(answered) => {
              const now = lines.map((one, at) => (at === i ? answered : one.line));
              form.setValue("lines", now.join("\n"));
            }}
          />
        ))}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap" marginTop="3" alignItems="center">
        <Button look="primary" disabled={drafts.length === 0} onClick={() => void save()}>
          {drafts.length === 0 ? "Put in the chest" : `Put ${drafts.length} in the chest`}
        </Button>
        <Button look="quiet" onClick={onField}>
          Field by field
        </Button>
      </Box>
      {unread > 0 && drafts.length > 0 && (
        <Box fontSize="14px" color="watch" marginTop="1">
          ▲ {unread === 1 ? "One line still asks" : `${unread} lines still ask`} something, and{" "}
          {unread === 1 ? "stays" : "stay"} here.
        </Box>
      )}
    </Sheet>
  );
}

function LineRead({ line, onAnswer }: { line: ChestLine; onAnswer: (line: string) => void }) {
  if ("why" in line) {
    return (
      <Box fontSize="15px" marginBottom="2" borderLeft="3px solid" borderColor="watch" paddingLeft="2">
        <Box as="span" fontWeight="600">
          {line.line}
        </Box>
        <Box color="watch">▲ {line.why}</Box>
        {line.answers.length > 0 && (
          <Box display="flex" flexWrap="wrap" gap="2" marginTop="1" role="group" aria-label={line.why}>
            {line.answers.map((answer) => (
              <Button key={answer.says} onClick={() => onAnswer(answer.line)}>
                {answer.says}
              </Button>
            ))}
          </Box>
        )}
      </Box>
    );
  }
  const [first, ...rest] = line.tools;
  if (!first) return null;
  const last = rest.at(-1);
  const kind = whatItIs(first);
  return (
    <Box fontSize="15px" marginBottom="1">
      <Box as="span" color="good" fontWeight="600">
        ● {line.tools.length}
      </Box>{" "}
      {rest.length > 1
        ? `${first.name}, ${rest
            .slice(0, -1)
            .map(({ name }) =>
              name.replace(/ (?:deep|impact|socket|bit|spanner|key|crowfoot|flare|combination|mm).*$/, ""),
            )
            .join(", ")}, ${last?.name}`
        : line.tools.map(({ name }) => name).join(" and ")}
      {kind && (
        <Box as="span" color="soft">
          {"; "}
          {kind}
        </Box>
      )}
    </Box>
  );
}

/** What stands behind a tool's name: how it is known, its square, or what else is kept of it. */
function whatItIs(tool: ToolDraft): string {
  if (tool.kind === "special tool") return "special tool, known by its name";
  if (tool.kind === "socket") return `on ${tool.drive} in`;
  return toolDetails(stamped<Tool>(tool, "own"));
}
