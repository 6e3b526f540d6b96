import { Link } from 'react-router';
import type { TestSummary } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { said } from '../../units/units';
import type { Column } from './list';
import { verdictWord } from './verdict';

const COLUMNS: [Column, string, boolean][] = [
  ['question', 'Question', false],
  ['verdict', 'What came of it', false],
  ['configurations', 'Configurations', false],
  ['stops', 'Stops', true],
  ['date', 'Driven on', true],
];

type Order = { column: Column; down: boolean };

/** A line a test; on a phone the same, one under the other. */
export function TestsTable(props: {
  name: string;
  rows: TestSummary[];
  order: Order;
  onOrder: (order: Order) => void;
  /** Only what was rehearsed can be thrown away. */
  onThrowAway?: (row: TestSummary) => void;
}) {
  const { order } = props;
  return (
    <Table aria-label={props.name} narrow className="max-md:block">
      <thead className="max-md:hidden">
        <tr>
          {COLUMNS.map(([column, title, numeric]) => (
            <Th
              key={column}
              numeric={numeric}
              aria-sort={order.column === column ? (order.down ? 'descending' : 'ascending') : 'none'}
            >
              <button
                type="button"
                className={order.column === column ? 'font-[650] text-ink' : undefined}
                onClick={() => props.onOrder({ column, down: order.column === column ? !order.down : false })}
              >
                {title}
                {order.column === column && <span aria-hidden>{order.down ? ' ▾' : ' ▴'}</span>}
              </button>
            </Th>
          ))}
        </tr>
      </thead>
      <tbody className="max-md:block">
        {props.rows.map((t) => (
          <Row key={t.test.id} row={t} onThrowAway={props.onThrowAway} />
        ))}
      </tbody>
    </Table>
  );
}

const PHONE = 'max-md:block max-md:h-auto max-md:border-0 max-md:px-0 max-md:text-left';

function Row(props: { row: TestSummary; onThrowAway: ((row: TestSummary) => void) | undefined }) {
  const { row, onThrowAway } = props;
  return (
    <tr className="hover:bg-band max-md:block max-md:border-b max-md:border-rule max-md:py-3">
      <Td className={`py-2.5 ${PHONE}`}>
        <Link
          className="text-base font-[600] underline decoration-rule underline-offset-4 max-md:inline-block max-md:min-h-[44px]"
          to={`/tests/${row.test.id}/compare`}
        >
          {row.test.question}
        </Link>
        <span className="block text-[13px] text-ink-3">
          {[row.vehicle, row.test.lane].filter(Boolean).join(' · ')}
        </span>
      </Td>
      <Td className={`max-w-[44ch] py-2.5 ${PHONE}`}>
        <CameOfIt row={row} />
      </Td>
      <Td className={PHONE}>{row.configurations.join(' · ')}</Td>
      <Td numeric className={PHONE}>
        <Link to={`/tests/${row.test.id}/stops`} className="underline decoration-rule underline-offset-4">
          {row.stops}
        </Link>
        <span className="md:hidden"> stops</span>
      </Td>
      <Td numeric className={`whitespace-nowrap ${PHONE}`}>
        {row.test.drivenOn}
        {onThrowAway && (
          <Button
            tone="link"
            className="block"
            aria-label={`Throw away ${row.test.question}`}
            onClick={() => onThrowAway(row)}
          >
            Throw it away
          </Button>
        )}
      </Td>
    </tr>
  );
}

/** The answer and how sure it is; beside them what must not be overlooked. */
function CameOfIt({ row }: { row: TestSummary }) {
  const { units } = usePreferences();
  const verdict = verdictWord(row.verdict);
  const settled = row.verdict !== null && row.verdict !== 'NOT_COMPARABLE';
  return (
    <>
      <Status kind={verdict.kind} word={verdict.word} />
      {row.told && (
        <p className="text-[14px]">
          {said(row.told.sentence, units)}{' '}
          {settled && <span className="text-ink-3">{said(row.told.howSure, units)}.</span>}
        </p>
      )}
      {row.told?.belowFloor && (
        <p className="text-[13px] text-caution">Less than what it was measured with can tell.</p>
      )}
      {row.fluidShown && (
        <Link
          to={`/tests/${row.test.id}/fade`}
          className="mt-1 block text-[13px] font-[600] text-block underline"
        >
          {row.fluidShown}: a long pedal, by air or vapour in the fluid. Inspect and bleed.
        </Link>
      )}
    </>
  );
}
