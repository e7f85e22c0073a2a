"use client";

import dynamic from "next/dynamic";
import { useSearchParams } from "next/navigation";
import { PLACES, type Place, SYSTEMS, type System } from "@/core/model/place";
import { Loading } from "@/ui/Loading";
import { useLogRecords, useLogs } from "../shared/use-logs";
import { ALL, LOG_VIEWS } from "../shell/addresses";
import { useVehicleInHand } from "../shell/hand";
import { ReplacedView } from "./replaced/ReplacedView";

// Each view is fetched once it is opened; the service worker has them all for when there is no network.
const CostsView = dynamic(() => import("./costs/CostsView").then((module) => module.CostsView), {
  ssr: false,
  loading: Loading,
});
const DueView = dynamic(() => import("./due/DueView").then((module) => module.DueView), {
  ssr: false,
  loading: Loading,
});
const EntryForm = dynamic(() => import("./entry/EntryForm").then((module) => module.EntryForm), {
  ssr: false,
  loading: Loading,
});
const EntryScreen = dynamic(() => import("./entry/EntryScreen").then((module) => module.EntryScreen), {
  ssr: false,
  loading: Loading,
});
const FollowUpsView = dynamic(
  () => import("./follow-ups/FollowUpsView").then((module) => module.FollowUpsView),
  {
    ssr: false,
    loading: Loading,
  },
);
const BringTable = dynamic(() => import("./replaced/BringTable").then((module) => module.BringTable), {
  ssr: false,
  loading: Loading,
});
const WearView = dynamic(() => import("./wear/WearView").then((module) => module.WearView), {
  ssr: false,
  loading: Loading,
});

/** The pocket: which of its pages, of which vehicle, is in the address. */
export function LogScreen() {
  const params = useSearchParams();
  const inHand = useVehicleInHand();
  const records = useLogRecords();
  // A page of one vehicle needs only its own log; an entry may be anybody's.
  const vehicle =
    params.get("id") === ALL || params.has("entry") || params.has("new") ? undefined : (inHand ?? undefined);
  const logs = useLogs(records, vehicle?.id);
  if (inHand === undefined || !records || !logs) return <Loading />;

  const entry = params.get("entry");
  if (entry !== null) return <EntryScreen key={entry} id={entry} records={records} logs={logs} />;
  if (params.has("new"))
    return (
      <EntryForm
        key="new"
        line={(params.get("new") ?? "").slice(0, LONGEST_LINK)}
        told={told(params)}
        vehicle={inHand}
        records={records}
        logs={logs}
      />
    );
  if (params.has("bring")) return <BringTable records={records} vehicle={inHand} />;
  const page = { records, logs, vehicle };
  switch (LOG_VIEWS.find(({ view }) => view === params.get("view"))?.view) {
    case "due":
      return <DueView {...page} />;
    case "wear":
      return <WearView {...page} />;
    case "costs":
      return <CostsView {...page} />;
    case "owed":
      return <FollowUpsView {...page} />;
    default:
      return <ReplacedView {...page} />;
  }
}

/** No line of the log is nearly so long; a link may be. */
const LONGEST_LINK = 4000;

/** What is known of a new entry beside its line. */
function told(params: URLSearchParams): { place?: Place; system?: System } {
  const place = PLACES.find((one) => one === params.get("place"));
  const system = SYSTEMS.find((one) => one === params.get("system"));
  return { ...(place ? { place } : {}), ...(system ? { system } : {}) };
}
