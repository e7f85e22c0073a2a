"use client";

import { Box } from "@chakra-ui/react";
import { useSetting } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { VehicleFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { Sheet } from "@/ui/Sheet";
import { useLoadDemo } from "../shared/demo-garage";
import { BringInLink } from "../shared/files/BringInLink";

/** The first time, and whenever the garage is empty: look round the demo, or start. */
export function Welcome({ onStartOwn }: { onStartOwn: () => void }) {
  const [, saveStarted] = useSetting("started");
  const loadDemo = useLoadDemo();
  const openDemo = async () => {
    if (await loadDemo()) await saveStarted("demo");
  };

  return (
    <Sheet
      maxWidth="860px"
      marginInline="auto"
      marginTop={{ base: "0", lg: "8" }}
      padding={{ base: "5", lg: "8" }}
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "1fr 260px" }}
      gap="6"
    >
      <Box>
        <Box as="h1" fontSize="40px" marginBottom="3">
          The garage is empty
        </Box>
        <Box fontSize="18px" marginBottom="6">
          Plan a repair, see what to set the torque wrench to, work through it one step at a time, and find it
          in the log. Everything stays in this browser.
        </Box>
        <Box display="flex" flexWrap="wrap" gap="3">
          <Button look="primary" size="work" onClick={() => void openDemo()}>
            Look round the demo garage
          </Button>
          <Button size="work" onClick={onStartOwn}>
            Start my own
          </Button>
        </Box>
        <Box marginTop="5">
          <BringInLink />
        </Box>
      </Box>
      <Box display={{ base: "none", md: "block" }}>
        <VehicleFromAbove marks={[]} />
      </Box>
    </Sheet>
  );
}
