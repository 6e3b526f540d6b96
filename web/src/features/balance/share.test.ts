import { describe, expect, it } from 'vitest';
import type { Balance } from '../../api/types';
import { hardest, idealAs, shareAs } from './share';

const IDEAL = {
  at: [
    { decelerationMps2: 5, force: 0.65, forceHalf: 0.02, pressure: { value: 0.6 }, pressureHalf: 0.03 },
    {
      decelerationMps2: 8,
      force: 0.7,
      forceHalf: 0.02,
      pressure: { reason: 'no piston area' },
      pressureHalf: 0,
    },
  ],
} as unknown as Balance['ideals'][number];

describe('shares of pressure and of force', () => {
  it('are never mixed: each has its own ideal with its own range', () => {
    expect(idealAs('force', IDEAL)).toEqual([
      { slowing: 5, share: 0.65, half: 0.02 },
      { slowing: 8, share: 0.7, half: 0.02 },
    ]);
    expect(idealAs('pressure', IDEAL), 'what is not known is left out').toEqual([
      { slowing: 5, share: 0.6, half: 0.03 },
    ]);
    expect(idealAs('force', undefined)).toEqual([]);
  });

  it('go from pressure to force by what a bar does on either axle', () => {
    expect(shareAs('force', 1)(0.6)).toBeCloseTo(0.6, 12);
    expect(shareAs('force', 2)(0.5)).toBeCloseTo(2 / 3, 12);
    expect(shareAs('pressure', 2)(0.5)).toBe(0.5);
    expect(shareAs('force', undefined)(0.5), 'not known').toBe(0.5);
  });

  it('are drawn as far as the hardest of all stops', () => {
    const stop = (a: number) => ({ share: { path: [{ decelerationMps2: a }] } });
    expect(hardest([{ stops: [stop(4), stop(9.5)] }] as never)).toBe(9.5);
    expect(hardest([])).toBe(0);
  });
});
