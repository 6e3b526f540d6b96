import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Problem } from '../../api/client';
import { operators } from '../../api/queries';
import { Failure, Reading } from '../../ui/Layout';
import { NotBegun } from './NotBegun';
import { OperatorSheet } from './OperatorSheet';
import { RunCard } from './RunCard';
import { useRun } from './useRun';

const OPERATOR = 'frenum.operator';

/** The trackside: what to do next, at a glance, and whether what was done counts. */
export function RunPage() {
  const { testId = '' } = useParams();
  const known = useQuery(operators());
  const [operatorId, setOperatorId] = useState(window.localStorage.getItem(OPERATOR));
  const { query, queued, say, forgetRefused, clock } = useRun(testId, operatorId);
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
        operatorId={operatorId ?? ''}
        clock={clock}
        say={say}
        onForgetRefused={forgetRefused}
        onChangeOperator={() => setOperatorId(null)}
      />
      {known.data && !operator && <OperatorSheet known={known.data} onChosen={choose} />}
    </>
  );
}
