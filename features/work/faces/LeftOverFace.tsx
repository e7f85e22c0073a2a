"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { type TrayItem, leaveOff } from "@/core/work/tray";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { thisMoment } from "../../shell/clock";
import type { Move } from "../use-work";

interface LeftOverFaceProps {
  left: TrayItem[];
  move: Move;
}

/** Something is left over: nothing is let down or driven before it is said where it belongs. */
export function LeftOverFace({ left, move }: LeftOverFaceProps) {
  return (
    <>
      <Box
        role="alert"
        fontFamily="heading"
        fontWeight="700"
        fontSize={{ base: "40px", lg: "56px" }}
        lineHeight="1"
        color="stop"
      >
        ■ Left over in the tray
      </Box>
      <Box fontSize="20px">
        Stop. By the plan {left.length === 1 ? "this" : "these"} should be back by now. Go back to the step
        that was passed over, or say here how it stands.
      </Box>
      {left.map((item) => (
        <LeftOver
          key={item.key}
          item={item}
          onAnswer={(because) => void move((now) => leaveOff(now, item.key, because, thisMoment()))}
        />
      ))}
    </>
  );
}

function LeftOver({ item, onAnswer }: { item: TrayItem; onAnswer: (because: string) => void }) {
  const [because, setBecause] = useState("");
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingTop="4" display="grid" gap="3" maxWidth="620px">
      <Box fontSize="24px" fontWeight="600">
        {item.out - item.back} of {item.out}: {item.name}
        {item.compartment && (
          <Box as="span" color="soft">
            {" "}
            ({item.compartment})
          </Box>
        )}
      </Box>
      <Box display="flex" gap="3" flexWrap="wrap">
        <Button size="work" look="primary" onClick={() => onAnswer("it is on again")}>
          It is on again
        </Button>
        <Button size="work" onClick={() => onAnswer("a new one is on instead")}>
          A new one is on
        </Button>
      </Box>
      <Box
        as="form"
        display="flex"
        gap="3"
        alignItems="flex-end"
        onSubmit={(event) => (event.preventDefault(), because.trim() !== "" && onAnswer(because.trim()))}
      >
        <Box flex="1">
          <TextField
            label="It stays off, because"
            value={because}
            maxLength={150}
            onChange={(event) => setBecause(event.currentTarget.value)}
            style={{ minHeight: 56 }}
          />
        </Box>
        <Button type="submit" size="work" disabled={because.trim() === ""}>
          Keep
        </Button>
      </Box>
    </Box>
  );
}
