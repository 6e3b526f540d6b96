import type { KeepRequest, SheetForm } from '../../api/types';
import { firstUnit, type System } from '../../units/units';
import type { Column, ColumnName, Unit } from './sheet';

type Entry = SheetForm['columns'][number];

/** What people measure who have a tape and five minutes. */
export const FIRST_COLUMNS: ColumnName[] = ['CONFIGURATION', 'ENTRY_SPEED', 'DISTANCE', 'NOTE'];

/** The unit that somebody begins with who has typed nothing yet. */
export const usualUnit = (entry: Entry | undefined, system: System): Unit | null =>
  firstUnit(entry?.units, system) ?? null;

export const columnsOf = (form: SheetForm, names: ColumnName[], system: System): Column[] =>
  names.map((name) => ({
    name,
    unit: usualUnit(
      form.columns.find((c) => c.column === name),
      system,
    ),
  }));

/** Nobody wrote down under what it was driven; what somebody did stands in the table's own columns. */
export const NOBODY_WROTE: KeepRequest['conditions'] = {
  drivenOn: null,
  driver: null,
  load: null,
  surface: null,
  direction: null,
  ambientC: null,
  tyrePressureFrontBar: null,
  tyres: null,
  tyreC: null,
  trackC: null,
  windMps: null,
  humidity: null,
  begunAt: null,
  endedAt: null,
};
