import { describe, expect, it } from 'vitest';
import { clock, exactMoment, hour, moment } from './when';

describe('moments', () => {
  // Without a zone it is the reader's own.
  const at = '2026-06-20T09:05:07.4';

  it('are written one way, whatever the browser speaks', () => {
    expect(moment(at)).toBe('20 Jun 2026, 09:05');
    expect(exactMoment(at)).toBe('20 Jun 2026, 09:05:07');
    expect(clock(at)).toBe('09:05:07');
    expect(hour(at)).toBe('09:05');
  });
});
