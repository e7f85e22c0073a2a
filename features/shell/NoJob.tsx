"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import type { Example } from "@/ui/drawing/Examples";
import { Empty } from "@/ui/Empty";
import { jobsHref, shelfHref } from "./addresses";
import { NoVehicle } from "./NoVehicle";

/** What is said where an address names a job that this browser does not have. */
export const NOT_HERE =
  "The address names a job that is not in this browser: it was removed, or is on another device.";

/** When a pocket that works on a job has none in hand. */
export function NoJob({ does, example }: { does: string; example: Example }) {
  const named = useSearchParams().has("id");
  const hasVehicle = (useCollection("vehicles")?.length ?? 0) > 0;
  const hasJob = (useCollection("jobs")?.length ?? 0) > 0;
  if (!named && !hasVehicle)
    return (
      <NoVehicle title="No job in hand" example={example}>
        This pocket {does}.
      </NoVehicle>
    );
  const [first, second] = [
    { href: jobsHref(), says: "Choose a job" },
    { href: shelfHref(), says: "A job from the shelf" },
  ];
  const ways = hasJob ? [first, second] : [second, { ...first, says: "All jobs" }];
  return (
    <Empty
      title={named ? "That job is not here" : "No job in hand"}
      example={example}
      action={ways.map(({ href, says }, i) => (
        <Button key={href} asChild look={i === 0 ? "primary" : "plain"}>
          <Link href={href}>{says}</Link>
        </Button>
      ))}
    >
      {named ? NOT_HERE : `This pocket ${does}.`}{" "}
      <Box as="span">{hasJob ? "Choose a job first." : "Plan one first: the shelf has half-made ones."}</Box>
    </Empty>
  );
}
