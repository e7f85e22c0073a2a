"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { useCollection } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useLogRecords, useLogs } from "../shared/use-logs";
import { useVehicleInHand } from "../shell/hand";
import { useKey } from "../shell/keys";
import { BackupReminder } from "./BackupReminder";
import { DoNextSheet } from "./DoNextSheet";
import { ThisYearSheet } from "./ThisYearSheet";
import { VehicleList } from "./VehicleList";
import { VehicleSheet } from "./VehicleSheet";

/** What stands below the fold comes when the rest is there: it brings the words of all troubles with it. */
const RecalledSheet = dynamic(() => import("./RecalledSheet").then((module) => module.RecalledSheet), {
  ssr: false,
});

/** The form comes when it is asked for: until then the first page need not carry it. */
// Forms come once there is something to fill in.
const OdometerSheet = dynamic(() => import("./OdometerSheet").then((module) => module.OdometerSheet), {
  ssr: false,
});
const VehicleForm = dynamic(() => import("./VehicleForm").then((module) => module.VehicleForm), {
  ssr: false,
});

type Doing = "look" | "add" | "edit";

/** The vehicles, what is on each corner, and what to do next. */
export function GarageScreen() {
  const vehicle = useVehicleInHand();
  const records = useLogRecords();
  const logs = useLogs(records);
  const [doing, setDoing] = useState<Doing>("look");
  useKey("add", () => setDoing("add"));
  const vehicles = useCollection("vehicles");
  if (!vehicle || !vehicles) return <Loading />;
  const look = () => setDoing("look");
  if (doing === "add") return <VehicleForm key="new" onClose={look} />;
  const log = logs?.find((one) => one.vehicle.id === vehicle.id);
  if (doing === "edit") return <VehicleForm key={vehicle.id} vehicle={vehicle} onClose={look} />;

  // A log of sixty thousand entries takes seconds to read: what is known sooner stands there sooner.
  if (!records || !logs || !log) {
    return (
      <ThreeColumns
        phone="left, right, middle"
        left={<VehicleList vehicles={vehicles} chosen={vehicle} onAdd={() => setDoing("add")} />}
        middle={<Loading />}
        right={<OdometerSheet key={vehicle.id} vehicle={vehicle} />}
      />
    );
  }
  return (
    <ThreeColumns
      phone="left, right, middle"
      left={<VehicleList vehicles={records.vehicles} chosen={vehicle} onAdd={() => setDoing("add")} />}
      middle={<VehicleSheet log={log} records={records} onEdit={() => setDoing("edit")} />}
      right={
        <>
          <BackupReminder />
          <DoNextSheet logs={logs} jobs={records.jobs} />
          <OdometerSheet key={vehicle.id} vehicle={vehicle} />
          <ThisYearSheet records={records} />
          {/* Last, as it comes later than the rest: nothing moves under a finger. */}
          <RecalledSheet vehicle={vehicle} records={records} />
        </>
      }
    />
  );
}
