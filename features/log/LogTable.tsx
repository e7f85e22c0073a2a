"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type SortingState, createColumnHelper, flexRender, getCoreRowModel, getSortedRowModel, useReactTable } from "@tanstack/react-table";
import { useMemo, useState } from "react";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { useDo } from "../shell/DoProvider";

const column = createColumnHelper<Replacement>();

/** Columns that a phone leaves out. */
const WIDE_ONLY = new Set(["vehicle", "place", "system", "priceMinor", "remove"]);
const HEAD_OF_NUMBERS = new Set(["odometer", "priceMinor"]);

const Cell = chakra("td", { base: { padding: "9px 10px 9px 0", borderTop: "1px solid", borderColor: "edge", verticalAlign: "top" } });

const HeadCell = chakra("th");

interface LogTableProps {
  rows: Replacement[];
  vehicles: Vehicle[];
  showVehicle: boolean;
  isEmpty: boolean;
}

/** The replacements as a table, newest first until a heading is pressed. */
export function LogTable({ rows, vehicles, showVehicle, isEmpty }: LogTableProps) {
  const does = useDo();
  const [sorting, setSorting] = useState<SortingState>([{ id: "on", desc: true }]);
  const columns = useMemo(() => {
    const nameOf = (id: string) => vehicles.find((vehicle) => vehicle.id === id)?.name ?? "";
    return [
      column.accessor("on", { header: "Day", cell: ({ getValue }) => formatDay(getValue()) }),
      ...(showVehicle ? [column.accessor((one) => nameOf(one.vehicleId), { id: "vehicle", header: "Vehicle" })] : []),
      column.accessor("part", { header: "Part", cell: ({ row }) => <PartCell one={row.original} vehicle={showVehicle ? nameOf(row.original.vehicleId) : ""} /> }),
      column.accessor("place", { header: "Place" }),
      column.accessor("system", { header: "System" }),
      column.accessor("odometer", { header: "Odometer", sortingFn: (a, b) => inKm(a.original) - inKm(b.original), cell: ({ getValue }) => formatDistance(getValue()) }),
      column.accessor("priceMinor", { header: "Price", sortUndefined: "last", cell: ({ getValue }) => priceText(getValue()) }),
    ];
  }, [vehicles, showVehicle]);
  const table = useReactTable({ data: rows, columns, state: { sorting }, onSortingChange: setSorting, getCoreRowModel: getCoreRowModel(), getSortedRowModel: getSortedRowModel() });
  const wide = (id: string) => (WIDE_ONLY.has(id) ? { base: "none", md: "table-cell" } : undefined);
  const remove = (one: Replacement) => void does({ remove: { replacements: [one.id] } }, `${one.part} taken out of the log.`);

  if (rows.length === 0) {
    return (
      <Sheet title={isEmpty ? "Nothing in the log yet" : "Nothing found"}>
        {isEmpty ? "What a job replaced is written here when it is wrapped up." : "Try fewer letters, another vehicle, or all systems."}
      </Sheet>
    );
  }
  return (
    <Sheet padding={{ base: "3", lg: "5" }} overflowX="hidden">
      <Box as="table" width="100%" borderCollapse="collapse" fontSize={{ base: "15px", lg: "16px" }}>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map(({ id, column: own }) => {
                const sorted = own.getIsSorted();
                return (
                  <HeadCell
                    key={id}
                    scope="col"
                    aria-sort={sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"}
                    display={wide(id)}
                    textAlign={HEAD_OF_NUMBERS.has(id) ? "right" : "left"}
                    paddingRight="10px"
                  >
                    <Button look="quiet" paddingInline="0" fontSize="18px" textDecoration="none" onClick={own.getToggleSortingHandler()}>
                      {String(own.columnDef.header)}
                      <span aria-hidden>{sorted === "asc" ? "▲" : sorted === "desc" ? "▼" : ""}</span>
                    </Button>
                  </HeadCell>
                );
              })}
              <HeadCell scope="col" display={wide("remove")}>
                <Box as="span" srOnly>
                  Remove
                </Box>
              </HeadCell>
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map((row) => (
            <tr key={row.id}>
              {row.getVisibleCells().map((cell) => (
                <Cell
                  key={cell.id}
                  display={wide(cell.column.id)}
                  whiteSpace={HEAD_OF_NUMBERS.has(cell.column.id) ? "nowrap" : undefined}
                  textAlign={HEAD_OF_NUMBERS.has(cell.column.id) ? "right" : "left"}
                  fontWeight={cell.column.id === "part" ? "600" : undefined}
                >
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </Cell>
              ))}
              <Cell display={wide("remove")} textAlign="right" paddingRight="0" paddingBlock="0">
                <Button look="quiet" aria-label={`Remove ${row.original.part}, ${formatDay(row.original.on)}`} onClick={() => remove(row.original)}>
                  ×
                </Button>
              </Cell>
            </tr>
          ))}
        </tbody>
      </Box>
    </Sheet>
  );
}

/** The part; on a phone also its place and vehicle, whose columns are left out there. */
function PartCell({ one, vehicle }: { one: Replacement; vehicle: string }) {
  return (
    <>
      {one.count > 1 && `${one.count} × `}
      {one.part}
      <Box display={{ base: "block", md: "none" }} fontWeight="400" color="soft">
        {[one.place, vehicle].filter(Boolean).join(", ")}
      </Box>
    </>
  );
}

function inKm({ odometer }: Replacement): number {
  return convertDistance(odometer, "km").value;
}

function priceText(priceMinor: number | undefined): string {
  return priceMinor === undefined ? "" : formatPrice(priceMinor);
}
