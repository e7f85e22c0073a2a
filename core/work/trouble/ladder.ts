import type { System } from "../../model/place";
import type { Amount } from "../../model/supply";
import type { TroubleKind } from "../../model/trouble";

/**
 * Something a rung needs, by name: `find` tells it in the chest. A supply, which is used up, has an amount; a
 * tool has none.
 */
export interface TroubleNeed {
  name: string;
  find: RegExp;
  amount?: Amount;
}

/** One thing to try. */
export interface Rung {
  /** Stands in the log; never changed once released. */
  id: string;
  does: string;
  /** Usual minutes on top of the plan. */
  minutes: number;
  cautions: string[];
  needs: TroubleNeed[];
  /** Reached last: it is somebody else's work, or the job stops here. */
  stops?: true;
  /** Tried before the others where what it needs lies in the chest: a slide hammer is milder than blows. */
  firstWhereOwned?: true;
  /** The systems where it is not to be tried, or the only ones where it makes sense. */
  not?: readonly System[];
  only?: readonly System[];
}

export interface Ladder {
  kind: TroubleKind;
  /** What it looks like, so that the right ladder is taken. */
  looks: string;
  /** Said before anything else is done. */
  first: string;
  /** Whether the fastener or part is renewed afterwards in any case. */
  renew: boolean;
  /** From mild to drastic. */
  rungs: Rung[];
}
