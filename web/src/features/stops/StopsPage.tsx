import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { test, trace, triedEdges } from '../../api/queries';
import type { StopView, TestDetail } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { useShortcuts } from '../../app/shortcuts';
import { letterOf } from '../../charts/letters';
import { TracePanes, type Curve, type XAxis } from '../../charts/TracePanes';
import { figure, number, signed } from '../../units/units';
import { Button, Segments } from '../../ui/Button';
import { EmptySlab, Failure, Key, Reading, Strip } from '../../ui/Layout';
import { useUndo } from '../../ui/Undo';
import { Figures, SheetRow, Words } from './Figures';
import { ReasonSheet } from './ReasonSheet';
import { StopList } from './StopList';
import { useStopActions } from './useStopActions';

/** Any stop, against any others. */
export function StopsPage() {
  const { testId = '' } = useParams();
  const navigate = useNavigate();
  const { data, error } = useQuery(test(testId));
  if (error)
    return (
      <Strip>
        <Failure error={error} />
      </Strip>
    );
  if (!data)
    return (
      <Strip>
        <Reading what="Reading the stops" />
      </Strip>
    );
  if (data.stops.length === 0) {
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
  return <Stops detail={data} />;
}

function Stops({ detail }: { detail: TestDetail }) {
  const [query, setQuery] = useSearchParams();
  const { person, setPerson } = usePreferences();
  const undo = useUndo();
  const { decide } = useStopActions(detail.test.id);
  const [asking, setAsking] = useState(false);
  const ordered = detail.series.flatMap((s) => detail.stops.filter((x) => x.seriesId === s.id));
  const chosen = ordered.find((s) => s.id === query.get('stop')) ?? ordered[0];
  const overlaid = new Set((query.get('with') ?? '').split(',').filter(Boolean));
  const axis: XAxis = query.get('x') === 'distance' ? 'distance' : 'time';
  const set = (changes: Record<string, string>) => {
    const next = new URLSearchParams(query);
    Object.entries(changes).forEach(([k, v]) => (v ? next.set(k, v) : next.delete(k)));
    setQuery(next, { replace: true });
  };
  const go = (way: number) => {
    const next = ordered[ordered.findIndex((s) => s.id === chosen?.id) + way];
    if (next) set({ stop: next.id });
  };
  const overlay = () => {
    if (!chosen) return;
    const next = new Set(overlaid);
    if (!next.delete(chosen.id)) next.add(chosen.id);
    set({ with: [...next].slice(-3).join(',') });
  };
  useShortcuts({
    j: () => go(1),
    k: () => go(-1),
    o: overlay,
    t: () => set({ x: '' }),
    d: () => set({ x: 'distance' }),
    x: () => setAsking(true),
  });
  if (!chosen) return null;
  const settle = (struckOut: boolean, reason: string, by: string) => {
    setPerson(by);
    setAsking(false);
    decide.mutate(
      { id: chosen.id, struckOut, reason, by },
      {
        onSuccess: () =>
          undo({
            message: `Stop ${chosen.number} ${struckOut ? 'struck out' : 'brought back'}`,
            undo: () => decide.mutate({ id: chosen.id, struckOut: !struckOut, reason: 'undone', by }),
          }),
      },
    );
  };
  return (
    <div className="grid gap-8 bg-sheet px-8 py-4 max-md:px-4 lg:grid-cols-[264px_1fr]">
      <aside>
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
        <Chosen
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
        title={chosen.struckOut ? `Bring stop ${chosen.number} back` : `Strike out stop ${chosen.number}`}
        description="Nothing measured is deleted. The stop stays in its place, and every figure can be shown with it."
        action={chosen.struckOut ? 'Bring back' : 'Strike out'}
        suggestions={[
          'braked before the cone',
          'gust of wind',
          'driver lifted',
          'lane not clear',
          'wrong gear',
        ]}
        person={person}
        onDone={(reason, by) => settle(!chosen.struckOut, reason, by)}
        onClose={() => setAsking(false)}
      />
    </div>
  );
}

type ChosenProps = {
  detail: TestDetail;
  stop: StopView;
  overlaid: ReadonlySet<string>;
  axis: XAxis;
  onAxis: (axis: XAxis) => void;
  onOverlay: () => void;
  onStrike: () => void;
};

function Chosen({ detail, stop, overlaid, axis, onAxis, onOverlay, onStrike }: ChosenProps) {
  const { units } = usePreferences();
  const letterFor = (s: StopView) =>
    letterOf(
      detail.configurations.findIndex(
        (c) => c.id === detail.series.find((x) => x.id === s.seriesId)?.configurationId,
      ),
    );
  const letter = letterFor(stop);
  const bar = (
    <div className="no-print flex flex-wrap gap-2">
      {stop.measured && (
        <>
          <Segments
            label="Horizontal axis"
            value={axis}
            options={[
              ['time', 'Time'],
              ['distance', 'Distance'],
            ]}
            onChange={onAxis}
          />
          <Button className="min-h-8" pressed={overlaid.has(stop.id)} onClick={onOverlay}>
            Overlay
          </Button>
        </>
      )}
      <Button className="min-h-8" onClick={onStrike}>
        {stop.struckOut ? 'Bring back' : 'Strike out'}
      </Button>
    </div>
  );
  if (!stop.measured) {
    const time = stop.byHand?.basis === 'TIME_ONLY';
    const shown = time ? units.deceleration : units.distance;
    return (
      <>
        <div className="flex flex-wrap items-start justify-between gap-4">
          <h1 className="text-2xl">
            Stop {stop.number} of {letter}: {figure(stop.value, shown)} ±{' '}
            {figure(stop.valueUncertainty, shown)} {shown.unit}
            {time ? ' by stopwatch' : ', corrected for entry speed'}
          </h1>
          {bar}
        </div>
        <div className="mt-6 max-w-2xl">{stop.byHand && <SheetRow row={stop.byHand} />}</div>
        <Words stop={stop} measured={null} />
      </>
    );
  }
  return (
    <Logged detail={detail} stop={stop} overlaid={overlaid} axis={axis} letterFor={letterFor} bar={bar} />
  );
}

type LoggedProps = {
  detail: TestDetail;
  stop: StopView;
  overlaid: ReadonlySet<string>;
  axis: XAxis;
  letterFor: (s: StopView) => ReturnType<typeof letterOf>;
  bar: React.ReactNode;
};

const EDGE_STEP_S = 0.01;

function Logged({ detail, stop, overlaid, axis, letterFor, bar }: LoggedProps) {
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
        by,
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
                by,
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
      <div
        className="no-print mb-2 flex min-h-10 flex-wrap items-center gap-4 text-[13px]"
        aria-live="polite"
      >
        {moved ? (
          <>
            <span>
              Moved: the distance changes by{' '}
              <b>
                {signed(units.distance.of(change), units.distance.decimals + 1)} {units.distance.unit}
              </b>
            </span>
            <Button tone="main" className="min-h-8" onClick={() => setKeeping(true)}>
              Keep
            </Button>
            <Button className="min-h-8" onClick={reset}>
              Put back
            </Button>
          </>
        ) : (
          <>
            {stop.automatic && (
              <>
                <span>
                  Set by hand. Automatic: onset {number(stop.automatic.onsetS, 2)} s,{' '}
                  {figure(stop.automatic.distance, units.distance)} {units.distance.unit}.
                </span>
                <Button
                  tone="link"
                  onClick={() =>
                    move.mutate({
                      id: stop.id,
                      onsetS: null,
                      endS: null,
                      by: person || 'unnamed',
                      why: 'automatic edges put back',
                    })
                  }
                >
                  Put the automatic ones back
                </Button>
              </>
            )}
            {axis === 'time' && (
              <span className="ml-auto text-ink-2">
                Drag the onset or press <Key>[</Key> <Key>]</Key>: 0.01 s changes the distance by{' '}
                {number(units.distance.of((measured.entrySpeed.value ?? 0) * EDGE_STEP_S), 2)}{' '}
                {units.distance.unit}
              </span>
            )}
          </>
        )}
      </div>
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
