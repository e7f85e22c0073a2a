"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { chestOf } from "@/core/chest/chest";
import { waysSentences } from "@/core/kit/cover/cover-torque";
import type { Cover } from "@/core/kit/needs/need";
import type { KitLine, Refused } from "@/core/kit/needs/need";
import type { MatItem } from "@/core/kit/sheet/mat";
import { formatFigure } from "@/core/quantity/torque-words";
import { leverOf } from "@/core/torque/choose-wrench";
import { withoutUndefined } from "@/core/without-undefined";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { FitDrawing } from "@/ui/drawing/FitDrawing";
import { TextField } from "@/ui/form/Field";
import { Row, Sheet } from "@/ui/Sheet";
import { kitHref } from "../../shell/addresses";
import type { KitInHand } from "../use-kit";
import { nameWords } from "./mat-words";

/**
 * All about one thing on the mat: what it is for, how it is met, what was refused and why, and a way to say
 * that it is there.
 */
export function ItemCard({
  item,
  inHand,
  onClose,
}: {
  item: MatItem;
  inHand: KitInHand;
  onClose: () => void;
}) {
  const card = useRef<HTMLDivElement>(null);
  // On a phone the columns stand under one another: the card comes to where the thumb was.
  useEffect(() => {
    if (matchMedia("(max-width: 1023px)").matches) card.current?.scrollIntoView({ block: "start" });
  }, []);
  return (
    <Box ref={card} scrollMarginTop="12px">
      <Sheet
        title={
          <Box display="flex" justifyContent="space-between" alignItems="flex-start" gap="2">
            <span>{nameWords(item)}</span>
            <Button look="quiet" marginTop="-2" aria-label="Close this card" onClick={onClose}>
              ×
            </Button>
          </Box>
        }
      >
        {item.lines.map((line) => (
          <LineView key={line.key} line={line} inHand={inHand} />
        ))}
      </Sheet>
    </Box>
  );
}

function LineView({ line, inHand }: { line: KitLine; inHand: KitInHand }) {
  const { need, cover, name, for: its } = line;
  const chest = chestOf(inHand.tools);
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="2" fontSize="15px">
      {its.length > 0 && <Box fontWeight="600">{its.join("; ")}</Box>}
      {need.kind === "torque" && need.fastener.figure && (
        <Row label="Asked">{formatFigure(need.fastener.figure)}</Row>
      )}
      {"fastener" in need && need.fastener?.access && <Row label="Reached with">{need.fastener.access}</Row>}
      {need.kind === "head" && need.uses[0]?.fastener.access && (
        <Row label="Reached with">{need.uses[0].fastener.access}</Row>
      )}
      {need.kind === "head" && cover.kind === "missing" && <Box color="stop">■ No {name} in the chest.</Box>}
      {"says" in cover && cover.says && <Box color={coverColour(cover)}>{cover.says}</Box>}
      {cover.kind === "stand-in" && cover.fit && <FitDrawing {...cover.fit} />}
      {need.kind === "torque" && need.adapter && need.best && cover.kind === "owned" && (
        <AdapterDrawing {...leverOf(need.best.wrench, [need.adapter])} />
      )}
      {need.kind === "torque" && cover.kind === "missing" && <Ways sentences={waysSentences(need, chest)} />}
      {cover.kind === "missing" && cover.refused.length > 0 && (
        <Box marginTop="2">
          <Box fontWeight="600">Looked at and left</Box>
          {alike(cover.refused).map(({ tool, why, fit }) => (
            <Box key={tool.id} marginTop="1">
              <Box as="span" fontWeight="600">
                {tool.name}:
              </Box>{" "}
              {why}
              {fit && <FitDrawing {...fit} />}
            </Box>
          ))}
        </Box>
      )}
      {cover.kind !== "owned" && cover.kind !== "look up" && cover.kind !== "stand-in" && (
        <GotButtons line={line} inHand={inHand} />
      )}
    </Box>
  );
}

function coverColour({ kind }: Cover) {
  if (kind === "missing" || kind === "look up") return "stop";
  return kind === "stand-in" ? "watch" : "ink";
}

/** Tools that are alike and refused for the same reason are told once. */
function alike(refused: readonly Refused[]): Refused[] {
  return refused.filter(
    (one, i) =>
      refused.findIndex((other) => other.tool.name === one.tool.name && other.why === one.why) === i,
  );
}

function Ways({ sentences }: { sentences: string[] }) {
  if (sentences.length === 0) return null;
  return (
    <Box marginTop="2">
      <Box fontWeight="600">What else would do</Box>
      {sentences.map((words) => (
        <Box key={words}>{words}</Box>
      ))}
    </Box>
  );
}

/** To say that something is there, or on its way, without its being in the chest. */
function GotButtons({
  line: { key, need, cover, name },
  inHand: { change, record },
}: {
  line: KitLine;
  inHand: KitInHand;
}) {
  if (cover.kind === "in the box") return null;
  const set = (how: "in hand" | "on order" | undefined) =>
    void change(
      (now) => ({
        ...now,
        got: [...now.got.filter((one) => one.key !== key), ...(how ? [{ key, how }] : [])],
      }),
      how ? `${name}: ${how}.` : `${name} is wanted again.`,
    );
  return (
    <Box display="flex" gap="2" flexWrap="wrap" alignItems="end" marginTop="2">
      {need.kind === "torque" && cover.kind === "missing" && (
        <Box width="100%">
          When you have one,{" "}
          <Box asChild color="ink" textDecoration="underline">
            <Link href={kitHref(undefined, "chest")}>put it in the chest</Link>
          </Box>
          : then its setting is shown here and in Work.
        </Box>
      )}
      {cover.kind !== "in hand" && need.kind !== "torque" && (
        <Button fontSize="16px" onClick={() => set("in hand")}>
          I have it
        </Button>
      )}
      {cover.kind === "missing" && (
        <Button fontSize="16px" onClick={() => set("on order")}>
          It is on order
        </Button>
      )}
      {cover.kind === "on order" && (
        <Box width="100%" maxWidth="220px">
          <TextField
            label="It comes on"
            type="date"
            value={record.got.find((one) => one.key === key)?.due ?? ""}
            onChange={({ target: { value } }) =>
              void change(
                (now) => ({
                  ...now,
                  got: now.got.map(({ due, ...one }) => ({
                    ...one,
                    ...withoutUndefined({ due: one.key === key ? value || undefined : due }),
                  })),
                }),
                value ? `${name} comes on ${formatDay(value)}.` : `${name}: no day is known.`,
              )
            }
          />
        </Box>
      )}
      {cover.kind !== "missing" && (
        <Button look="quiet" fontSize="16px" onClick={() => set(undefined)}>
          I do not have it after all
        </Button>
      )}
    </Box>
  );
}
