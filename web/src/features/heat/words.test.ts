import { describe, expect, it } from 'vitest';
import type { HeatSide } from '../../api/types';
import { unitsOf } from '../../units/units';
import { heatAnswer, peaksAbove } from './words';

const disc = (peak: number) => ({ peakC: { value: peak }, troughC: { value: 90 }, peakU: { value: 2 } });

const side = {
  fronts: { fromC: 60, toC: 330 },
  study: {
    stops: [
      { number: 1, energyJ: {}, discs: { FRONT_LEFT: disc(280), REAR_LEFT: disc(150) } },
      { number: 2, energyJ: {}, discs: { FRONT_LEFT: disc(340), FRONT_RIGHT: disc(352) } },
    ],
  },
} as unknown as HeatSide;

describe('heat in words', () => {
  it('names the hottest disc and counts the stops over the window', () => {
    expect(heatAnswer([side], unitsOf('metric'))).toBe(
      'A reached 352 °C (front right, stop 2), 1 of 2 stops over its pads’ window.',
    );
    expect(peaksAbove(side, 400)).toBe(0);
    expect(heatAnswer([{ ...side, study: { ...side.study, stops: [] } }], unitsOf('imperial'))).toContain(
      'no disc temperature is known',
    );
  });
});
