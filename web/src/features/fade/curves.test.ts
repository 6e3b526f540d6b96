import { describe, expect, it } from 'vitest';
import { atBar, runs } from './curves';

describe('curves over pressure', () => {
  const stops = [
    [
      { bar: 4, value: 1 },
      { bar: 8, value: 2 },
      { bar: 60, value: 7 },
    ],
    [{ bar: 8, value: 4 }],
  ];

  it('are averaged at a pressure that stops have in common, with their spread', () => {
    expect(atBar(stops, 8)).toEqual({ mean: 3, sd: Math.SQRT2, n: 2 });
    expect(atBar(stops, 60)).toEqual({ mean: 7, sd: undefined, n: 1 });
    expect(atBar(stops, 30)).toBeUndefined();
  });

  it('are not joined over pressures that were only passed', () => {
    expect(runs(stops[0] ?? [], 12).map((r) => r.length)).toEqual([2, 1]);
    expect(runs([], 12)).toEqual([]);
  });
});
