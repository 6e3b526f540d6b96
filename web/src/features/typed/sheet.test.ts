import { describe, expect, it } from 'vitest';
import {
  copyAbove,
  fillDown,
  freshSheet,
  insertPasted,
  removeRow,
  setCell,
  tableOf,
  toggleColumn,
  type Column,
  type ColumnName,
} from './sheet';

const ORDER: ColumnName[] = ['CONFIGURATION', 'ENTRY_SPEED', 'DISTANCE', 'NOTE'];
const COLUMNS: Column[] = [
  { name: 'CONFIGURATION', unit: null },
  { name: 'DISTANCE', unit: 'METRES' },
];
const symbol = (unit: string) => (unit === 'FEET' ? 'ft' : 'm');
const distances = (sheet: ReturnType<typeof freshSheet>) =>
  sheet.rows.map((r) => r.cells.DISTANCE ?? '').filter(Boolean);

describe('a table of stops', () => {
  it('always has a row to type on', () => {
    let sheet = freshSheet(COLUMNS);
    const rows = sheet.rows.length;
    sheet = setCell(sheet, rows - 1, 'DISTANCE', '44.1');
    expect(sheet.rows).toHaveLength(rows + 1);
    expect(removeRow(sheet, rows - 1).rows).toHaveLength(rows);
  });

  it('fills down into what is empty beside something, and nowhere else', () => {
    let sheet = freshSheet(COLUMNS);
    for (const [row, metres] of ['44.1', '44.2', '44.3'].entries())
      sheet = setCell(sheet, row, 'DISTANCE', metres);
    sheet = setCell(setCell(sheet, 0, 'CONFIGURATION', 'A'), 2, 'CONFIGURATION', 'B');
    const filled = fillDown(sheet, 0, 'CONFIGURATION').rows.map((r) => r.cells.CONFIGURATION);
    expect(filled.slice(0, 4)).toEqual(['A', 'A', 'B', undefined]);
    expect(copyAbove(sheet, 1, 'CONFIGURATION').rows[1]?.cells.CONFIGURATION).toBe('A');
    expect(copyAbove(sheet, 0, 'CONFIGURATION')).toBe(sheet);
  });

  it('keeps what was typed in a column that is hidden for a while', () => {
    const sheet = setCell(freshSheet(COLUMNS), 0, 'DISTANCE', '44.1');
    const distance: Column = { name: 'DISTANCE', unit: 'METRES' };
    const hidden = toggleColumn(sheet, distance, ORDER);
    expect(tableOf(hidden, []).rows[0]?.cells).toEqual(['']);
    expect(distances(toggleColumn(hidden, distance, ORDER))).toEqual(['44.1']);
  });

  it('takes pasted rows into the first that are empty, with their columns in the usual order', () => {
    const sheet = setCell(freshSheet(COLUMNS), 0, 'DISTANCE', '44.1');
    const pasted = {
      columns: [
        { name: 'DISTANCE', unit: 'METRES' },
        { name: 'ENTRY_SPEED', unit: 'MILES_PER_HOUR' },
      ] satisfies Column[],
      rows: [
        ['44.2', '60'],
        ['44.3', '61'],
      ],
    };
    const after = insertPasted(sheet, 0, pasted, symbol, ORDER);
    expect(distances(after)).toEqual(['44.1', '44.2', '44.3']);
    expect(after.columns.map((c) => c.name)).toEqual(['CONFIGURATION', 'ENTRY_SPEED', 'DISTANCE']);
    expect(after.columns[1]?.unit).toBe('MILES_PER_HOUR');
  });

  it('writes the unit behind a number that came in another one than its column', () => {
    const sheet = setCell(freshSheet(COLUMNS), 0, 'DISTANCE', '44.1');
    const feet: Column[] = [{ name: 'DISTANCE', unit: 'FEET' }];
    const after = insertPasted(sheet, 0, { columns: feet, rows: [['145'], ['44 m']] }, symbol, ORDER);
    expect(distances(after)).toEqual(['44.1', '145 ft', '44 m']);
    const first = insertPasted(freshSheet(COLUMNS), 0, { columns: feet, rows: [['145']] }, symbol, ORDER);
    expect(first.columns.find((c) => c.name === 'DISTANCE')?.unit).toBe('FEET');
    expect(distances(first)).toEqual(['145']);
  });

  it('is longer than the screen where more is pasted than it has rows', () => {
    const rows = Array.from({ length: 60 }, (_, i) => [String(40 + i / 100)]);
    const after = insertPasted(freshSheet(COLUMNS), 3, { columns: COLUMNS.slice(1), rows }, symbol, ORDER);
    expect(distances(after)).toHaveLength(60);
    expect(after.rows[3]?.cells.DISTANCE).toBe('40');
  });
});
