import { describe, expect, it } from 'vitest';
import type { ClockItem } from '../../api/types';
import { hoursMinutes, stretches } from './clock';

const item = (
  kind: ClockItem['kind'],
  configuration: number,
  startS: number,
  durationS: number,
): ClockItem => ({
  kind,
  configuration,
  phase: kind === 'SWAP' ? '' : 'stops',
  number: 1,
  startS,
  durationS,
  startC: {},
  peakC: {},
});

describe('the day in stretches', () => {
  it('joins runs with the waits between them, and keeps changes of parts apart', () => {
    const day = [
      item('RUN', 0, 0, 60),
      item('WAIT', 0, 60, 100),
      item('RUN', 0, 160, 60),
      item('SWAP', 1, 220, 1800),
      item('RUN', 1, 2020, 60),
    ];
    expect(stretches(day).map((s) => [s.kind, s.configuration, s.runs, s.fromS, s.toS])).toEqual([
      ['RUN', 0, 2, 0, 220],
      ['SWAP', 1, 0, 220, 2020],
      ['RUN', 1, 1, 2020, 2080],
    ]);
  });

  it('tells times rounded up, because a slot that ends does not wait', () => {
    expect(hoursMinutes(59)).toBe('1 min');
    expect(hoursMinutes(3600)).toBe('1 h 00 min');
    expect(hoursMinutes(3601)).toBe('1 h 01 min');
  });
});
