import { useCallback, useEffect, useState } from 'react';
import type { Sheet } from './sheet';

type History = { past: Sheet[]; now: Sheet; future: Sheet[]; cell: string | null };

const MOST_STEPS = 200;

/** What was typed and not kept yet, in this browser. */
const drafts = {
  read(key: string): Sheet | null {
    try {
      const sheet = JSON.parse(window.localStorage.getItem(key) ?? 'null') as Sheet | null;
      return sheet && Array.isArray(sheet.rows) && Array.isArray(sheet.columns) ? sheet : null;
    } catch {
      return null;
    }
  },
  write(key: string, sheet: Sheet) {
    window.localStorage.setItem(key, JSON.stringify(sheet));
  },
  forget(key: string) {
    window.localStorage.removeItem(key);
  },
};

/** A table that can be taken back step by step, and that a closed browser does not lose. */
export function useSheet(draft: string, fresh: () => Sheet) {
  const key = `frenum.sheet.${draft}`;
  const [history, setHistory] = useState<History>(() => ({
    past: [],
    now: drafts.read(key) ?? fresh(),
    future: [],
    cell: null,
  }));
  useEffect(() => drafts.write(key, history.now), [key, history.now]);
  /** @param cell that is typed into; all that is typed into one cell in a row is taken back in one step */
  const change = useCallback((step: (sheet: Sheet) => Sheet, cell: string | null = null) => {
    setHistory(({ past, now, cell: before }) => {
      const next = step(now);
      const goesOn = next === now || (cell !== null && cell === before);
      return { past: goesOn ? past : [...past.slice(-MOST_STEPS), now], now: next, future: [], cell };
    });
  }, []);
  const undo = useCallback(() => {
    setHistory((h) => {
      const before = h.past.at(-1);
      return before
        ? { past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future], cell: null }
        : h;
    });
  }, []);
  const redo = useCallback(() => {
    setHistory((h) => {
      const [after, ...rest] = h.future;
      return after ? { past: [...h.past, h.now], now: after, future: rest, cell: null } : h;
    });
  }, []);
  return {
    sheet: history.now,
    change,
    undo,
    redo,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    forget: () => drafts.forget(key),
  };
}
