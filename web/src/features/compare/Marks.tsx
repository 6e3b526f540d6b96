import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { marks } from '../../api/queries';
import type { Mark, ReferenceMark } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';
import { useUndo } from '../../ui/Undo';
import { said } from '../../units/units';

type Draft = Omit<ReferenceMark, 'distance' | 'speed'> & {
  distance: ReferenceMark['distance'] | null;
  speed: ReferenceMark['speed'] | null;
};
const EMPTY: Draft = { label: '', source: '', distance: null, speed: null };

/** Distances that others gave, to stand on the lane beside what was measured here. */
export function Marks({ testId, speed }: { testId: string; speed: number }) {
  const { units } = usePreferences();
  const { put, remove } = useChanging(testId);
  const all = useQuery(marks(testId, speed)).data ?? [];
  return (
    <>
      <p className="max-w-[60ch] text-[14px] text-ink-2">
        A code’s limit, a maker’s figure, last year’s best. They stand on the lane in ink, with where they
        come from; nothing is compared with them, for nobody measured them as you did.
      </p>
      {all.length > 0 && (
        <ul className="grid gap-1 text-[14.5px]">
          {all.map((m) => (
            <li key={m.id} className="flex flex-wrap items-baseline gap-x-3">
              {said(m.told, units)}
              <Button tone="link" aria-label={`Take out ${m.mark.label}`} onClick={() => remove.mutate(m)}>
                Take out
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Adding
        failure={put.error}
        pending={put.isPending}
        onAdd={(mark, done) => put.mutate({ id: newId(), mark }, { onSuccess: done })}
      />
    </>
  );
}

function Adding(props: {
  failure: Error | null;
  pending: boolean;
  onAdd: (mark: ReferenceMark, done: () => void) => void;
}) {
  const entry = useEntries('mark');
  const [draft, setDraft] = useState(EMPTY);
  /** Fields of figures keep what is typed; another one begins empty. */
  const [round, setRound] = useState(0);
  const { label, source, distance, speed } = draft;
  const errors = props.failure instanceof Problem ? props.failure.fields : {};
  return (
    <form
      key={round}
      className="no-print grid max-w-2xl gap-3 md:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (!distance || !speed) return;
        props.onAdd({ label, source, distance, speed }, () => {
          setDraft(EMPTY);
          setRound(round + 1);
        });
      }}
    >
      <Field label="What it is" error={errors.label}>
        <Input maxLength={60} value={label} onChange={(e) => setDraft({ ...draft, label: e.target.value })} />
      </Field>
      <Field label="Where it comes from" error={errors.source}>
        <Input
          maxLength={200}
          value={source}
          onChange={(e) => setDraft({ ...draft, source: e.target.value })}
        />
      </Field>
      <QuantityField
        allowed={entry('DISTANCE')}
        value={distance}
        {...(errors.distance !== undefined && { error: errors.distance })}
        onChange={(q) => setDraft({ ...draft, distance: q })}
      />
      <QuantityField
        allowed={entry('SPEED')}
        value={speed}
        {...(errors.speed !== undefined && { error: errors.speed })}
        onChange={(q) => setDraft({ ...draft, speed: q })}
      />
      {props.failure && <Failure error={props.failure} />}
      <div>
        <Button
          type="submit"
          disabled={!label.trim() || !source.trim() || !distance || !speed || props.pending}
        >
          Put it on the lane
        </Button>
      </div>
    </form>
  );
}

function useChanging(testId: string) {
  const client = useQueryClient();
  const undo = useUndo();
  const again = () => client.invalidateQueries({ queryKey: ['test', testId, 'marks'] });
  const put = useMutation({
    mutationFn: ({ id, mark }: { id: string; mark: ReferenceMark }) =>
      ask(api.PUT('/api/tests/{testId}/marks/{id}', { params: { path: { testId, id } }, body: mark })),
    onSuccess: again,
  });
  const remove = useMutation({
    mutationFn: (m: Mark) => ask(api.DELETE('/api/marks/{id}', { params: { path: { id: m.id } } })),
    onSuccess: (_, m) => {
      undo({ message: `${m.mark.label} is off the lane.`, undo: () => put.mutate(m) });
      return again();
    },
  });
  return { put, remove };
}
