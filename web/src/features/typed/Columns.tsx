import type { SheetForm } from '../../api/types';
import { Button } from '../../ui/Button';
import type { Column, ColumnName, Unit } from './sheet';
import { GROUPS } from './words';

/** Which columns the table has, of all that people measure. */
export function Columns(props: {
  form: SheetForm;
  columns: Column[];
  unitOf: (column: ColumnName) => Unit | null;
  onToggle: (columns: Column[]) => void;
}) {
  const shown = (names: ColumnName[]) => names.every((n) => props.columns.some((c) => c.name === n));
  return (
    <div role="group" aria-label="Columns" className="flex flex-wrap gap-1.5">
      {GROUPS.map(([label, names]) => (
        <Button
          key={label}
          pressed={shown(names)}
          className="min-h-8 px-2.5 text-[13px] max-md:min-h-[44px]"
          onClick={() => props.onToggle(names.map((name) => ({ name, unit: props.unitOf(name) })))}
        >
          {label}
        </Button>
      ))}
    </div>
  );
}
