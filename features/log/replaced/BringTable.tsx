"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { InputError } from "@/core/input-error";
import {
  DAY_FORMS,
  type DayForm,
  LOG_COLUMNS,
  type LogColumn,
  dayFormsOf,
  entryKey,
  guessColumns,
  readLogRows,
} from "@/core/log/table/log-table";
import { SYSTEMS, type System } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import { readCsv } from "@/data/csv";
import { stamp } from "@/data/stamp";
import { readTextFile } from "@/data/text-file";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { FileField } from "@/ui/form/FileField";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import type { LogRecords } from "../../shared/use-logs";
import { logHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { BringPreview } from "./BringPreview";

const MOST_ROWS = 50_000;

/**
 * A table made elsewhere, its columns matched to the log's; what would happen is shown before it does, and it
 * is all or nothing.
 */
export function BringTable({ records, vehicle }: { records: LogRecords; vehicle: Vehicle | null }) {
  const [table, setTable] = useState<{ name: string; heads: string[]; rows: string[][] }>();
  const [refused, setRefused] = useState<string>();
  const choose = async (file: File) => {
    setRefused(undefined);
    try {
      const [heads = [], ...rows] = readCsv(await readTextFile(file));
      if (rows.length === 0)
        throw new InputError("There are no rows under the first. The first row has to name the columns.");
      if (rows.length > MOST_ROWS)
        throw new InputError(`It has more than ${MOST_ROWS} rows. Bring it in by parts.`);
      setTable({ name: file.name, heads, rows });
    } catch (error) {
      setTable(undefined);
      setRefused(
        error instanceof InputError
          ? error.message
          : "The file could not be read. Save the table as CSV and try again.",
      );
    }
  };
  return (
    <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="18px" maxWidth="1100px" marginInline="auto">
      <Sheet title="Bring in a table" padding="5">
        <Box marginBottom="3">
          A log kept in a spreadsheet, saved as CSV: one row a replacement, the first row the names of the
          columns. You see what it would do before anything changes.
        </Box>
        <FileField label="Table" accept=".csv,.tsv,.txt,text/csv" onFile={(file) => void choose(file)} />
        <Box role="alert" color="stop" fontWeight="600">
          {refused && `■ ${refused} Nothing was changed.`}
        </Box>
        <Button asChild look="quiet" paddingInline="0">
          <Link href={logHref(vehicle?.id, "")}>Back to the log</Link>
        </Button>
      </Sheet>
      {table && <MatchColumns key={table.name} {...table} records={records} vehicle={vehicle} />}
    </Box>
  );
}

interface Matched {
  name: string;
  heads: string[];
  rows: string[][];
  records: LogRecords;
  vehicle: Vehicle | null;
}

function MatchColumns({ name, heads, rows, records, vehicle }: Matched) {
  const router = useRouter();
  const perform = useDo();
  const money = useMoney();
  const [columns, setColumns] = useState(() => guessColumns(heads));
  const days = useMemo(() => rows.map((cells) => cells[columns.indexOf("day")] ?? ""), [rows, columns]);
  const forms = useMemo(() => dayFormsOf(days), [days]);
  const [chosenForm, setForm] = useState<DayForm>();
  /** It cannot be told from the days which number is the month. */
  const open = forms.length > 1 && !chosenForm;
  const [vehicleId, setVehicle] = useState(vehicle?.id ?? records.vehicles[0]?.id ?? "");
  const [system, setSystem] = useState<System>("body and cabin");
  const dayForm = chosenForm ?? forms[0] ?? "yyyy-MM-dd";
  const read = useMemo(
    () => readLogRows(rows, { columns, dayForm, vehicleId, system, money }, records.vehicles, today()),
    [rows, columns, dayForm, vehicleId, system, money, records.vehicles],
  );
  const known = useMemo(() => new Set(records.replacements.map(entryKey)), [records.replacements]);
  const wrong = read.flatMap((one) => ("wrong" in one ? [one] : []));
  const good = read.flatMap((one) => ("draft" in one ? [one] : []));
  const fresh = good.filter(({ draft }) => !known.has(entryKey(draft)));
  const bring = async () => {
    const origin = (id: string) => records.vehicles.find((one) => one.id === id)?.origin ?? "own";
    const replacements = fresh.map(({ draft }) => ({ ...stamp(origin(draft.vehicleId)), ...draft }));
    if (await perform({ put: { replacements } }, `${replacements.length} replacements are in the log.`))
      router.push(logHref(vehicleId, ""));
  };
  return (
    <>
      <Sheet title="Which column is what" padding="5">
        <ColumnFields heads={heads} example={rows[0] ?? []} columns={columns} onColumns={setColumns} />
        <Fields marginTop="4">
          <SelectField
            label="Days are written"
            value={open ? "" : dayForm}
            error={open ? "Which number is the month cannot be told: choose." : undefined}
            onChange={(event) => setForm(DAY_FORMS.find((form) => form === event.target.value))}
            choices={[
              ...(open ? [{ value: "", label: "choose" }] : []),
              ...DAY_FORMS.map((form) => ({
                value: form,
                label: `${form} (${days.find((day) => day.trim() !== "") ?? ""})`,
              })),
            ]}
          />
          <SelectField
            label="Rows that name no vehicle"
            value={vehicleId}
            onChange={(event) => setVehicle(event.target.value)}
            choices={records.vehicles.map(({ id, name: of }) => ({ value: id, label: of }))}
          />
          <SelectField
            label="Where no system is told"
            value={system}
            onChange={(event) => setSystem(SYSTEMS.find((one) => one === event.target.value) ?? system)}
            choices={SYSTEMS}
          />
        </Fields>
      </Sheet>
      <BringPreview
        name={name}
        wrong={wrong}
        good={good}
        fresh={fresh}
        vehicles={records.vehicles}
        blocked={open}
        onBring={() => void bring()}
      />
    </>
  );
}

const Fields = chakra("div", {
  base: {
    display: "grid",
    gridTemplateColumns: { base: "repeat(2, minmax(0, 1fr))", md: "repeat(4, minmax(0, 1fr))" },
    gap: "3",
  },
});

interface ColumnFieldsProps {
  heads: string[];
  /** The cells of one row, to know a column by. */
  example: string[];
  columns: (LogColumn | undefined)[];
  onColumns: (columns: (LogColumn | undefined)[]) => void;
}

/** Each of the table's columns with what it is in the log; each of the log's at most once. */
function ColumnFields({ heads, example, columns, onColumns }: ColumnFieldsProps) {
  const set = (i: number, column: LogColumn | undefined) =>
    onColumns(
      columns.map((one, j) => {
        if (j === i) return column;
        if (column !== undefined && one === column) return undefined;
        return one;
      }),
    );
  return (
    <Fields>
      {heads.map((head, i) => (
        <SelectField
          key={`${head} ${i}`}
          label={head.trim() === "" ? `column ${i + 1}` : head}
          value={columns[i] ?? ""}
          hint={example[i]?.slice(0, 40)}
          onChange={(event) =>
            set(
              i,
              LOG_COLUMNS.find((column) => column === event.target.value),
            )
          }
          choices={[{ value: "", label: "leave it out" }, ...LOG_COLUMNS]}
        />
      ))}
    </Fields>
  );
}
