"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import { useCollection } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { useKey } from "../shell/keys";
import { rememberGarage } from "./remembered";
import { Welcome } from "./Welcome";

/** What there is to show comes with its vehicles: an empty garage need not fetch it. */
const GarageScreen = dynamic(() => import("./GarageScreen").then((module) => module.GarageScreen), {
  ssr: false,
  loading: () => <Loading />,
});
const VehicleForm = dynamic(() => import("./VehicleForm").then((module) => module.VehicleForm), {
  ssr: false,
});

/**
 * The Garage: its vehicles, or the welcome of an empty one. The welcome stands in the page as it is sent, and is what
 * a browser that was never here paints first; one that has vehicles waits for them (remembered.ts, base.css).
 */
export function GarageDoor() {
  const vehicles = useCollection("vehicles");
  const [adding, setAdding] = useState(false);
  const isEmpty = (vehicles ?? []).length === 0;
  useKey("add", () => setAdding(true), isEmpty);
  useEffect(() => {
    if (vehicles) rememberGarage(!isEmpty);
  }, [vehicles, isEmpty]);
  if (adding) return <VehicleForm key="new" onClose={() => setAdding(false)} />;
  if (!isEmpty) return <GarageScreen />;
  return (
    <>
      <div className={vehicles ? undefined : "never-here"}>
        <Welcome onStartOwn={() => setAdding(true)} />
      </div>
      {!vehicles && (
        <Box className="been-here">
          <Loading />
        </Box>
      )}
    </>
  );
}
