import { expect, it } from 'vitest';
import { unitsOf } from '../../units/units';
import { seriesName } from './words';

it('names a series by what tells it from the others', () => {
  expect(seriesName({ nominalMps: 50 / 3.6, load: 'laden' }, unitsOf('imperial'))).toBe(
    'Stops from 31 mph, laden',
  );
  expect(seriesName({ nominalMps: 25, load: null }, unitsOf('metric'))).toBe('Stops from 90 km/h');
});
