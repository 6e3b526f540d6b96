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

/** A curve that goes through less of the pressure than this, as a share of its highest, tells nothing by its shape. */
const LEAST_SPAN = 0.4;

/** Whether most stops have a stretch that is long enough to be read as a curve. */
export function isReadable(stops: readonly (readonly Point[])[], furthestBar: number): boolean {
  const most = Math.max(...stops.flat().map((p) => p.bar));
  const long = stops.filter((stop) =>
    runs(stop, furthestBar).some((run) => (run.at(-1)?.bar ?? 0) - (run[0]?.bar ?? 0) >= LEAST_SPAN * most),
  );
  return long.length > stops.length / 2;
}
