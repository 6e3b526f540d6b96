import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import type { Sheet } from './sheet';
import { useSheet } from './useSheet';

beforeEach(() => window.localStorage.clear());

const EMPTY: Sheet = { columns: [], rows: [] };
const row = (text: string) => (s: Sheet) => ({ ...s, rows: [{ DISTANCE: text }] }) as unknown as Sheet;

it('takes back a whole cell in one step, however many keys were pressed', () => {
  const { result } = renderHook(() => useSheet('new', () => EMPTY));
  for (const text of ['3', '38', '38.', '38.4']) act(() => result.current.change(row(text), '0 DISTANCE'));
  act(() => result.current.change(row('39'), '1 DISTANCE'));
  act(() => result.current.undo());
  expect(result.current.sheet).toEqual(row('38.4')(EMPTY));
  act(() => result.current.undo());
  expect(result.current.sheet).toEqual(EMPTY);
  expect(result.current.canUndo).toBe(false);
  act(() => result.current.redo());
  expect(result.current.sheet).toEqual(row('38.4')(EMPTY));
});
