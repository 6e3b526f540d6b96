import { describe, expect, it } from 'vitest';
import type { Comparison, Pair } from '../../api/types';
import { unitsOf } from '../../units/units';
import { byChance, howSure, verdictSentence } from './words';

const comparison = { basis: 'ONSET_TO_REST', nominalSpeed: 25 } as Comparison;
const pair = (over: Partial<Pair>) =>
  ({ difference: { value: -2.04 }, verdict: 'GAIN_SHOWN', checks: [], ...over }) as unknown as Pair;

describe('words', () => {
  it('says how sure by the level at which the range still excludes no gain', () => {
    expect([0.001, 0.03, 0.1, 0.5].map(howSure)).toEqual([
      'Very sure',
      'Fairly sure',
      'Leaning',
      'Can’t tell',
    ]);
  });

  it('words p as chance, never as the chance of no gain', () => {
    expect(byChance(0.0001)).toBe('by chance alone, less than once in 1,000 tries');
    expect(byChance(0.25)).toBe('by chance alone, once in 4 tries');
  });

  it('gives the difference its sign in words and no more digits than were measured', () => {
    expect(verdictSentence(pair({}), 'A', 'B', comparison, unitsOf('metric'))).toBe(
      'B stops 2.0 m shorter than A from 90 km/h.',
    );
    expect(
      verdictSentence(
        pair({ difference: { value: 2.04 }, verdict: 'LOSS_SHOWN' }),
        'A',
        'B',
        comparison,
        unitsOf('imperial'),
      ),
    ).toBe('B stops 7 ft longer than A from 56 mph.');
  });

  it('puts a blocker in the place of the verdict', () => {
    const checks = [
      { code: 'SURFACE', level: 'BLOCK', title: 'Same surface', message: 'surface dry against wet' },
    ] as Pair['checks'];
    const sentence = verdictSentence(
      pair({ verdict: 'NOT_COMPARABLE', difference: {}, checks }),
      'A',
      'B',
      comparison,
      unitsOf('metric'),
    );
    expect(sentence).toBe('No verdict: same surface is not met, surface dry against wet.');
  });
});
