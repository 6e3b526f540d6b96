import { useEffect, useState } from 'react';
import type { Device, Role, RunView } from '../../api/types';
import { LiveTraces, type LiveRows } from './traces';

/** What stands in figures is read off this often; traces are drawn with the screen. */
const FIGURES_MS = 100;
/** After this long without a row a value is old. */
const STALE_S = 1.5;

/** The logger that a run listens to. */
export const loggerOf = (view: RunView | undefined): Device | undefined =>
  view?.devices.find((d) => d.kind === 'LOGGER');

/** A logger's rows as they come. Values are absent where nothing came lately. */
export function useLive(deviceId: string | undefined) {
  const [traces] = useState(() => new LiveTraces());
  const [, setTick] = useState(0);
  useEffect(() => {
    if (!deviceId) return;
    const feed = new EventSource(`/api/devices/${deviceId}/live`);
    feed.addEventListener('rows', (e: MessageEvent<string>) =>
      traces.add(JSON.parse(e.data) as LiveRows, performance.now()),
    );
    const timer = window.setInterval(() => setTick((n) => n + 1), FIGURES_MS);
    return () => {
      feed.close();
      window.clearInterval(timer);
    };
  }, [deviceId, traces]);
  const fresh = () => traces.silentS(performance.now()) < STALE_S;
  return {
    traces,
    fresh,
    value: (role: Role) => (fresh() ? traces.latest(role) : undefined),
  };
}

export type Live = ReturnType<typeof useLive>;
