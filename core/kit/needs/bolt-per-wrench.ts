import { orSentence } from "../../input-error";
import { leverRatio } from "../../torque/adapter";
import type { DigitalWrench } from "../../torque/digital-wrench";
import type { TorqueNeed } from "./need";

/**
 * How much of what a digital wrench reads reaches the bolt, through the crowfoot or the multiplier that a
 * pull asks for. The wrench's own grip counts, not that of the wrench in the chest.
 * Example: 380 mm and a 45 mm crowfoot in line → 1.1184; through a multiplier of 4 with an efficiency of 0.9
 * → 3.6.
 */
export function boltPerWrench(
  { gripLengthMm }: Pick<DigitalWrench, "gripLengthMm">,
  pull: Pick<TorqueNeed, "adapter" | "multiplier"> | undefined,
): number {
  // An adapter that folds back past this wrench's hand is not on it: the bare wrench is what is pulled.
  const lever = orSentence(
    () => leverRatio({ gripLengthMm, adapters: pull?.adapter ? [pull.adapter] : [] }),
    () => 1,
  );
  return pull?.multiplier ? lever * pull.multiplier.ratio * pull.multiplier.efficiency : lever;
}
