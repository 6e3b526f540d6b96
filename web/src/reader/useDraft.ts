import { useCallback, useState } from 'react';

/** What was typed and not sent yet, on this device: closing a sheet or the page loses nothing of it. */
const drafts = {
  read<T>(key: string): T | null {
    try {
      return JSON.parse(window.localStorage.getItem(key) ?? 'null') as T | null;
    } catch {
      return null;
    }
  },
  write(key: string, value: unknown) {
    window.localStorage.setItem(key, JSON.stringify(value));
  },
  forget(key: string) {
    window.localStorage.removeItem(key);
  },
};

/** A value that outlives its page until it is forgotten. */
export function useDraft<T>(name: string, fresh: T) {
  const key = `frenum.draft.${name}`;
  const [value, setValue] = useState<T>(() => drafts.read<T>(key) ?? fresh);
  const change = useCallback(
    (next: T) => {
      drafts.write(key, next);
      setValue(next);
    },
    [key],
  );
  return { value, change, forget: () => drafts.forget(key) };
}
