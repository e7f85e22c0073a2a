"use client";

import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { RowButton } from "@/ui/RowButton";
import { Sheet } from "@/ui/Sheet";
import { jobsHref, newJobHref, planHref } from "../../shell/addresses";
import { giveWordsTo, sharedWords } from "./shared-words";

/** Somebody's words, shared from another app: which job they are for. */
export function SharedWords() {
  const router = useRouter();
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  const { data: text } = useQuery({
    queryKey: ["shared words"],
    queryFn: async () => (await sharedWords()) ?? null,
    staleTime: 0,
  });
  if (!jobs || !vehicles || text === undefined) return <Loading />;
  if (text === null)
    return (
      <Sheet title="Nothing was shared" maxWidth="560px" marginInline="auto">
        No words have come from another app, or a job has taken them.{" "}
        <Link href={jobsHref()}>Open the jobs</Link> to paste some.
      </Sheet>
    );
  const take = async (id: string) => {
    await giveWordsTo(id, text);
    router.push(planHref(id, "notes"));
  };
  const open = jobs.filter(({ state, putAway }) => state !== "done" && !putAway);
  return (
    <Sheet title="Which job are these words for?" maxWidth="640px" marginInline="auto" padding="5">
      <Box color="soft" marginBottom="4" maxHeight="6em" overflow="hidden">
        “{text.slice(0, 240)}
        {text.length > 240 && "…"}”
      </Box>
      {open.map(({ id, title, vehicleId }) => (
        <RowButton key={id} onClick={() => void take(id)}>
          <b>{title}</b>
          <span>{vehicles.find((one) => one.id === vehicleId)?.name}</span>
        </RowButton>
      ))}
      <Button asChild look="primary" marginTop="4">
        <Link href={newJobHref()}>A new job</Link>
      </Button>
    </Sheet>
  );
}
