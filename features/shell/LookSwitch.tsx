"use client";

import { Contrast, MonitorSmartphone, Moon, Sun } from "lucide-react";
import { Button } from "@/ui/Button";
import { type Look, useLook } from "@/ui/theme/look";

const NEXT: Record<Look, Look> = { device: "night", night: "light", light: "glare", glare: "device" };
const SAYS: Record<Look, string> = {
  device: "Look: as the device",
  night: "Look: night",
  light: "Look: light",
  glare: "Look: against the sun",
};

const ICON = { device: MonitorSmartphone, night: Moon, light: Sun, glare: Contrast };

/** Turns from the device's own look to night, to light, to full contrast against the sun, and round again. */
export function LookSwitch() {
  const [look, setLook] = useLook();
  const Icon = ICON[look];
  return (
    <Button
      look="quiet"
      color="onDenim"
      paddingInline="2"
      flexShrink={0}
      aria-label={`${SAYS[look]}. Change.`}
      title={SAYS[look]}
      onClick={() => setLook(NEXT[look])}
    >
      <Icon size={20} aria-hidden />
    </Button>
  );
}
