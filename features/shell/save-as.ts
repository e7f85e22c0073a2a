import { writeCsv } from "@/data/csv";

/** Hands a text, or what a worker has made, to the browser as a file to be kept. */
export function saveAs(name: string, content: string | Blob, type: string): void {
  const url = URL.createObjectURL(typeof content === "string" ? new Blob([content], { type }) : content);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // Not at once: a large file is still being handed over.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Without it a spreadsheet takes the letters for those of its own country. */
const UTF8_MARK = "\uFEFF";

/** Rows as a CSV file that a spreadsheet opens right. */
export function saveTable(name: string, rows: readonly (readonly string[])[]): void {
  saveAs(name, UTF8_MARK + writeCsv(rows), "text/csv;charset=utf-8");
}
