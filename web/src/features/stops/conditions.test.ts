import { expect, it } from 'vitest';
import { unitsOf } from '../../units/units';
import { conditionWords } from './conditions';

it('tells what was written down in the reader’s units, and nothing of what was not', () => {
  const written = {
    drivenOn: '2026-06-20',
    surface: 'dry',
    ambientC: 14,
    trackC: 23,
    windMps: -2,
    humidity: 0.58,
    tyrePressureFrontBar: 2.4,
    driver: null,
  };
  expect(conditionWords(written, unitsOf('metric'))).toBe(
    '2026-06-20, dry, air 14 °C, lane 23 °C, wind 7 km/h from behind, humidity 58 %, front tyres 2.40 bar',
  );
  expect(conditionWords(written, unitsOf('imperial'))).toContain(
    'air 57 °F, lane 73 °F, wind 4 mph from behind',
  );
  expect(conditionWords({}, unitsOf('metric'))).toBe('');
});
