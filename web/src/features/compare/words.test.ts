import { describe, expect, it } from 'vitest';
import type { Comparison, Pair } from '../../api/types';
import { unitsOf } from '../../units/units';
import { byChance, howSure, nextStep, rangeWords, verdictSentence } from './words';

const comparison = { basis: 'ONSET_TO_REST', nominalSpeed: 25 } as Comparison;
const pair = (over: Partial<Pair>) =>
  ({
    difference: { value: -2.04 },
    verdict: 'GAIN_SHOWN',
    howSure: 'VERY_SURE',
    checks: [],
    orderAdjusted: null,
    instrumentFloor: { value: 0.1 },
    margin: { value: 1 },
    stopsToSettle: { value: 0 },
    smallestDifference: { value: 1 },
    interval: { low: -3, high: -1 },
    worthwhile: false,
    extended: false,
    ...over,
  }) as unknown as Pair;

describe('words', () => {
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
      {
        code: 'SURFACE',
        level: 'BLOCK',
        title: 'Same surface',
        evidence: {
          code: 'CheckFinding.THIS_AGAINST',
          terms: {},
          text: { metric: 'surface dry against wet', imperial: 'surface dry against wet' },
        },
      },
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

  it('never contradicts its figures, whatever the result', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const verdicts = ['GAIN_SHOWN', 'LOSS_SHOWN', 'NO_WORTHWHILE_DIFFERENCE', 'NOT_SETTLED'] as const;
    for (let i = 0; i < 400; i++) {
      const units = unitsOf(i % 2 ? 'metric' : 'imperial');
      const time = i % 5 === 0;
      const verdict = verdicts[i % 4] ?? 'NOT_SETTLED';
      const better = (verdict === 'GAIN_SHOWN') === time ? 1 : -1;
      const shown = verdict === 'GAIN_SHOWN' || verdict === 'LOSS_SHOWN';
      const d = shown ? better * (1 + 4 * random()) : 2 * random() - 1;
      const half = shown ? Math.abs(d) * random() * 0.9 : Math.abs(d) + random();
      const stops = i % 3 ? { value: i % 7 } : { reason: 'the instruments cannot tell' };
      const p = pair({
        verdict,
        difference: { value: d },
        interval: { low: d - half, high: d + half },
        stopsToSettle: stops as Pair['stopsToSettle'],
      });
      const sentence = verdictSentence(
        p,
        'A',
        'B',
        { ...comparison, basis: time ? 'TIME_ONLY' : 'ONSET_TO_REST' },
        units,
      );
      const range = rangeWords(p.interval ?? { low: 0, high: 0 }, time, units);
      const next = nextStep(p, 'A', 'B', units, time);
      expect(sentence + range + next).not.toMatch(/NaN|undefined|−|-\d/);
      expect(next).not.toMatch(/\b0 more/);
      if (shown) {
        const word = time ? (d > 0 ? ' harder' : 'less hard') : d < 0 ? 'shorter' : 'longer';
        expect(sentence).toContain(word);
        expect(range).toContain(word.trim());
        const [near, far] = (range.match(/[\d.,]+/g) ?? []).map((x) => Number(x.replace(',', '')));
        expect(near).toBeLessThanOrEqual(far ?? 0);
      }
      if (/more stops? of each would/.test(next)) expect('value' in stops && stops.value).toBeGreaterThan(0);
      if (!units.distance.unit.startsWith('m')) expect(sentence + range + next).not.toMatch(/\d m\b|km\/h/);
    }
  });

  it('takes how sure from the server', () => {
    expect(howSure(pair({ howSure: 'CANNOT_TELL' }))).toBe('Can’t tell');
  });
});
