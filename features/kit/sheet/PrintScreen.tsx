"use client";

import { Box } from "@chakra-ui/react";
import { type KitSheet, kitSheet, sheetText } from "@/core/kit/sheet/kit-sheet";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { Button } from "@/ui/Button";
import { CopyButton } from "@/ui/CopyButton";
import { Loading } from "@/ui/Loading";
import { OnPaper } from "@/ui/print/OnPaper";
import { PRINTED, PaperFoot, PaperHead, PaperSettings, PaperSheet, PencilBox } from "@/ui/print/PaperSheet";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { usePrinting } from "../../shared/use-printing";
import { today } from "../../shell/clock";
import { saveAs } from "../../shell/save-as";
import { KitSide } from "../KitSide";
import { useKit } from "../use-kit";

/** The kit as a sheet for the garage wall: printed, or shared as text. */
export function PrintScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const inHand = useKit(job, vehicle);
  const { paper, controls } = usePrinting();
  if (!inHand) return <Loading />;
  const sheet = kitSheet(job, inHand.route, vehicle, inHand.kit);
  const markdown = sheetText(sheet, "Markdown");
  return (
    <>
      <ThreeColumns
        left={<KitSide job={job} vehicle={vehicle} inHand={inHand} at="sheet" />}
        middle={
          <PaperSheet>
            <SheetPaper sheet={sheet} />
          </PaperSheet>
        }
        right={
          <Sheet title="Take it along">
            {controls}
            <Box display="flex" gap="2" flexWrap="wrap" marginTop="3">
              <CopyButton text={sheetText(sheet, "text")} />
              <CopyButton text={markdown} says="Copy as Markdown" />
              <Button onClick={() => saveAs(`kit-${today()}.md`, markdown, "text/markdown;charset=utf-8")}>
                Save as Markdown
              </Button>
            </Box>
          </Sheet>
        }
      />
      <OnPaper paper={paper}>
        <SheetPaper sheet={sheet} />
      </OnPaper>
    </>
  );
}

/** The sheet itself: black on white, and large where it is read at arm's length. */
function SheetPaper({
  sheet: { title, vehicle, cautions, settings, parts, mat, footer },
}: {
  sheet: KitSheet;
}) {
  return (
    <Box fontSize="15px" lineHeight="1.25">
      <PaperHead title={title} vehicle={vehicle} />
      {cautions.length > 0 && (
        <Box
          border={`2px solid ${PRINTED.ink}`}
          borderRadius="4px"
          paddingInline="3"
          paddingBlock="1"
          marginTop="2"
          css={{ columns: 2, columnGap: "20px" }}
        >
          {cautions.map((words) => (
            <Box key={words} css={{ breakInside: "avoid" }}>
              ▲ {words}
            </Box>
          ))}
        </Box>
      )}
      {settings.length > 0 && (
        <Box marginTop="2">
          {settings.map(({ what, count, size, figure, set, order, cautions: minds }) => (
            <Box
              key={what}
              display="grid"
              gridTemplateColumns="minmax(0, 40%) minmax(0, 60%)"
              columnGap="2"
              borderBottom={`1px solid ${PRINTED.line}`}
              paddingBlock="3px"
              css={{ breakInside: "avoid" }}
            >
              <Box>
                <Box fontFamily="heading" fontWeight="600" fontSize="19px">
                  {count} × {what}
                </Box>
                {[size, figure].filter(Boolean).join(", ")}
                {order && `; order ${order}`}
              </Box>
              <Box>
                <PaperSettings set={set} />
                {minds.length > 0 && (
                  <Box fontSize="13px">{minds.map((words) => `▲ ${words}`).join(" ")}</Box>
                )}
              </Box>
            </Box>
          ))}
        </Box>
      )}
      <Box marginTop="3" css={{ columns: 3, columnGap: "18px", "@media (max-width: 600px)": { columns: 1 } }}>
        {parts.length > 0 && (
          <Group title="Parts">
            {parts.map(({ what, state }) => (
              <Tick key={what} gap={state === "to get"}>
                {what}
                {state === "to get" ? ": to get" : ""}
              </Tick>
            ))}
          </Group>
        )}
        {mat.map(({ title: step, items }) => (
          <Group key={step} title={step}>
            {items.map(({ what, gap }, i) => (
              <Tick key={`${what} ${i}`} gap={gap}>
                {what}
                {gap ? ": to find" : ""}
              </Tick>
            ))}
          </Group>
        ))}
      </Box>
      <PaperFoot>{footer}</PaperFoot>
    </Box>
  );
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box css={{ breakInside: "avoid" }} marginBottom="2">
      <Box fontFamily="heading" fontWeight="700" fontSize="16px">
        {title}
      </Box>
      {children}
    </Box>
  );
}

function Tick({ gap, children }: { gap: boolean; children: React.ReactNode }) {
  return (
    <Box display="flex" gap="6px" fontWeight={gap ? "700" : undefined}>
      <Box paddingTop="2px">
        <PencilBox gap={gap} />
      </Box>
      <span>{children}</span>
    </Box>
  );
}
