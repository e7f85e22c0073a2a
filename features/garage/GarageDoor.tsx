"use client";

import { useEffect, useState } from "react";
import { useCollection } from "@/data/hooks";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { useIsHere } from "@/ui/use-is-here";
import { useKey } from "../shell/keys";
import { rememberGarage } from "./remembered";
import { Welcome } from "./Welcome";

/** What there is to show comes with its vehicles: an empty garage need not fetch it. */
const GarageScreen = later(() => import("./GarageScreen").then((module) => module.GarageScreen));
const VehicleForm = later(() => import("./VehicleForm").then((module) => module.VehicleForm));

/**
 * The Garage: its vehicles, or the welcome of an empty one. The welcome stands in the page as it is sent, and is what
 * a browser that was never here paints first, its buttons pale until they do something; one that has vehicles waits
 * for them (remembered.ts, base.css).
 */
export function GarageDoor() {
  const vehicles = useCollection("vehicles");
  const [adding, setAdding] = useState(false);
  const isHere = useIsHere();
  const isEmpty = (vehicles ?? []).length === 0;
  useKey("add", () => setAdding(true), isEmpty);
  useEffect(() => {
    if (vehicles) rememberGarage(!isEmpty);
  }, [vehicles, isEmpty]);
  if (adding) return <VehicleForm key="new" onClose={() => setAdding(false)} />;
  if (!isEmpty) return <GarageScreen />;
  return (
    <>
      <div className={vehicles ? undefined : `never-here ${isHere ? "" : "asleep"}`}>
        <Welcome onStartOwn={() => setAdding(true)} />
      </div>
      {!vehicles && (
        <div className="been-here">
          <Loading />
        </div>
      )}
    </>
  );
}
