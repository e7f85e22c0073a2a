"use client";

import { Box } from "@chakra-ui/react";
import { useEffect } from "react";
import { useSetting } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { VehicleFromAbove } from "@/ui/drawing/VehicleFromAbove";
import { useLoadDemo } from "../shared/demo-garage";
import { BringInLink } from "../shared/files/BringInLink";

/** The demo command's build opens with the demo already in; a demo that was removed stays removed. */
const OPENS_WITH_DEMO = process.env.NEXT_PUBLIC_OPEN_WITH === "demo";

/** The first time, and whenever the garage is empty: look round the demo, or start. */
export function Welcome({ onStartOwn }: { onStartOwn: () => void }) {
  const [started, saveStarted] = useSetting("started");
  const loadDemo = useLoadDemo();
  const loading = OPENS_WITH_DEMO && started === null;
  const openDemo = async () => {
    if (await loadDemo()) await saveStarted("demo");
  };

  useEffect(() => {
    if (!loading) return;
    void loadDemo().then((loaded) => (loaded ? saveStarted("demo") : undefined));
    // Once, when the browser is found to be new.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [loading]);

  if (started === undefined || loading) return <Loading />;
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
          Plan a repair, see what to set the torque wrench to, work through it one step at a time, and find it in the log. Everything stays in this browser.
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
