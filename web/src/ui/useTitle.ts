import { useEffect } from 'react';

/** What the browser calls this page, its most telling words first. */
export function useTitle(...parts: (string | undefined)[]) {
  const title = [...parts.filter((p) => p !== undefined && p !== ''), 'Frenum'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
