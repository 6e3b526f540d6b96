import { describe, expect, it } from 'vitest';
import { colour, letterOf, placeOf } from './letters';

describe('letters of configurations', () => {
  it('go on after Z', () => {
    expect([0, 5, 6, 25, 26, 27, 51, 52, 701, 702].map(letterOf)).toEqual([
      'A',
      'F',
      'G',
      'Z',
      'AA',
      'AB',
      'AZ',
      'BA',
      'ZZ',
      'AAA',
    ]);
  });

  it('lead back to their places', () => {
    for (let i = 0; i < 1000; i++) expect(placeOf(letterOf(i))).toBe(i);
  });

  it('share colours six apart only', () => {
    expect(colour('A')).not.toBe(colour('B'));
    expect(colour('G')).toBe(colour('A'));
  });
});
