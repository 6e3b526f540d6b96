import { newId } from '../../api/newId';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { api, as, ask } from '../../api/client';
import { withChanges } from '../../api/changes';
import { run } from '../../api/queries';
import type { Happening, RunEvent, RunView } from '../../api/types';
import { clockOf, readClock, type RunClock } from './clock';
import { outbox } from './outbox';
import { EventQueue } from './queue';

const RETRY_MS = 1500;
const TICK_MS = 250;
/** Nothing heard for this long, the link is gone. */
const SILENT_MS = 2500;

/** A run that is watched and driven from this device. */
export function useRun(testId: string, holder: string) {
  const query = useQuery(run(testId));
  const { known, take } = useChanges(testId);
  const queue = useMemo(
    () =>
      new EventQueue(`frenum.run.${testId}`, outbox, async ({ who, ...body }: RunEvent) => {
        const view = await ask(
          api.POST('/api/runs/{testId}/events', {
            params: { path: { testId }, query: { since: known()?.events ?? 0 } },
            headers: as(who),
            body,
          }),
        );
        take(view);
      }),
    [known, take, testId],
  );
  const queued = useSyncExternalStore(queue.subscribe, queue.snapshot);
  const linked = useLink(testId, take);
  useEffect(() => {
    const timer = window.setInterval(() => void queue.flush(), RETRY_MS);
    return () => window.clearInterval(timer);
  }, [queue]);
  const { data, dataUpdatedAt } = query;
  const clock = useMemo(
    () => (data ? clockOf(data, dataUpdatedAt) : { atS: 0, heardMs: 0, rate: 1 }),
    [data, dataUpdatedAt],
  );
  const say = useCallback(
    (what: Happening) => {
      if (holder !== '') {
        const atS = readClock(clock, Date.now());
        void queue.add({ id: newId(), atS, who: holder, what });
      }
    },
    [queue, holder, clock],
  );
  return { query, queued, say, forgetRefused: () => queue.forgetRefused(), clock, linked };
}

/** Changes as they come, and whether the link is there: Frenum says so every second, and silence tells that it is not. */
function useLink(testId: string, take: (changes: RunView) => void): boolean {
  const [linked, setLinked] = useState(true);
  useEffect(() => {
    let heardMs = performance.now();
    const heard = () => {
      heardMs = performance.now();
      setLinked(true);
    };
    const changes = new EventSource(`/api/runs/${testId}/live`);
    changes.addEventListener('changed', (e) => {
      heard();
      take(JSON.parse(e.data as string) as RunView);
    });
    changes.addEventListener('alive', heard);
    changes.addEventListener('error', () => setLinked(false));
    const timer = window.setInterval(() => {
      if (performance.now() - heardMs > SILENT_MS) setLinked(false);
    }, TICK_MS);
    return () => {
      window.clearInterval(timer);
      changes.close();
    };
  }, [take, testId]);
  return linked;
}

/** Changes of a run, put into what is known of it; where something is missing in between, it is asked for. */
function useChanges(testId: string) {
  const client = useQueryClient();
  return useMemo(() => {
    const { queryKey } = run(testId);
    const known = () => client.getQueryData(queryKey);
    const take = (changes: RunView) => {
      if (changes.events < (known()?.events ?? 0)) return;
      const now = withChanges(known(), changes);
      if (now) client.setQueryData(queryKey, now);
      else void client.invalidateQueries({ queryKey });
    };
    return { known, take };
  }, [client, testId]);
}

/** The run's clock, ticking. */
export function useRunClock(clock: RunClock): number {
  const [now, setNow] = useState(() => readClock(clock, Date.now()));
  useEffect(() => {
    const timer = window.setInterval(() => setNow(readClock(clock, Date.now())), TICK_MS);
    return () => window.clearInterval(timer);
  }, [clock]);
  return now;
}
