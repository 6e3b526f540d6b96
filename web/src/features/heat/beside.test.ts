import { describe, expect, it } from 'vitest';
import type { HeatSide } from '../../api/types';
import { unitsOf } from '../../units/units';
import { besideWords, unlikeWords } from './beside';

type Told = {
  tau?: [number, number, number];
  hottest?: number;
  stop?: [number, number?];
  entry?: number;
  energy?: number;
};

const known = (value: number | undefined) => (value === undefined ? { reason: 'not known' } : { value });

const side = ({ tau, hottest, stop, entry, energy }: Told) =>
  ({
    cooling: tau ? { FRONT_LEFT: { tauS: known(tau[0]), lowS: known(tau[1]), highS: known(tau[2]) } } : {},
    study: { corners: { FRONT_LEFT: { hottestC: known(hottest) } } },
    stopping: {
      meanM: known(stop?.[0]),
      halfWidthM: known(stop?.[1]),
      entryMps: known(entry),
      energyJ: known(energy),
    },
  }) as unknown as HeatSide;

const dry = side({ tau: [178, 175, 181], hottest: 420, stop: [45, 0.5], entry: 27.8, energy: 1e6 });

describe('a cooling device beside the baseline', () => {
  it('is seen to cool and to lengthen the stop', () => {
    const spray = side({ tau: [120, 116, 124], hottest: 350, stop: [47, 0.6], entry: 27.9, energy: 1.02e6 });
    expect(besideWords(dry, spray, unitsOf('metric'))).toBe(
      'cools faster (120 against 178 s); its hottest front peak is 70 °C cooler; its stops are 2.0 ± 0.8 m longer.',
    );
    expect(besideWords(dry, spray, unitsOf('imperial'))).toContain(
      '126 °F cooler; its stops are 6.6 ± 2.6 ft longer',
    );
    expect(unlikeWords(dry, spray, unitsOf('metric'))).toBeUndefined();
  });

  it('is not said to do what cannot be told', () => {
    const duct = side({ tau: [176, 172, 180], hottest: 415, stop: [45.2, 0.4] });
    expect(besideWords(dry, duct, unitsOf('metric'))).toBe(
      'cools as fast, as far as can be told (176 against 178 s); its hottest front peak is 5 °C cooler; its stops cannot be told from A’s in length (0.2 ± 0.6 m longer).',
    );
    expect(besideWords(dry, side({ stop: [46] }), unitsOf('metric'))).toBe(
      'how fast each cools is not known for both; the hottest peaks are not known for both; its mean stop is 1.0 ± ? m longer.',
    );
    expect(besideWords(dry, side({}), unitsOf('metric'))).toContain(
      'what the stops took is not known for both',
    );
  });

  it('is not held against a baseline that was driven faster', () => {
    expect(unlikeWords(dry, side({ entry: 25, energy: 8e5 }), unitsOf('metric'))).toBe(
      'Not driven alike: entry speed 90.0 against 100.1 km/h, energy 800 against 1000 kJ. Hold the temperatures against that.',
    );
    expect(unlikeWords(dry, side({}), unitsOf('metric'))).toBeUndefined();
  });
});
