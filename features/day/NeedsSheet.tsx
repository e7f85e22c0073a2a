import { Box } from "@chakra-ui/react";
import Link from "next/link";
import type { DayTold } from "@/core/day/day";
import { inHundred } from "@/core/day/odds";
import { driveWords, hireWords, hourWords, minutesSay } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { Row, Sheet } from "@/ui/Sheet";
import { useMoney } from "../shared/money/use-money";
import { kitHref } from "../shell/addresses";

const MOST_SHOWN = 5;

/** What may be wanted that is not there, what is on its way, and what makes one day later than another. */
export function NeedsSheet({ job, told }: { job: Job; told: DayTold }) {
  const money = useMoney();
  const { missing, deliveries, lacks, drives, cold, lateMinor, shut, short, hires } = told;
  return (
    <Sheet title="What may hold it up">
      {deliveries.map(({ what, at }) => (
        <Box key={what} color="watch" fontSize="15px" fontWeight="600">
          ▲ {what} is on its way: reckoned from {hourWords(told.zero, at)}.
        </Box>
      ))}
      {short.length > 0 && (
        <Box color="watch" fontSize="15px" fontWeight="600">
          ▲ {short.length === 1 ? "1 step asks" : `${short.length} steps ask`} for a second pair of hands, and
          nobody is down for it: reckoned as if somebody came when called.
        </Box>
      )}
      {missing.names.length > 0 && (
        <Box fontSize="15px" marginBottom="2">
          The kit lacks {missing.names.slice(0, MOST_SHOWN).join(", ")}
          {missing.names.length > MOST_SHOWN ? ` and ${missing.names.length - MOST_SHOWN} more` : ""}. Begun
          without, fetching costs {minutesSay(missing.minutes)}.
          <Box marginTop="2">
            <Button asChild>
              <Link href={kitHref(job.id)}>To the kit</Link>
            </Button>
          </Box>
        </Box>
      )}
      {lacks.length > 0 && (
        <>
          <Box fontWeight="600" fontSize="15px">
            If something goes wrong
          </Box>
          {lacks.slice(0, MOST_SHOWN).map(({ name, chance, minutes }) => (
            <Row key={name} label={name}>
              {chance < 0.01 ? "hardly ever" : `${inHundred(chance)} in 100`}
              {minutes >= 1 ? `, ${minutesSay(minutes)}` : ""}
            </Row>
          ))}
          {shut >= 0.01 && (
            <Box fontSize="15px" color="watch" marginTop="1">
              ▲ In {inHundred(shut)} of 100 the shop is shut just then.
            </Box>
          )}
        </>
      )}
      {cold && (
        <Box fontSize="15px" color={cold.tooCold ? "stop" : "watch"} marginTop="2">
          {cold.tooCold
            ? "■ Too cold: below 5 °C hardly any sealant or threadlocker cures. Warm the place, or wait for another day."
            : `▲ In the cold what cures takes ${cold.factor.toFixed(1)} times as long.`}
        </Box>
      )}
      {lateMinor > 0 && (
        <Box fontSize="15px" marginTop="2">
          Being late costs {formatPrice(lateMinor, money)} on average.
        </Box>
      )}
      {hires
        .filter(({ minor }) => minor > 0)
        .map((hire) => (
          <Box key={hire.what} fontSize="15px" marginTop="2">
            {hireWords(hire, money)}
          </Box>
        ))}
      {drives.length > 0 && (
        <Box as="details" marginTop="2" fontSize="15px">
          <Box as="summary" minHeight="44px" paddingTop="2" cursor="pointer" fontWeight="600">
            What makes one day later than another
          </Box>
          {drives.map((one) => (
            <Box key={`${one.kind} ${one.id} ${one.trouble}`} paddingBlock="1">
              {driveWords(job, one)}
            </Box>
          ))}
          <Box color="soft">
            Shares of the variance of the end.{" "}
            {told.speed.jobs > 0
              ? `You take ${told.speed.usual.toFixed(2)} times what plans say, by ${told.speed.jobs === 1 ? "1 job" : `${told.speed.jobs} jobs`} of yours.`
              : "No job of yours is logged yet: your own pace is not known."}
          </Box>
        </Box>
      )}
      {deliveries.length + missing.names.length + lacks.length + short.length === 0 && (
        <Box fontSize="15px" color="good">
          ● Nothing is lacking, as far as the plan says.
        </Box>
      )}
    </Sheet>
  );
}
