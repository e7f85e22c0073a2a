"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Tool } from "@/core/model/tool";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { today } from "../../shell/clock";
import { useKey } from "../../shell/keys";
import { KitViews } from "../KitViews";
import { type ChestGroup, chestGroups, isCheckDue, toolDetails } from "./chest-groups";
import { ChestAdd } from "./ChestAdd";
import { ChestFile } from "./ChestFile";
import { ChestSets } from "./ChestSets";
import { ToolEdit } from "./ToolEdit";
import { ToolForm } from "./ToolForm";

type Right = { kind: "add" } | { kind: "form" } | { kind: "tool"; toolId: string };

/** The tools that are owned, as in drawers, and the ways to put more in. */
export function ChestScreen({ jobId }: { jobId: string | undefined }) {
  const tools = useCollection("tools");
  const [find, setFind] = useState("");
  const [right, setRight] = useState<Right>({ kind: "add" });
  useKey("add", () => setRight({ kind: "add" }));
  if (!tools) return <Loading />;
  const sought = find.trim().toLowerCase();
  const shown =
    sought === ""
      ? tools
      : tools.filter((tool) =>
          `${tool.name} ${toolDetails(tool)} ${tool.kind} ${tool.set ?? ""} ${tool.lentTo ?? ""}`
            .toLowerCase()
            .includes(sought),
        );
  const lent = tools.filter(({ lentTo }) => lentTo !== undefined);
  const tool = right.kind === "tool" ? tools.find(({ id }) => id === right.toolId) : undefined;
  const open = ({ id }: Tool) => setRight({ kind: "tool", toolId: id });
  const rightSheet = () => {
    if (right.kind === "form" || tool?.kind === "torque wrench")
      return (
        <Sheet title={tool ? `Change ${tool.name}` : "A tool, field by field"}>
          <ToolForm
            key={tool?.id ?? "new"}
            {...(tool?.kind === "torque wrench" ? { wrench: tool } : {})}
            onClose={() => setRight({ kind: "add" })}
          />
          {tool && <ToolEdit tool={tool} onlyLent onClose={() => setRight({ kind: "add" })} />}
        </Sheet>
      );
    if (tool)
      return (
        <Sheet title={tool.name}>
          <ToolEdit key={tool.id} tool={tool} onClose={() => setRight({ kind: "add" })} />
        </Sheet>
      );
    return (
      <>
        <ChestAdd onField={() => setRight({ kind: "form" })} />
        <ChestFile tools={tools} />
      </>
    );
  };
  return (
    <ThreeColumns
      phone="left, right, middle"
      left={
        <Sheet flex={{ lg: "1" }}>
          <Box as="h1" fontSize="26px">
            Your chest
          </Box>
          <Box color="soft" marginBottom="3">
            {tools.length} {tools.length === 1 ? "tool" : "tools"}
          </Box>
          <TextField
            label="Find in the chest"
            placeholder="13, crowfoot, rags"
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
          {lent.length > 0 && (
            <Box marginTop="3" marginBottom="2">
              <Box fontWeight="600">Lent out</Box>
              {lent.map((one) => (
                <Box key={one.id} fontSize="15px">
                  ▲ {one.name}, {one.lentTo}
                </Box>
              ))}
            </Box>
          )}
          <ChestSets tools={tools} onFind={setFind} />
          <Box marginTop="3">
            <KitViews jobId={jobId} at="chest" />
          </Box>
        </Sheet>
      }
      middle={
        <Sheet flex="1">
          {tools.length === 0 && (
            <Box color="soft">
              It is empty. Type what you own at the side, a line for each kind: a torque wrench first, then
              every torque is shown on its own scale.
            </Box>
          )}
          {tools.length > 0 && shown.length === 0 && (
            <Box color="soft">Nothing in the chest is called “{find}”.</Box>
          )}
          {chestGroups(shown).map((group) => (
            <Drawer key={group.title} group={group} chosen={tool?.id} onOpen={open} />
          ))}
        </Sheet>
      }
      right={rightSheet()}
    />
  );
}

function Drawer({
  group: { title, tools, bySize },
  chosen,
  onOpen,
}: {
  group: ChestGroup;
  chosen: string | undefined;
  onOpen: (tool: Tool) => void;
}) {
  return (
    <Box
      as="section"
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="3"
      _first={{ borderTop: "none", paddingTop: "0" }}
    >
      <Box as="h2" fontSize="20px" marginBottom="1">
        {title}
        <Box as="span" color="soft">
          , {tools.length}
        </Box>
      </Box>
      <Box display={bySize ? "flex" : "block"} flexWrap="wrap" gap="1">
        {tools.map((tool) =>
          bySize && "head" in tool ? (
            <Button
              key={tool.id}
              fontSize="18px"
              paddingInline="2"
              aria-pressed={chosen === tool.id}
              aria-label={`${tool.name}${tool.lentTo ? `, lent to ${tool.lentTo}` : ""}`}
              borderColor={chosen === tool.id ? "drawing" : "edge"}
              color={tool.lentTo ? "watch" : "ink"}
              onClick={() => onOpen(tool)}
            >
              {tool.lentTo && "▲ "}
              {formatHeadSize(tool.head)}
            </Button>
          ) : (
            <Box
              key={tool.id}
              display={{ md: "grid" }}
              gridTemplateColumns="200px minmax(0, 1fr)"
              alignItems="center"
              gap="2"
              fontSize="15px"
            >
              <Button
                look="quiet"
                fontSize="17px"
                paddingInline="0"
                textAlign="left"
                justifyContent="flex-start"
                onClick={() => onOpen(tool)}
              >
                {tool.name}
              </Button>
              <Box as="span" color="soft">
                {toolDetails(tool)}
                {tool.lentTo && <Box as="span" color="watch">{` ▲ lent to ${tool.lentTo}`}</Box>}
                {isCheckDue(tool, today()) && (
                  <Box as="span" color="watch">{` ▲ check it: more than a year`}</Box>
                )}
              </Box>
            </Box>
          ),
        )}
      </Box>
    </Box>
  );
}
