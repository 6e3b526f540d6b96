import { useState } from 'react';
import { useParams } from 'react-router';
import { Problem } from '../../api/client';
import { DiscsOf } from '../../reader/discs';
import { usePreferences } from '../../reader/preferences';
import { Failure, Reading } from '../../ui/Layout';
import { useTitle } from '../../ui/useTitle';
import { HolderSheet } from './HolderSheet';
import { NotBegun } from './NotBegun';
import { RunCard } from './RunCard';
import { useAwake } from './useAwake';
import { useRun } from './useRun';

/** The trackside: what to do next, at a glance, and whether what was done counts. */
export function RunPage() {
  const { testId = '' } = useParams();
  const { person, setPerson } = usePreferences();
  const [handingOver, setHandingOver] = useState(false);
  const { query, queued, say, forgetRefused, clock, linked } = useRun(testId, person);
  useTitle('Run', query.data?.question);
  useAwake();
  if (!query.data) {
    if (query.error instanceof Problem && query.error.offline) return <Failure error={query.error} />;
    return query.error ? <NotBegun testId={testId} /> : <Reading what="Reading the run" />;
  }
  return (
    <DiscsOf names={query.data.discNames}>
      <RunCard
        testId={testId}
        view={query.data}
        queued={queued}
        holder={person}
        clock={clock}
        linked={linked}
        say={say}
        onForgetRefused={forgetRefused}
        onHandOver={() => setHandingOver(true)}
      />
      {handingOver && (
        <HolderSheet
          holder={person}
          onChosen={(name) => {
            setPerson(name);
            setHandingOver(false);
          }}
        />
      )}
    </DiscsOf>
  );
}
