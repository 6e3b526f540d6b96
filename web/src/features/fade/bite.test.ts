import { describe, expect, it } from 'vitest';
import { biteOf } from './bite';

describe('bite of a stop', () => {
  it('is the mean deceleration at each pressure, from the onset on', () => {
    const time = [-1, -0.9, ...Array.from({ length: 10 }, (_, i) => i / 10)];
    const bars = [20, 20, ...Array.from({ length: 5 }, () => 20), ...Array.from({ length: 5 }, () => 40)];
    const slowing = [99, 99, ...bars.slice(2).map((b, i) => b / 10 + (i % 2 ? 0.1 : -0.1))];
    const bite = biteOf({ time, distance: time, lines: { front: bars, deceleration: slowing } });
    expect(bite.map((b) => b.bar)).toEqual([20, 40]);
    expect(bite[0]?.value).toBeCloseTo(1.98, 2);
  });

  it('says nothing of pressures that were only passed', () => {
    expect(biteOf({ time: [0, 0.1], distance: [0, 1], lines: { front: [10, 20] } })).toEqual([]);
  });
});
