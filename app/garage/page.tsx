import type { Metadata } from "next";
import { GarageScreen } from "./screen";

export const metadata: Metadata = { title: "Garage · Vest Pocket" };

export default function Page() {
  return <GarageScreen />;
}
