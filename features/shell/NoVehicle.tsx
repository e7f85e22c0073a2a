"use client";

import Link from "next/link";
import type { ReactNode } from "react";
import { Button } from "@/ui/Button";
import type { Example } from "@/ui/drawing/Examples";
import { Empty } from "@/ui/Empty";
import { garageHref } from "./addresses";

/** Where there is no vehicle yet, and so nothing that hangs on one. */
export function NoVehicle({
  title,
  children,
  example,
}: {
  title: string;
  children: ReactNode;
  example: Example;
}) {
  return (
    <Empty
      title={title}
      example={example}
      action={
        <Button asChild look="primary">
          <Link href={garageHref()}>Begin in the Garage</Link>
        </Button>
      }
    >
      {children} It begins with a vehicle: add yours in the Garage, or look round the demo there.
    </Empty>
  );
}
