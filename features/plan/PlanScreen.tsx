"use client";

import { useSearchParams } from "next/navigation";
import { Loading } from "@/ui/Loading";
import { useJobInHand } from "../shell/hand";
import { DecideScreen } from "./DecideScreen";
import { JobForm } from "./JobForm";
import { JobList } from "./JobList";
import { NotesReader } from "./NotesReader";
import { OrderScreen } from "./OrderScreen";
import { PlanSheets } from "./PlanSheets";
import { RoutesScreen } from "./RoutesScreen";
import { SharedWords } from "./SharedWords";

/** The job sheet: a new job, the jobs there are, or the plan of the one in hand. */
export function PlanScreen() {
  const params = useSearchParams();
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (params.has("shared")) return <SharedWords />;
  if (params.has("new")) return <JobForm />;
  if (inHand === null || params.has("all")) return <JobList lost={params.has("id") && !params.has("all")} />;
  if (params.has("decide")) return <DecideScreen job={inHand.job} />;
  if (params.has("order")) return <OrderScreen job={inHand.job} />;
  if (params.has("routes")) return <RoutesScreen {...inHand} />;
  if (params.has("notes")) return <NotesReader key={inHand.job.id} job={inHand.job} />;
  return <PlanSheets key={inHand.job.id} {...inHand} />;
}
