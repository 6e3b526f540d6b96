import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { test } from '../../api/queries';
import type { TestDetail } from '../../api/types';
import { useShortcuts } from '../../ui/shortcuts';
import { Button } from '../../ui/Button';
import { EmptySlab, Failure, Key, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { useUndo } from '../../ui/Undo';
import { ChosenStop } from './ChosenStop';
import { ReasonSheet } from './ReasonSheet';
import { StopList } from './StopList';
import { stopName } from './conditions';
import { useStopActions } from './useStopActions';
import { useStopChoice } from './useStopChoice';

const REASONS = [
  'braked before the cone',
  'gust of wind',
  'let go of the brake',
  'lane not clear',
  'wrong gear',
];

/** Any stop, against any others. */
export function StopsPage() {
  const { testId = '' } = useParams();
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the stops">
      {(detail) => (detail.stops.length === 0 ? <NoStops testId={testId} /> : <Stops detail={detail} />)}
    </Loaded>
  );
}

function NoStops({ testId }: { testId: string }) {
  const navigate = useNavigate();
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">No stops yet</h1>
      <EmptySlab line="The first will be drawn here.">
        <Button tone="main" onClick={() => void navigate(`/import?test=${testId}`)}>
          Bring in a log or a sheet
        </Button>
      </EmptySlab>
    </Strip>
  );
}

function Stops({ detail }: { detail: TestDetail }) {
  const undo = useUndo();
  const { decide } = useStopActions(detail.test.id);
  const [asking, setAsking] = useState(false);
  const { chosen, overlaid, axis, set, go, overlay } = useStopChoice(detail);
  useShortcuts({
    j: () => go(1),
    k: () => go(-1),
    o: overlay,
    t: () => set({ x: '' }),
    d: () => set({ x: 'distance' }),
    x: () => setAsking(true),
  });
  if (!chosen) return null;
  const settle = (struckOut: boolean, reason: string) => {
    setAsking(false);
    decide.mutate(
      { id: chosen.id, struckOut, reason },
      {
        onSuccess: () =>
          undo({
            message: `${stopName(chosen)} ${struckOut ? 'struck out' : 'brought back'}`,
            undo: () => decide.mutate({ id: chosen.id, struckOut: !struckOut, reason: 'undone' }),
          }),
      },
    );
  };
  return (
    <div className="grid gap-8 bg-sheet px-8 py-4 max-md:px-4 lg:grid-cols-[264px_1fr]">
      <aside className="max-lg:order-last">
        <StopList
          detail={detail}
          chosen={chosen.id}
          overlaid={overlaid}
          onChoose={(id) => set({ stop: id })}
        />
        <p className="mt-2 text-[12.5px] text-ink-3">
          <a className="mb-2 block underline" href={`/api/tests/${detail.test.id}/stops.csv`}>
            Take them along as a stop sheet (CSV)
          </a>
          <Key>J</Key> <Key>K</Key> step through stops <Key>O</Key> overlay
        </p>
      </aside>
      <div className="min-w-0">
        {decide.error && <Failure error={decide.error} />}
        <ChosenStop
          key={chosen.id}
          detail={detail}
          stop={chosen}
          overlaid={overlaid}
          axis={axis}
          onAxis={(a) => set({ x: a === 'time' ? '' : a })}
          onOverlay={overlay}
          onStrike={() => setAsking(true)}
        />
      </div>
      <ReasonSheet
        key={`${chosen.id}${asking}`}
        open={asking}
        title={chosen.struckOut ? `Bring back: ${stopName(chosen)}` : `Exclude: ${stopName(chosen)}`}
        description="Nothing measured is deleted. The stop stays in its place, and every figure can be shown with it."
        action={chosen.struckOut ? 'Bring back' : 'Strike out'}
        suggestions={REASONS}
        onDone={(reason) => settle(!chosen.struckOut, reason)}
        onClose={() => setAsking(false)}
      />
    </div>
  );
}
