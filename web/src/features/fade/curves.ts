/** One stop over line pressure: bar, and something in its inside unit. */
export type Point = { bar: number; value: number };

/** Mean, spread and number of what several stops had at one pressure; undefined where none was there. */
export function atBar(stops: readonly Point[][], bar: number) {
  const own = stops.flatMap((s) => s.filter((p) => p.bar === bar).map((p) => p.value));
  if (own.length === 0) return undefined;
  const mean = own.reduce((a, b) => a + b, 0) / own.length;
  const squares = own.reduce((a, b) => a + (b - mean) ** 2, 0);
  return { mean, sd: own.length > 1 ? Math.sqrt(squares / (own.length - 1)) : undefined, n: own.length };
}

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
