import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { plan as planOf } from '../../api/queries';
import type { PlanView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';

/** What is expected, sealed before the first stop so that nobody remembers it better afterwards. */
export function Expectation({ testId, stored }: { testId: string; stored: PlanView }) {
  const client = useQueryClient();
  const { person, setPerson } = usePreferences();
  const [text, setText] = useState('');
  const seal = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/tests/{id}/expectation', {
          params: { path: { id: testId } },
          body: { expectation: text },
        }),
      ),
    onSuccess: (view) => client.setQueryData(planOf(testId).queryKey, view),
  });
  return (
    <section>
      <Heading note="sealed before the first stop, shown beside the result">What is expected</Heading>
      {stored.sealedAt ? (
        <p>
          <b className="font-[650]">{stored.expectation}</b>, said {stored.expectedBy} on{' '}
          {stored.sealedAt.slice(0, 10)}.
        </p>
      ) : (
        <div className="flex flex-wrap items-end gap-4">
          <Field label="Expectation" className="w-72">
            <Input placeholder="B stops 2 m shorter" value={text} onChange={(e) => setText(e.target.value)} />
          </Field>
          <Field label="Said by" className="w-48">
            <Input value={person} onChange={(e) => setPerson(e.target.value)} />
          </Field>
          <Button
            disabled={!stored.plan || !text.trim() || !person.trim() || seal.isPending}
            onClick={() => seal.mutate()}
          >
            Seal it
          </Button>
          {!stored.plan && <span className="text-[13px] text-ink-3">Save the plan first.</span>}
        </div>
      )}
      {seal.error && <Failure error={seal.error} />}
    </section>
  );
}
