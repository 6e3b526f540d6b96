import { useId, useState, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import { Table, Td, Th } from '../ui/Table';

export type Values = { head: string[]; rows: (string | number)[][] };

/** A drawn answer with a one-sentence name, and the same values as a table for whoever would rather read. */
export function Picture(props: {
  name: string;
  width: number;
  height: number;
  values: Values;
  children: ReactNode;
  asTable?: boolean;
  /** Has marks or handles to operate; a plain image must not. */
  interactive?: boolean;
}) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const shown = open || props.asTable;
  return (
    <div>
      <svg
        role={props.interactive ? 'group' : 'img'}
        aria-label={props.name}
        aria-describedby={id}
        width={props.width}
        height={props.height}
        className="block max-w-full"
      >
        {props.children}
      </svg>
      <div className="no-print mt-1 text-right">
        <Button tone="link" aria-expanded={shown} onClick={() => setOpen(!open)}>
          {shown ? 'Hide table' : 'Show as table'}
        </Button>
      </div>
      <div id={id} className={shown ? 'mt-2 overflow-x-auto' : 'sr-only'}>
        <Table>
          <thead>
            <tr>
              {props.values.head.map((h, i) => (
                <Th key={h} numeric={i > 0}>
                  {h}
                </Th>
              ))}
            </tr>
          </thead>
          <tbody>
            {props.values.rows.map((row, i) => (
              <tr key={i}>
                {row.map((cell, k) => (
                  <Td key={k} numeric={k > 0}>
                    {cell}
                  </Td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </div>
  );
}
