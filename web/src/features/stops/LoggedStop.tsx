import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { trace, triedEdges } from '../../api/queries';
import type { StopView, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useShortcuts } from '../../ui/shortcuts';
import type { Letter } from '../../charts/letters';
import type { Curve, XAxis } from '../../charts/traces/layout';
import { TracePanes } from '../../charts/traces/TracePanes';
import { figure } from '../../units/units';
import { Failure, Reading } from '../../ui/Layout';
import { useUndo } from '../../ui/Undo';
import { EdgeBar } from './EdgeBar';
import { Figures, Words } from './Figures';
import { ReasonSheet } from './ReasonSheet';
import { EDGE_STEP_S } from './edges';
import { useStopActions } from './useStopActions';

type LoggedProps = {
  detail: TestDetail;
  stop: StopView;
  overlaid: ReadonlySet<string>;
  axis: XAxis;
  letterFor: (s: StopView) => Letter;
  bar: ReactNode;
};

/** A logged stop: its traces with edges to move, and its figures. */
export function LoggedStop({ detail, stop, overlaid, axis, letterFor, bar }: LoggedProps) {
  const { units, person, setPerson } = usePreferences();
  const { move } = useStopActions(detail.test.id);
  const undo = useUndo();
  const [edges, setEdges] = useState<{ onsetS: number | null; endS: number | null }>({
    onsetS: null,
    endS: null,
  });
  const [cursor, setCursor] = useState(1);
  const [asTable, setAsTable] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const siblings = detail.stops.filter(
    (s) => s.measured && s.id !== stop.id && (s.seriesId === stop.seriesId || overlaid.has(s.id)),
  );
  const shownStops = [stop, ...siblings];
  const traces = useQueries({ queries: shownStops.map((s) => trace(detail.test.id, s.id)) });
  const kept = stop.measured;
  const tried = useQuery({
    ...triedEdges(detail.test.id, stop.id, edges.onsetS, edges.endS),
    placeholderData: keepPreviousData,
  });
  const moved = edges.onsetS !== null || edges.endS !== null;
  const shift = (edge: 'onset' | 'end', by: number) =>
    setEdges((e) =>
      edge === 'onset'
        ? { ...e, onsetS: Math.max(0, (e.onsetS ?? kept?.onsetS ?? 0) + by) }
        : { ...e, endS: (e.endS ?? kept?.endS ?? 0) + by },
    );
  const reset = () => setEdges({ onsetS: null, endS: null });
  useShortcuts({
    '[': () => shift('onset', -EDGE_STEP_S),
    ']': () => shift('onset', EDGE_STEP_S),
    '{': () => shift('end', -EDGE_STEP_S),
    '}': () => shift('end', EDGE_STEP_S),
    ArrowLeft: () => setCursor((c) => c - 0.02),
    ArrowRight: () => setCursor((c) => c + 0.02),
    Enter: () => moved && setKeeping(true),
    Escape: reset,
    v: () => setAsTable(!asTable),
  });
  const failed = traces[0]?.error;
  if (failed) return <Failure error={failed} />;
  if (!traces[0]?.data || !kept) return <Reading what={`Reading stop ${stop.number}`} />;
  const measured = moved && tried.data ? tried.data : kept;
  const curves: Curve[] = shownStops.flatMap((s, i) => {
    const data = traces[i]?.data;
    const weight = s.id === stop.id ? 'chosen' : overlaid.has(s.id) ? 'compared' : 'sibling';
    return data ? [{ trace: data, letter: letterFor(s), number: s.number, weight }] : [];
  });
  const keep = (why: string, by: string) => {
    setPerson(by);
    setKeeping(false);
    const before = stop.moves.at(-1);
    move.mutate(
      {
        id: stop.id,
        onsetS: edges.onsetS ?? before?.onsetS ?? null,
        endS: edges.endS ?? before?.endS ?? null,
        why,
      },
      {
        onSuccess: () => {
          reset();
          undo({
            message: `Edges of stop ${stop.number} kept`,
            undo: () =>
              move.mutate({
                id: stop.id,
                onsetS: before?.onsetS ?? null,
                endS: before?.endS ?? null,
                why: 'undone',
              }),
          });
        },
      },
    );
  };
  const letter = letterFor(stop);
  const change = (measured.distance.value ?? 0) - (kept.distance.value ?? 0);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 className="text-2xl">
            Stop {stop.number} of {letter} {kept.kind === 'STOP' ? `came to rest in` : 'slowed over'}{' '}
            {figure(measured.distance, units.distance)} {units.distance.unit} from{' '}
            {figure(measured.entrySpeed, units.speed)} {units.speed.unit}
          </h1>
          <p className="mt-0.5 text-[14.5px] text-ink-2">
            {stop.struckOut
              ? `Struck out: ${stop.decisions.at(-1)?.reason}.`
              : `Plateau ${figure(measured.mfdd, units.deceleration)} ${units.deceleration.unit}, build-up ${figure(measured.buildUp, units.time)} s; corrected to nominal speed ${figure(measured.correctedDistance, units.distance)} ${units.distance.unit}.`}
          </p>
        </div>
        {bar}
      </div>
      {(tried.error ?? move.error) && <Failure error={tried.error ?? move.error} />}
      <EdgeBar
        stop={stop}
        measured={measured}
        changeM={moved ? change : null}
        axis={axis}
        onKeep={() => setKeeping(true)}
        onReset={reset}
        onAutomatic={() =>
          move.mutate({
            id: stop.id,
            onsetS: null,
            endS: null,
            why: 'automatic edges put back',
          })
        }
      />
      <TracePanes
        curves={curves}
        stop={measured}
        moved={{ onset: edges.onsetS !== null, end: edges.endS !== null }}
        traceZeroS={kept.onsetS}
        axis={axis}
        cursor={cursor}
        units={units}
        asTable={asTable}
        onCursor={setCursor}
        onEdge={shift}
      />
      <div className="mt-4 grid gap-10 xl:grid-cols-2">
        <div>
          <Figures stop={measured} />
        </div>
        <Words stop={stop} measured={measured} />
      </div>
      <ReasonSheet
        key={`keep${keeping}`}
        open={keeping}
        title={`Keep the moved edges of stop ${stop.number}`}
        description="The automatic ones are kept beside them."
        action="Keep"
        suggestions={['pedal was rested on before', 'noise before the onset', 'switch came late']}
        person={person}
        onDone={keep}
        onClose={() => setKeeping(false)}
      />
    </>
  );
}
