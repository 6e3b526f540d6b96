import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { changes, changePeople, tests } from '../../api/queries';
import type { Change } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Select } from '../../ui/Field';
import { EmptySlab, Failure, Reading, Strip } from '../../ui/Layout';
import { isId, partName, shown } from './parts';
import { KINDS, WHAT, whatName } from './words';
import { exactMoment } from '../../units/when';

/** So many parts are named before it is opened. */
const FIRST = 4;

/** Who changed what, when, at which screen; before and after. */
export function HistoryPage() {
  const [query, setQuery] = useSearchParams();
  const asked = {
    test: query.get('of') ?? '',
    who: query.get('who') ?? '',
    what: query.get('what') ?? '',
  };
  const pages = useInfiniteQuery(changes(asked));
  const all = pages.data?.pages.flat() ?? [];
  const set = (name: string) => (value: string) =>
    setQuery((now) => {
      if (value) now.set(name, value);
      else now.delete(name);
      return now;
    });
  const file = `/api/changes/csv?${new URLSearchParams(Object.entries(asked).filter(([, v]) => v)).toString()}`;
  return (
    <>
      <Strip tone="sheet">
        <h1 className="text-[26px]">History</h1>
        <p className="mt-1 max-w-[80ch] text-[14.5px] text-ink-2">
          Everything that people keep, with what it was before. What loggers send and what is only computed
          anew is not in it.
        </p>
      </Strip>
      <Strip className="grid gap-6">
        <div className="flex flex-wrap items-end gap-4">
          <OfTest value={asked.test} onChange={set('of')} />
          <ByWhom value={asked.who} onChange={set('who')} />
          <Field label="What" className="w-52">
            <Select value={asked.what} onChange={(e) => set('what')(e.target.value)}>
              <option value="">everything</option>
              {Object.entries(WHAT).map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </Select>
          </Field>
          <a className="pb-2 underline" href={file}>
            All of this as CSV
          </a>
        </div>
        {pages.error && <Failure error={pages.error} />}
        {!pages.data && !pages.error && <Reading what="Reading the history" />}
        {pages.data && all.length === 0 && <EmptySlab line="Nothing was changed like that." />}
        <ol className="grid gap-4">
          {all.map((c) => (
            <Entry key={c.id} change={c} />
          ))}
        </ol>
        {pages.hasNextPage && (
          <Button disabled={pages.isFetching} onClick={() => void pages.fetchNextPage()}>
            Older ones
          </Button>
        )}
      </Strip>
    </>
  );
}

function OfTest({ value, onChange }: { value: string; onChange: (id: string) => void }) {
  const all = useQuery(tests()).data ?? [];
  return (
    <Field label="Of which test" className="w-72 max-md:w-full">
      <Select value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">of everything</option>
        {all.map((t) => (
          <option key={t.test.id} value={t.test.id}>
            {t.test.question}
          </option>
        ))}
      </Select>
    </Field>
  );
}

function ByWhom({ value, onChange }: { value: string; onChange: (name: string) => void }) {
  const all = useQuery(changePeople()).data ?? [];
  return (
    <Field label="By whom" className="w-52">
      <Select value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">anybody</option>
        {all.map((name) => (
          <option key={name}>{name}</option>
        ))}
      </Select>
    </Field>
  );
}

function Entry({ change: c }: { change: Change }) {
  const at = exactMoment(c.at);
  return (
    <li className="border-b border-joint pb-3">
      <p>
        <b className="font-[650]">{c.who || 'Frenum itself'}</b> {KINDS[c.kind]} {whatName(c.what)}
        {c.testId && (
          <>
            {' '}
            of{' '}
            <Link className="underline" to={`/tests/${c.testId}/stops`}>
              this test
            </Link>
          </>
        )}
      </p>
      <p className="text-[13px] text-ink-2">
        {at}
        {c.screen && `, at ${c.screen}`}
      </p>
      <Parts change={c} />
    </li>
  );
}

function Parts({ change: c }: { change: Change }) {
  const { units } = usePreferences();
  const told = [...new Set([...Object.keys(c.before), ...Object.keys(c.after)])]
    .filter((part) => !isId(c.before[part] ?? c.after[part]))
    .sort();
  if (told.length === 0) return null;
  const side = (of: Record<string, string>, part: string) => {
    const value = of[part];
    return value === undefined ? 'nothing' : shown(part, value, units);
  };
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-[14px] text-ink-2">
        {told.map(partName).slice(0, FIRST).join('; ')}
        {told.length > FIRST && ` and ${told.length - FIRST} more`}
      </summary>
      <dl className="mt-2 grid gap-x-4 gap-y-1 text-[13.5px] md:grid-cols-[16rem_1fr]">
        {told.map((part) => (
          <div key={part} className="contents">
            <dt className="font-[600]">{partName(part)}</dt>
            <dd className="break-words max-md:mb-1.5">
              {c.kind !== 'ADDED' && <span className="text-ink-2">{side(c.before, part)}</span>}
              {c.kind === 'CHANGED' && (
                <>
                  <span aria-hidden> → </span>
                  <span className="sr-only"> became </span>
                </>
              )}
              {c.kind !== 'TAKEN_OUT' && side(c.after, part)}
            </dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
