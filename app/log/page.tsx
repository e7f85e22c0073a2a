import type { Metadata } from "next";
import { LogScreen } from "./screen";

export const metadata: Metadata = { title: "Log · Vest Pocket" };

export default function Page() {
  return <LogScreen />;
}
