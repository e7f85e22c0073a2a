"use client";

import { useSearchParams } from "next/navigation";
import { PLACES, type Place, SYSTEMS, type System } from "@/core/model/place";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { useLogRecords, useLogs } from "../shared/use-logs";
import { ALL, LOG_VIEWS } from "../shell/addresses";
import { useVehicleInHand } from "../shell/hand";
import { ReplacedView } from "./replaced/ReplacedView";

const CostsView = later(() => import("./costs/CostsView").then((module) => module.CostsView));
const DueView = later(() => import("./due/DueView").then((module) => module.DueView));
const EntryForm = later(() => import("./entry/EntryForm").then((module) => module.EntryForm));
const EntryScreen = later(() => import("./entry/EntryScreen").then((module) => module.EntryScreen));
const FollowUpsView = later(() =>
  import("./follow-ups/FollowUpsView").then((module) => module.FollowUpsView),
);
const BringTable = later(() => import("./replaced/BringTable").then((module) => module.BringTable));
const WearView = later(() => import("./wear/WearView").then((module) => module.WearView));

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
