import type { RunEvent, RunView } from '../../api/types';
import { clock } from '../../units/when';

/** A run's clock: what it showed when this device last heard, and how much faster than the wall's it runs. */
export type RunClock = { atS: number; heardMs: number; rate: number };

export const clockOf = (view: Pick<RunView, 'nowS' | 'rate'>, heardMs: number): RunClock => ({
  atS: view.nowS,
  heardMs,
  rate: view.rate,
});

/** The run's clock at a moment of this device's. */
export const readClock = (clock: RunClock, nowMs: number) =>
  clock.atS + (clock.rate * (nowMs - clock.heardMs)) / 1000;

/** Seconds as minutes and seconds, never below zero. */
export function countdown(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** A moment of the run's clock as the clock on the wall shows it. */
export const wallClock = (atS: number) => clock(atS * 1000);

/** What to count down to, if anything: the discs first, then the interval. */
export function waitsUntil(view: RunView): { atS: number; plusMinusS: number | null } | null {
  if (view.stage !== 'WAITING') return null;
  const { gate } = view;
  if (gate.discs === 'WAIT' && gate.readyAtS.value !== undefined) {
    return { atS: gate.readyAtS.value, plusMinusS: gate.readyPlusMinusS.value ?? null };
  }
  return gate.interval === 'WAIT' && gate.soonestAtS !== null
    ? { atS: gate.soonestAtS, plusMinusS: null }
    : null;
}

/** The stage as far as this device can tell it, with what was not sent yet: enough to go on by, never a verdict. */
export function projected(view: RunView, pending: readonly RunEvent[]): RunView['stage'] {
  return pending.reduce((stage, { what }) => {
    switch (what.type) {
      case 'started':
        return 'APPROACH';
      case 'atRest':
        return view.snub ? 'WAITING' : 'AT_REST';
      case 'stopped':
        return 'STOPPED';
      case 'carMoves':
      case 'laneCalled':
      case 'discsRead':
        return stage;
      default:
        return 'WAITING';
    }
  }, view.stage);
}
