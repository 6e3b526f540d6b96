import { expect, it } from 'vitest';
import { runs } from './curves';

it('curves are not joined over pressures that were only passed', () => {
  const points = [4, 8, 60].map((bar) => ({ bar, value: bar }));
  expect(runs(points, 12).map((r) => r.length)).toEqual([2, 1]);
  expect(runs([], 12)).toEqual([]);
});
