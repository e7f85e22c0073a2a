"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Step } from "@/core/model/job";
import type { LookedAt } from "@/core/model/work";
import { withEvent } from "@/core/work/event";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { thisMoment } from "../../shell/clock";
import { ActionBar } from "../faces/ActionBar";
import type { FaceProps } from "../faces/face";
import type { Move } from "../use-work";

interface NotGoodProps {
  step: Step;
  finding: Exclude<LookedAt, "good">;
  proving: boolean;
  bar: FaceProps["bar"];
  move: Move;
  onClose: () => void;
  onFound: () => void;
}

/**
 * What was wrong with it, in a few words, for the log. A check before driving that fails leaves the step open
 * and the car standing.
 */
export function NotGood({ step, finding, proving, bar, move, onClose, onFound }: NotGoodProps) {
  const [text, setText] = useState("");
  const said = findingText(text, proving, finding);
  const about = `${step.title}: ${said}`.slice(0, 200);
  const keep = async () => {
    if (proving) {
      if (
        await move((now) => ({
          ...withEvent(now, { ...thisMoment(), type: "noted", as: "noticed", text: about }),
          doNotDrive: about,
        }))
      )
        onClose();
      return;
    }
    if (await move((now) => withEvent(now, { ...thisMoment(), type: "noted", as: "noticed", text: about })))
      onFound();
  };
  return (
    <Box
      as="form"
      display="flex"
      flexDirection="column"
      gap="4"
      flex="1"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Box
        fontFamily="heading"
        fontWeight="700"
        fontSize="44px"
        color={finding === "watch" && !proving ? "watch" : "stop"}
      >
        {findingTitle(proving, finding)}
      </Box>
      <TextField
        label="What is it?"
        placeholder="lip of a millimetre all round"
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        autoFocus
        maxLength={150}
        style={{ minHeight: 56 }}
      />
      <Box fontSize="18px">{findingHint(proving, finding)}</Box>
      <ActionBar
        bar={{ ...bar, onTrouble: undefined, watchFor: undefined }}
        says="Keep it"
        onPrimary={() => void keep()}
        others={
          <Button size="work" flex={{ base: "1", lg: "none" }} onClick={onClose}>
            Not after all
          </Button>
        }
      />
    </Box>
  );
}

function findingHint(proving: boolean, finding: string) {
  if (proving) return "It is not driven until this is right. The Garage says so; the step stays open.";
  if (finding === "replace")
    return "It goes on the list of what was noticed. Add the part in the Plan, and the Kit asks for it.";
  return "It goes into the log as noticed, for next time.";
}

function findingTitle(proving: boolean, finding: string) {
  if (proving) return "■ Not right";
  if (finding === "watch") return "▲ Watch it";
  return "■ Replace";
}

function findingText(text: string, proving: boolean, finding: string) {
  if (text.trim() === "") {
    if (proving) return "not right";
    if (finding === "watch") return "to be watched";
    return "to be replaced";
  }
  return text.trim();
}
