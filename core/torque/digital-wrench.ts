/**
 * One reading in the middle of a pull: the torque at the wrench's own square, and how far it has turned since
 * the pull began.
 */
export interface PullSample {
  torqueNm: number;
  angleDeg: number;
}

/** Told what a wrench feels: each sample as it comes, and the whole pull once the hand lets go. */
export interface WrenchListener {
  onSample: (sample: PullSample) => void;
  onReleased: (pull: readonly PullSample[]) => void;
}

/** A torque wrench that tells what it reads, whatever it is connected through. */
export interface DigitalWrench {
  name: string;
  /** Centre of the square drive to the middle of the grip, mm. */
  gripLengthMm: number;
  /** The smallest torque it shows, N·m. */
  stepNm: number;
  /** Returns the way to stop listening. */
  listen: (listener: WrenchListener) => () => void;
  disconnect: () => void;
  /** Only where no hand is on a wrench: the stand-in's own hand, on one bolt of a joint. */
  hand?: {
    takeBolt: (bolt: { key: string; aimNm: number; leverRatio: number }) => void;
    pull: () => void;
    letGo: () => void;
  };
}

/** Connects a wrench. Rejects with an InputError saying why none could be reached. */
export type ConnectWrench = () => Promise<DigitalWrench>;
