"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import { type SettingValue, TEXT_SIZES } from "@/data/settings";
import { Button } from "@/ui/Button";
import { CheckField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useLook } from "@/ui/theme/look";
import type { Listening } from "./use-listening";

interface HandsSheetProps {
  hands: SettingValue<"hands">;
  awake: "off" | "awake" | "refused";
  listening: Listening;
  onChange: (change: Partial<SettingValue<"hands">>) => void;
}

/** What the listening comes to, in words; nothing where there is nothing to say. */
const HEARS: Partial<Record<Listening, string>> = {
  listening: "● Listening, on this device only.",
  cannot:
    "▲ This browser cannot listen by itself, and what you say is not sent anywhere. A headset’s keys do the same.",
  refused: "▲ The microphone is not allowed here. Allow it in the browser, or use a headset’s keys.",
};

/** How Work is used with black hands: read aloud, kept awake, pressed anywhere, larger, against the sun. */
export const HandsSheet = memo(function HandsSheet({ hands, awake, listening, onChange }: HandsSheetProps) {
  const [look, setLook] = useLook();
  return (
    <Sheet title="Hands full">
      <CheckField
        size="work"
        label="Read steps aloud"
        checked={hands.aloud}
        onChange={(event) => onChange({ aloud: event.currentTarget.checked })}
      />
      <CheckField
        size="work"
        label={`Keep the screen awake${awake === "refused" ? " (this browser does not allow it)" : ""}`}
        checked={hands.awake}
        onChange={(event) => onChange({ awake: event.currentTarget.checked })}
      />
      <CheckField
        size="work"
        label="A press anywhere is the button"
        checked={hands.anywhere}
        onChange={(event) => onChange({ anywhere: event.currentTarget.checked, long: false })}
      />
      <CheckField
        size="work"
        label="Wet hands: hold the button half a second"
        checked={hands.long}
        onChange={(event) => onChange({ long: event.currentTarget.checked, anywhere: false })}
      />
      <CheckField
        size="work"
        label="A headset’s keys: play is the button"
        checked={hands.headset}
        onChange={(event) => onChange({ headset: event.currentTarget.checked })}
      />
      <CheckField
        size="work"
        label="Listen: next, done, again, how much, trouble, take back"
        checked={hands.listen}
        onChange={(event) => onChange({ listen: event.currentTarget.checked })}
      />
      {HEARS[listening] && (
        <Box
          role="status"
          color={listening === "listening" ? "soft" : "watch"}
          fontSize="15px"
          paddingBlock="1"
        >
          {HEARS[listening]}
        </Box>
      )}
      <Box as="fieldset" border="none" padding="0" marginTop="2">
        <Box as="legend" fontSize="15px" fontWeight="600" marginBottom="1">
          Size
        </Box>
        <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(62px, 1fr))" gap="2">
          {TEXT_SIZES.map((size) => (
            <Button
              key={size}
              aria-pressed={hands.size === size}
              look={hands.size === size ? "primary" : "plain"}
              minHeight="56px"
              paddingInline="1"
              onClick={() => onChange({ size })}
            >
              {size * 100} %
            </Button>
          ))}
        </Box>
      </Box>
      <Button
        marginTop="3"
        minHeight="56px"
        width="100%"
        aria-pressed={look === "glare"}
        look={look === "glare" ? "primary" : "plain"}
        onClick={() => setLook(look === "glare" ? "device" : "glare")}
      >
        {look === "glare" ? "Out of the sun again" : "Against the sun"}
      </Button>
    </Sheet>
  );
});
