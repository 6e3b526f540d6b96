import { describe, expect, it } from 'vitest';
import { step, ticks } from './tape';

describe('tape', () => {
  it('steps by 1, 2 or 5', () => {
    expect(step(50, 10)).toBe(5);
    expect(step(4.1, 5)).toBe(1);
    expect(step(170, 10)).toBe(20);
  });

  it('puts figures only on long ticks, from end to end', () => {
    const all = ticks(0, 50, 10);
    expect(all.filter((t) => t.length === 'long').map((t) => t.at)).toEqual([
      0, 5, 10, 15, 20, 25, 30, 35, 40, 45, 50,
    ]);
    expect(all).toHaveLength(101);
  });

  it('starts inside a window that does not begin at zero', () => {
    const all = ticks(-0.75, 3.6, 5);
    expect(Math.min(...all.map((t) => t.at))).toBeGreaterThanOrEqual(-0.75 - 1e-9);
    expect(all.filter((t) => t.length === 'long').map((t) => t.at)).toEqual([0, 1, 2, 3]);
  });
});
