import { z } from "zod";
import { capital } from "../capital";
import { isLeftHand } from "../fastener/left-hand";
import { GENERAL_ADVICE } from "../general-advice";
import { InputError } from "../input-error";
import { inMarkdown } from "../markdown";
import { type Job, type Route, routeSchema } from "../model/job";
import { migrate } from "../model/migrations";
import { systemSchema } from "../model/place";
import { idSchema, lineSchema } from "../model/record";
import { MODEL_VERSION } from "../model/version";
import { runsOf } from "../order/runs";
import { formatHeadSize } from "../quantity/read-head-size";
import { figureInWords, formatFigure } from "../quantity/torque-words";
import { formatThread } from "../thread/thread";
import { chosenRoute } from "./chosen-route";
import { differencesOf } from "./mirror";
import { taskWords } from "./step-words";

/** A job on its own, without the car, its owner's prices, notes or answers. */
export const jobSheetSchema = z.strictObject({
  format: z.literal("vest-pocket job sheet"),
  version: z.int().min(1),
  title: lineSchema,
  system: systemSchema,
  routes: z.array(routeSchema).min(1).max(10),
  chosenRouteId: idSchema,
});
export type JobSheet = z.infer<typeof jobSheetSchema>;

/** The text of a job sheet's file. */
export function writeJobSheet(job: Job): string {
  const sheet: JobSheet = {
    format: "vest-pocket job sheet",
    version: MODEL_VERSION,
    title: job.title,
    system: job.system,
    routes: job.routes.map(impersonal),
    chosenRouteId: job.chosenRouteId,
  };
  return `${JSON.stringify(sheet, null, 2)}\n`;
}

/** A route without prices, part numbers and what was pinned for one car. */
function impersonal(route: Route): Route {
  return {
    ...route,
    parts: route.parts.map(({ priceMinor: _price, partNumber: _number, ...part }) => part),
    steps: route.steps.map(({ slips: _pinned, ...step }) => step),
    ...(route.laysBare ? { laysBare: route.laysBare.map(({ priceMinor: _price, ...one }) => one) } : {}),
  };
}

/** Reads the text of a job sheet. @throws InputError with a sentence naming the first thing wrong. */
export function readJobSheet(text: string): JobSheet {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    throw new InputError(
      "This is not a job sheet: it breaks off or holds something other than JSON.",
      "file",
    );
  }
  if (typeof raw !== "object" || raw === null || !("format" in raw) || raw.format !== "vest-pocket job sheet")
    throw new InputError("This is not a job sheet. Choose a file that “Job sheet, JSON” wrote.", "file");
  if (!("version" in raw) || typeof raw.version !== "number")
    throw new InputError("The job sheet does not say which version it is.", "file");
  if (raw.version > MODEL_VERSION)
    throw new InputError(
      `The job sheet is version ${raw.version}; this app reads up to version ${MODEL_VERSION}. Update the app, then bring it in again.`,
      "file",
    );
  const checked = jobSheetSchema.safeParse(raw.version < MODEL_VERSION ? broughtUp(raw, raw.version) : raw);
  if (!checked.success) {
    const [issue] = checked.error.issues;
    throw new InputError(
      `The job sheet is damaged. In ${issue?.path.join(", ") || "it"}: ${issue?.message ?? "something is wrong"}.`,
      "file",
    );
  }
  if (!checked.data.routes.some(({ id }) => id === checked.data.chosenRouteId))
    throw new InputError("The job sheet is damaged. Its chosen route is not one of its routes.", "file");
  return checked.data;
}

/** A sheet of an older version, brought up as the job of a household would be. */
function broughtUp(raw: object, version: number): unknown {
  const [job] = migrate({ jobs: [{ ...raw }] }, version).jobs ?? [];
  const { schema: _stamp, ...sheet } = job ?? {};
  return sheet;
}

/** The chosen route as Markdown, to read and to print. */
export function jobSheetMarkdown(job: Job): string {
  const route = chosenRoute(job);
  const lines = [
    `# ${inMarkdown(job.title)}`,
    "",
    `${inMarkdown(route.name)}. ${route.steps.length} steps.`,
    "",
    "## Fasteners",
    "",
    "| | size | thread | torque |",
    "|---|---|---|---|",
  ];
  for (const fastener of route.fasteners) {
    const { name, count, sizeToUndo, sizeToDoUp, thread, figure } = fastener;
    const turns = [thread ? formatThread(thread) : "", isLeftHand(fastener) ? "left-hand" : ""];
    const size = [sizeToUndo, sizeToDoUp]
      .filter((head) => head !== undefined)
      .map(formatHeadSize)
      .join(", then ");
    lines.push(
      `| ${count} × ${inMarkdown(name)} | ${inMarkdown(size)} | ${turns.filter(Boolean).join(", ")} | ${figure ? `${formatFigure(figure)} (${figureInWords(figure)})` : ""} |`,
    );
  }
  if (route.parts.length > 0)
    lines.push(
      "",
      "## Parts",
      "",
      ...route.parts.map(({ name, count, place }) => `- ${count} × ${inMarkdown(name)}, ${place}`),
    );
  for (const { phase, steps } of runsOf(route.steps)) {
    lines.push("", `## ${capital(phase)}`, "");
    for (const step of steps) {
      const minds = [
        ...differencesOf(route, step).map(inMarkdown),
        ...step.cautions.map((caution) => `**${inMarkdown(caution)}**`),
        ...taskWords(step).map(inMarkdown),
        ...(step.detail ? [inMarkdown(step.detail)] : []),
      ];
      lines.push(`- [ ] ${inMarkdown(step.title)}${minds.length > 0 ? `: ${minds.join("; ")}` : ""}`);
    }
  }
  lines.push("", GENERAL_ADVICE, "");
  return lines.join("\n");
}
