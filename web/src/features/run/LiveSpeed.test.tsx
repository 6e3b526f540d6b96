import { act, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LiveSpeed } from './LiveSpeed';
import { shown } from '../../test-support/shown';

const at = (kmh: number) =>
  shown(<LiveSpeed speedMps={kmh / 3.6} askedMps={25} tolerance={0.03} />).container.textContent;

describe('the speed as it is driven', () => {
  beforeEach(() => {
    window.localStorage.clear();
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('says what to do about it, within the tolerance that the rules have', () => {
    expect(at(80)).toContain('faster');
    expect(at(93)).toContain('too fast');
    expect(at(92)).toContain('hold it, 3');
    expect(at(92)).toContain('asked 90: 87 to 93 at the cone');
  });

  it('counts in while it is held, and then sends to the cone', () => {
    at(90);
    act(() => vi.advanceTimersByTime(1500));
    expect(screen.getByText(/hold it, 2/)).toBeTruthy();
    act(() => vi.advanceTimersByTime(2000));
    expect(screen.getByText(/hold it, brake at the cone/)).toBeTruthy();
  });
});
