import { describe, expect, it } from 'vitest';
import type { TestSummary } from '../../api/types';
import { found, sorted } from './list';

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
    expect(found(all, 'marrow gain')).toEqual([all[0]]);
    expect(found(all, '2026 settled')).toEqual([all[1]]);
    expect(found(all, 'wheel')).toEqual([]);
  });

  it('sorts by a column without touching the list it was given', () => {
    expect(sorted(all, 'date', false)[0]).toBe(all[1]);
    expect(sorted(all, 'stops', true)[0]).toBe(all[0]);
    expect(all[0]?.test.question).toBe('Pads?');
  });
});
