import { newId } from '../../api/newId';
import type { HandEntry, Quantity, SheetForm, StopView } from '../../api/types';
import type { ColumnName, Row, Sheet } from './sheet';

type Symbols = (unit: Quantity['unit']) => string;

const WHEELS = ['FRONT_LEFT', 'FRONT_RIGHT', 'REAR_LEFT', 'REAR_RIGHT'] as const;

/** A stop that was measured by hand, as it would be typed: each number with its own unit behind it. */
export function cellsOf(
  entry: HandEntry,
  configuration: string,
  block: number,
  symbol: Symbols,
): Row['cells'] {
  const number = (q: Quantity | null | undefined) => (q ? `${q.entered} ${symbol(q.unit)}` : '');
  const cells: [ColumnName, string][] = [
    ['CONFIGURATION', configuration],
    ['SERIES', String(block)],
    ['DISTANCE', number(entry.distance)],
    ['TIME', number(entry.time)],
    ['ENTRY_SPEED', number(entry.entrySpeed)],
    ['NOMINAL_SPEED', number(entry.nominalSpeed)],
    ...WHEELS.flatMap((w): [ColumnName, string][] => [
      [`START_TEMPERATURE_${w}`, number(entry.startTemperatures[w])],
      [`END_TEMPERATURE_${w}`, number(entry.endTemperatures[w])],
    ]),
    ['SECONDS_AFTER_REST', number(entry.secondsAfterRest)],
    ['READ_ON', entry.readOn?.toLowerCase() ?? ''],
    ['PEDAL_FEEL', entry.pedal?.toLowerCase().replaceAll('_', ' ') ?? ''],
    ['PEDAL_EFFORT', entry.effort?.toLowerCase().replaceAll('_', ' ') ?? ''],
    ['PHASE', entry.phase ?? ''],
    ['LOCKED_FIRST', entry.lockedFirst?.toLowerCase() ?? ''],
    ['DATE', entry.conditions.date ?? ''],
    ['DRIVER', entry.conditions.driver ?? ''],
    ['DIRECTION', entry.conditions.direction ?? ''],
    ['LOAD', entry.conditions.load ?? ''],
    ['SURFACE', entry.conditions.surface ?? ''],
    ['AMBIENT', number(entry.conditions.ambient)],
    ['TYRE_PRESSURE_FRONT', number(entry.conditions.tyrePressureFront)],
    ['TYRE_PRESSURE_REAR', number(entry.conditions.tyrePressureRear)],
    ['TYRES', entry.conditions.tyres?.toLowerCase() ?? ''],
    ['TYRE_TEMPERATURE', number(entry.conditions.tyreTemperature)],
    ['INSTRUMENT', entry.instrument.toLowerCase()],
    ['NOTE', entry.note ?? ''],
  ];
  return Object.fromEntries(cells.filter(([, text]) => text !== ''));
}

/** A row to write a stop anew on, in the first that is empty; its columns come with it. */
export function correcting(sheet: Sheet, stop: StopView, cells: Row['cells'], form: SheetForm): Sheet {
  const has = (name: ColumnName) => sheet.columns.some((c) => c.name === name);
  const added = form.columns
    .filter((c) => cells[c.column] !== undefined && !has(c.column))
    .map((c) => ({ name: c.column, unit: c.units[0]?.unit ?? null }));
  const order = form.columns.map((c) => c.column);
  const columns = [...sheet.columns, ...added].sort((a, b) => order.indexOf(a.name) - order.indexOf(b.name));
  const row: Row = { id: newId(), cells, corrects: stop.id };
  const at = sheet.rows.findIndex((r) => Object.values(r.cells).every((c) => !c?.trim()));
  return { columns, rows: [...sheet.rows.slice(0, at), row, ...sheet.rows.slice(at)] };
}
