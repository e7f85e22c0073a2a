import { goodAndTight } from "@/core/fastener/good-and-tight";
import type { Fastener } from "@/core/model/job";
import { formatBand } from "@/core/quantity/torque-band";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { formatThread } from "@/core/thread/thread";

/** What "good and tight" usually comes to for a fastener, said to be no more than that. */
export function goodAndTightSays(fastener: Fastener, unit: TorqueUnit): string | undefined {
  const typical = goodAndTight(fastener);
  if (!typical) return undefined;
  const { thread, into, supposed, bandNm } = typical;
  const thin = supposed
    ? `${formatThread(thread)}, the thinnest that its head usually has,`
    : formatThread(thread);
  return `Good and tight: for ${thin}${into ? ` in ${into}` : ""} typically ${formatBand(bandNm, unit)}. Typical, not a specification.`;
}
