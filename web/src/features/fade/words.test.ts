import { describe, expect, it } from 'vitest';
import type { Fade, FadeSide } from '../../api/types';
import { unitsOf } from '../../units/units';
import { differenceWords, fadeAnswer, growthWords, onsetWords, readWords, seriesName } from './words';

const side = (rel: number | undefined, onset: Partial<FadeSide['study']['onset']>, cause = 'PAD') =>
  ({
    study: {
      cause: { cause, relEffectiveness: rel === undefined ? { reason: 'few' } : { value: rel } },
      onset: { accepted: false, hottestC: { value: 300 }, ...onset },
    },
  }) as unknown as FadeSide;

const seen = {
  accepted: true,
  onsetC: { value: 355 },
  lowC: { value: 347 },
  highC: { value: 363 },
  perC: { value: 0.0029 },
};

describe('fade in words', () => {
  it('says for each side what it lost and from when on', () => {
    expect(fadeAnswer([side(0.71, seen), side(0.99, {}, 'NONE')], unitsOf('metric'))).toBe(
      'A fades from 355 °C on and loses 29 % by its last three stops. B loses none that shows.',
    );
    expect(fadeAnswer([side(0.98, seen, 'NONE')], unitsOf('metric'))).toBe(
      'A begins to fade at 355 °C, by 2 % so far.',
    );
    expect(fadeAnswer([side(0.94, seen, 'SLIGHT')], unitsOf('metric'))).toBe(
      'A loses 6 % by its last three stops; whether that is fade is not settled.',
    );
    expect(fadeAnswer([side(undefined, {}, 'UNKNOWN')], unitsOf('metric'))).toContain('too few stops');
    expect(fadeAnswer([side(0.7, {}, 'GRIP_LIMITED')], unitsOf('metric'))).toContain('tyres');
  });

  it('puts the fluid before everything else, however little was lost', () => {
    for (const cause of ['FLUID', 'BOTH', 'PRESSED_LESS_OR_FLUID', 'PAD_OR_FLUID']) {
      for (const rel of [0.7, 0.99, undefined]) {
        const words = fadeAnswer([side(rel, {}, cause)], unitsOf('metric'));
        expect(words).toMatch(/^A [^.]*fluid/);
        expect(words).not.toContain('loses none');
      }
    }
    expect(fadeAnswer([side(0.8, {}, 'FADE_OR_LESS_PRESSURE')], unitsOf('metric'))).toContain(
      'pressed less hard',
    );
  });

  it('gives the onset with its range, in either system', () => {
    expect(onsetWords(side(0.7, seen), unitsOf('metric'))).toBe(
      'Fade begins at 355 °C (347 to 363, about nine times in ten); then 2.9 % is lost every 10 °C.',
    );
    expect(onsetWords(side(0.7, seen), unitsOf('imperial'))).toContain(
      '671 °F (657 to 685, about nine times in ten); then 1.6 % is lost every 10 °F',
    );
    expect(onsetWords(side(1, {}), unitsOf('metric'))).toBe('No onset seen up to 300 °C.');
  });

  it('says how much longer the last stops are only where that is more than chance', () => {
    const grown = (m: number, half: number | undefined) =>
      ({
        study: {
          growthM: { value: m },
          growthHalfM: half === undefined ? { reason: 'one stop' } : { value: half },
          speedCarriedMps: { value: 10 },
        },
      }) as unknown as FadeSide;
    expect(growthWords(grown(8.5, 3.1), unitsOf('metric'))).toBe(
      'The last stops are 8.5 ± 3.1 m longer than the reference; where that stood, they still do 36 km/h.',
    );
    expect(growthWords(grown(0.8, 2), unitsOf('metric'))).toBe(
      'The last stops cannot be told from the reference in distance: 0.8 ± 2.0 m longer.',
    );
    expect(growthWords(grown(3, undefined), unitsOf('metric'))).toContain('3.0 ± ? m longer');
  });

  it('holds one against the first at like stops and at like temperature, each with its range', () => {
    const d = {
      fromStop: 10,
      toStop: 12,
      byStop: { value: 0.12 },
      byStopHalf: { value: 0.03 },
      atC: { value: 361 },
      byTemperature: { value: 0.1 },
      byTemperatureHalf: { value: 0.02 },
    } as NonNullable<FadeSide['againstFirst']>;
    expect(differenceWords('B', d, unitsOf('metric'))).toBe(
      'B against A: at stops 10 to 12 +12 ± 3 %; at 361 °C, the hottest both have been, +10 ± 2 %.',
    );
    const thin = { ...d, byStop: { reason: 'one stop' }, byTemperatureHalf: { reason: 'few' } };
    expect(differenceWords('B', thin, unitsOf('metric'))).toBe(
      'B against A: at stops 10 to 12 not known: one stop; at 361 °C, the hottest both have been, +10 ± ? %.',
    );
    expect(
      differenceWords('B', { ...d, fromStop: 2, toStop: 2, atC: { reason: 'no sensor' } }, unitsOf('metric')),
    ).toContain('at stop 2 +12 ± 3 %; at like temperature not known: no sensor.');
  });

  it('says what a series was read from and what was left out of it', () => {
    const left = (struckOut: number, atAnotherSpeed: number) =>
      ({
        ...side(0.9, {}),
        study: { ...side(0.9, {}).study, measure: 'BY_DISTANCE' },
        struckOut,
        atAnotherSpeed,
      }) as FadeSide;
    const series = (sides: FadeSide[]): Fade => ({
      reference: 'FIRST_STOP',
      nominalMps: 50 / 3.6,
      load: 'laden',
      sides,
      others: [],
    });
    expect(readWords(series([left(0, 0)]))).toMatch(/in % of stop 1\.$/);
    expect(readWords(series([left(1, 0), left(0, 2)]))).toMatch(
      /; 1 stop that people struck out left out; 2 stops from another speed left out\.$/,
    );
    expect(seriesName(series([]), unitsOf('imperial'))).toBe('Stops from 31 mph, laden');
  });

  it('calls nothing fade without an if where the loss is not settled', () => {
    expect(onsetWords(side(0.93, seen, 'SLIGHT'), unitsOf('metric'))).toMatch(
      /^If it is fade, it begins at 355 °C/,
    );
    expect(onsetWords(side(0.7, seen), unitsOf('metric'))).toMatch(/^Fade begins at 355 °C/);
  });
});
