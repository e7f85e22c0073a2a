"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { JudgedCause } from "@/core/decide/decide";
import type { Decide } from "@/core/model/job";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";

export type ChangeDecide = (how: (now: Decide) => Decide, says?: string) => Promise<boolean>;

/** The causes, the likeliest first, with what speaks for and against each; one's own can be added. */
export function CausesSheet({ causes, decide, change }: { causes: readonly JudgedCause[]; decide: Decide; change: ChangeDecide }) {
  const [name, setName] = useState("");
  const add = () => {
    const said = name.trim().slice(0, 200);
    if (said === "") return;
    void change((now) => ({ ...now, own: [...now.own, { id: newId(), name: said, for: [], against: [] }] }), `${said} is among the causes.`);
    setName("");
  };
  return (
    <Sheet title="Causes">
      {causes.map((cause) => (
        <Box key={cause.id} borderTop="1px solid" borderColor="edge" paddingBlock="2" data-testid="cause">
          <Box display="flex" justifyContent="space-between" gap="2" fontWeight="600">
            <span>{cause.name}</span>
            <span>{Math.round(cause.chance * 100)} %</span>
          </Box>
          <Box height="6px" background="edge" marginBlock="1" aria-hidden>
            <Box height="6px" background="drawing" style={{ width: `${cause.chance * 100}%` }} />
          </Box>
          <Box fontSize="15px" color="soft">
            {cause.evidenceFor.map((line) => (
              <div key={line}>+ {line}</div>
            ))}
            {cause.evidenceAgainst.map((line) => (
              <div key={line}>− {line}</div>
            ))}
          </Box>
          {cause.handOver && (
            <Box color="watch" fontSize="15px" fontWeight="600">
              ▲ Hand it over: {cause.handOver}
            </Box>
          )}
          {decide.own.some(({ id }) => id === cause.id) && <OwnEvidence id={cause.id} change={change} />}
        </Box>
      ))}
      <Box
        as="form"
        marginTop="2"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <TextField label="Another cause" placeholder="loose heat shield" value={name} maxLength={200} onChange={(event) => setName(event.target.value)} />
        <Button type="submit" marginTop="2" disabled={name.trim() === ""}>
          Add it
        </Button>
      </Box>
    </Sheet>
  );
}

function OwnEvidence({ id, change }: { id: string; change: ChangeDecide }) {
  const [line, setLine] = useState("");
  const put = (side: "for" | "against") => {
    void change((now) => ({ ...now, own: now.own.map((cause) => (cause.id === id ? { ...cause, [side]: [...cause[side], line.trim().slice(0, 200)].slice(0, 20) } : cause)) }));
    setLine("");
  };
  return (
    <Box>
      <TextField label="What you found" value={line} maxLength={200} onChange={(event) => setLine(event.target.value)} />
      <Box display="flex" gap="2">
        <Button look="quiet" disabled={line.trim() === ""} onClick={() => put("for")}>
          For it
        </Button>
        <Button look="quiet" disabled={line.trim() === ""} onClick={() => put("against")}>
          Against it
        </Button>
        <Button look="quiet" color="stop" onClick={() => void change((now) => ({ ...now, own: now.own.filter((cause) => cause.id !== id) }), "That cause is gone.")}>
          Remove
        </Button>
      </Box>
    </Box>
  );
}
