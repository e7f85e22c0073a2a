import { MOST_TAKEN_BACK, type Work, type WorkEvent } from "../model/work";
import { keyOf, onceEach } from "./taken-back";

/**
 * One job done on two devices, tap by tap: what either did and neither took back, in the order of its moments. The same
 * whichever is named first, and however often. @param later the one whose open step and warnings stand.
 */
export function woven(earlier: Work, later: Work): Work {
  const takenBack = onceEach([...(earlier.takenBack ?? []), ...(later.takenBack ?? [])]);
  const back = new Set(takenBack.map(keyOf));
  const all = onceEach([...earlier.events, ...later.events]).filter((event) => !back.has(keyOf(event)));
  const has = (work: Work) => {
    const own = new Set(work.events.map(keyOf));
    return own.size === all.length && all.every((event) => own.has(keyOf(event)));
  };
  // Where one device has done it all, its own order stands: a clock may have been wrong.
  const [whole] = [later, earlier].filter(has);
  const events = whole ? onceEach(whole.events) : all.sort(byMoment);
  const { takenBack: _own, ...rest } = later;
  return {
    ...rest,
    events,
    ...(takenBack.length > 0 ? { takenBack: takenBack.sort(byMoment).slice(-MOST_TAKEN_BACK) } : {}),
  };
}

const byMoment = (a: WorkEvent, b: WorkEvent): number =>
  Date.parse(a.at) - Date.parse(b.at) || (keyOf(a) < keyOf(b) ? -1 : 1);
