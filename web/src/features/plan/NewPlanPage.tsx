import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask } from '../../api/client';
import { tests, vehicles } from '../../api/queries';
import { Button } from '../../ui/Button';
import { Failure, Heading, Strip } from '../../ui/Layout';
import { NewTestForm, type NewTest } from '../../forms/NewTestForm';

/** The evening before: the question first, then its plan. */
export function NewPlanPage() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [ready, setReady] = useState<NewTest | null>(null);
  const start = useMutation({
    mutationFn: async (t: NewTest) => {
      if (t.vehicle) await ask(api.POST('/api/vehicles', { body: t.vehicle }));
      await ask(api.POST('/api/tests', { body: t.test }));
      return t.test.id;
    },
    onSuccess: async (id) => {
      await client.invalidateQueries({ queryKey: tests().queryKey });
      await client.invalidateQueries({ queryKey: vehicles().queryKey });
      void navigate(`/tests/${id}/plan`);
    },
  });
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">What do you want to know?</h1>
      <div className="grid gap-x-12 gap-y-6 xl:grid-cols-[1fr_420px]">
        <NewTestForm onReady={useCallback((t: NewTest | null) => setReady(t), [])} />
        <WhatFollows />
      </div>
      <div className="mt-5 grid gap-3">
        {start.error && <Failure error={start.error} />}
        <div>
          <Button
            tone="main"
            disabled={!ready || start.isPending}
            onClick={() => ready && start.mutate(ready)}
          >
            Plan this test
          </Button>
        </div>
      </div>
    </Strip>
  );
}

const ANSWERS = [
  ['Enough stops?', 'What your own spread lets so many stops show, beside what is worth having.'],
  ['Enough lane?', 'Reaching the speed, the stop, and what half the brakes would need. GO or NO-GO.'],
  ['Enough time?', 'Stops, waits for the discs, changes of parts and inspections against the booked slot.'],
  ['Cool enough?', 'Trough and peak of every disc against pads, fluid and the limit you choose.'],
] as const;

/** What a plan answers before anybody drives. */
function WhatFollows() {
  return (
    <section>
      <Heading>What the plan will tell you</Heading>
      <dl className="grid gap-3 text-sm">
        {ANSWERS.map(([asked, told]) => (
          <div key={asked} className="border-t border-rule pt-2">
            <dt className="font-[650]">{asked}</dt>
            <dd className="text-ink-2">{told}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-sm text-ink-2">
        Then a run card on paper and on the phone, with the kit to bring, the crew, the radio words and the
        safety gate.
      </p>
    </section>
  );
}
