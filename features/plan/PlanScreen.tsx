"use client";

import { useSearchParams } from "next/navigation";
import { Loading } from "@/ui/Loading";
import { useJobInHand } from "../shell/hand";
import { DecideScreen } from "./decide/DecideScreen";
import { FastenersScreen } from "./fasteners/FastenersScreen";
import { JobEdit } from "./jobs/JobEdit";
import { JobForm } from "./jobs/JobForm";
import { JobList } from "./jobs/JobList";
import { NotesReader } from "./notes/NotesReader";
import { SharedWords } from "./notes/SharedWords";
import { PaperScreen } from "./PaperScreen";
import { PlanSheets } from "./PlanSheets";
import { RoutesScreen } from "./routes/RoutesScreen";
import { LookUpScreen } from "./shelf/LookUpScreen";
import { ShelfScreen } from "./shelf/ShelfScreen";
import { OrderScreen } from "./steps/OrderScreen";

/** The job sheet: a new job, the jobs there are, or the plan of the one in hand. */
export function PlanScreen() {
  const params = useSearchParams();
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (params.has("shared")) return <SharedWords />;
  const shelf = params.get("shelf");
  if (shelf !== null)
    return (
      <ShelfScreen
        name={shelf}
        jobId={params.get("id") ?? undefined}
        vehicleId={params.get("for") ?? undefined}
      />
    );
  if (params.has("new")) return <JobForm fromId={params.get("from") ?? undefined} />;
  if (inHand === null || params.has("all")) return <JobList lost={params.has("id") && !params.has("all")} />;
  if (params.has("decide")) return <DecideScreen job={inHand.job} />;
  if (params.has("about")) return <JobEdit key={inHand.job.id} job={inHand.job} />;
  if (params.has("order")) return <OrderScreen job={inHand.job} />;
  if (params.has("fasteners")) return <FastenersScreen {...inHand} />;
  if (params.has("sheet")) return <PaperScreen {...inHand} />;
  if (params.has("routes")) return <RoutesScreen {...inHand} />;
  if (params.has("lookup")) return <LookUpScreen key={inHand.job.id} job={inHand.job} />;
  if (params.has("notes")) return <NotesReader key={inHand.job.id} job={inHand.job} />;
  return <PlanSheets key={inHand.job.id} {...inHand} />;
}
