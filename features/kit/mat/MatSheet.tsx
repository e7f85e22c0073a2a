"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import { type HeadNeed } from "@/core/kit/needs/need";
import { type MatItem, byDrive, byStep, matOf } from "@/core/kit/sheet/mat";
import { Button } from "@/ui/Button";
import { HeadSilhouette } from "@/ui/drawing/HeadSilhouette";
import { ToolSilhouette } from "@/ui/drawing/ToolSilhouette";
import { Sheet } from "@/ui/Sheet";
import type { KitInHand } from "../use-kit";
import { bigWords, nameWords, shapeWords, stateWords, underWords } from "./mat-words";

const SQUARED = {
  backgroundColor: "pad",
  backgroundImage:
    "linear-gradient(var(--chakra-colors-grid) 1px, transparent 1px), linear-gradient(90deg, var(--chakra-colors-grid) 1px, transparent 1px)",
  backgroundSize: "20px 20px",
};

interface MatSheetProps {
  inHand: KitInHand;
  chosen: string | undefined;
  onChoose: (key: string) => void;
}

/**
 * The kit laid out on squared paper in order of use; gaps are dashed outlines; each thing is ticked as it is
 * laid out.
 */
export function MatSheet({ inHand: { kit, route, record, change }, chosen, onChoose }: MatSheetProps) {
  const [by, setBy] = useState<"step" | "drive">("step");
  const items = matOf(kit.lines);
  const groups = by === "step" ? byStep(items, route) : byDrive(items);
  const laid = new Set(record.laidOut);
  const tick = (key: string) =>
    void change((now) => ({
      ...now,
      laidOut: now.laidOut.includes(key) ? now.laidOut.filter((one) => one !== key) : [...now.laidOut, key],
    }));
  return (
    <Sheet padding="0">
      <Box
        display="flex"
        alignItems="center"
        gap="2"
        flexWrap="wrap"
        paddingInline="4"
        paddingTop="3"
        paddingBottom="2"
      >
        <Box as="h2" fontSize="22px">
          The mat
        </Box>
        <Box color="soft" data-testid="laid-out">
          {items.filter(({ key }) => laid.has(key)).length} of {items.length} laid out
        </Box>
        <Box marginLeft="auto" display="flex" gap="1" role="group" aria-label="Group the mat">
          {(["step", "drive"] as const).map((one) => (
            <Button
              key={one}
              look={by === one ? "primary" : "plain"}
              fontSize="16px"
              paddingInline="3"
              aria-pressed={by === one}
              onClick={() => setBy(one)}
            >
              By {one}
            </Button>
          ))}
        </Box>
      </Box>
      {items.length === 0 && (
        <Box paddingInline="4" paddingBottom="4" color="soft">
          The plan asks for nothing yet. Write a head size on a fastener, or add a part, and it is laid out
          here.
        </Box>
      )}
      <Box {...SQUARED} padding="3" display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        {groups.map(({ title, items: own }) => (
          <Box key={title} as="section" aria-label={title} maxWidth="100%">
            <Box
              as="h3"
              fontSize="16px"
              fontWeight="600"
              color="soft"
              maxWidth={`${Math.max(1, own.length) * 132 - 8}px`}
              minHeight={{ lg: "40px" }}
              lineHeight="1.25"
            >
              {title}
            </Box>
            <Box as="ul" display="flex" flexWrap="wrap" gap="2" listStyleType="none" padding="0">
              {own.map((item) => (
                <Tile
                  key={item.key}
                  item={item}
                  laid={laid.has(item.key)}
                  chosen={chosen === item.key}
                  onChoose={() => onChoose(item.key)}
                  onTick={() => tick(item.key)}
                />
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Sheet>
  );
}

const Face = chakra("button", {
  base: {
    display: "flex",
    flexDirection: "column",
    alignItems: "flex-start",
    textAlign: "left",
    width: "100%",
    background: "transparent",
    border: "none",
    padding: "0 6px 6px",
    cursor: "pointer",
    flex: "1",
    color: "ink",
    // The tick stands beside the drawing, not on it.
    "& svg": { width: "76px", height: "50px" },
  },
});

function Tile({
  item,
  laid,
  chosen,
  onChoose,
  onTick,
}: {
  item: MatItem;
  laid: boolean;
  chosen: boolean;
  onChoose: () => void;
  onTick: () => void;
}) {
  const { says, tone } = stateWords(item);
  const big = bigWords(item);
  const need = item.lines[0]?.need;
  return (
    <Box
      as="li"
      width="124px"
      position="relative"
      display="flex"
      border="2px solid"
      borderColor={chosen ? "drawing" : "transparent"}
      borderRadius="sheet"
      background={chosen ? "sheet" : "transparent"}
    >
      <Face
        type="button"
        onClick={onChoose}
        aria-pressed={chosen}
        aria-label={`${nameWords(item)} ${big}, ${says.slice(2)}`}
        css={{ "& svg": { opacity: laid ? 0.4 : 1 } }}
      >
        {item.gap && need?.kind === "head" ? (
          <HeadSilhouette
            head={need.head}
            type={crowfootOrSocket(need)}
            missing
            slotted={need.grip.startsWith("flare")}
          />
        ) : (
          <ToolSilhouette tool={item.tool} other={shapeWords(item)} />
        )}
        {big && (
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize={big.length > 9 ? "18px" : "24px"}
            lineHeight="1.1"
          >
            {big}
          </Box>
        )}
        <Box fontSize="14px" lineHeight="1.2">
          {underWords(item)}
        </Box>
        {tone !== "good" && (
          <Box fontSize="14px" fontWeight="600" color={tone}>
            {says}
          </Box>
        )}
      </Face>
      {!item.gap && (
        <Box
          asChild
          position="absolute"
          top="0"
          right="0"
          width="44px"
          height="44px"
          display="flex"
          alignItems="center"
          justifyContent="center"
          cursor="pointer"
        >
          <label>
            <chakra.input
              type="checkbox"
              checked={laid}
              onChange={onTick}
              width="24px"
              height="24px"
              accentColor="var(--chakra-colors-ink)"
              aria-label={`${nameWords(item)} laid out`}
            />
          </label>
        </Box>
      )}
    </Box>
  );
}

function crowfootOrSocket(need: HeadNeed): "socket" | "spanner" | "crowfoot" | "key" {
  if (need.grip.includes("crowfoot")) return "crowfoot";
  if (need.grip.includes("spanner") && !need.grip.includes("socket")) return "spanner";
  return "socket";
}
