import { useEffect, useRef, useState } from 'react';

/** Twice within so long is meant. */
const MEANT_MS = 1500;

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('input, textarea, select') !== null;

/** X pressed twice stops testing, whatever else is open; whether it was pressed once, for the button to say so. */
export function useStopKey(stop: () => void): boolean {
  const [armed, setArmed] = useState(false);
  const until = useRef(0);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key.toLowerCase() !== 'x' || e.repeat || e.ctrlKey || e.metaKey || e.altKey) return;
      if (isTyping(e.target)) return;
      e.preventDefault();
      const now = e.timeStamp;
      const meant = now < until.current;
      until.current = meant ? 0 : now + MEANT_MS;
      setArmed(!meant);
      if (meant) stop();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  });
  useEffect(() => {
    if (!armed) return;
    const timer = window.setTimeout(() => setArmed(false), MEANT_MS);
    return () => window.clearTimeout(timer);
  }, [armed]);
  return armed;
}
