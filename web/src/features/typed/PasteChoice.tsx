import { useState } from 'react';
import type { PastedView, SheetForm } from '../../api/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { Table, Td, Th } from '../../ui/Table';
import type { Choice } from './mappings';
import type { ColumnName, Unit } from './sheet';

/** Asks once which pasted column is which, where titles and units do not say. */
export function PasteChoice(props: {
  pasted: PastedView;
  form: SheetForm;
  unitOf: (column: ColumnName) => Unit | null;
  onTaken: (choices: Choice[]) => void;
  onClose: () => void;
}) {
  const { pasted, form } = props;
  const [choices, setChoices] = useState<Choice[]>(() =>
    pasted.columns.map((c) => ({
      column: c.meaning ?? '',
      unit: c.unit ?? (c.meaning && props.unitOf(c.meaning)) ?? '',
    })),
  );
  const set = (i: number, choice: Choice) => setChoices(choices.map((c, k) => (k === i ? choice : c)));
  const used = choices.flatMap((c) => (c.column === '' ? [] : [c.column]));
  const twice = used.find((c, i) => used.indexOf(c) !== i);
  const measured = used.includes('DISTANCE') || used.includes('TIME');
  return (
    <Sheet
      open
      title="Which column is which?"
      description={`${pasted.rows.length} rows were pasted. Nothing in them is changed.`}
      onClose={props.onClose}
    >
      <Table>
        <thead>
          <tr>
            <Th>Pasted</Th>
            <Th>Is</Th>
            <Th>In</Th>
          </tr>
        </thead>
        <tbody>
          {pasted.columns.map((c, i) => (
            <tr key={i}>
              <Td>
                <b className="block font-[600]">{c.title || `column ${i + 1}`}</b>
                <span className="text-[13px] text-ink-3">
                  {pasted.rows
                    .slice(0, 3)
                    .map((r) => r[i])
                    .join(' · ')}
                </span>
              </Td>
              <Td>
                <Select
                  aria-label={`What ${c.title || `column ${i + 1}`} is`}
                  value={choices[i]?.column ?? ''}
                  onChange={(e) => {
                    const column = e.target.value as ColumnName | '';
                    set(i, { column, unit: (column && props.unitOf(column)) || '' });
                  }}
                >
                  <option value="">leave it out</option>
                  {form.columns.map((f) => (
                    <option key={f.column} value={f.column}>
                      {f.title}
                    </option>
                  ))}
                </Select>
              </Td>
              <Td>
                <UnitChoice form={form} choice={choices[i]} onChange={(choice) => set(i, choice)} />
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
      {twice && <p className="mt-3 text-sm text-block">Two columns cannot be the same thing.</p>}
      {!measured && <p className="mt-3 text-sm text-ink-2">A stop needs a distance or a time.</p>}
      <Button
        tone="main"
        className="mt-4"
        disabled={twice !== undefined || !measured}
        onClick={() => props.onTaken(choices)}
      >
        Take them in
      </Button>
    </Sheet>
  );
}

function UnitChoice(props: { form: SheetForm; choice: Choice | undefined; onChange: (c: Choice) => void }) {
  const { choice } = props;
  const units = props.form.columns.find((f) => f.column === choice?.column)?.units ?? [];
  if (!choice || units.length === 0) return null;
  return (
    <Select
      aria-label={`Unit of ${choice.column.toLowerCase().replaceAll('_', ' ')}`}
      value={choice.unit}
      onChange={(e) => props.onChange({ ...choice, unit: e.target.value as Unit })}
    >
      {units.map((u) => (
        <option key={u.unit} value={u.unit}>
          {u.symbol}
        </option>
      ))}
    </Select>
  );
}
