import { describe, expect, it } from 'vitest';
import { spread } from './spread';

const gaps = (ys: number[]) =>
  [...ys].sort((a, b) => a - b).map((y, i, all) => (i === 0 ? Infinity : y - (all[i - 1] ?? 0)));

describe('labels that would lie on one another', () => {
  it('stay where they are while there is room', () => {
    expect(spread([10, 50, 90], 15, 0, 100)).toEqual([10, 50, 90]);
  });

  it('move apart, keep their order, and stay inside', () => {
    const out = spread([98, 97, 99, 20], 15, 0, 100);
    expect(Math.min(...gaps(out))).toBeGreaterThanOrEqual(15);
    expect(Math.max(...out)).toBeLessThanOrEqual(100);
    expect(out[1]).toBeLessThan(out[0] ?? 0);
    expect(out[0]).toBeLessThan(out[2] ?? 0);
    expect(out[3]).toBe(20);
  });

  it('share what room there is where it is too little', () => {
    const out = spread(
      Array.from({ length: 11 }, () => 50),
      15,
      0,
      100,
    );
    expect(Math.min(...gaps(out))).toBeCloseTo(10);
    expect([Math.min(...out), Math.max(...out)]).toEqual([0, 100]);
  });
});
