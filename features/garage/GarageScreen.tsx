"use client";

import { useState } from "react";
import { useCollection } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useVehicleInHand } from "../shell/hand";
import { useKey } from "../shell/keys";
import { DoNextSheet } from "./DoNextSheet";
import { OdometerSheet } from "./OdometerSheet";
import { ThisYearSheet } from "./ThisYearSheet";
import { VehicleForm } from "./VehicleForm";
import { VehicleList } from "./VehicleList";
import { VehicleSheet } from "./VehicleSheet";
import { Welcome } from "./Welcome";

type Doing = "look" | "add" | "edit";

/** The vehicles, what is on each corner, and what to do next. */
export function GarageScreen() {
  const vehicle = useVehicleInHand();
  const vehicles = useCollection("vehicles");
  const [doing, setDoing] = useState<Doing>("look");
  useKey(["n", "N"], () => setDoing("add"));
  if (vehicle === undefined || !vehicles) return <Loading />;
  const look = () => setDoing("look");
  if (doing === "add") return <VehicleForm key="new" onClose={look} />;
  if (!vehicle) return <Welcome onStartOwn={() => setDoing("add")} />;
  if (doing === "edit") return <VehicleForm key={vehicle.id} vehicle={vehicle} onClose={look} />;

  return (
    <ThreeColumns
      phone="left, right, middle"
      left={<VehicleList vehicles={vehicles} chosen={vehicle} onAdd={() => setDoing("add")} />}
      middle={<VehicleSheet vehicle={vehicle} onEdit={() => setDoing("edit")} />}
      right={
        <>
          <DoNextSheet />
          <OdometerSheet key={vehicle.id} vehicle={vehicle} />
          <ThisYearSheet vehicle={vehicle} />
        </>
      }
    />
  );
}
