import { expect, it } from 'vitest';
import { isReadable, runs } from './curves';

it('curves are not joined over pressures that were only passed', () => {
  const points = [4, 8, 60].map((bar) => ({ bar, value: bar }));
  expect(runs(points, 12).map((r) => r.length)).toEqual([2, 1]);
  expect(runs([], 12)).toEqual([]);
});

it('is read as a curve only where most stops went through enough of the pressure', () => {
  const at = (...bars: number[]) => bars.map((bar) => ({ bar, value: bar }));
  const whole = at(0, 10, 20, 30, 40, 50, 60);
  const ends = at(4, 8, 12, 60, 66, 70);
  expect(isReadable([whole, whole, ends], 12)).toBe(true);
  expect(isReadable([whole, ends], 12)).toBe(false);
  expect(isReadable([ends, []], 12)).toBe(false);
});
