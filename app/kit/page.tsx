import type { Metadata } from "next";
import { KitScreen } from "./screen";

export const metadata: Metadata = { title: "Kit · Vest Pocket" };

export default function Page() {
  return <KitScreen />;
}
