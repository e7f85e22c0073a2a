"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { Slip, SlipTable } from "@/core/slip/slip";

const Cell = chakra("td", {
  base: { paddingBlock: "6px", paddingRight: "3", verticalAlign: "top", _last: { paddingRight: "0" } },
});

const Head = chakra("th", {
  base: { paddingBlock: "4px", paddingRight: "3", textAlign: "left", fontWeight: "600", color: "soft" },
});

/** The tables of a slip: every unit, every wrench, every near size. */
export function SlipTables({ tables }: { tables: readonly SlipTable[] }) {
  return tables.map(({ title, head, rows }) => (
    <Box key={title}>
      <Box as="h3" fontSize="20px" marginBottom="1">
        {title}
      </Box>
      <Box overflowX="auto">
        <chakra.table width="100%" fontSize="15px" borderCollapse="collapse">
          {head.length > 0 && (
            <thead>
              <tr>
                {head.map((word) => (
                  <Head key={word}>{word}</Head>
                ))}
              </tr>
            </thead>
          )}
          <tbody>
            {rows.map(({ cells, tone }, row) => (
              <chakra.tr
                key={row}
                borderTop="1px solid"
                borderColor="edge"
                color={tone === "stop" ? "soft" : "ink"}
              >
                {cells.map((cell, i) => (
                  <Cell
                    key={i}
                    fontWeight={i === 1 && tone === "good" ? "600" : undefined}
                    colSpan={cells.length === 1 ? 9 : undefined}
                  >
                    {cell}
                  </Cell>
                ))}
              </chakra.tr>
            ))}
          </tbody>
        </chakra.table>
      </Box>
    </Box>
  ));
}

/** How the answer came about, how far it may be off, what it takes for granted, and what to mind. */
export function SlipWorking({ slip: { working, margin, assumes, caution } }: { slip: Slip }) {
  return (
    <Box display="flex" flexDirection="column" gap="3" fontSize="15px">
      {caution && (
        <Box
          background="watchPaper"
          color="watch"
          border="1px solid"
          borderColor="watchEdge"
          borderRadius="sheet"
          padding="3"
        >
          ▲ {caution}
        </Box>
      )}
      <Box>
        <Box as="h3" fontSize="20px" marginBottom="1">
          Working
        </Box>
        {working.map((line, i) => (
          <Box key={line} color={i === 0 ? "soft" : "ink"} overflowWrap="anywhere">
            {line}
          </Box>
        ))}
      </Box>
      <Box>
        <b>Margin.</b> {margin}
      </Box>
      <Box>
        <b>Assumes.</b> {assumes}
      </Box>
    </Box>
  );
}
