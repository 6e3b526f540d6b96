import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Problem, put } from '../../api/client';
import { operators, run, test } from '../../api/queries';
import type { RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Failure, Reading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { OperatorSheet } from './OperatorSheet';
import { RunCard } from './RunCard';
import { useRun } from './useRun';

const OPERATOR = 'frenum.operator';

/** The trackside: what to do next, at a glance, and whether what was done counts. */
export function RunPage() {
  const { testId = '' } = useParams();
  const known = useQuery(operators());
  const [operatorId, setOperatorId] = useState(window.localStorage.getItem(OPERATOR));
  const { query, queued, say, forgetRefused, ahead } = useRun(testId, operatorId);
  const operator = known.data?.find((o) => o.id === operatorId);
  const choose = (id: string) => {
    window.localStorage.setItem(OPERATOR, id);
    setOperatorId(id);
  };
  if (!query.data) {
    if (query.error instanceof Problem && query.error.offline) return <Failure error={query.error} />;
    return query.error ? <NotBegun testId={testId} /> : <Reading what="Reading the run" />;
  }
  return (
    <>
      <RunCard
        testId={testId}
        view={query.data}
        queued={queued}
        operator={operator?.name ?? ''}
        ahead={ahead}
        say={say}
        onForgetRefused={forgetRefused}
        onChangeOperator={() => setOperatorId(null)}
      />
      {known.data && !operator && <OperatorSheet known={known.data} onChosen={choose} />}
    </>
  );
}

/** A run begins from a plan; its parts and rules are fixed then. */
function NotBegun({ testId }: { testId: string }) {
  const client = useQueryClient();
  const begin = useMutation({
    mutationFn: () => put<RunView>(`/runs/${testId}`, null),
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
        </Strip>
      )}
    </Loaded>
  );
}
