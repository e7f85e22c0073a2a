"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Tool } from "@/core/model/tool";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";
import { useKey } from "../shell/keys";
import { ToolForm } from "./ToolForm";

const GROUPS: [title: string, kinds: Tool["kind"][]][] = [
  ["Torque wrenches", ["torque wrench"]],
  ["Sockets", ["socket"]],
  ["Spanners and crowfoots", ["spanner", "crowfoot"]],
  ["Drives", ["drive adapter", "extension", "bar or ratchet"]],
  ["Lifting", ["stands", "jack"]],
];

/** The tools that are owned, folded by kind, and the way to add one. */
export function ChestSheet({ tools }: { tools: Tool[] }) {
  const [adding, setAdding] = useState(false);
  useKey(["n", "N"], () => setAdding(true));
  return (
    <Sheet title="Your chest" flex={{ lg: "1" }}>
      {tools.length === 0 && !adding && <Box marginBottom="3">It is empty. Add a torque wrench first: then every torque is shown on its own scale.</Box>}
      {GROUPS.map(([title, kinds]) => {
        const own = tools.filter(({ kind }) => kinds.includes(kind));
        return own.length === 0 ? null : <Group key={title} title={title} tools={own} open={title === "Torque wrenches"} />;
      })}
      {adding ? (
        <ToolForm onClose={() => setAdding(false)} />
      ) : (
        <Button marginTop="3" onClick={() => setAdding(true)}>
          Add a tool
        </Button>
      )}
    </Sheet>
  );
}

function Group({ title, tools, open }: { title: string; tools: Tool[]; open: boolean }) {
  const does = useDo();
  return (
    <Box as="details" borderTop="1px solid" borderColor="edge" {...(open ? { open: true } : {})}>
      <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="10px" fontWeight="600">
        {title}, {tools.length}
      </Box>
      {tools.map((tool) => (
        <Box key={tool.id} display="flex" justifyContent="space-between" alignItems="center" gap="2" fontSize="15px">
          <span>
            {tool.name}
            <Box as="span" color="soft">
              {details(tool)}
            </Box>
          </span>
          <Button
            look="quiet"
            fontSize="15px"
            paddingInline="1"
            aria-label={`Remove ${tool.name}`}
            onClick={() => void does({ remove: { tools: [tool.id] } }, `${tool.name} removed.`)}
          >
            ×
          </Button>
        </Box>
      ))}
    </Box>
  );
}

function details(tool: Tool): string {
  switch (tool.kind) {
    case "torque wrench":
      return `, ${tool.drive} in, ${tool.min} to ${tool.max} ${torqueSymbol(tool.unit)} by ${tool.step}, grip at ${tool.gripLengthMm} mm`;
    case "socket":
      return `, ${tool.drive} in`;
    case "crowfoot":
      return `, ${tool.drive} in, ${tool.offsetMm} mm`;
    case "extension":
    case "bar or ratchet":
      return `, ${tool.drive} in, ${tool.lengthMm} mm`;
    case "stands":
      return `, ${tool.count} of ${tool.ratingPerStandKg} kg each`;
    case "jack":
      return `, ${tool.ratingKg} kg`;
    default:
      return "";
  }
}
