"use client";

import { Box } from "@chakra-ui/react";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { CheckField, SelectField, TextAreaField, TextField } from "@/ui/form/Field";
import { Key } from "@/ui/Key";
import { PALETTE } from "@/ui/theme/palette";
import { TorqueField } from "@/ui/torque/TorqueField";
import { Named } from "./Named";

/** The pieces that everything else is made of, each in each of its states. */
export function Pieces() {
  return (
    <>
      <Named name="palette">
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, 90px)" gap="1" fontSize="13px">
          {Object.keys(PALETTE).map((name) => (
            <Box key={name}>
              <Box height="24px" background={name} border="1px solid" borderColor="edge" />
              {name}
            </Box>
          ))}
        </Box>
      </Named>
      <Named name="Button">
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button look="primary">Primary</Button>
          <Button>Plain</Button>
          <Button look="quiet">Quiet</Button>
          <Button disabled>Not now</Button>
          <Button look="primary" size="work">
            For gloves
          </Button>
        </Box>
      </Named>
      <Named name="Field">
        <TextField label="A line" unit="mm" hint="A hint" />
        <TextField label="A line that is wrong" defaultValue="x" error="It is not a number. Type digits." />
        <TorqueField label="A torque" typed="35 ft lbs" defaultValue="35 ft lbs" />
        <SelectField label="One of a few" choices={["front", "rear"]} />
        <TextAreaField label="Several lines" rows={2} />
        <CheckField label="A tick" defaultChecked />
      </Named>
      <Named name="BigFigure, Key">
        <BigFigure value="26.5" unit="lb·ft" size="work" />
        <Key>B</Key>
      </Named>
    </>
  );
}
