import { newId } from '../../api/newId';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask } from '../../api/client';
import { test } from '../../api/queries';
import type { Schemas, TestDetail } from '../../api/types';
import { Button } from '../../ui/Button';
import { Failure } from '../../ui/Layout';

/** Makes the configuration in between, and opens the plan of its run beside the one it was made from. */
export function MissingRun(props: { testId: string; between: Schemas['Between'] }) {
  const { testId, between } = props;
  const navigate = useNavigate();
  const client = useQueryClient();
  const make = useMutation({
    mutationFn: async () => {
      const made = await ask(
        api.POST('/api/configurations/{a}/between/{b}', {
          params: {
            path: { a: between.first, b: between.other },
            query: { factor: between.factor, id: newId() },
          },
        }),
      );
      const asked = (await client.ensureQueryData(test(testId))).test;
      const next = nextTest(asked, between, made.name);
      await ask(api.POST('/api/tests', { body: next }));
      return `/tests/${next.id}/plan?with=${between.first},${made.id}`;
    },
    onSuccess: async (plan) => {
      await client.invalidateQueries({ queryKey: ['vehicles'] });
      await client.invalidateQueries({ queryKey: ['tests'] });
      void navigate(plan);
    },
  });
  return (
    <p className="mt-2">
      <Button disabled={make.isPending} onClick={() => make.mutate()}>
        Plan that run
      </Button>
      {make.error && <Failure error={make.error} />}
    </p>
  );
}

/** Asked from the same speed, measured alike, so that both can be taken together. */
function nextTest(asked: TestDetail['test'], between: Schemas['Between'], made: string) {
  return {
    id: newId(),
    vehicleId: between.vehicleId,
    question: `What does the ${between.factor} do? ${made}`.slice(0, 500),
    lane: asked.lane,
    grade: asked.grade,
    nominalSpeed: { value: asked.nominalSpeed.entered, unit: asked.nominalSpeed.unit },
    basis: asked.basis,
    marginSize: asked.marginSize,
    marginOfBaseline: asked.marginOfBaseline,
    drivenOn: new Date().toISOString().slice(0, 10),
    rehearsal: false,
  };
}
