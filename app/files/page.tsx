import type { Metadata } from "next";
import { FilesScreen } from "./screen";

export const metadata: Metadata = { title: "Files · Vest Pocket" };

export default function Page() {
  return <FilesScreen />;
}
