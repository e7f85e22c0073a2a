"use client";

import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { matOf } from "@/core/kit/sheet/mat";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { later } from "@/ui/later";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useJobInHand } from "../shell/hand";
import { NoJob } from "../shell/NoJob";
import { KitSide } from "./KitSide";
import { KitViews } from "./KitViews";
import { ItemCard } from "./mat/ItemCard";
import { MatSheet } from "./mat/MatSheet";
import { TorqueNeeds } from "./mat/TorqueNeeds";
import { MoneySheet } from "./shopping/MoneySheet";
import { SuppliesSheet } from "./SuppliesSheet";
import { useKit } from "./use-kit";

const ChestScreen = later(() => import("./chest/ChestScreen").then((module) => module.ChestScreen));
const PrintScreen = later(() => import("./sheet/PrintScreen").then((module) => module.PrintScreen));
const ShopScreen = later(() => import("./shopping/ShopScreen").then((module) => module.ShopScreen));

/** The Kit: what the plan needs against the chest, laid out, shopped for, and printed. */
export function KitScreen() {
  const params = useSearchParams();
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (params.has("chest")) return <ChestScreen jobId={inHand?.job.id} />;
  if (inHand === null) {
    return (
      <ThreeColumns
        left={
          <Sheet flex={{ lg: "1" }}>
            <KitViews jobId={undefined} at="" />
          </Sheet>
        }
        middle={<NoJob does="lays out what a job needs, against the tools that you own" example="kit" />}
        right={null}
      />
    );
  }
  if (params.has("shop")) return <ShopScreen key={inHand.job.id} {...inHand} />;
  if (params.has("sheet")) return <PrintScreen key={inHand.job.id} {...inHand} />;
  return <MatScreen key={inHand.job.id} {...inHand} />;
}

/**
 * The mat with what is on the wrenches, and beside it the thing that was chosen, or what is used up and the
 * money.
 */
function MatScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const inHand = useKit(job, vehicle);
  const [chosen, setChosen] = useState<string>();
  if (!inHand) return <Loading />;
  const item = matOf(inHand.kit.lines).find(
    ({ key, lines }) => key === chosen || lines.some((line) => line.key === chosen),
  );
  return (
    <ThreeColumns
      phone={item ? "left, right, middle" : "left, middle, right"}
      rightFollows={item !== undefined}
      left={<KitSide job={job} vehicle={vehicle} inHand={inHand} at="" onChoose={setChosen} />}
      middle={
        <>
          <MatSheet inHand={inHand} chosen={item?.key} onChoose={setChosen} />
          <TorqueNeeds jobId={job.id} lines={inHand.kit.lines} unit={vehicle.torqueUnit} />
        </>
      }
      right={
        item ? (
          <ItemCard key={item.key} item={item} inHand={inHand} onClose={() => setChosen(undefined)} />
        ) : (
          <>
            <SuppliesSheet job={job} vehicle={vehicle} route={inHand.route} />
            <MoneySheet inHand={inHand} />
          </>
        )
      }
    />
  );
}
