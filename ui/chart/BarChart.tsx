"use client";

import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from "chart.js";
import { Bar } from "react-chartjs-2";
import { useInks } from "./use-inks";

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);
Chart.defaults.font = {
  ...Chart.defaults.font,
  family: "\'Atkinson Hyperlegible Next Variable\', system-ui, sans-serif",
  size: 14,
};

interface BarChartProps {
  labels: string[];
  values: number[];
  says: string;
  /** The bars lie, so that long names have room. */
  lying?: boolean;
}

/** One bar a name. Loaded only where it is shown; the same stands in a table beside it. */
export default function BarChart({ labels, values, says, lying = false }: BarChartProps) {
  const inks = useInks();
  const axis = {
    ticks: { color: inks.soft, maxRotation: 0 },
    grid: { color: inks.grid },
    border: { color: inks.edge },
  };
  return (
    <Bar
      role="img"
      aria-label={says}
      data={{
        labels,
        datasets: [{ data: values, backgroundColor: inks.drawing, borderRadius: 2, maxBarThickness: 42 }],
      }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        indexAxis: lying ? "y" : "x",
        scales: { x: axis, y: axis },
      }}
    />
  );
}
