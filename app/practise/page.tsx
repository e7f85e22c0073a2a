import type { Metadata } from "next";
import { PractiseScreen } from "./screen";

export const metadata: Metadata = { title: "Practise · Vest Pocket" };

export default function Page() {
  return <PractiseScreen />;
}
