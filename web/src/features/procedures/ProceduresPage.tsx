import { newId } from '../../api/newId';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { procedures } from '../../api/queries';
import type { ProcedureView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { cx } from '../../ui/cx';
import { ProcedureEditor } from './ProcedureEditor';
import { ProcedureReading } from './ProcedureReading';

/** The library of procedures: built in, and one's own copies. */
export function ProceduresPage() {
  return (
    <Loaded query={useQuery(procedures())} what="Reading the procedures">
      {(all) => <Library all={all} />}
    </Loaded>
  );
}

function Library({ all }: { all: ProcedureView[] }) {
  const [query, setQuery] = useSearchParams();
  const [edited, setEdited] = useState<ProcedureView | null>(null);
  const chosen = all.find((p) => p.id === query.get('procedure')) ?? all[0];
  if (!chosen) return null;
  const copy = () =>
    setEdited({
      id: newId(),
      procedure: { ...chosen.procedure, name: `${chosen.procedure.name}, own copy` },
      builtIn: false,
      version: 0,
    });
  return (
    <Strip className="grid gap-8 lg:grid-cols-[260px_1fr]">
      <aside>
        <ul className="grid gap-0.5">
          {all.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                aria-current={p.id === chosen.id}
                onClick={() => {
                  setEdited(null);
                  setQuery({ procedure: p.id }, { replace: true });
                }}
                className={cx(
                  'w-full rounded-control px-2.5 py-1.5 text-left text-sm font-[550]',
                  p.id === chosen.id ? 'bg-ink text-on-ink' : 'hover:bg-band',
                )}
              >
                {p.procedure.name}
                {!p.builtIn && <span className="ml-2 text-[13px] font-normal">own</span>}
              </button>
            </li>
          ))}
        </ul>
      </aside>
      {edited ? (
        <ProcedureEditor
          key={edited.id}
          view={edited}
          onSaved={(id) => {
            setEdited(null);
            setQuery({ procedure: id }, { replace: true });
          }}
          onLeave={() => setEdited(null)}
        />
      ) : (
        <div>
          <div className="mb-4 flex flex-wrap items-start justify-between gap-4">
            <h1 className="text-[26px]">{chosen.procedure.name}</h1>
            <div className="flex gap-2">
              {!chosen.builtIn && <Button onClick={() => setEdited(chosen)}>Change it</Button>}
              <Button onClick={copy}>Copy it</Button>
            </div>
          </div>
          <ProcedureReading procedure={chosen.procedure} />
        </div>
      )}
    </Strip>
  );
}
