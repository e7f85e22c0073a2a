"use client";

import { chakra } from "@chakra-ui/react";
import { type Range, useWindowVirtualizer } from "@tanstack/react-virtual";
import { useRouter } from "next/navigation";
import { type MouseEvent, memo, useCallback, useLayoutEffect, useRef, useState } from "react";
import type { LogOrder } from "@/core/log/table/sort-log";
import type { Replacement } from "@/core/model/log";
import { formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { useWide } from "@/ui/use-wide";
import { useMoney } from "../../shared/money/use-money";
import { entryHref } from "../../shell/addresses";

/** `wide` is left out on a phone; numbers stand at the right. */
const COLUMNS: {
  by: LogOrder["by"];
  head: string;
  className?: string;
  width?: { base: string; md: string };
}[] = [
  { by: "on", head: "Day", width: { base: "97px", md: "120px" } },
  { by: "vehicle", head: "Vehicle", className: "wide", width: { base: "0", md: "140px" } },
  { by: "part", head: "Part" },
  { by: "place", head: "Place", className: "wide", width: { base: "0", md: "116px" } },
  { by: "system", head: "System", className: "wide", width: { base: "0", md: "190px" } },
  { by: "odometer", head: "Odometer", className: "number", width: { base: "88px", md: "118px" } },
  { by: "price", head: "Price", className: "wide number", width: { base: "0", md: "84px" } },
];

/**
 * Every row is as high as every other, so that where each stands is known without measuring it; what is too
 * long for it is on its page.
 */
const ROW_PX = { phone: 62, desk: 42 };
/** So many rows come and go together. */
const BLOCK = 6;

/** One rule for all cells: a long log scrolls past in hundreds of them. */
const Table = chakra("table", {
  base: {
    width: "100%",
    tableLayout: "fixed",
    borderCollapse: "collapse",
    fontSize: { base: "15px", lg: "16px" },
    "& th": { paddingRight: { base: "6px", md: "10px" }, textAlign: "left" },
    "& tbody tr[data-index]": { height: { base: `${ROW_PX.phone}px`, md: `${ROW_PX.desk}px` } },
    "& tbody td": {
      padding: { base: "0 6px 0 0", md: "0 10px 0 0" },
      borderTop: "1px solid",
      borderColor: "edge",
      verticalAlign: "middle",
      whiteSpace: "nowrap",
      overflow: "hidden",
      textOverflow: "ellipsis",
    },
    "& .wide": { display: { base: "none", md: "table-cell" } },
    "& .number": { textAlign: "right" },
    "& a": {
      fontWeight: "600",
      textDecoration: "underline",
      textDecorationColor: "edge",
      textUnderlineOffset: "3px",
      display: { base: "block", md: "inline" },
      overflow: "hidden",
      textOverflow: "ellipsis",
      minHeight: { base: "44px", md: "0" },
    },
    "& a > span": {
      display: { base: "block", md: "none" },
      fontWeight: "400",
      color: "soft",
      overflow: "hidden",
      textOverflow: "ellipsis",
    },
  },
});

const HeadCell = chakra("th");

interface LogTableProps {
  /** In order already. */
  rows: Replacement[];
  /** Names of the vehicles, by id. */
  names: ReadonlyMap<string, string>;
  order: LogOrder;
  onOrder: (order: LogOrder) => void;
  showVehicle: boolean;
  isEmpty: boolean;
}

/**
 * The replacements as a table; a heading pressed puts them in its order. Of a long log only the rows in sight
 * are drawn.
 */
export function LogTable({ rows, names, order, onOrder, showVehicle, isEmpty }: LogTableProps) {
  const columns = COLUMNS.filter(({ by }) => showVehicle || by !== "vehicle");

  if (rows.length === 0) {
    return (
      <Sheet title={isEmpty ? "Nothing in the log yet" : "Nothing found"}>
        {isEmpty
          ? "What a job replaced is written here when it is wrapped up."
          : "Try fewer letters, another vehicle, or all systems."}
      </Sheet>
    );
  }
  return (
    <Sheet padding={{ base: "3", lg: "5" }} overflowX="hidden">
      <Table aria-rowcount={rows.length + 1}>
        <thead>
          <tr>
            {columns.map(({ by, head, className, width }) => {
              const on = order.by === by;
              return (
                <HeadCell
                  key={by}
                  scope="col"
                  className={className}
                  width={width}
                  aria-sort={ariaSort(on, order)}
                >
                  <Button
                    look="quiet"
                    paddingInline="0"
                    fontSize="18px"
                    whiteSpace="normal"
                    overflowWrap="anywhere"
                    textAlign="inherit"
                    textDecoration="none"
                    onClick={() => onOrder({ by, descending: on && !order.descending })}
                  >
                    {head}
                    <span aria-hidden>{sortSign(on, order)}</span>
                  </Button>
                </HeadCell>
              );
            })}
          </tr>
        </thead>
        <Rows sorted={rows} names={names} showVehicle={showVehicle} />
      </Table>
    </Sheet>
  );
}

function sortSign(on: boolean, order: LogOrder) {
  if (on) {
    if (order.descending) return "▼";
    return "▲";
  }
  return "";
}

function ariaSort(on: boolean, order: LogOrder): "descending" | "ascending" | "none" | "other" | undefined {
  if (on) {
    if (order.descending) return "descending";
    return "ascending";
  }
  return "none";
}

/** The rows in sight, and empty room in place of those that are not. */
function Rows({
  sorted,
  names,
  showVehicle,
}: {
  sorted: Replacement[];
  names: ReadonlyMap<string, string>;
  showVehicle: boolean;
}) {
  const router = useRouter();
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  // What stands above the table may have become taller or lower.
  useLayoutEffect(() => setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY), [sorted]);
  const desk = useWide("md");
  const estimateSize = useCallback(() => (desk ? ROW_PX.desk : ROW_PX.phone), [desk]);
  const virtual = useWindowVirtualizer({
    count: sorted.length,
    estimateSize,
    rangeExtractor: inBlocks,
    useFlushSync: false,
    scrollMargin: top,
  });
  useLayoutEffect(() => virtual.measure(), [virtual, desk]);
  // One ear for all links: a component for each would be most of the work of drawing a row.
  const follow = (event: MouseEvent) => {
    const link = event.target instanceof Element ? event.target.closest("a") : null;
    if (!link || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
    event.preventDefault();
    router.push(link.pathname + link.search);
  };
  const items = virtual.getVirtualItems();
  const before = (items[0]?.start ?? top) - top;
  const after = virtual.getTotalSize() - ((items.at(-1)?.end ?? top) - top);
  return (
    <tbody ref={body} onClick={follow}>
      {before > 0 && <Space height={before} />}
      {items.map(({ index }) => {
        const one = sorted[index];
        // A filter puts other words into the rows that are there: quicker than new ones.
        return (
          one && (
            <Row
              key={index}
              one={one}
              index={index}
              vehicle={showVehicle ? (names.get(one.vehicleId) ?? "") : undefined}
            />
          )
        );
      })}
      {after > 0 && <Space height={after} />}
    </tbody>
  );
}

/**
 * The rows drawn are whole blocks: the table is laid out anew once a block, not at every row that comes into
 * sight.
 */
function inBlocks({ startIndex, endIndex, count }: Range): number[] {
  const from = Math.max(0, (Math.floor(startIndex / BLOCK) - 1) * BLOCK);
  const to = Math.min(count, (Math.floor(endIndex / BLOCK) + 2) * BLOCK);
  return Array.from({ length: to - from }, (_, i) => from + i);
}

/** The rows that are out of sight, as one empty row of their height. */
function Space({ height }: { height: number }) {
  return (
    <tr aria-hidden>
      <td style={{ height, padding: 0 }} />
    </tr>
  );
}

interface RowProps {
  one: Replacement;
  index: number;
  /** Undefined where all are of one. */
  vehicle: string | undefined;
}

/** One entry, leading to its page; on a phone its place and vehicle stand under the part. */
const Row = memo(function Row({ one, index, vehicle }: RowProps) {
  const money = useMoney();
  return (
    <tr data-index={index} aria-rowindex={index + 2}>
      <td>{formatDay(one.on)}</td>
      {vehicle !== undefined && <td className="wide">{vehicle}</td>}
      <td>
        <a href={entryHref(one.id)}>
          {one.count > 1 && `${one.count} × `}
          {one.part}
          <span>{[one.place, vehicle].filter(Boolean).join(", ")}</span>
        </a>
      </td>
      <td className="wide">{one.place}</td>
      <td className="wide">{one.system}</td>
      <td className="number">{formatDistance(one.odometer)}</td>
      <td className="wide number">
        {one.priceMinor === undefined ? "" : formatPrice(one.priceMinor, money)}
      </td>
    </tr>
  );
});
