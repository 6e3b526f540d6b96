import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../api/client';
import { tests, vehicles } from '../../api/queries';
import { Button } from '../../ui/Button';
import { Failure, Strip } from '../../ui/Layout';
import { NewTestForm, type NewTest } from '../import/NewTestForm';

/** The evening before: the question first, then its plan. */
export function NewPlanPage() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [ready, setReady] = useState<NewTest | null>(null);
  const start = useMutation({
    mutationFn: async (t: NewTest) => {
      if (t.vehicle) await post('/vehicles', t.vehicle);
      await post('/tests', t.test);
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
      <NewTestForm onReady={useCallback((t: NewTest | null) => setReady(t), [])} />
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
