import type { SheetForm } from '../../api/types';
import { Button } from '../../ui/Button';
import type { Column } from './sheet';
import { shortName } from './words';

const PRINTED_ROWS = 24;

/** "distance [m]". */
const title = (form: SheetForm, column: Column) => {
  const entry = form.columns.find((c) => c.column === column.name);
  const symbol = entry?.units.find((u) => u.unit === column.unit)?.symbol;
  return `${entry?.title ?? ''}${symbol ? ` [${symbol}]` : ''}`;
};

/** The same columns to fill in elsewhere: as a file, and on paper. */
export function EmptySheets({ form, columns }: { form: SheetForm; columns: Column[] }) {
  const csv = `${columns.map((c) => title(form, c)).join(',')}\r\n`;
  return (
    <div className="no-print flex flex-wrap items-center gap-4 text-[13px]">
      <a
        className="underline underline-offset-4"
        download="stops.csv"
        href={`data:text/csv;charset=utf-8,${encodeURIComponent(csv)}`}
      >
        An empty sheet as CSV
      </a>
      <Button tone="link" onClick={() => window.print()}>
        Print an empty sheet
      </Button>
    </div>
  );
}

/** The empty sheet as it comes out of a printer; on a screen it is not there. */
export function PrintedSheet({ form, columns, name }: { form: SheetForm; columns: Column[]; name: string }) {
  return (
    <section className="print-only" aria-hidden>
      <h2 className="mb-3 text-xl">{name}</h2>
      <table className="w-full border-collapse text-sm">
        <thead>
          <tr>
            <th className="w-8 border border-ink" />
            {columns.map((c) => (
              <th key={c.name} className="border border-ink px-1 py-2 text-left font-[600]">
                {shortName(form.columns.find((f) => f.column === c.name) ?? { column: c.name, title: '' })}
                <span className="block font-normal">{title(form, c).match(/\[.*\]$/)?.[0] ?? ''}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: PRINTED_ROWS }, (_, i) => (
            <tr key={i}>
              <td className="h-8 border border-ink text-right">{i + 1}</td>
              {columns.map((c) => (
                <td key={c.name} className="border border-ink" />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
