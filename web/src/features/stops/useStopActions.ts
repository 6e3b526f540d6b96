import { newId } from '../../api/newId';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { test } from '../../api/queries';
import type { DecisionRequest, EdgeRequest, StopView, TestDetail } from '../../api/types';

/** Changes to stops; each answer goes straight into the test it belongs to, and its comparison is asked again. */
export function useStopActions(testId: string) {
  const queries = useQueryClient();
  const onSuccess = (stop: StopView) => {
    queries.setQueryData<TestDetail>(
      test(testId).queryKey,
      (old) => old && { ...old, stops: old.stops.map((s) => (s.id === stop.id ? stop : s)) },
    );
    // Everything that is read off the stops; the test itself is up to date already.
    void queries.invalidateQueries({
      queryKey: ['test', testId],
      predicate: (q) => q.queryKey.length > 2,
    });
    void queries.invalidateQueries({ queryKey: ['tests'] });
  };
  const decide = useMutation({
    mutationFn: ({ id, ...request }: Omit<DecisionRequest, 'requestId'> & { id: string }) =>
      ask(
        api.POST('/api/stops/{id}/decisions', {
          params: { path: { id } },
          body: { ...request, requestId: newId() },
        }),
      ),
    onSuccess,
  });
  const move = useMutation({
    mutationFn: ({ id, ...request }: Omit<EdgeRequest, 'requestId'> & { id: string }) =>
      ask(
        api.POST('/api/stops/{id}/edges', {
          params: { path: { id } },
          body: { ...request, requestId: newId() },
        }),
      ),
    onSuccess,
  });
  return { decide, move };
}
