import { newId } from '../../api/newId';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { configurations, test, trialKinds, trials } from '../../api/queries';
import type { Configuration, TestDetail, Trial, TrialKind } from '../../api/types';
import { DiscsOf } from '../../reader/discs';
import { Button } from '../../ui/Button';
import { EmptySlab, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { BeginTrial } from './BeginTrial';
import { RollerTable } from './RollerTable';
import { TrialEntry } from './TrialEntry';

/** What is done with a configuration beside stops: guessed before, told after. */
export function TrialsPage() {
  const { testId = '' } = useParams();
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the test">
      {(detail) => (
        <DiscsOf names={detail.discNames}>
          <Found detail={detail} />
        </DiscsOf>
      )}
    </Loaded>
  );
}

function Found({ detail }: { detail: TestDetail }) {
  const sides = useQuery(configurations(detail.test.vehicleId));
  const kinds = useQuery(trialKinds());
  const all = useQuery(trials(detail.test.id));
  return (
    <Loaded query={sides} what="Reading its configurations">
      {(s) => (
        <Loaded query={kinds} what="Reading the kinds">
          {(k) => (
            <Loaded query={all} what="Reading the trials">
              {(t) => <Trials detail={detail} sides={s} kinds={k} all={t} />}
            </Loaded>
          )}
        </Loaded>
      )}
    </Loaded>
  );
}

function Trials(props: { detail: TestDetail; sides: Configuration[]; kinds: TrialKind[]; all: Trial[] }) {
  const { detail, sides, kinds, all } = props;
  // The name of the trial that is being begun: one for all tries to send it.
  const [beginning, setBeginning] = useState<string>();
  const rolled = all.filter((t) => t.rollers !== null);
  return (
    <>
      <Strip tone="sheet" className="flex flex-wrap items-baseline justify-between gap-4">
        <div>
          <h1 className="text-[26px]">{all.length === 0 ? 'No trials yet' : title(all)}</h1>
          <p className="mt-1 max-w-[70ch] text-[15px] text-ink-2">
            Laps of a circuit, a look at the air, a visit to the rollers: what is done with a configuration
            without measuring a stop. The guess is written down first, and stays as it was.
          </p>
        </div>
        <Button tone="main" onClick={() => setBeginning(newId())}>
          Begin a trial
        </Button>
      </Strip>
      <Strip className="grid grid-cols-1 gap-6">
        {all.length === 0 && (
          <EmptySlab line="Write down what you expect, do it, then tell what came. Photos stand beside it." />
        )}
        {rolled.length > 0 && <RollerTable trials={rolled} sides={sides} />}
        <ul className="grid gap-6">
          {all.map((trial) => (
            <TrialEntry key={trial.id} testId={detail.test.id} trial={trial} sides={sides} kinds={kinds} />
          ))}
        </ul>
      </Strip>
      {beginning !== undefined && (
        <BeginTrial
          id={beginning}
          testId={detail.test.id}
          sides={sides}
          kinds={kinds}
          onClose={() => setBeginning(undefined)}
        />
      )}
      {sides.length === 0 && (
        <Strip>
          <Heading>This vehicle has no configuration yet</Heading>
          <p>Describe one in the garage, then come back.</p>
        </Strip>
      )}
    </>
  );
}

function title(all: Trial[]): string {
  const told = all.filter((t) => t.result !== null).length;
  const open = all.length - told;
  const trials = all.length === 1 ? 'One trial' : `${all.length} trials`;
  return open === 0 ? trials : `${trials}, ${open} still to tell`;
}
