import type { Metadata } from "next";
import { PlanScreen } from "./screen";

export const metadata: Metadata = { title: "Plan · Vest Pocket" };

export default function Page() {
  return <PlanScreen />;
}
