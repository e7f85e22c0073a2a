"use client";

import { useMemo, useState } from "react";
import type { DrillDone } from "@/core/model/drill";
import { type Practised, practisedOf } from "@/core/practise/practised";
import { removing } from "@/data/change";
import { useCollection } from "@/data/hooks";
import { stamped } from "@/data/stamp";
import { useDo } from "../shell/DoProvider";

export interface PractisedHere {
  /** How each skill stands. */
  all: readonly Practised[];
  drills: readonly DrillDone[];
  /** Keeps that a drill was done. */
  keep: (done: Pick<DrillDone, "skill" | "level" | "seed" | "grade">) => Promise<boolean>;
  /** Forgets all that was done of a skill, or of all. */
  forget: (which: readonly DrillDone[], says: string) => Promise<boolean>;
}

/** What was practised in this household; undefined while it is read. */
export function usePractised(): PractisedHere | undefined {
  const drills = useCollection("drills");
  const does = useDo();
  // The moment of the first look: what becomes due while one looks is told at the next.
  const [now] = useState(() => new Date().toISOString());
  const newest = drills?.reduce((latest, { createdAt }) => (createdAt > latest ? createdAt : latest), now);
  const all = useMemo(() => drills && practisedOf(drills, newest ?? now), [drills, newest, now]);
  if (!drills || !all) return undefined;
  return {
    all,
    drills,
    keep: (done) => does(() => ({ put: { drills: [stamped<DrillDone>(done, "own")] } })),
    forget: (which, says) => does(() => removing({ drills: [...which] }), says),
  };
}
