import { scaleLinear } from 'd3-scale';
import type { Trace } from '../../api/types';
import type { UnitTable } from '../../units/units';
import type { Letter } from '../letters';

export type Curve = {
  trace: Trace;
  letter: Letter;
  /** What tells it from others of its configuration: the number of a stop, or of a snub. */
  number: string;
  weight: 'chosen' | 'compared' | 'sibling';
};
export type XAxis = 'time' | 'distance';
export type Edge = 'onset' | 'end';

export const LEFT = 48;
export const READOUT = 178;
export const TOP = 46;
/** Narrower than this there is no room for values beside the picture, px. */
export const NARROW = 600;
const GAP = 14;

export const PANES = [
  { name: 'Speed', lines: ['speed'], kind: 'speed', height: 138, decimals: 1 },
  { name: 'Deceleration', lines: ['deceleration'], kind: 'deceleration', height: 150, decimals: 2 },
  { name: 'Line pressure', lines: ['front', 'rear'], kind: 'pressure', height: 122, decimals: 0 },
  { name: 'Front discs', lines: ['frontLeft', 'frontRight'], kind: 'temperature', height: 72, decimals: 0 },
] as const;

export type Pane = (typeof PANES)[number] & { y: number; low: number; high: number };

export function layout(curves: Curve[], units: UnitTable): Pane[] {
  let y = TOP;
  return PANES.flatMap((p) => {
    const values = curves.flatMap((c) =>
      p.lines.slice(0, c.weight === 'sibling' ? 1 : 2).flatMap((l) => c.trace.lines[l] ?? []),
    );
    if (values.length === 0) return [];
    const shown = values.map(units[p.kind].of);
    const low =
      p.kind === 'temperature' ? Math.min(...shown) - 8 : Math.min(0, Math.max(-2, Math.min(...shown)));
    const high = Math.max(...shown) * 1.06 + (p.kind === 'deceleration' ? 1 : 0);
    const pane = { ...p, y, low, high };
    y += p.height + GAP;
    return [pane];
  });
}

export const yOf = (p: Pane) => scaleLinear([p.low, p.high], [p.y + p.height, p.y]);

/** The value of one list where another reaches x, linearly. */
export function valueAt(xs: number[], ys: number[], x: number): number {
  let low = 0;
  let high = xs.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((xs[middle] ?? 0) <= x) low = middle;
    else high = middle;
  }
  const [x0, x1, y0, y1] = [xs[low] ?? 0, xs[high] ?? 0, ys[low] ?? 0, ys[high] ?? 0];
  return x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

export type Scale = ReturnType<typeof scaleLinear<number, number>>;
