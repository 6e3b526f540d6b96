import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask } from '../../api/client';
import { devices, plan, run, test } from '../../api/queries';
import type { Plan, TestDetail } from '../../api/types';
import { Button } from '../../ui/Button';
import { Segments } from '../../ui/Segments';
import { Failure, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';

const RATES: [string, string][] = [
  ['1', 'as on the day'],
  ['5', '5 times'],
  ['10', '10 times'],
  ['20', '20 times'],
];

/** A run begins from a plan; its parts and rules are fixed then. */
export function NotBegun({ testId }: { testId: string }) {
  const client = useQueryClient();
  const begin = useMutation({
    mutationFn: () => ask(api.PUT('/api/runs/{testId}', { params: { path: { testId } } })),
    onSuccess: (view) => client.setQueryData(run(testId).queryKey, view),
  });
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the test">
      {(detail) => (
        <Strip className="grid max-w-3xl gap-5 py-10">
          <h1 className="text-[26px]">{detail.test.question}</h1>
          <p>
            The run follows the saved plan: its order, gates, limits and configurations are fixed when it
            begins. Closed course only.
          </p>
          {begin.error && <Failure error={begin.error} />}
          <div className="flex flex-wrap items-center gap-5">
            <Button
              tone="main"
              className="min-h-14 px-8"
              disabled={begin.isPending}
              onClick={() => begin.mutate()}
            >
              Begin the run
            </Button>
            <Link className="underline" to={`/tests/${testId}/plan`}>
              Back to the plan
            </Link>
          </div>
          <Rehearse detail={detail} />
        </Strip>
      )}
    </Loaded>
  );
}

/** The same plan as a test of its own, driven by devices that stand in, with a clock that may run faster. */
function Rehearse({ detail }: { detail: TestDetail }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [rate, setRate] = useState('10');
  const planned = useQuery(plan(detail.test.id));
  const known = useQuery(devices());
  const ready = (known.data ?? []).filter((d) => d.connected && d.kind !== 'WEATHER_MAST');
  const rehearse = useMutation({
    mutationFn: async (ownPlan: Plan) => {
      const id = newId();
      const { test: own } = detail;
      const copied = {
        id,
        vehicleId: own.vehicleId,
        question: `Rehearsal: ${own.question}`.slice(0, 200),
        lane: own.lane,
        grade: own.grade,
        nominalSpeed: { value: own.nominalSpeed.entered, unit: own.nominalSpeed.unit },
        basis: own.basis,
        marginSize: own.marginSize,
        marginOfBaseline: own.marginOfBaseline,
        drivenOn: new Date().toISOString().slice(0, 10),
        rehearsal: true,
      };
      await ask(api.POST('/api/tests', { body: copied }));
      await ask(api.PUT('/api/tests/{id}/plan', { params: { path: { id } }, body: ownPlan }));
      const path = { testId: id };
      await ask(api.PUT('/api/runs/{testId}', { params: { path, query: { rate: Number(rate) } } }));
      await ask(api.PUT('/api/runs/{testId}/devices', { params: { path }, body: ready.map((d) => d.id) }));
      return id;
    },
    onSuccess: async (id) => {
      await client.invalidateQueries({ queryKey: ['tests'] });
      void navigate(`/tests/${id}/run`);
    },
  });
  const saved = planned.data?.plan;
  if (!saved || detail.test.rehearsal) return null;
  return (
    <section className="mt-6 grid gap-3 border-t border-rule pt-5">
      <Heading>Rehearse the day first</Heading>
      <p className="max-w-[70ch] text-ink-2">
        A copy of this test, so that nothing of the rehearsal is taken for a measurement. At its end it says
        which calls of the rules the crew overruled or missed.
        {ready.length === 0 &&
          ' No device is connected: pair the stand-in’s logger under Devices, or rehearse with tape and thermometer.'}
      </p>
      <div className="flex flex-wrap items-center gap-4">
        <Segments label="How fast the clock runs" value={rate} options={RATES} onChange={setRate} />
        <Button disabled={rehearse.isPending} onClick={() => rehearse.mutate(saved)}>
          Rehearse
        </Button>
      </div>
      {rehearse.error && <Failure error={rehearse.error} />}
    </section>
  );
}
