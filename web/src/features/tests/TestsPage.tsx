import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { tests } from '../../api/queries';
import type { TestSummary } from '../../api/types';
import { Button } from '../../ui/Button';
import { Input } from '../../ui/Field';
import { EmptySlab, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { verdictWord } from './verdict';
import { found, sorted, type Column } from './list';

const COLUMNS: [Column, string, boolean][] = [
  ['question', 'Question', false],
  ['configurations', 'Configurations', false],
  ['stops', 'Stops', true],
  ['verdict', 'Verdict', false],
  ['date', 'Driven on', true],
];
const PAGE = 200;

/** Every test: what was asked, with what, and what came of it. */
export function TestsPage() {
  return (
    <Loaded query={useQuery(tests())} what="Reading the tests">
      {(all) => (all.length === 0 ? <NoTests /> : <Tests all={all} />)}
    </Loaded>
  );
}

function NoTests() {
  const navigate = useNavigate();
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">No tests yet</h1>
      <EmptySlab line="Bring in a log or a stop sheet; its first stop will be drawn here.">
        <span className="flex gap-2">
          <Button tone="main" onClick={() => void navigate('/import')}>
            Bring in a file
          </Button>
          <Button onClick={() => void navigate('/plan')}>Plan a test</Button>
        </span>
      </EmptySlab>
    </Strip>
  );
}

function Tests({ all }: { all: TestSummary[] }) {
  const navigate = useNavigate();
  const [search, setSearch] = useState('');
  const [order, setOrder] = useState<{ column: Column; down: boolean }>({ column: 'date', down: true });
  const [limit, setLimit] = useState(PAGE);
  const rows = useMemo(() => sorted(found(all, search), order.column, order.down), [all, search, order]);
  return (
    <>
      <Strip tone="sheet" className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-[26px]">
          {all.length === 1 ? 'One test' : `${all.length} tests`}, {all.reduce((n, t) => n + t.stops, 0)}{' '}
          stops
        </h1>
        <div className="flex items-end gap-3">
          <label>
            <span className="sr-only">Search tests</span>
            <Input
              type="search"
              placeholder="Search"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
          </label>
          <Button tone="main" onClick={() => void navigate('/import')}>
            Bring in a file
          </Button>
          <Button onClick={() => void navigate('/plan')}>Plan a test</Button>
        </div>
      </Strip>
      <Strip className="overflow-x-auto">
        <Table aria-label="Tests">
          <thead>
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
                    onClick={() => setOrder({ column, down: order.column === column ? !order.down : false })}
                  >
                    {title}
                    {order.column === column && <span aria-hidden>{order.down ? ' ▾' : ' ▴'}</span>}
                  </button>
                </Th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, limit).map((t) => (
              <Row key={t.test.id} row={t} />
            ))}
          </tbody>
        </Table>
        {rows.length === 0 && <p className="py-6 text-ink-3">No test has “{search}” in it.</p>}
        {rows.length > limit && (
          <Button className="mt-4" onClick={() => setLimit(limit + PAGE)}>
            Show {Math.min(PAGE, rows.length - limit)} more
          </Button>
        )}
      </Strip>
    </>
  );
}

function Row({ row }: { row: TestSummary }) {
  const verdict = verdictWord(row.verdict);
  return (
    <tr className="hover:bg-band">
      <Td className="py-2.5">
        <Link
          className="text-base font-[600] underline decoration-rule underline-offset-4"
          to={`/tests/${row.test.id}/compare`}
        >
          {row.test.question}
        </Link>
        <span className="block text-[13px] text-ink-3">
          {row.vehicle} · {row.test.lane}
        </span>
      </Td>
      <Td>{row.configurations.join(' · ')}</Td>
      <Td numeric>
        <Link to={`/tests/${row.test.id}/stops`} className="underline decoration-rule underline-offset-4">
          {row.stops}
        </Link>
      </Td>
      <Td>
        <Status kind={verdict.kind} word={verdict.word} />
        {row.fluidShown && (
          <Link
            to={`/tests/${row.test.id}/fade`}
            className="mt-1 block text-[13px] font-[600] text-block underline"
          >
            {row.fluidShown}: a long pedal, by air or vapour in the fluid. Inspect and bleed.
          </Link>
        )}
      </Td>
      <Td numeric>{row.test.drivenOn}</Td>
    </tr>
  );
}
