import Link from "next/link";
import { garageHref } from "@/features/shell/addresses";

export default function NotFound() {
  return (
    <div style={{ padding: "48px 20px", maxWidth: 560, margin: "0 auto" }}>
      <h1>No such page</h1>
      <p>The address may be old. Everything is still in the Garage.</p>
      <Link href={garageHref()}>Open the Garage</Link>
    </div>
  );
}
