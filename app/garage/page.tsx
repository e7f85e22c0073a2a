import type { Metadata } from "next";
import { GarageDoor } from "@/features/garage/GarageDoor";

export const metadata: Metadata = { title: "Garage · Vest Pocket" };

export default function Page() {
  return <GarageDoor />;
}
