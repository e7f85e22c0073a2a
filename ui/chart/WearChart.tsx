"use client";

import {
  CategoryScale,
  Chart,
  type ChartDataset,
  LineElement,
  LinearScale,
  type Plugin,
  PointElement,
  ScatterController,
  Tooltip,
} from "chart.js";
import { Scatter } from "react-chartjs-2";
import { type Inks, useInks } from "./use-inks";

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, ScatterController, Tooltip);
Chart.defaults.font = {
  ...Chart.defaults.font,
  family: "\'Atkinson Hyperlegible Next Variable\', system-ui, sans-serif",
  size: 14,
};

export interface XY {
  x: number;
  y: number;
}

/**
 * One place measured over distance: its points, its line as far as it is drawn, and the span in which that
 * line meets the limit.
 */
export interface WearTrace {
  name: string;
  points: XY[];
  line: XY[];
  /** From the earliest to the latest place where it meets the limit, on the limit. */
  meets: XY[];
}

interface WearChartProps {
  traces: WearTrace[];
  limit: number | undefined;
  xTitle: string;
  yTitle: string;
  says: string;
}

/** Left and right are told apart by the shape of the point and the dash of the line, not by colour alone. */
const SHAPES = ["circle", "rect", "triangle", "rectRot"] as const;
const DASHES = [[], [8, 5], [3, 4], [10, 3, 3, 3]];

/**
 * Values over distance with a line a place, the limit across, and where each line meets it. Loaded only where
 * it is shown.
 */
export default function WearChart({ traces, limit, xTitle, yTitle, says }: WearChartProps) {
  const inks = useInks();
  const xs = traces.flatMap(({ points, line, meets }) => [...points, ...line, ...meets].map(({ x }) => x));
  const datasets = [
    ...traces.flatMap((trace, i) => datasetsOf(trace, i, inks)),
    ...(limit === undefined
      ? []
      : [
          {
            label: "limit",
            data: [Math.min(...xs), Math.max(...xs)].map((x) => ({ x, y: limit })),
            showLine: true,
            borderColor: inks.stop,
            borderWidth: 2,
            pointRadius: 0,
          },
        ]),
  ];
  const named = traces.map(({ name }) => name);
  const names = namesAtLines(named, inks);
  const axis = (title: string) => ({
    title: { display: true, text: title, color: inks.soft },
    ticks: {
      color: inks.soft,
      maxRotation: 0,
      callback: (value: number | string) =>
        String(Number(value).toLocaleString("en").replaceAll(",", "\u202f")),
    },
    grid: { color: inks.grid },
    border: { color: inks.edge },
  });
  return (
    <Scatter
      key={named.join(" ")}
      plugins={[names]}
      role="img"
      aria-label={says}
      data={{ datasets }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { ...axis(xTitle), type: "linear", ticks: { ...axis(xTitle).ticks, autoSkipPadding: 10 } },
          y: {
            ...axis(yTitle),
            type: "linear",
            ...(limit === undefined ? {} : { suggestedMin: limit * 0.8 }),
          },
        },
        plugins: { tooltip: { filter: ({ dataset }) => dataset.label !== "limit" } },
      }}
    />
  );
}

/**
 * Names beside the middle of each trace, the upper above its line and the lower below, where neither has anything, and
 * the limit's at its end.
 */
function namesAtLines(names: readonly string[], inks: Inks): Plugin<"scatter"> {
  return {
    id: "names",
    afterDatasetsDraw: (chart) => {
      const { ctx, data } = chart;
      const spots = data.datasets.flatMap(({ label }, i) => {
        const points = chart.getDatasetMeta(i).data;
        const at = label === "limit" ? points.at(-1) : points[Math.floor(points.length / 2)];
        return at && label && (label === "limit" || names.includes(label))
          ? [{ label, x: at.x, y: at.y }]
          : [];
      });
      const lowest = Math.max(...spots.filter(({ label }) => label !== "limit").map(({ y }) => y));
      ctx.save();
      ctx.font = "600 14px 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
      for (const { label, x, y } of spots) {
        const isLimit = label === "limit";
        const isLower = !isLimit && names.length > 1 && y === lowest;
        ctx.fillStyle = isLimit ? inks.stop : inks.ink;
        ctx.textAlign = isLimit || isLower ? "right" : "left";
        ctx.fillText(label, isLimit ? x : x + (isLower ? -8 : 10), isLower ? y + 20 : y - 10);
      }
      ctx.restore();
    },
  };
}

function datasetsOf(
  { name, points, line, meets }: WearTrace,
  i: number,
  inks: Inks,
): ChartDataset<"scatter", XY[]>[] {
  const dash = DASHES[i % DASHES.length] ?? [];
  return [
    {
      label: name,
      data: points,
      pointStyle: SHAPES[i % SHAPES.length] ?? "circle",
      pointRadius: 6,
      backgroundColor: i % 2 === 0 ? inks.drawing : inks.sheet,
      borderColor: inks.drawing,
      borderWidth: 2,
    },
    {
      label: `${name}, its line`,
      data: line,
      showLine: true,
      borderColor: inks.drawing,
      borderDash: dash,
      borderWidth: 2,
      pointRadius: 0,
    },
    {
      label: `${name}, meets the limit`,
      data: meets,
      showLine: true,
      borderColor: inks.watch,
      borderWidth: 7 - 3 * (i % 2),
      pointRadius: 0,
    },
  ];
}
