import { describe, expect, it } from 'vitest';
import type { Happening, RunView } from '../../api/types';
import { countdown, projected, waitsUntil } from './clock';

const view = (changes: object) =>
  ({
    stage: 'WAITING',
    snub: false,
    gate: { discs: 'MET', interval: 'NOT_ASKED', readyAtS: {}, readyPlusMinusS: {}, soonestAtS: null },
    ...changes,
  }) as unknown as RunView;
const said = (...whats: Happening[]) => whats.map((what, i) => ({ id: String(i), atS: i, who: 'Ash', what }));

describe('the clock of the run card', () => {
  it('counts down in minutes and seconds, rounded up, and stops at zero', () => {
    expect(countdown(101.2)).toBe('1:42');
    expect(countdown(-3)).toBe('0:00');
  });

  it('waits for hot discs first, then for the interval', () => {
    const gate = {
      discs: 'WAIT',
      interval: 'WAIT',
      readyAtS: { value: 90 },
      readyPlusMinusS: { value: 8 },
      soonestAtS: 60,
    };
    expect(waitsUntil(view({ gate }))).toEqual({ atS: 90, plusMinusS: 8 });
    expect(waitsUntil(view({ gate: { ...gate, discs: 'MET' } }))).toEqual({ atS: 60, plusMinusS: null });
    expect(waitsUntil(view({ gate, stage: 'APPROACH' }))).toBeNull();
  });

  it('goes on by what was not sent yet', () => {
    expect(projected(view({}), said({ type: 'laneCalled', clear: true }, { type: 'started' }))).toBe(
      'APPROACH',
    );
    expect(projected(view({ stage: 'APPROACH' }), said({ type: 'atRest' }))).toBe('AT_REST');
    expect(projected(view({ stage: 'APPROACH', snub: true }), said({ type: 'atRest' }))).toBe('WAITING');
    expect(projected(view({ stage: 'APPROACH' }), said({ type: 'stopped', rule: null, words: '' }))).toBe(
      'STOPPED',
    );
  });
});
