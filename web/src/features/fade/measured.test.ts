import { describe, expect, it } from 'vitest';
import type { FadeLevel, FadeSide } from '../../api/types';
import { unitsOf } from '../../units/units';
import { ladderOf } from './measured';

const why = { reason: 'not logged' };

const level = (part: Partial<FadeLevel>) =>
  ({
    level: why,
    levelU: why,
    discC: why,
    mfdd: why,
    mfddU: why,
    distanceM: why,
    distanceU: why,
    gripLimited: false,
    ...part,
  }) as FadeLevel;

const side = (levels: FadeLevel[]) =>
  ({ study: { levels, referenceM: { value: 40 }, referenceMfdd: why } }) as unknown as FadeSide;

const driven = side([
  level({
    level: { value: 1 },
    levelU: { value: 0.01 },
    distanceM: { value: 40 },
    distanceU: { value: 0.2 },
  }),
  level({ level: { value: 0.8 }, discC: { value: 300 } }),
]);

describe('what the ladder is climbed in', () => {
  it('is a share, with twice its standard uncertainty and the reference at 100', () => {
    const { rungs, references, unit } = ladderOf([driven], 'SHARE', unitsOf('metric'));
    expect(rungs[0]).toEqual([
      { at: 0, value: 100, plusMinus: 2, discC: undefined, gripLimited: false },
      { at: 1, value: 80, plusMinus: 0, discC: 300, gripLimited: false },
    ]);
    expect(references).toEqual([100]);
    expect(unit).toBe('%');
  });

  it('is a distance in the unit of its reader, of the stops that have one', () => {
    const { rungs, references, unit, low, high } = ladderOf([driven], 'DISTANCE', unitsOf('imperial'));
    expect(rungs[0]?.map((r) => [r.at, Math.round(r.value), r.plusMinus.toFixed(2)])).toEqual([
      [0, 131, '1.31'],
    ]);
    expect(Math.round(references[0] ?? 0)).toBe(131);
    expect(unit).toBe('ft');
    expect(low).toBeLessThan(131);
    expect(high).toBeGreaterThan(131);
  });

  it('says why where there is nothing to draw', () => {
    const { rungs, references, whyNone } = ladderOf([driven], 'DECELERATION', unitsOf('metric'));
    expect(rungs).toEqual([[]]);
    expect(references).toEqual([undefined]);
    expect(whyNone).toBe('not logged');
  });
});
