"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import { pullAtSpanner } from "@/core/kit/cover/cover-torque";
import type { TorqueNeed } from "@/core/kit/needs/need";
import type { Fastener } from "@/core/model/job";
import { formatBand } from "@/core/quantity/torque-band";
import { formatTorque, formatTorqueValue } from "@/core/quantity/torque-quantity";
import { type TorqueUnit, torqueSymbol } from "@/core/quantity/torque-unit";
import { formatFigure } from "@/core/quantity/torque-words";
import type { Stage } from "@/core/torque/target";
import { clockAfter, formatClock } from "@/core/turn/clock";
import { BigFigure } from "@/ui/BigFigure";
import { MarkClock } from "@/ui/drawing/MarkClock";
import { useWide } from "@/ui/use-wide";
import { goodAndTightSays } from "../../shared/good-and-tight";
import { DepthFigure, DepthFound } from "./DepthAnswer";
import { FITTED, LOCKED } from "./stage-words";

interface StageAnswerProps {
  stage: Stage;
  pull: TorqueNeed | undefined;
  fastener: Fastener;
  unit: TorqueUnit;
  /** True when the figure cannot be right: it is then shown small, under the warning. */
  doubtful: boolean;
  /** It holds a life, and somebody wrote down why it has no figure: no word of ours stands for that. */
  byReason: boolean;
}

/** The answer of the moment: the setting, the angle, the turns, or "snug", with why beside it. */
export const StageAnswer = memo(function StageAnswer({
  stage,
  pull,
  fastener,
  unit,
  doubtful,
  byReason,
}: StageAnswerProps) {
  switch (stage.kind) {
    case "torque":
      return <SettingAnswer stage={stage} pull={pull} fastener={fastener} unit={unit} doubtful={doubtful} />;
    case "angle":
      return (
        <Answer
          ask="Turn it further by"
          figure={<BigFigure value={String(stage.angleDeg)} unit="degrees" size="work" />}
        >
          <MarkClock
            hours={clockAfter(12, stage.angleDeg)}
            says={`A mark at 12 o'clock comes to ${formatClock(clockAfter(12, stage.angleDeg))}`}
          />
          {flats(stage.angleDeg)} A mark at 12 comes to {formatClock(clockAfter(12, stage.angleDeg))}. Not
          with the torque wrench.
        </Answer>
      );
    case "turns":
      return (
        <Answer
          ask="Do it up by"
          figure={
            <BigFigure value={String(stage.turns)} unit={stage.turns === 1 ? "turn" : "turns"} size="work" />
          }
        >
          Back to the mark it was undone from.
        </Answer>
      );
    case "snug":
      return (
        <Answer ask="Tighten it" figure={<BigFigure value="snug" size="work" />}>
          {snugWords(fastener, unit)}
        </Answer>
      );
    case "no figure":
      return (
        <Answer ask="How tight" figure={<BigFigure value="no figure" size="work" />}>
          None was written down. {byReason ? "Do it up as you said above." : snugWords(fastener, unit)}
        </Answer>
      );
    case "threads":
      return (
        <Answer
          ask="Turn it until there show"
          figure={
            <BigFigure
              value={stage.most === undefined ? String(stage.least) : `${stage.least}–${stage.most}`}
              unit={stage.most === undefined && stage.least === 1 ? "thread" : "threads"}
              size="work"
            />
          }
        >
          Whole threads that stand out of the nut.
        </Answer>
      );
    case "depth":
      return (
        <Answer ask="Drive it in, evenly" figure={<DepthFigure belowMm={stage.belowMm} />}>
          <DepthFound wantedMm={stage.belowMm} />
        </Answer>
      );
    case "back off":
      return (
        <Answer
          ask="Now turn it back"
          figure={
            typeof stage.by === "number" ? (
              <BigFigure value={String(stage.by)} unit="degrees back" size="work" />
            ) : (
              <BigFigure value="back" unit={stage.by} size="work" />
            )
          }
        >
          {stage.by === "to the slot"
            ? "To the first slot that meets the hole, never on to one: it needs its play. Then the pin."
            : "What tightened it has set it; it must not stay so tight."}
        </Answer>
      );
    case "fitted":
      return (
        <Answer ask="Put it on by hand" figure={<BigFigure value={stage.as} size="bench" />}>
          {FITTED[stage.as]}
        </Answer>
      );
    case "lock": {
      const [what, how] = LOCKED[stage.by];
      return (
        <Answer ask="It is tight: now lock it" figure={<BigFigure value={what} size="bench" />}>
          {how}
        </Answer>
      );
    }
    case "hand tight":
      return (
        <Answer ask="Turn it up" figure={<BigFigure value="hand tight" size="work" />}>
          As far as your fingers turn it. No tool yet.
        </Answer>
      );
  }
});

function SettingAnswer({
  stage,
  pull,
  fastener,
  unit,
  doubtful,
}: Omit<StageAnswerProps, "byReason"> & { stage: Extract<Stage, { kind: "torque" }> }) {
  const wide = useWide("lg");
  const best = pull?.best;
  if (pull?.bySpanner) {
    return (
      <Answer
        ask="The bolt needs"
        figure={
          <BigFigure
            value={formatTorqueValue(stage.given)}
            unit={torqueSymbol(stage.given.unit)}
            size={figureSize(doubtful, fastener.count)}
          />
        }
      >
        {pullAtSpanner(stage.target.aimNm)}
      </Answer>
    );
  }
  if (!best || fastener.access === "by feel") {
    return (
      <Answer
        ask="The bolt needs"
        figure={
          <BigFigure
            value={formatTorqueValue(stage.given)}
            unit={torqueSymbol(stage.given.unit)}
            size="work"
          />
        }
      >
        <Box as="span" color="stop" fontWeight="600">
          {best ? "■ No torque wrench gets on. " : "■ No wrench in the chest can be set for this. "}
        </Box>
        {best ? "By feel it is a guess, and the log says so." : "See the Kit for what to borrow."}
      </Answer>
    );
  }
  const { adapter, crowfoot, multiplier } = pull;
  return (
    <Answer
      ask="Set the wrench to"
      figure={
        <BigFigure
          value={formatTorqueValue(best.setting)}
          unit={torqueSymbol(best.setting.unit)}
          size={figureSize(doubtful, fastener.count)}
        />
      }
    >
      {best.wrench.name}. The bolt is to get {stage.target.isMaximum ? "at most " : ""}
      {fastener.figure?.form === "range" ? formatFigure(fastener.figure) : formatTorque(stage.given)}; this
      gives it {formatBand(best.bandNm, unit)}.{wide && ` ${whyLess(pull) ?? ""}`}
      {crowfoot &&
        adapter?.angleDeg === 180 &&
        ` The ${crowfoot.name} folded back along the handle raises the setting into the wrench's range.`}
      {crowfoot &&
        adapter?.angleDeg === 0 &&
        ` Without the ${crowfoot.name} the figure is beyond this wrench.`}
      {multiplier &&
        ` Through the ${multiplier.name}: the wrench turns, the multiplier's arm rests on something firm.`}
      {adapter && adapter.angleDeg === 90 && " Crowfoot square to the handle: nothing changes."}
      {best.shareInside < 0.999 &&
        ` ▲ Only ${Math.round(best.shareInside * 100)} % of that lies within what is asked.`}
      {pull.chain?.pieces.map((piece) => ` Through the ${piece.name}.`)}
      {pull.chain?.gap && ` ■ ${pull.chain.gap}`}
    </Answer>
  );
}

/** From so many bolts on, a phone needs the room for them. */
const MANY = 7;

function figureSize(doubtful: boolean, count: number): "bench" | "many" | "work" {
  if (doubtful) return "bench";
  return count >= MANY ? "many" : "work";
}

/** Why the setting is less than the figure, where a crowfoot makes it so; on a phone it stands under the bolts. */
export function whyLess(pull: TorqueNeed | undefined): string | undefined {
  const { adapter, best } = pull ?? {};
  return adapter && best && adapter.angleDeg < 90 && adapter.offsetMm > 0
    ? `The wrench reads less because the crowfoot adds ${adapter.offsetMm} mm to a ${best.wrench.gripLengthMm} mm handle.`
    : undefined;
}

function Answer({
  ask,
  figure,
  children,
}: {
  ask: string;
  figure: React.ReactNode;
  children: React.ReactNode;
}) {
  return (
    <Box>
      <Box fontWeight="600" fontSize="18px" fontFamily="heading">
        {ask}
      </Box>
      <Box display="flex" alignItems="center" gap={{ base: "2", lg: "6" }} flexWrap="wrap" marginTop="1">
        {figure}
        <Box flex="1" minWidth="min(220px, 100%)" maxWidth="340px" fontSize="16px" color="soft">
          {children}
        </Box>
      </Box>
    </Box>
  );
}

/** A hexagon has a flat every 60°, a twelve-point head a point every 30°. */
function flats(angleDeg: number): string {
  const sixths = angleDeg / 60;
  const points = angleDeg / 30;
  return Number.isInteger(points)
    ? `${sixths} ${sixths === 1 ? "flat" : "flats"} of a hexagon, ${points} points of a twelve-point head.`
    : "";
}

const snugWords = (fastener: Fastener, unit: TorqueUnit): string =>
  goodAndTightSays(fastener, unit) ?? "Good and tight with a short tool.";
