import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { tests } from '../../api/queries';
import type { TestSummary } from '../../api/types';
import { useUndo } from '../../ui/Undo';

/** Throws a rehearsal away whole, with a day to take it back. */
export function useThrowAway() {
  const client = useQueryClient();
  const undo = useUndo();
  const again = () => client.invalidateQueries({ queryKey: tests().queryKey });
  const path = (testId: string) => ({ params: { path: { testId } } });
  const takeBack = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/rehearsals/{testId}/thrown-away', path(id))),
    onSuccess: again,
  });
  return useMutation({
    mutationFn: (row: TestSummary) => ask(api.PUT('/api/rehearsals/{testId}/thrown-away', path(row.test.id))),
    onSuccess: (_, row) => {
      undo({ message: `“${row.test.question}” is thrown away.`, undo: () => takeBack.mutate(row.test.id) });
      return again();
    },
  });
}
