import { useEffect } from 'react';

/** Keeps the screen on while the page is looked at; where a browser cannot, or a battery is too low, nothing is said. */
export function useAwake() {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let left = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      const lock = await navigator.wakeLock.request('screen').catch(() => null);
      if (left) await lock?.release();
      else held = lock;
    };
    // A screen that was off, or another page in front of it, has let go of it.
    const again = () => void hold();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void held?.release();
    };
  }, []);
}
