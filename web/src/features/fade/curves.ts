import type { PressureCurve } from '../../api/types';

type Point = PressureCurve['stops'][number][number];

/** A stop's points in runs of neighbouring pressures: what was only passed over is not joined. */
export function runs(points: readonly Point[], furthestBar: number): Point[][] {
  const out: Point[][] = [];
  for (const p of points) {
    const run = out.at(-1);
    const before = run?.at(-1);
    if (run && before && p.bar - before.bar <= furthestBar) run.push(p);
    else out.push([p]);
  }
  return out;
}
