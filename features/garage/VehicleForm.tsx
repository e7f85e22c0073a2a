"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import type { Vehicle } from "@/core/model/vehicle";
import { roadUnitOf } from "@/core/quantity/distance";
import { removeVehicle } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { stamp, stampOf, touched } from "@/data/stamp";
import { CheckField, SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { FormBox, FormButtons } from "@/ui/form/FormBox";
import { useRecordForm } from "@/ui/form/useRecordForm";
import { Sheet } from "@/ui/Sheet";
import { TorqueField } from "@/ui/torque/TorqueField";
import { keepMoney, useMoney, useWriting } from "../shared/money/use-money";
import { garageHref } from "../shell/addresses";
import { useDo } from "../shell/DoProvider";
import { vehicleFields, vehicleForm } from "./vehicle-fields";

/** A vehicle typed in or changed. Only the name is needed; the rest makes loads and figures possible. */
export function VehicleForm({ vehicle, onClose }: { vehicle?: Vehicle; onClose: () => void }) {
  const perform = useDo();
  const door = useDoor();
  const router = useRouter();
  const money = useMoney();
  const chosen = useWriting();
  const form = useRecordForm({
    draft: `vehicle ${vehicle?.id ?? "new"}`,
    start: vehicleFields(vehicle, roadUnitOf(money.region)),
    schemaOf: () => vehicleForm,
    onClose,
  });
  const { field } = form;
  const save = form.send(async (read) => {
    const saved: Vehicle = { ...(vehicle ? touched(stampOf(vehicle)) : stamp("own")), ...read };
    // With the first vehicle it is kept what money is in, so that another device does not go by its own language.
    const writing = chosen ? {} : keepMoney(money, chosen).put;
    if (!(await perform({ put: { vehicles: [saved], ...writing } }, `${saved.name} saved.`))) return false;
    router.push(garageHref(saved.id));
    return true;
  });
  const remove = async (gone: Vehicle) => {
    const change = removeVehicle(await (await door()).everything(), gone.id);
    if (!(await perform(change, `${gone.name} and everything logged for it removed.`))) return;
    form.close();
    router.push(garageHref());
  };

  return (
    <Sheet
      title={vehicle ? `Edit ${vehicle.name}` : "Add a vehicle"}
      maxWidth="820px"
      marginInline="auto"
      padding={{ base: "4", lg: "6" }}
    >
      <FormBox
        onSubmit={save}
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }}
        gap="4"
      >
        <TextField label="Name" autoFocus {...field("name")} />
        <TextField label="Engine" placeholder="1.6 petrol" {...field("engine")} />
        <TextField label="Year" numeric {...field("year")} />
        <SelectField
          label="Driven wheels"
          choices={[{ value: "", label: "not said" }, "front", "rear", { value: "all", label: "all four" }]}
          {...field("driven")}
        />
        <Box alignSelf="end">
          <CheckField label="Driven on salted roads in winter" {...field("salted")} />
        </Box>
        <SelectField
          label="Its odometer counts"
          choices={[
            { value: "km", label: "kilometres" },
            { value: "mi", label: "miles" },
          ]}
          {...field("distanceUnit")}
        />
        <SelectField
          label="Its torques are given in"
          choices={[
            { value: "N.m", label: "N·m" },
            { value: "lbf.ft", label: "lb·ft" },
          ]}
          {...field("torqueUnit")}
        />
        <TorqueField
          label="Wheel bolts or nuts"
          typed={form.watch("wheelTorque")}
          {...field("wheelTorque")}
        />
        <TextField label="Kerb weight" numeric unit="kg" {...field("kerbWeight")} />
        <TextField
          label="Of that on the front axle"
          numeric
          unit="%"
          hint="About 60 for front drive, 50 to 55 for rear"
          {...field("frontShare")}
        />
        <TextField label="Wheelbase" numeric unit="mm" {...field("wheelbase")} />
        <TextField
          label="Front stands, behind the front axle"
          numeric
          unit="mm"

          hint="From the axle to the maker's stand point"
          {...field("insetFront")}
        />
        <TextField label="Rear stands, ahead of the rear axle" numeric unit="mm" {...field("insetRear")} />
        <Box gridColumn="1 / -1">
          <TextAreaField
            label="Fluids, a line each"
            rows={2}
            placeholder="coolant 6.2 L"
            {...field("fluids")}
          />
          <TextAreaField label="Notes" rows={2} {...field("notes")} />
        </Box>
        <FormButtons
          submit="Save"
          onCancel={form.close}
          onRemove={vehicle && (() => void remove(vehicle))}
          remove="Remove this vehicle"
        />
      </FormBox>
    </Sheet>
  );
}
