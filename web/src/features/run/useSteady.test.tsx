import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useSteady } from './useSteady';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('takes a step as seen once it has stood for a second', () => {
  const { result, rerender } = renderHook(({ step }) => useSteady(step), { initialProps: { step: 3 } });
  expect(result.current).toBe(true);
  rerender({ step: 4 });
  expect(result.current).toBe(false);
  act(() => void vi.advanceTimersByTime(900));
  expect(result.current).toBe(false);
  act(() => void vi.advanceTimersByTime(100));
  expect(result.current).toBe(true);
});
