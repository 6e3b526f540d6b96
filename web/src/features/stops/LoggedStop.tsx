import { useQueries } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Problem } from '../../api/client';
import { trace } from '../../api/queries';
import type { MeasuredStop, StopView, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useShortcuts } from '../../ui/shortcuts';
import type { Letter } from '../../charts/letters';
import type { Curve, XAxis } from '../../charts/traces/layout';
import { TracePanes } from '../../charts/traces/TracePanes';
import { figure } from '../../units/units';
import { moment } from '../../units/when';
import { Failure, Reading } from '../../ui/Layout';
import { EdgeBar } from './EdgeBar';
import { Figures, Words } from './Figures';
import { ReasonSheet } from './ReasonSheet';
import { stopName } from './conditions';
import { EDGE_STEP_S } from './edges';
import { useEdges } from './useEdges';

/** Its samples were let go; its figures were not. */
const GONE = 410;

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
  const { units } = usePreferences();
  const { edges, moved, tried, move, shift, reset, keep, automatic } = useEdges(detail.test.id, stop);
  const [cursor, setCursor] = useState(1);
  const [asTable, setAsTable] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const siblings = detail.stops.filter(
    (s) => s.measured && s.id !== stop.id && (s.seriesId === stop.seriesId || overlaid.has(s.id)),
  );
  const shownStops = [stop, ...siblings];
  const traces = useQueries({ queries: shownStops.map((s) => trace(detail.test.id, s.id)) });
  const kept = stop.measured;
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
  if (failed instanceof Problem && failed.status === GONE && kept) {
    return (
      <>
        <StopHeadline stop={stop} measured={kept} letter={letterFor(stop)} bar={bar} />
        <p className="mb-4 max-w-[80ch] text-[14.5px]">{failed.message}</p>
        <Measured stop={stop} measured={kept} />
      </>
    );
  }
  if (failed) return <Failure error={failed} />;
  if (!traces[0]?.data || !kept) return <Reading what={`Loading ${stopName(stop).toLowerCase()}`} />;
  const measured = moved && tried.data ? tried.data : kept;
  const curves: Curve[] = shownStops.flatMap((s, i) => {
    const data = traces[i]?.data;
    const weight = s.id === stop.id ? 'chosen' : overlaid.has(s.id) ? 'compared' : 'sibling';
    return data
      ? [
          {
            trace: data,
            letter: letterFor(s),
            number: s.kind === 'SNUB' ? `s${s.number}` : String(s.number),
            weight,
          },
        ]
      : [];
  });
  const change = (measured.distance.value ?? 0) - (kept.distance.value ?? 0);
  return (
    <>
      <StopHeadline stop={stop} measured={measured} letter={letterFor(stop)} bar={bar} />
      {(tried.error ?? move.error) && <Failure error={tried.error ?? move.error} />}
      <EdgeBar
        stop={stop}
        measured={measured}
        changeM={moved ? change : null}
        axis={axis}
        onKeep={() => setKeeping(true)}
        onReset={reset}
        onAutomatic={automatic}
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
      <Measured stop={stop} measured={measured} />
      <ReasonSheet
        key={`keep${keeping}`}
        open={keeping}
        title={`Save the moved edges of ${stopName(stop).toLowerCase()}`}
        description="The automatic ones are kept beside them."
        action="Keep"
        suggestions={['pedal was rested on before', 'noise before the onset', 'switch came late']}
        onDone={(why) => {
          setKeeping(false);
          keep(why);
        }}
        onClose={() => setKeeping(false)}
      />
    </>
  );
}

function Measured({ stop, measured }: { stop: StopView; measured: MeasuredStop }) {
  return (
    <div className="mt-4 grid gap-10 xl:grid-cols-2">
      <div>
        <Figures stop={measured} />
      </div>
      <Words stop={stop} measured={measured} />
    </div>
  );
}

/** What came of the stop, in a sentence. */
function StopHeadline(props: { stop: StopView; measured: MeasuredStop; letter: Letter; bar: ReactNode }) {
  const { stop, measured } = props;
  const { units } = usePreferences();
  return (
    <div className="mb-3 flex flex-wrap items-start justify-between gap-4">
      <div>
        <h1 className="text-2xl">
          {stopName(stop)} of {props.letter} {measured.kind === 'STOP' ? `came to rest in` : 'slowed over'}{' '}
          {figure(measured.distance, units.distance)} {units.distance.unit} from{' '}
          {figure(measured.entrySpeed, units.speed)} {units.speed.unit}
        </h1>
        <p className="mt-0.5 text-[14.5px] text-ink-2">
          {stop.struckOut
            ? `Struck out: ${stop.decisions.at(-1)?.reason}.`
            : `Plateau ${figure(measured.mfdd, units.deceleration)} ${units.deceleration.unit}, build-up ${figure(measured.buildUp, units.time)} s; corrected to nominal speed ${figure(measured.correctedDistance, units.distance)} ${units.distance.unit}.`}
        </p>
        {stop.restored && (
          <p className="mt-1 border-l-[3px] border-caution pl-2 text-[14.5px]">
            Corrected by {stop.restored.by}, {moment(stop.restored.at)}: {stop.restored.why}
          </p>
        )}
      </div>
      {props.bar}
    </div>
  );
}
