import { describe, expect, it } from 'vitest';
import { valueAt } from './layout';

describe('value under the cursor', () => {
  const t = [0, 1, 2, 4];
  const v = [0, 10, 10, 30];

  it('is interpolated between samples', () => {
    expect(valueAt(t, v, 0.5)).toBe(5);
    expect(valueAt(t, v, 3)).toBe(20);
    expect(valueAt(t, v, 1)).toBe(10);
  });
});
