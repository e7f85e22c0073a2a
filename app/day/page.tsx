import type { Metadata } from "next";
import { DayScreen } from "./screen";

export const metadata: Metadata = { title: "Day · Vest Pocket" };

export default function Page() {
  return <DayScreen />;
}
