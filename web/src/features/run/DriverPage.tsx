import { useParams } from 'react-router';
import { usePreferences } from '../../reader/preferences';
import { Reading } from '../../ui/Layout';
import { useTitle } from '../../ui/useTitle';
import { number, said } from '../../units/units';
import { countdown, waitsUntil } from './clock';
import { loggerOf, useLive } from './live';
import { Share } from './Share';
import { useAwake } from './useAwake';
import { useRun, useRunClock } from './useRun';

/** For the driver: one value, very large, nothing to press and nothing that makes them look down for long. */
export function DriverPage() {
  const { testId = '' } = useParams();
  const { query, clock } = useRun(testId, '');
  const { units } = usePreferences();
  const now = useRunClock(clock);
  const view = query.data;
  useTitle('Driver', view?.question);
  useAwake();
  const logger = loggerOf(view);
  const live = useLive(logger?.id);
  if (!view) return <Reading what="Waiting for the run" />;
  const driven = view.stage === 'APPROACH' ? live.value('SPEED') : undefined;
  const waits = waitsUntil(view);
  const stopped = view.stage === 'STOPPED';
  const speed = view.fromMps === null ? '' : number(units.speed.of(view.fromMps), 0);
  const shown = stopped
    ? 'STOP'
    : driven !== undefined
      ? number(units.speed.of(driven), 0)
      : waits
        ? countdown(waits.atS - now)
        : view.stage === 'APPROACH' || view.gateOpen
          ? speed
          : 'HOLD';
  return (
    <main
      id="main"
      className={`flex min-h-dvh flex-col items-center justify-center gap-6 px-4 text-center ${stopped ? 'bg-stop text-on-stop' : 'bg-sheet'}`}
    >
      <h1 className="text-[min(7vw,54px)] font-[640]">{said(view.instruction.imperative, units)}</h1>
      <p
        aria-live="polite"
        className="text-[min(42vw,60vh)] leading-[0.85] font-[680] [font-stretch:64%] tabular-nums"
      >
        {shown}
      </p>
      <p className="text-[min(5vw,32px)]">
        {shown === speed || driven !== undefined ? units.speed.unit : ''}
      </p>
      {/* At speed there is nothing else to read. */}
      {(driven === undefined || live.traces.share?.braking) && !stopped && (
        <Share share={live.traces.share} />
      )}
    </main>
  );
}
