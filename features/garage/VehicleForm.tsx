"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import type { Vehicle } from "@/core/model/vehicle";
import { removeVehicle } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { stamp, touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { useDraftForm } from "@/ui/form/useDraftForm";
import { Sheet } from "@/ui/Sheet";
import { TorqueField } from "@/ui/torque/TorqueField";
import { garageHref } from "../shell/addresses";
import { useDo } from "../shell/DoProvider";
import { readVehicle, vehicleFields } from "./vehicle-fields";

/** A vehicle typed in or changed. Only the name is needed; the rest makes loads and figures possible. */
export function VehicleForm({ vehicle, onClose }: { vehicle?: Vehicle; onClose: () => void }) {
  const does = useDo();
  const door = useDoor();
  const router = useRouter();
  const form = useDraftForm(`vehicle ${vehicle?.id ?? "new"}`, vehicleFields(vehicle));
  const { register } = form;
  const says = (field: keyof ReturnType<typeof vehicleFields>) => form.formState.errors[field]?.message;

  const close = () => {
    form.forget();
    onClose();
  };
  const save = form.handleSubmit(async (fields) => {
    const result = readVehicle(fields, vehicle ? touched(pickStamp(vehicle)) : stamp("own"));
    if ("errors" in result) return form.showErrors(result.errors);
    if (!(await does({ put: { vehicles: [result.vehicle] } }, `${result.vehicle.name} saved.`))) return;
    close();
    router.push(garageHref(result.vehicle.id));
  });
  const remove = async (gone: Vehicle) => {
    const change = removeVehicle(await (await door()).everything(), gone.id);
    if (!(await does(change, `${gone.name} and everything logged for it removed.`))) return;
    close();
    router.push(garageHref());
  };

  return (
    <Sheet title={vehicle ? `Edit ${vehicle.name}` : "Add a vehicle"} maxWidth="820px" marginInline="auto" padding={{ base: "4", lg: "6" }}>
      <Box as="form" onSubmit={(event) => void save(event)} display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="4">
        <TextField label="Name" error={says("name")} autoFocus {...register("name")} />
        <TextField label="Engine" placeholder="1.6 petrol" {...register("engine")} />
        <TextField label="Year" numeric error={says("year")} {...register("year")} />
        <SelectField label="Driven wheels" choices={[{ value: "", label: "not said" }, "front", "rear", { value: "all", label: "all four" }]} {...register("driven")} />
        <SelectField
          label="Its odometer counts"
          choices={[
            { value: "km", label: "kilometres" },
            { value: "mi", label: "miles" },
          ]}
          {...register("distanceUnit")}
        />
        <SelectField
          label="Its torques are given in"
          choices={[
            { value: "N.m", label: "N·m" },
            { value: "lbf.ft", label: "lb·ft" },
          ]}
          {...register("torqueUnit")}
        />
        <TorqueField label="Wheel bolts or nuts" error={says("wheelTorque")} typed={form.watch("wheelTorque")} {...register("wheelTorque")} />
        <TextField label="Kerb weight" numeric unit="kg" error={says("kerbWeight")} {...register("kerbWeight")} />
        <TextField label="Of that on the front axle" numeric unit="%" error={says("frontShare")} hint="About 60 for front drive, 50 to 55 for rear" {...register("frontShare")} />
        <TextField label="Wheelbase" numeric unit="mm" error={says("wheelbase")} {...register("wheelbase")} />
        <TextField
          label="Front stands, behind the front axle"
          numeric
          unit="mm"
          error={says("insetFront")}
          hint="From the axle to the maker's stand point"
          {...register("insetFront")}
        />
        <TextField label="Rear stands, ahead of the rear axle" numeric unit="mm" error={says("insetRear")} {...register("insetRear")} />
        <Box gridColumn="1 / -1">
          <TextAreaField label="Fluids, a line each" rows={2} placeholder="coolant 6.2 L" error={says("fluids")} {...register("fluids")} />
          <TextAreaField label="Notes" rows={2} {...register("notes")} />
        </Box>
        <Box gridColumn="1 / -1" display="flex" gap="3" flexWrap="wrap">
          <Button type="submit" look="primary">
            Save
          </Button>
          <Button onClick={close}>Cancel</Button>
          {vehicle && (
            <Button look="quiet" color="stop" marginLeft="auto" onClick={() => void remove(vehicle)}>
              Remove this vehicle
            </Button>
          )}
        </Box>
      </Box>
    </Sheet>
  );
}

function pickStamp({ id, createdAt, updatedAt, schema, origin }: Vehicle) {
  return { id, createdAt, updatedAt, schema, origin };
}
