import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { Button } from './Button';

type Done = { message: string; undo: () => void };
type Say = (done: Done) => void;

const Context = createContext<Say | null>(null);
const SHOWN_MS = 12_000;

/** Says what was done, and offers to undo it, instead of asking whether one is sure. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [done, setDone] = useState<Done | null>(null);
  useEffect(() => {
    if (!done) return;
    const timer = window.setTimeout(() => setDone(null), SHOWN_MS);
    return () => window.clearTimeout(timer);
  }, [done]);
  const say = useCallback<Say>((d) => setDone(d), []);
  return (
    <Context.Provider value={say}>
      {children}
      <div role="status" aria-live="polite" className="no-print fixed right-8 bottom-6">
        {done && (
          <div className="flex items-center gap-5 rounded-control bg-ink px-5 py-3 text-on-ink">
            <span>{done.message}</span>
            <Button
              className="min-h-8 bg-on-ink px-3 text-ink"
              onClick={() => {
                done.undo();
                setDone(null);
              }}
            >
              Undo
            </Button>
          </div>
        )}
      </div>
    </Context.Provider>
  );
}

export function useUndo(): Say {
  const say = useContext(Context);
  if (!say) {
    throw new Error('useUndo needs an UndoProvider above it');
  }
  return say;
}
