import { capital } from "../../capital";
import { fastenerDoubts } from "../../fastener/doubts";
import { holdWords } from "../../fastener/held-still";
import { lacksFigure } from "../../fastener/role";
import { GENERAL_ADVICE } from "../../general-advice";
import { inMarkdown, oneLine } from "../../markdown";
import type { Fastener, Job, Locking, Route } from "../../model/job";
import type { Vehicle } from "../../model/vehicle";
import { boltOrder } from "../../pattern/bolt-order";
import { formatHeadSize } from "../../quantity/read-head-size";
import { formatTorque } from "../../quantity/torque-quantity";
import { formatFigure } from "../../quantity/torque-words";
import { angleSaid } from "../../torque/adapter";
import { torquesOf } from "../../torque/torques-of";
import type { Kit } from "../kit";
import { bothSides, withoutSide } from "../needs/both-sides";
import type { KitLine } from "../needs/need";
import { formatAmount } from "../needs/supply-needs";
import { byStep, matOf } from "./mat";

/** One fastener's line on the printed sheet. */
export interface SettingRow {
  what: string;
  count: number;
  /** Of its head, to do up and to undo. */
  size: string;
  sizeToUndo: string;
  figure: string;
  /** What to set, one for each pass: "26.5 lb·ft on Old foot-pound wrench, crowfoot in line". */
  set: string[];
  order: string;
  cautions: string[];
}

/** All that is on the printed sheet of a job's kit, in its order. */
export interface KitSheet {
  title: string;
  vehicle: string;
  settings: SettingRow[];
  mat: { title: string; items: { what: string; gap: boolean }[] }[];
  parts: { what: string; state: string }[];
  cautions: string[];
  footer: string;
}

/**
 * The kit of a job as a sheet for the wall of the garage. Example: kitSheet(job, route, vehicle,
 * kit).settings[0].set → ["110 N·m on Long click wrench"].
 */
export function kitSheet(job: Job, route: Route, vehicle: Vehicle, kit: Kit): KitSheet {
  return {
    title: job.title,
    vehicle: vehicle.name,
    settings: alikeOnce(
      route.fasteners.flatMap((fastener) => {
        const lacks = lacksFigure(route, fastener);
        return fastener.figure || lacks ? [settingRow(fastener, kit.lines, lacks)] : [];
      }),
    ),
    mat: byStep(
      matOf(kit.lines).filter(
        ({ lines: [line] }) => line?.need.kind !== "part" && line?.need.kind !== "hardware",
      ),
      route,
    ).map(({ title, items }) => ({
      title,
      items: items.map(({ tool, lines: [line], gap }) => ({
        what: line ? itemWords(line, tool?.name) : "",
        gap,
      })),
    })),
    parts: kit.lines.flatMap((line) =>
      line.need.kind === "part" || line.need.kind === "hardware"
        ? [
            {
              what: itemWords(line, undefined),
              state: line.cover.kind === "missing" ? "to get" : line.cover.kind,
            },
          ]
        : [],
    ),
    cautions: [...new Set(route.steps.flatMap(({ cautions }) => cautions))],
    footer: GENERAL_ADVICE,
  };
}

/**
 * One fastener with what is set for it and why to be careful. @param lines what the kit needs and how it is met.
 * @param lacks it has no figure, and ought to have one.
 */
export function settingRow(fastener: Fastener, lines: readonly KitLine[], lacks: boolean): SettingRow {
  const pulls = lines.filter(({ need }) => need.kind === "torque" && need.fastener.id === fastener.id);
  const doubts = fastenerDoubts(fastener);
  const grave = doubts.some((doubt) => doubt.grave);
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  const order = boltOrder(fastener);
  return {
    what: fastener.name,
    count: fastener.count,
    size: head ? formatHeadSize(head) : "",
    sizeToUndo: fastener.sizeToUndo ? formatHeadSize(fastener.sizeToUndo) : "",
    figure: fastener.figure ? formatFigure(fastener.figure) : "",
    set: tightness(fastener.figure, grave || lacks, pulls),
    order: fastener.count > 2 && fastener.pattern ? order.join(" ") : "",
    cautions: [
      ...doubts.map(({ says }) => says),
      ...(fastener.locking ? [lockingSays(fastener.locking)] : []),
      ...(fastener.tightened ? [`Final torque ${fastener.tightened}.`] : []),
      ...(fastener.counterHold ? [`${capital(holdWords(fastener.counterHold))}.`] : []),
    ],
  };
}

function tightness(figure: Fastener["figure"], lookUp: boolean, pulls: readonly KitLine[]): string[] {
  if (lookUp) return ["look it up first"];
  if (figure && torquesOf(figure).length === 0)
    return [figure.form === "snug" ? "good and tight" : formatFigure(figure)];
  return pulls.map(setWords);
}

const lockingSays = (locking: Locking): string =>
  locking === "staked" || locking === "peened" ? `Then ${locking}.` : `With ${locking}.`;

/** Rows that differ in nothing but the side are one. */
function alikeOnce(rows: readonly SettingRow[]): SettingRow[] {
  const groups = new Map<string, SettingRow[]>();
  for (const row of rows) {
    const key = JSON.stringify({ ...row, what: withoutSide(row.what) });
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return [...groups.values()].flatMap((own) =>
    own[0] ? [{ ...own[0], what: bothSides(own.map(({ what }) => what)) }] : [],
  );
}

function setWords({ need, cover }: KitLine): string {
  if (need.kind !== "torque") return "";
  if (!need.best) return need.bySpanner && "says" in cover ? (cover.says ?? "") : "no wrench for it";
  const { adapter, crowfoot, stage } = need;
  const angle = adapter ? angleSaid(adapter) : "";
  return [
    `${formatTorque(need.best.setting)} on ${need.best.wrench.name}`,
    adapter ? `${crowfoot?.name ?? `${adapter.offsetMm} mm crowfoot`} ${angle}` : "",
    stage.label,
  ]
    .filter(Boolean)
    .join(", ");
}

/** "17 mm socket: Long socket", "2 × Brake shoes, left rear", "Brake fluid, 700 mL". */
function itemWords({ need, name, for: its }: KitLine, tool: string | undefined): string {
  switch (need.kind) {
    case "part":
      return `${need.part.count > 1 ? `${need.part.count} × ` : ""}${name}, ${its[0] ?? ""}`;
    case "hardware":
      return `${need.count > 1 ? `${need.count} × ` : ""}${name}`;
    case "supply":
      return `${name}, ${formatAmount(need.amount)}`;
    default:
      return tool ?? name;
  }
}

/** The sheet as plain text, or as Markdown, to share. */
export function sheetText(sheet: KitSheet, as: "text" | "Markdown"): string {
  const mark = as === "Markdown";
  const heading = (words: string) => (mark ? `## ${words}` : words.toUpperCase());
  const said = mark ? inMarkdown : oneLine;
  const box = (gap: boolean) => (mark ? "- [ ] " : "[ ] ") + (gap ? "TO FIND: " : "");
  return [
    mark ? `# ${said(sheet.title)}` : said(sheet.title).toUpperCase(),
    said(sheet.vehicle),
    "",
    ...(sheet.cautions.length > 0
      ? [heading("Mind"), ...sheet.cautions.map((words) => `- ${said(words)}`), ""]
      : []),
    ...(sheet.settings.length > 0
      ? [heading("Settings"), ...sheet.settings.flatMap((row) => settingLines(row, mark)), ""]
      : []),
    ...(sheet.parts.length > 0
      ? [
          heading("Parts"),
          ...sheet.parts.map(
            ({ what, state }) =>
              `${box(state === "to get")}${said(what)}${state === "to get" ? "" : ` (${state})`}`,
          ),
          "",
        ]
      : []),
    heading("The mat, in order of use"),
    ...sheet.mat.flatMap(({ title, items }) => [
      mark ? `\n**${said(title)}**\n` : `  ${said(title)}`,
      ...items.map(({ what, gap }) => `${mark ? "" : "    "}${box(gap)}${said(what)}`),
    ]),
    "",
    sheet.footer,
    "",
  ].join("\n");
}

function settingLines(
  { what, count, size, figure, set, order, cautions }: SettingRow,
  mark: boolean,
): string[] {
  const said = mark ? inMarkdown : oneLine;
  const name = `${count} × ${said(what)}`;
  const how = [size, figure, set.length > 0 ? `set ${set.join("; then ")}` : ""].filter(Boolean).join("; ");
  return [
    `- ${mark ? `**${name}**` : name}: ${said(how)}${order ? `; order ${order}` : ""}`,
    ...cautions.map((words) => `  - ${said(words)}`),
  ];
}
