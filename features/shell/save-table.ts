import { writeCsv } from "@/data/csv";
import { saveAs } from "./save-as";

/** Without it a spreadsheet takes the letters for those of its own country. */
const UTF8_MARK = "\uFEFF";

/** Rows as a CSV file that a spreadsheet opens right. */
export function saveTable(name: string, rows: readonly (readonly string[])[]): void {
  saveAs(name, UTF8_MARK + writeCsv(rows), "text/csv;charset=utf-8");
}
