"use client";

import { Box } from "@chakra-ui/react";
import { memo, useState } from "react";
import type { Step } from "@/core/model/job";
import { type TrayItem, nameCompartment } from "@/core/work/tray";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { RowButton } from "@/ui/RowButton";
import { Sheet } from "@/ui/Sheet";
import { thisMoment } from "../../shell/clock";
import type { Move } from "../use-work";

const SHOWN_AT_ONCE = 5;

/** Lids and rags as they lie about; each is a word first, its colour only beside it. */
const COLOURS: Record<string, string> = {
  red: "#C0392B",
  blue: "#2E6FB0",
  green: "#2E8B57",
  yellow: "#E0B400",
  white: "#FFFFFF",
  black: "#222222",
};

/** What is off the vehicle, where it lies, and how much of it is back. */
export const TraySheet = memo(function TraySheet({
  tray,
  step,
  move,
}: {
  tray: TrayItem[];
  step: Step;
  move: Move;
}) {
  const [naming, setNaming] = useState<string>();
  const [all, setAll] = useState(false);
  const wanted = new Set(
    [step.fastenerId, ...(step.putsBack ?? []), ...(step.takesOff ?? [])].map((one) => one?.toLowerCase()),
  );
  // What the hand is on comes first, then what is still out.
  const rank = ({ key, out, back }: TrayItem) => {
    if (wanted.has(key.toLowerCase())) return 0;
    if (back < out) return 1;
    return 2;
  };
  const sorted = [...tray].sort((a, b) => rank(a) - rank(b));
  const shown = all ? sorted : sorted.slice(0, SHOWN_AT_ONCE);
  const backs = tray.filter(({ out, back }) => out === back).length;
  return (
    <Sheet title="In the tray">
      {tray.length === 0 && <Box color="soft">Nothing is off yet.</Box>}
      {tray.length > 0 && (
        <Box color="soft" fontSize="14px">
          {backs === tray.length
            ? `All ${backs} are back.`
            : `${tray.length - backs} still out, ${backs} back. Tap one to say where it lies.`}
        </Box>
      )}
      {shown.map((item) =>
        naming === item.key ? (
          <NameCompartment
            key={item.key}
            item={item}
            onName={(named) => {
              void move((now) => nameCompartment(now, item.key, named, thisMoment()));
              setNaming(undefined);
            }}
            onClose={() => setNaming(undefined)}
          />
        ) : (
          <Line key={item.key} item={item} onName={() => setNaming(item.key)} />
        ),
      )}
      {sorted.length > SHOWN_AT_ONCE && (
        <Button look="quiet" minHeight="56px" onClick={() => setAll(!all)}>
          {all ? "Fewer" : `All ${sorted.length}`}
        </Button>
      )}
    </Sheet>
  );
});

function Line({ item, onName }: { item: TrayItem; onName: () => void }) {
  const { name, out, back, compartment } = item;
  const colour = COLOURS[compartment?.toLowerCase().split(/\s/)[0] ?? ""];
  return (
    <RowButton
      onClick={onName}
      aria-label={`${name}: ${back === out ? `all ${out} back` : `${out} out, ${back} back`}. ${compartment ? `Lies in: ${compartment}` : "Say where it lies"}.`}
    >
      <span>
        {name}
        {compartment && (
          <Box as="span" display="flex" gap="2" alignItems="center" color="soft" fontSize="14px">
            {colour && (
              <Box
                as="span"
                width="14px"
                height="14px"
                borderRadius="3px"
                border="1px solid"
                borderColor="ink"
                style={{ background: colour }}
                aria-hidden
              />
            )}
            {compartment}
          </Box>
        )}
      </span>
      <Box as="span" color={back === out ? "good" : undefined} whiteSpace="nowrap">
        {back === out ? `● all ${out} back` : `${out} out, ${back} back`}
      </Box>
    </RowButton>
  );
}

function NameCompartment({
  item,
  onName,
  onClose,
}: {
  item: TrayItem;
  onName: (named: string) => void;
  onClose: () => void;
}) {
  const [named, setNamed] = useState(item.compartment ?? "");
  return (
    <Box
      as="form"
      paddingBlock="3"
      display="grid"
      gap="2"
      onSubmit={(event) => {
        event.preventDefault();
        if (named.trim() !== "") onName(named.trim());
      }}
    >
      <TextField
        label={`Where ${item.name} lies`}
        placeholder="red lid, 3rd egg cup"
        value={named}
        maxLength={60}
        autoFocus
        onChange={(event) => setNamed(event.currentTarget.value)}
        style={{ minHeight: 56 }}
      />
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(84px, 1fr))" gap="2">
        {Object.entries(COLOURS).map(([word, colour]) => (
          <Button key={word} minHeight="56px" paddingInline="2" onClick={() => onName(word)}>
            <Box
              as="span"
              width="16px"
              height="16px"
              borderRadius="3px"
              border="1px solid"
              borderColor="ink"
              style={{ background: colour }}
              aria-hidden
            />
            {word}
          </Button>
        ))}
      </Box>
      <Box display="flex" gap="2">
        <Button type="submit" minHeight="56px" look="primary" flex="1">
          Keep
        </Button>
        <Button minHeight="56px" onClick={onClose}>
          Not now
        </Button>
      </Box>
    </Box>
  );
}
