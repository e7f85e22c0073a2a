"use client";

import dynamic from "next/dynamic";
import { useSearchParams } from "next/navigation";
import { Loading } from "@/ui/Loading";
import { useJobInHand } from "../shell/hand";
import { PlanSheets } from "./PlanSheets";

// Each view is fetched once it is opened; the service worker has them all for when there is no network.
const DecideScreen = dynamic(() => import("./decide/DecideScreen").then((module) => module.DecideScreen), {
  ssr: false,
  loading: Loading,
});
const FastenersScreen = dynamic(
  () => import("./fasteners/FastenersScreen").then((module) => module.FastenersScreen),
  {
    ssr: false,
    loading: Loading,
  },
);
const JobEdit = dynamic(() => import("./jobs/JobEdit").then((module) => module.JobEdit), {
  ssr: false,
  loading: Loading,
});
const JobForm = dynamic(() => import("./jobs/JobForm").then((module) => module.JobForm), {
  ssr: false,
  loading: Loading,
});
const NotesReader = dynamic(() => import("./notes/NotesReader").then((module) => module.NotesReader), {
  ssr: false,
  loading: Loading,
});
const SharedWords = dynamic(() => import("./notes/SharedWords").then((module) => module.SharedWords), {
  ssr: false,
  loading: Loading,
});
const PaperScreen = dynamic(() => import("./PaperScreen").then((module) => module.PaperScreen), {
  ssr: false,
  loading: Loading,
});
const RoutesScreen = dynamic(() => import("./routes/RoutesScreen").then((module) => module.RoutesScreen), {
  ssr: false,
  loading: Loading,
});
const LookUpScreen = dynamic(() => import("./shelf/LookUpScreen").then((module) => module.LookUpScreen), {
  ssr: false,
  loading: Loading,
});
const ShelfScreen = dynamic(() => import("./shelf/ShelfScreen").then((module) => module.ShelfScreen), {
  ssr: false,
  loading: Loading,
});
const OrderScreen = dynamic(() => import("./steps/OrderScreen").then((module) => module.OrderScreen), {
  ssr: false,
  loading: Loading,
});
const JobList = dynamic(() => import("./jobs/JobList").then((module) => module.JobList), {
  ssr: false,
  loading: Loading,
});

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
