import type { ClipboardEvent, KeyboardEvent } from 'react';
import type { SheetForm, SheetReading } from '../../api/types';
import { cx } from '../../ui/cx';
import { usePreferences } from '../../reader/preferences';
import { said } from '../../units/units';
import { isOneCell, type Column, type ColumnName, type Row, type Sheet, type Unit } from './sheet';
import { shortName } from './words';

type Entry = SheetForm['columns'][number];
type RowReading = SheetReading['rows'][number];

export type GridActions = {
  set: (row: number, column: ColumnName, text: string) => void;
  unit: (column: ColumnName, unit: Unit) => void;
  above: (row: number, column: ColumnName) => void;
  remove: (row: number) => void;
  undo: () => void;
  redo: () => void;
  paste: (text: string, row: number) => void;
  at: (row: number, column: ColumnName) => void;
  /** Nothing of the table is typed into any more. */
  left: () => void;
};

const cellId = (row: number, column: number) => `cell-${row}-${column}`;

/** Moves to a cell and marks what is in it, so that the next key overwrites it. */
export function goTo(row: number, column: number) {
  const cell = document.getElementById(cellId(row, column));
  if (cell instanceof HTMLInputElement) {
    cell.focus();
    cell.select();
  }
}

/** One row a stop; arrows, Enter, Tab, undo and fill down as people know them from a table. */
export function Grid(props: {
  sheet: Sheet;
  /** The row that is being typed into: what is to be said of it waits until it is left. */
  typing: number | null;
  entries: Map<ColumnName, Entry>;
  reading: SheetReading | undefined;
  configurations: string[];
  actions: GridActions;
}) {
  const { sheet, entries, reading } = props;
  return (
    <div
      className="relative max-w-full overflow-x-auto"
      onBlur={(e) => !e.currentTarget.contains(e.relatedTarget) && props.actions.left()}
    >
      <table className="border-collapse text-[15px]" aria-label="Stops">
        <thead>
          <tr>
            <th scope="col" className="w-8 pb-1 text-right text-[12.5px] font-normal text-ink-3">
              <span className="sr-only">Row</span>
            </th>
            {sheet.columns.map((c) => (
              <Head key={c.name} column={c} entry={entries.get(c.name)} onUnit={props.actions.unit} />
            ))}
            <th scope="col">
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        {sheet.rows.map((row, i) => (
          <Line key={row.id} {...props} row={row} index={i} told={reading?.rows[i]} />
        ))}
      </table>
    </div>
  );
}

function Head(props: {
  column: Column;
  entry: Entry | undefined;
  onUnit: (column: ColumnName, unit: Unit) => void;
}) {
  const { column, entry } = props;
  if (!entry) return null;
  const allowed = entry.units.find((u) => u.unit === column.unit)?.allowed;
  return (
    <th
      scope="col"
      title={allowed}
      className="px-0.5 pb-1 text-left align-bottom text-[12.5px] font-normal text-ink-3"
    >
      <span className="block font-[600] text-ink">{shortName(entry)}</span>
      {entry.units.length > 0 && (
        <select
          aria-label={`Unit of ${entry.title}`}
          className="min-h-6 bg-transparent text-[12.5px] text-ink-2"
          value={column.unit ?? ''}
          onChange={(e) => props.onUnit(column.name, e.target.value as Unit)}
        >
          {entry.units.map((u) => (
            <option key={u.unit} value={u.unit}>
              {u.symbol}
            </option>
          ))}
        </select>
      )}
    </th>
  );
}

type LineProps = Parameters<typeof Grid>[0] & { row: Row; index: number; told: RowReading | undefined };

function Line({ row, index, told, ...props }: LineProps) {
  const { units } = usePreferences();
  const { sheet, actions } = props;
  const faults = told?.faults ?? [];
  const doubts = told?.doubts ?? [];
  const quiet = props.typing === index;
  const notes = quiet ? [] : [...faults.map((f) => f.problem), ...doubts.map((d) => said(d.finding, units))];
  const note = `row-${index}-note`;
  const isFilled = Object.values(row.cells).some((c) => c?.trim());
  return (
    <tbody data-row={index}>
      <tr>
        <th scope="row" className="pr-1.5 text-right text-[12.5px] font-normal text-ink-3">
          {index + 1}
        </th>
        {sheet.columns.map((c, column) => (
          <Cell
            key={c.name}
            {...props}
            row={row}
            at={{ row: index, column }}
            entry={props.entries.get(c.name)}
            from={told?.configuration ?? null}
            wrong={!quiet && faults.some((f) => f.column === c.name)}
            doubtful={!quiet && doubts.some((d) => d.column === c.name)}
            note={notes.length > 0 ? note : undefined}
          />
        ))}
        <td className="pl-1">
          {isFilled && (
            <button
              type="button"
              aria-label={`Remove row ${index + 1}`}
              className="min-h-8 min-w-8 text-ink-3 hover:text-ink"
              onClick={() => actions.remove(index)}
            >
              ×
            </button>
          )}
        </td>
      </tr>
      {(notes.length > 0 || row.corrects) && (
        <tr>
          <td />
          <td colSpan={sheet.columns.length + 1} id={note} className="pb-1.5 text-[13px]">
            {row.corrects && <p className="text-ink-2">In place of a stop that was written down wrongly.</p>}
            {notes.slice(0, faults.length).map((problem) => (
              <p key={problem} className="max-w-[60ch] text-block">
                {problem}
              </p>
            ))}
            {notes.slice(faults.length).map((doubt) => (
              <p key={doubt} className="max-w-[60ch] text-caution">
                {doubt}
              </p>
            ))}
          </td>
        </tr>
      )}
    </tbody>
  );
}

type CellProps = Parameters<typeof Grid>[0] & {
  row: Row;
  at: { row: number; column: number };
  entry: Entry | undefined;
  from: string | null;
  wrong: boolean;
  doubtful: boolean;
  note: string | undefined;
};

function Cell({ row, at, entry, from, wrong, doubtful, note, ...props }: CellProps) {
  if (!entry) return null;
  const { actions, sheet } = props;
  const name = entry.column;
  const isConfiguration = name === 'CONFIGURATION';
  const options = isConfiguration ? props.configurations : entry.choices;
  const list = `list-${name}`;
  const wide = name === 'NOTE' || name === 'REASON' || isConfiguration;
  return (
    <td className="p-0">
      <input
        id={cellId(at.row, at.column)}
        aria-label={`${shortName(entry)}, row ${at.row + 1}`}
        aria-invalid={wrong || undefined}
        aria-describedby={note}
        autoComplete="off"
        inputMode={entry.units.length > 0 ? 'decimal' : undefined}
        list={options.length > 0 ? list : undefined}
        placeholder={isConfiguration ? (from ?? '') : ''}
        value={row.cells[name] ?? ''}
        onChange={(e) => actions.set(at.row, name, e.target.value)}
        onFocus={() => actions.at(at.row, name)}
        onKeyDown={(e) => onKey(e, at, sheet, name, actions)}
        onPaste={(e) => onPaste(e, at.row, actions)}
        className={cx(
          'min-h-9 border border-rule bg-sheet px-2 text-ink placeholder:text-ink-3 focus:relative focus:z-[1] max-md:min-h-[44px]',
          wide ? 'w-44' : 'w-[92px]',
          entry.units.length > 0 && 'text-right',
          wrong && 'border-2 border-block',
          doubtful && !wrong && 'border-2 border-caution',
        )}
      />
      {at.row === 0 && options.length > 0 && (
        <datalist id={list}>
          {options.map((o) => (
            <option key={o} value={o} />
          ))}
        </datalist>
      )}
    </td>
  );
}

/** Arrows leave a cell where its text ends; Enter goes down; Control with D copies from above, with Z takes back. */
function onKey(
  e: KeyboardEvent<HTMLInputElement>,
  at: { row: number; column: number },
  sheet: Sheet,
  name: ColumnName,
  actions: GridActions,
) {
  const key = e.key.length === 1 ? e.key.toLowerCase() : e.key;
  const { selectionStart, selectionEnd, value } = e.currentTarget;
  const atStart = selectionEnd === 0 || (selectionStart === 0 && selectionEnd === value.length);
  const atEnd = selectionStart === value.length || (selectionStart === 0 && selectionEnd === value.length);
  const control = e.ctrlKey || e.metaKey;
  const go = (row: number, column: number) => () => goTo(row, column);
  const keys: Record<string, (() => void) | false> = control
    ? {
        z: e.shiftKey ? actions.redo : actions.undo,
        y: actions.redo,
        d: () => actions.above(at.row, name),
      }
    : {
        ArrowUp: at.row > 0 && go(at.row - 1, at.column),
        ArrowDown: at.row < sheet.rows.length - 1 && go(at.row + 1, at.column),
        Enter: go(at.row + (e.shiftKey ? -1 : 1), at.column),
        ArrowLeft: atStart && at.column > 0 && go(at.row, at.column - 1),
        ArrowRight: atEnd && at.column < sheet.columns.length - 1 && go(at.row, at.column + 1),
      };
  const action = keys[key];
  if (action) {
    e.preventDefault();
    action();
  }
}

function onPaste(e: ClipboardEvent, row: number, actions: GridActions) {
  const text = e.clipboardData.getData('text/plain');
  if (!isOneCell(text)) {
    e.preventDefault();
    actions.paste(text, row);
  }
}
