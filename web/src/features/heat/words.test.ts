import { describe, expect, it } from 'vitest';
import type { PeakClue } from '../../api/types';
import { unitsOf } from '../../units/units';
import { clueTops, clueWords } from './words';

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
});
