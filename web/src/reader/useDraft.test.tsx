import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import { useDraft } from './useDraft';

beforeEach(() => window.localStorage.clear());

it('keeps what was typed when its sheet is closed or the page is loaded again, until it is sent', () => {
  const sheet = () => renderHook(() => useDraft<Record<string, string>>('run.readings.1', {}));
  const first = sheet();
  act(() => first.result.current.change({ distance0: '38.4' }));
  first.unmount();
  const again = sheet();
  expect(again.result.current.value).toEqual({ distance0: '38.4' });
  again.result.current.forget();
  expect(sheet().result.current.value).toEqual({});
});

it('begins afresh where what is stored cannot be read', () => {
  window.localStorage.setItem('frenum.draft.broken', '{');
  expect(renderHook(() => useDraft('broken', 'fresh')).result.current.value).toBe('fresh');
});
