"use client";

import { useSearchParams } from "next/navigation";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { useJobInHand } from "../shell/hand";
import { PlanSheets } from "./PlanSheets";

const DecideScreen = later(() => import("./decide/DecideScreen").then((module) => module.DecideScreen));
const FastenersScreen = later(() =>
  import("./fasteners/FastenersScreen").then((module) => module.FastenersScreen),
);
const JobEdit = later(() => import("./jobs/JobEdit").then((module) => module.JobEdit));
const JobForm = later(() => import("./jobs/JobForm").then((module) => module.JobForm));
const NotesReader = later(() => import("./notes/NotesReader").then((module) => module.NotesReader));
const SharedWords = later(() => import("./notes/SharedWords").then((module) => module.SharedWords));
const PaperScreen = later(() => import("./PaperScreen").then((module) => module.PaperScreen));
const RoutesScreen = later(() => import("./routes/RoutesScreen").then((module) => module.RoutesScreen));
const LookUpScreen = later(() => import("./shelf/LookUpScreen").then((module) => module.LookUpScreen));
const ShelfScreen = later(() => import("./shelf/ShelfScreen").then((module) => module.ShelfScreen));
const OrderScreen = later(() => import("./steps/OrderScreen").then((module) => module.OrderScreen));
const JobList = later(() => import("./jobs/JobList").then((module) => module.JobList));

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
