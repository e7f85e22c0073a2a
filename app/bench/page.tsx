import type { Metadata } from "next";
import { BenchScreen } from "./screen";

export const metadata: Metadata = { title: "Bench · Vest Pocket" };

export default function Page() {
  return <BenchScreen />;
}
