import { describe, expect, it, vi } from 'vitest';
import { answered, oldestKnown, subscribe } from './known';

describe('the age of what is shown', () => {
  it('is that of the oldest answer while nobody answers, and none once somebody does', () => {
    const told = vi.fn();
    const leave = subscribe(told);
    answered('2026-06-01T10:05:00Z');
    answered('2026-06-01T10:01:00Z');
    answered('2026-06-01T10:04:00Z');
    expect(oldestKnown()).toBe('2026-06-01T10:01:00Z');
    expect(told).toHaveBeenCalledTimes(2);
    answered(null);
    expect(oldestKnown()).toBeNull();
    leave();
    answered('2026-06-01T10:05:00Z');
    answered(null);
    expect(told).toHaveBeenCalledTimes(3);
  });
});
