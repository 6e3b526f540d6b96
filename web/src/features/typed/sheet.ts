import { newId } from '../../api/newId';
import type { SheetForm, TypedTable } from '../../api/types';

export type ColumnName = SheetForm['columns'][number]['column'];
export type Unit = NonNullable<TypedTable['columns'][number]['unit']>;

/** A column of the table, and the unit of its numbers where a cell does not say its own. */
export type Column = { name: ColumnName; unit: Unit | null };

/** A row as it was typed. Its id becomes that of the stop; `corrects` is the stop it is written in place of. */
export type Row = { id: string; cells: Partial<Record<ColumnName, string>>; corrects?: string };

export type Sheet = { columns: Column[]; rows: Row[] };

/** A fresh table has so many rows, and never fewer empty ones than one at its end. */
export const FIRST_ROWS = 10;

const id = () => newId();
export const emptyRow = (): Row => ({ id: id(), cells: {} });

export const isBlank = (row: Row) => Object.values(row.cells).every((c) => (c ?? '').trim() === '');

/** Nothing typed yet, in these columns. */
export const freshSheet = (columns: Column[]): Sheet => ({
  columns,
  rows: Array.from({ length: FIRST_ROWS }, emptyRow),
});

/** There is always a row to type on. */
const withRoom = (sheet: Sheet): Sheet => {
  const last = sheet.rows.at(-1);
  return last && isBlank(last) ? sheet : { ...sheet, rows: [...sheet.rows, emptyRow()] };
};

export const setCell = (sheet: Sheet, row: number, name: ColumnName, text: string): Sheet =>
  withRoom({
    ...sheet,
    rows: sheet.rows.map((r, i) => (i === row ? { ...r, cells: { ...r.cells, [name]: text } } : r)),
  });

/** A cell copied into every row below it that has something typed, and nothing there. */
export function fillDown(sheet: Sheet, row: number, name: ColumnName): Sheet {
  const text = sheet.rows[row]?.cells[name] ?? '';
  return {
    ...sheet,
    rows: sheet.rows.map((r, i) =>
      i > row && !isBlank(r) && !r.cells[name]?.trim() ? { ...r, cells: { ...r.cells, [name]: text } } : r,
    ),
  };
}

/** The cell above copied into this one. */
export const copyAbove = (sheet: Sheet, row: number, name: ColumnName): Sheet =>
  row === 0 ? sheet : setCell(sheet, row, name, sheet.rows[row - 1]?.cells[name] ?? '');

export const removeRow = (sheet: Sheet, row: number): Sheet =>
  withRoom({ ...sheet, rows: sheet.rows.filter((_, i) => i !== row) });

/** A column shown or hidden; what was typed in one that is hidden comes back with it. */
export const toggleColumn = (sheet: Sheet, column: Column, order: readonly ColumnName[]): Sheet => {
  const has = sheet.columns.some((c) => c.name === column.name);
  const columns = has
    ? sheet.columns.filter((c) => c.name !== column.name)
    : [...sheet.columns, column].sort((a, b) => order.indexOf(a.name) - order.indexOf(b.name));
  return { ...sheet, columns };
};

export const setUnit = (sheet: Sheet, name: ColumnName, unit: Unit): Sheet => ({
  ...sheet,
  columns: sheet.columns.map((c) => (c.name === name ? { ...c, unit } : c)),
});

export type Pasted = { columns: Column[]; rows: string[][] };

/**
 * Pasted rows, from one row on: in the first that is empty where the one they were pasted into is not. A number whose column
 * has another unit here keeps its own, written behind it.
 */
export function insertPasted(
  sheet: Sheet,
  at: number,
  pasted: Pasted,
  symbol: (unit: Unit) => string,
  order: readonly ColumnName[],
): Sheet {
  const used = (name: ColumnName) => sheet.rows.some((r) => r.cells[name]?.trim());
  let grown = sheet;
  for (const column of pasted.columns) {
    const own = grown.columns.find((c) => c.name === column.name);
    if (!own) grown = toggleColumn(grown, column, order);
    else if (column.unit && !used(column.name)) grown = setUnit(grown, column.name, column.unit);
  }
  const unitOf = (name: ColumnName) => grown.columns.find((c) => c.name === name)?.unit;
  const from = sheet.rows.findIndex((r, i) => i >= at && isBlank(r));
  const rows = [...grown.rows];
  pasted.rows.forEach((cells, i) => {
    const place = (from < 0 ? sheet.rows.length : from) + i;
    const row = rows[place] ?? emptyRow();
    const own: Row['cells'] = { ...row.cells };
    pasted.columns.forEach((column, c) => {
      const text = cells[c] ?? '';
      const foreign = column.unit && column.unit !== unitOf(column.name) && /\d\s*$/.test(text);
      own[column.name] = foreign ? `${text} ${symbol(column.unit as Unit)}` : text;
    });
    rows[place] = { ...row, cells: own };
  });
  return withRoom({ ...grown, rows });
}

/** As it is sent; rows with nothing in them stay at home. */
export const tableOf = (sheet: Sheet, configurations: string[]): TypedTable => ({
  configurations: configurations.map((c) => c.trim()).filter((c) => c !== ''),
  columns: sheet.columns.map((c) => ({ column: c.name, unit: c.unit })),
  rows: sheet.rows.map((r) => ({
    id: r.id,
    cells: sheet.columns.map((c) => r.cells[c.name] ?? ''),
    corrects: r.corrects ?? null,
  })),
});

/** Whether the first cell of a clipboard goes into one cell as it is: one line without a tab. */
export const isOneCell = (text: string) => !/[\t\n]/.test(text.trim());
