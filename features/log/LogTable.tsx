"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type SortingState, createColumnHelper, flexRender, getCoreRowModel, getSortedRowModel, useReactTable } from "@tanstack/react-table";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import Link from "next/link";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { convertDistance, formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { entryHref } from "./LogViews";

const column = createColumnHelper<Replacement>();

/** Columns that a phone leaves out. */
const WIDE_ONLY = new Set(["vehicle", "place", "system", "priceMinor"]);
const NUMBERS = new Set(["odometer", "priceMinor"]);
const ROW_PX = 45;

const Cell = chakra("td", { base: { padding: "9px 10px 9px 0", borderTop: "1px solid", borderColor: "edge", verticalAlign: "top" } });
const HeadCell = chakra("th");

interface LogTableProps {
  rows: Replacement[];
  vehicles: Vehicle[];
  showVehicle: boolean;
  isEmpty: boolean;
}

/** The replacements as a table, newest first until a heading is pressed. Of a long log only the rows in sight are drawn. */
export function LogTable({ rows, vehicles, showVehicle, isEmpty }: LogTableProps) {
  const [sorting, setSorting] = useState<SortingState>([{ id: "on", desc: true }]);
  const columns = useMemo(() => columnsFor(vehicles, showVehicle), [vehicles, showVehicle]);
  const table = useReactTable({ data: rows, columns, state: { sorting }, onSortingChange: setSorting, getCoreRowModel: getCoreRowModel(), getSortedRowModel: getSortedRowModel() });
  const sorted = table.getRowModel().rows;
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY), [rows.length]);
  const virtual = useWindowVirtualizer({ count: sorted.length, estimateSize: () => ROW_PX, overscan: 12, scrollMargin: top, getItemKey: (i) => sorted[i]?.original.id ?? i });
  const items = virtual.getVirtualItems();
  const before = (items[0]?.start ?? top) - top;
  const after = virtual.getTotalSize() - ((items.at(-1)?.end ?? top) - top);
  const wide = (id: string) => (WIDE_ONLY.has(id) ? { base: "none", md: "table-cell" } : undefined);

  if (rows.length === 0) {
    return (
      <Sheet title={isEmpty ? "Nothing in the log yet" : "Nothing found"}>
        {isEmpty ? "What a job replaced is written here when it is wrapped up." : "Try fewer letters, another vehicle, or all systems."}
      </Sheet>
    );
  }
  return (
    <Sheet padding={{ base: "3", lg: "5" }} overflowX="hidden">
      <Box as="table" width="100%" borderCollapse="collapse" fontSize={{ base: "15px", lg: "16px" }} aria-rowcount={rows.length + 1}>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map(({ id, column: own }) => {
                const direction = own.getIsSorted();
                return (
                  <HeadCell
                    key={id}
                    scope="col"
                    aria-sort={direction === "asc" ? "ascending" : direction === "desc" ? "descending" : "none"}
                    display={wide(id)}
                    textAlign={NUMBERS.has(id) ? "right" : "left"}
                    paddingRight="10px"
                  >
                    <Button look="quiet" paddingInline="0" fontSize="18px" textDecoration="none" onClick={own.getToggleSortingHandler()}>
                      {String(own.columnDef.header)}
                      <span aria-hidden>{direction === "asc" ? "▲" : direction === "desc" ? "▼" : ""}</span>
                    </Button>
                  </HeadCell>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody ref={body}>
          {before > 0 && <Space height={before} />}
          {items.map(({ index, key }) => {
            const row = sorted[index];
            return (
              row && (
                <tr key={String(key)} data-index={index} ref={virtual.measureElement} aria-rowindex={index + 2}>
                  {row.getVisibleCells().map((cell) => (
                    <Cell
                      key={cell.id}
                      display={wide(cell.column.id)}
                      whiteSpace={NUMBERS.has(cell.column.id) ? "nowrap" : undefined}
                      textAlign={NUMBERS.has(cell.column.id) ? "right" : "left"}
                      fontWeight={cell.column.id === "part" ? "600" : undefined}
                    >
                      {flexRender(cell.column.columnDef.cell, cell.getContext())}
                    </Cell>
                  ))}
                </tr>
              )
            );
          })}
          {after > 0 && <Space height={after} />}
        </tbody>
      </Box>
    </Sheet>
  );
}

/** The rows that are out of sight, as one empty row of their height. */
function Space({ height }: { height: number }) {
  return (
    <tr aria-hidden>
      <td style={{ height, padding: 0 }} />
    </tr>
  );
}

function columnsFor(vehicles: Vehicle[], showVehicle: boolean) {
  const names = new Map(vehicles.map(({ id, name }) => [id, name]));
  return [
    column.accessor("on", { header: "Day", cell: ({ getValue }) => formatDay(getValue()) }),
    ...(showVehicle ? [column.accessor((one) => names.get(one.vehicleId) ?? "", { id: "vehicle", header: "Vehicle" })] : []),
    column.accessor("part", { header: "Part", cell: ({ row }) => <PartCell one={row.original} vehicle={showVehicle ? (names.get(row.original.vehicleId) ?? "") : ""} /> }),
    column.accessor("place", { header: "Place" }),
    column.accessor("system", { header: "System" }),
    column.accessor("odometer", { header: "Odometer", sortingFn: (a, b) => inKm(a.original) - inKm(b.original), cell: ({ getValue }) => formatDistance(getValue()) }),
    column.accessor("priceMinor", { header: "Price", sortUndefined: "last", cell: ({ getValue }) => priceText(getValue()) }),
  ];
}

/** The part, leading to its page; on a phone also its place and vehicle, whose columns are left out there. */
function PartCell({ one, vehicle }: { one: Replacement; vehicle: string }) {
  return (
    <Box
      asChild
      display={{ base: "block", md: "inline" }}
      minHeight={{ base: "44px", md: "0" }}
      color="ink"
      textDecoration="underline"
      textDecorationColor="edge"
      textUnderlineOffset="3px"
    >
      <Link href={entryHref(one.id)} prefetch={false}>
        {one.count > 1 && `${one.count} × `}
        {one.part}
        <Box as="span" display={{ base: "block", md: "none" }} fontWeight="400" color="soft">
          {[one.place, vehicle].filter(Boolean).join(", ")}
        </Box>
      </Link>
    </Box>
  );
}

function inKm({ odometer }: Replacement): number {
  return convertDistance(odometer, "km").value;
}

function priceText(priceMinor: number | undefined): string {
  return priceMinor === undefined ? "" : formatPrice(priceMinor);
}
