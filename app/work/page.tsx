import type { Metadata } from "next";
import { WorkScreen } from "./screen";

export const metadata: Metadata = { title: "Work · Vest Pocket" };

export default function Page() {
  return <WorkScreen />;
}
