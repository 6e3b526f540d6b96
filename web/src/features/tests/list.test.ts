import { describe, expect, it } from 'vitest';
import type { TestSummary } from '../../api/types';
import { choicesOf, EVERYTHING, found, sorted } from './list';

const row = (question: string, drivenOn: string, stops: number, verdict: TestSummary['verdict']) =>
  ({
    test: { question, lane: 'Marrow Flats', drivenOn },
    vehicle: 'Estate',
    configurations: ['As bought'],
    stops,
    verdict,
  }) as TestSummary;
const all = [row('Pads?', '2026-06-20', 18, 'GAIN_SHOWN'), row('Hoses?', '2026-03-14', 10, 'NOT_SETTLED')];

describe('list of tests', () => {
  it('finds by every word, in any column', () => {
    expect(found(all, { ...EVERYTHING, search: 'marrow gain' })).toEqual([all[0]]);
    expect(found(all, { ...EVERYTHING, search: '2026 settled' })).toEqual([all[1]]);
    expect(found(all, { ...EVERYTHING, search: 'wheel' })).toEqual([]);
  });

  it('sorts by a column without touching the list it was given', () => {
    expect(sorted(all, 'date', false)[0]).toBe(all[1]);
    expect(sorted(all, 'stops', true)[0]).toBe(all[0]);
    expect(all[0]?.test.question).toBe('Pads?');
  });

  it('narrows to a vehicle, a configuration and a year', () => {
    const other = { ...all[0], vehicle: 'Coupé', configurations: ['Hoses'] } as TestSummary;
    const three = [...all, { ...other, test: { ...other.test, drivenOn: '2025-01-01' } }];
    expect(choicesOf(three)).toEqual({
      vehicle: ['Coupé', 'Estate'],
      configuration: ['As bought', 'Hoses'],
      year: ['2026', '2025'],
    });
    expect(found(three, { ...EVERYTHING, vehicle: 'Coupé' })).toEqual([three[2]]);
    expect(found(three, { ...EVERYTHING, configuration: 'As bought', year: '2026' })).toEqual(all);
    expect(found(three, { ...EVERYTHING, vehicle: 'Coupé', year: '2026' })).toEqual([]);
  });
});
