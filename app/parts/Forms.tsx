"use client";

import type { Household } from "@/core/model/household";
import { chosenRoute } from "@/core/plan/chosen-route";
import { VehicleForm } from "@/features/garage/VehicleForm";
import { ToolForm } from "@/features/kit/chest/ToolForm";
import { IntervalForm } from "@/features/log/due/IntervalForm";
import { FollowUpForm } from "@/features/log/follow-ups/FollowUpForm";
import { ReasonForm } from "@/features/log/ReasonForm";
import { FastenerForm } from "@/features/plan/fasteners/FastenerForm";
import { JobForm } from "@/features/plan/jobs/JobForm";
import { PartForm } from "@/features/plan/parts/PartForm";
import { StepForm } from "@/features/plan/steps/StepForm";
import { Named } from "./Named";

const nothing = () => undefined;
const keepsOpen = async () => false;

/** Every form for a record, empty. */
export function Forms({ demo: { vehicles, jobs } }: { demo: Household }) {
  const [job] = jobs;
  const [vehicle] = vehicles;
  if (!job || !vehicle) return null;
  return (
    <>
      <Named name="VehicleForm">
        <VehicleForm onClose={nothing} />
      </Named>
      <Named name="JobForm">
        <JobForm />
      </Named>
      <Named name="StepForm">
        <StepForm job={job} route={chosenRoute(job)} step={undefined} phase="take apart" onClose={nothing} />
      </Named>
      <Named name="FastenerForm">
        <FastenerForm job={job} vehicle={vehicle} fastener={undefined} onClose={nothing} />
      </Named>
      <Named name="PartForm">
        <PartForm job={job} part={undefined} onClose={nothing} />
      </Named>
      <Named name="ToolForm">
        <ToolForm onClose={nothing} />
      </Named>
      <Named name="IntervalForm">
        <IntervalForm vehicle={vehicle} vehicles={vehicles} onClose={nothing} />
      </Named>
      <Named name="FollowUpForm">
        <FollowUpForm vehicle={vehicle} vehicles={vehicles} onClose={nothing} />
      </Named>
      <Named name="ReasonForm">
        <ReasonForm
          draft="parts page"
          label="Why"
          missing="Say why."
          submit="Put off"
          onSubmit={keepsOpen}
          onClose={nothing}
        />
      </Named>
    </>
  );
}
