"use client";

import { useCallback } from "react";
import type { Household } from "@/core/model/household";
import { putAll, removeDemo } from "@/data/change";
import { useDoor } from "@/data/DataProvider";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

/** Puts the demo household in beside whatever is there. Its files are fetched only when asked for. */
export function useLoadDemo(): () => Promise<boolean> {
  const perform = useDo();
  return useCallback(async () => {
    const { demoHousehold } = await import("@/demo/household");
    return perform(putAll(demoHousehold(today())));
  }, [perform]);
}

/** Takes the demo out in one action that can be undone; own data is not touched. */
export function useRemoveDemo(): () => Promise<boolean> {
  const perform = useDo();
  const door = useDoor();
  return useCallback(async () => {
    const everything: Household = await (await door()).everything();
    return perform(removeDemo(everything), "The demo is gone. Your own data is untouched.");
  }, [perform, door]);
}
