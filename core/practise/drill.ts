import type { Luck } from "../chance";
import type { OnBolt } from "../joint/pull";
import type { Ring } from "../joint/ring";
import type { Seized } from "../joint/seized";
import type { Grade, Level, Skill } from "../model/drill";
import type { TorqueFigure } from "../quantity/torque-figure";
import type { TorqueQuantity } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import type { TorqueTarget } from "../torque/target";

export interface Outcome {
  grade: Grade;
  /** What was right, and why; one or two sentences. */
  says: string;
}

/** What a drawing beside a question shows. */
export type Shown =
  | { kind: "head"; toolMm: number; headMm: number; isKey: boolean; turnedDeg: number | undefined }
  | { kind: "adapter"; gripLengthMm: number; offsetMm: number; angleDeg: number };

interface Asked {
  /** What is to be done, in one line. */
  asks: string;
  detail?: string;
}

/** One of several answers. */
export interface PickTask extends Asked {
  kind: "pick";
  shows?: Shown;
  /** Lines to judge, as a plan or what was said. */
  lines?: readonly string[];
  choices: readonly { says: string; isRight: boolean; why: string; shows?: Shown }[];
}

/** A figure to be worked out, or heard. */
export interface FigureTask extends Asked {
  kind: "figure";
  shows?: Shown;
  said?: string;
  unit: TorqueUnit | undefined;
  wants: TorqueFigure;
  /** Shares of the figure within which it is right, and near. */
  within: readonly [right: number, near: number];
  why: string;
}

/** A scale to be set. */
export interface ScaleTask extends Asked {
  kind: "scale";
  unit: TorqueUnit;
  min: number;
  max: number;
  step: number;
  /** One turn of its ring, in its unit: the scale has a line for each. */
  turn: number;
  wants: TorqueQuantity;
  /** A mark above it is too much. */
  isMaximum: boolean;
  why: string;
}

/** A bolt to be pulled with a simulated wrench. */
export interface PullTask extends Asked {
  kind: "pull";
  on: OnBolt;
  target: TorqueTarget;
  /** What the wrench is marked in, and what the bolt's torque is told in. */
  scaleUnit: TorqueUnit;
  unit: TorqueUnit;
  /** What is wrong with the joint, so that letting go and looking is the right answer. */
  isSound: boolean;
}

/** Bolts on a ring, to be brought to their full force alike. */
export interface RingTask extends Asked {
  kind: "ring";
  ring: Ring;
  within: readonly [right: number, near: number];
  /** No more pulls than this. */
  most: number;
}

/** An angle to be turned without a number to look at. */
export interface TurnTask extends Asked {
  kind: "turn";
  angleDeg: number;
  /** How far the handle swings before it meets something. */
  swingDeg: number;
  /** What there is to go by. */
  by: "clock" | "paint mark";
  within: readonly [right: number, near: number];
}

/** A castle nut to be brought to a slot. */
export interface CastleTask extends Asked {
  kind: "castle";
  slots: number;
  /** Torque at the beginning, and for each degree further, N·m. */
  startsNm: number;
  nmPerDeg: number;
  /** How far on the first slot meets the hole, degrees. */
  firstDeg: number;
  lowNm: number;
  highNm: number;
  unit: TorqueUnit;
}

/** Turns to be counted off and on again while somebody talks. */
export interface CountTask extends Asked {
  kind: "count";
  halfTurns: number;
  /** Said in between, after so many. */
  distractions: readonly { after: number; says: string; choices: readonly string[] }[];
}

/** A bolt that does not come. */
export interface SeizedTask extends Asked {
  kind: "seized";
  bolt: Seized;
  /** The bar leans in steps of this, N·m. */
  stepNm: number;
  /** What draws how much each remedy does. */
  luck: Luck;
  unit: TorqueUnit;
}

/** Steps to be brought into order. */
export interface OrderTask extends Asked {
  kind: "order";
  steps: readonly { id: string; title: string }[];
  /** The first has to come before the second, and why. */
  before: readonly (readonly [first: string, second: string, why: string])[];
}

export const SPOTS = ["left front", "right front", "left rear", "right rear"] as const;
export type Spot = (typeof SPOTS)[number];

/** Stands and chocks to be put. */
export interface PlaceTask extends Asked {
  kind: "place";
  /** Which end is up. */
  up: "front" | "rear" | "both";
  /** How it stands: what that asks for beside. */
  slopes: "level" | "nose down" | "nose up";
}

export type Task =
  | PickTask
  | FigureTask
  | ScaleTask
  | PullTask
  | RingTask
  | TurnTask
  | CastleTask
  | CountTask
  | SeizedTask
  | OrderTask
  | PlaceTask;

/** A drill: what it is for, and a task of it for each level and seed. */
export interface Drill {
  skill: Skill;
  title: string;
  /** What it is good for, in one line. */
  about: string;
  /** The calculation of the Bench that it is about, by its name. */
  slip?: string;
  task: (level: Level, luck: Luck) => Task;
}

/** A task's own kind, for what is said of it. */
export type TaskOf<K extends Task["kind"]> = Extract<Task, { kind: K }>;
