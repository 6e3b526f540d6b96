import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, ask } from '../../api/client';
import type { PastedView, SheetForm, SheetReading } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure } from '../../ui/Layout';
import { Columns } from './Columns';
import { usualUnit } from './first';
import { Grid } from './Grid';
import { PasteChoice } from './PasteChoice';
import { mappings, type Choice } from './mappings';
import {
  copyAbove,
  fillDown,
  insertPasted,
  removeRow,
  setCell,
  setUnit,
  toggleColumn,
  type Column,
  type ColumnName,
  type Pasted,
  type Sheet,
  type Unit,
} from './sheet';
import type { useSheet } from './useSheet';

type Entry = SheetForm['columns'][number];

/** The table with what stands around it: its columns, undo, fill down, and the way in from a clipboard. */
export function TypedTable(props: {
  form: SheetForm;
  typed: ReturnType<typeof useSheet>;
  reading: SheetReading | undefined;
  configurations: string[];
}) {
  const { form, typed } = props;
  const { system } = usePreferences();
  const here = useRef<{ row: number; column: ColumnName }>({ row: 0, column: 'DISTANCE' });
  const [said, setSaid] = useState('');
  const [typing, setTyping] = useState<number | null>(null);
  const entries = new Map(form.columns.map((c) => [c.column, c]));
  const order = form.columns.map((c) => c.column);
  const unitOf = (name: ColumnName) => usualUnit(entries.get(name), system);
  const symbol = (unit: Unit) =>
    form.columns.flatMap((c) => c.units).find((u) => u.unit === unit)?.symbol ?? '';
  const toggle = (columns: Column[]) =>
    typed.change((sheet) => {
      const all = columns.every((c) => sheet.columns.some((s) => s.name === c.name));
      return columns
        .filter((c) => all || !sheet.columns.some((s) => s.name === c.name))
        .reduce<Sheet>((s, c) => toggleColumn(s, c, order), sheet);
    });
  const clipboard = usePaste({
    entries,
    unitOf,
    onTaken: (pasted, row, note) => {
      typed.change((sheet) => insertPasted(sheet, row, pasted, symbol, order));
      setSaid(note);
    },
  });
  return (
    <div className="grid grid-cols-1 content-start gap-3">
      <Columns form={form} columns={typed.sheet.columns} unitOf={unitOf} onToggle={toggle} />
      <Grid
        sheet={typed.sheet}
        typing={typing}
        entries={entries}
        reading={props.reading}
        configurations={props.configurations}
        actions={{
          set: (row, name, text) => {
            setTyping(row);
            typed.change((s) => setCell(s, row, name, text), `${row} ${name}`);
          },
          left: () => setTyping(null),
          unit: (name, unit) => typed.change((s) => setUnit(s, name, unit)),
          above: (row, name) => typed.change((s) => copyAbove(s, row, name)),
          remove: (row) => typed.change((s) => removeRow(s, row)),
          undo: typed.undo,
          redo: typed.redo,
          paste: (text, row) => clipboard.paste(text, row),
          at: (row, column) => {
            if (row !== here.current.row) setTyping(null);
            here.current = { row, column };
          },
        }}
      />
      <div className="no-print flex flex-wrap items-center gap-2">
        <Button disabled={!typed.canUndo} onClick={typed.undo}>
          Undo
        </Button>
        <Button disabled={!typed.canRedo} onClick={typed.redo}>
          Redo
        </Button>
        <Button
          onClick={() => typed.change((s) => fillDown(s, here.current.row, here.current.column))}
          title="Copies the cell you were in into the empty ones below it"
        >
          Fill down
        </Button>
        <p className="text-[13px] text-ink-3">
          Paste a table from anywhere into a cell. An empty configuration is that of the row above.
        </p>
      </div>
      <p role="status" className="text-[13px] text-ink-2">
        {said}
      </p>
      {clipboard.error && <Failure error={clipboard.error} />}
      {clipboard.asked && (
        <PasteChoice
          pasted={clipboard.asked}
          form={form}
          unitOf={unitOf}
          onTaken={clipboard.taken}
          onClose={clipboard.close}
        />
      )}
    </div>
  );
}

/** What is left to say of a paste. */
function noteOf(pasted: PastedView, remembered: boolean): string {
  const rows = `${pasted.rows.length} ${pasted.rows.length === 1 ? 'row' : 'rows'} taken in.`;
  const left = pasted.leftOut.map((l) => `Row ${l.row}, “${l.text}”, was left out: ${l.why}.`).join(' ');
  return [rows, remembered ? 'The columns are as you said last time for this header.' : '', left]
    .filter(Boolean)
    .join(' ');
}

function usePaste(props: {
  entries: Map<ColumnName, Entry>;
  unitOf: (name: ColumnName) => Unit | null;
  onTaken: (pasted: Pasted, row: number, note: string) => void;
}) {
  const row = useRef(0);
  const [asked, setAsked] = useState<PastedView | null>(null);
  const take = (pasted: PastedView, choices: Choice[], again: boolean) => {
    const kept = choices.flatMap((c, i) => (c.column === '' ? [] : [{ ...c, column: c.column, i }]));
    props.onTaken(
      {
        columns: kept.map((c) => ({ name: c.column, unit: c.unit === '' ? null : c.unit })),
        rows: pasted.rows.map((r) => kept.map((c) => r[c.i] ?? '')),
      },
      row.current,
      noteOf(pasted, again),
    );
  };
  const call = useMutation({
    mutationFn: (text: string) => ask(api.POST('/api/sheet/pasted', { body: { text } })),
    onSuccess: (pasted) => {
      const known = mappings.of(pasted);
      if (known) take(pasted, known, true);
      else if (pasted.sure) {
        const usual = (c: PastedView['columns'][number]) => ({
          column: c.meaning ?? ('' as const),
          unit: c.unit ?? (c.meaning && props.unitOf(c.meaning)) ?? ('' as const),
        });
        take(pasted, pasted.columns.map(usual), false);
      } else setAsked(pasted);
    },
  });
  return {
    paste: (text: string, at: number) => {
      row.current = at;
      call.mutate(text);
    },
    asked,
    error: call.error,
    taken: (choices: Choice[]) => {
      if (!asked) return;
      mappings.keep(asked, choices);
      take(asked, choices, false);
      setAsked(null);
    },
    close: () => setAsked(null),
  };
}
