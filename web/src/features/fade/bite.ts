import type { Trace } from '../../api/types';
import type { Point } from './curves';

const STEP_BAR = 4;
const FEWEST = 4;

/** Deceleration over front line pressure of one stop: the mean of every 4 bar that it was at for a few samples. */
export function biteOf(trace: Trace): Point[] {
  const bars = trace.lines['front'] ?? [];
  const slowing = trace.lines['deceleration'] ?? [];
  const sums = new Map<number, { n: number; sum: number }>();
  bars.forEach((bar, i) => {
    const a = slowing[i];
    const t = trace.time[i];
    if (a === undefined || t === undefined || t < 0 || !Number.isFinite(bar) || !Number.isFinite(a)) return;
    const step = Math.round(bar / STEP_BAR);
    if (step < 1) return;
    const own = sums.get(step) ?? { n: 0, sum: 0 };
    sums.set(step, { n: own.n + 1, sum: own.sum + a });
  });
  return [...sums.entries()]
    .filter(([, s]) => s.n >= FEWEST)
    .map(([step, s]) => ({ bar: step * STEP_BAR, value: s.sum / s.n }))
    .sort((a, b) => a.bar - b.bar);
}
