import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { demo, tests } from '../../api/queries';
import type { TestSummary } from '../../api/types';
import { Button } from '../../ui/Button';
import { EmptySlab, Failure, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Filters } from './Filters';
import { Guide } from './Guide';
import { choicesOf, EVERYTHING, found, sorted, type Column } from './list';
import { TestsTable } from './TestsTable';
import { useThrowAway } from './useThrowAway';
import { WaysIn } from './WaysIn';

const PAGE = 200;

/** Where everybody begins: the ways in, a look around the demo, and every test with what came of it. */
export function TestsPage() {
  const state = useQuery(demo());
  const filling = state.data?.filling === true;
  return (
    <>
      {filling && (
        <Strip role="status" className="bg-band text-[15px]">
          The demo is still being filled: its logs are read in as anybody’s would be. Tests appear here as
          they come.
        </Strip>
      )}
      <Loaded
        query={useQuery({ ...tests(), ...(filling && { refetchInterval: 2000 }) })}
        what="Reading the tests"
      >
        {(all) => (all.length === 0 ? <NoTests /> : <Tests all={all} demo={state.data?.shown === true} />)}
      </Loaded>
    </>
  );
}

function NoTests() {
  return (
    <Strip className="grid gap-6">
      <div>
        <h1 className="text-[26px]">No tests yet</h1>
        <p className="mt-1 max-w-[62ch] text-[15px] text-ink-2">
          Did it really get better? Frenum says by how much, how sure that is, and what could be wrong with
          it. A first verdict needs three stops before and three after.
        </p>
      </div>
      <WaysIn large />
      <EmptySlab line="The first stop will be drawn here." />
    </Strip>
  );
}

function Tests({ all, demo }: { all: TestSummary[]; demo: boolean }) {
  const [filter, setFilter] = useState(EVERYTHING);
  const [order, setOrder] = useState<{ column: Column; down: boolean }>({ column: 'date', down: true });
  const [limit, setLimit] = useState(PAGE);
  const rows = useMemo(() => sorted(found(all, filter), order.column, order.down), [all, filter, order]);
  const measured = all.filter((t) => !t.test.rehearsal);
  const driven = rows.filter((t) => !t.test.rehearsal);
  const rehearsed = rows.filter((t) => t.test.rehearsal);
  const throwAway = useThrowAway();
  const shown = { order, onOrder: setOrder };
  const first = measured.find((t) => t.told) ?? measured[0];
  return (
    <>
      <Strip tone="sheet" className="grid gap-3.5">
        <h1 className="text-[26px]">
          {measured.length === 1 ? 'One test' : `${measured.length} tests`},{' '}
          {measured.reduce((n, t) => n + t.stops, 0)} stops
        </h1>
        <WaysIn />
      </Strip>
      {demo && first && <Guide testId={first.test.id} />}
      <Strip>
        <Filters choices={choicesOf(all)} filter={filter} onChange={setFilter} />
        <TestsTable name="Tests" rows={driven.slice(0, limit)} {...shown} />
        {rows.length === 0 && <p className="py-6 text-ink-3">No test fits what you look for.</p>}
        {driven.length > limit && (
          <Button className="mt-4" onClick={() => setLimit(limit + PAGE)}>
            Show {Math.min(PAGE, driven.length - limit)} more
          </Button>
        )}
        {rehearsed.length > 0 && (
          <div className="mt-8">
            <Heading note="driven to learn the day; nothing of them is a measurement">Rehearsals</Heading>
            <TestsTable
              name="Rehearsals"
              rows={rehearsed.slice(0, limit)}
              {...shown}
              onThrowAway={throwAway.mutate}
            />
            {throwAway.error && <Failure error={throwAway.error} />}
          </div>
        )}
      </Strip>
    </>
  );
}
