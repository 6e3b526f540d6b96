import { describe, expect, it } from 'vitest';
import type { HeatSide, PeakClue } from '../../api/types';
import { unitsOf } from '../../units/units';
import { averagedWords, clueTops, clueWords, heatAnswer, peaksAbove } from './words';

const disc = (peak: number) => ({
  troughC: { value: 90 },
  peak: { peakC: { value: peak }, peakU: { value: 2 } },
});

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
      'A reached 352 °C (front right, stop 2), 1 of 2 stops peaked over its pads’ window.',
    );
    expect(peaksAbove(side, 400)).toBe(0);
    expect(heatAnswer([{ ...side, study: { ...side.study, stops: [] } }], unitsOf('imperial'))).toContain(
      'no disc temperature is known',
    );
  });
});

describe('what tells of a peak', () => {
  const none = { reason: 'a ladder tells a range' };
  const late: PeakClue = {
    source: 'BLACKENED',
    face: 'INNER',
    readC: { value: 324 },
    lateS: 45,
    peakC: { value: 413 },
    peakU: { value: 21 },
    atLeastC: { value: 371 },
    belowC: { value: 455 },
  };
  const ladder: PeakClue = {
    ...late,
    source: 'LADDER',
    face: null,
    lateS: 0,
    readC: none,
    peakC: none,
    peakU: none,
    atLeastC: { reason: 'nothing on the ladder changed' },
    belowC: { value: 260 },
  };

  it('is told with its way back to the peak, differences without the offset of the unit', () => {
    expect(clueWords(late, unitsOf('metric'))).toBe('324 after 45 s, inner face: 413 ± 42 °C at the peak');
    expect(clueWords(late, unitsOf('imperial'))).toBe('615 after 45 s, inner face: 775 ± 76 °F at the peak');
    expect(clueWords({ ...late, lateS: 0, face: null }, unitsOf('metric'))).toBe('413 ± 42 °C');
    expect(clueWords(ladder, unitsOf('metric'))).toBe('nothing on the ladder changed; below 260 °C');
  });

  it('has room in the picture for every end that is known', () => {
    const peak = {
      peakC: { value: 413 },
      peakU: { value: 2 },
      source: null,
      clues: [late, ladder],
      doubts: [],
    };
    expect(Math.max(...clueTops(peak))).toBe(455);
  });

  it('says which stops means are over, where others only heated the discs', () => {
    const like = { nominalMps: 25, load: null };
    expect(averagedWords({ ...like, others: 0 }, unitsOf('metric'))).toBe('');
    expect(averagedWords({ ...like, others: 5 }, unitsOf('metric'))).toBe(
      ' Means are over stops from 90 km/h; 5 others are drawn, but not averaged.',
    );
  });
});
