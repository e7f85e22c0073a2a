"use client";

import Link from "next/link";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { blanksOf } from "@/core/shelf/blanks";
import { Button } from "@/ui/Button";
import { planHref } from "../../shell/addresses";

/** The way to what still has to be looked up; nothing where that is one thing, or nothing. */
export function LookUpLink({ job }: { job: Job }) {
  const blanks = blanksOf(chosenRoute(job));
  if (job.state === "done" || blanks.length < 2) return null;
  return (
    <Button asChild look="primary" width="100%" marginTop="3">
      <Link href={planHref(job.id, "lookup")}>Look up these {blanks.length}</Link>
    </Button>
  );
}
