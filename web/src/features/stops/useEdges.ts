import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { triedEdges } from '../../api/queries';
import type { StopView } from '../../api/types';
import { useUndo } from '../../ui/Undo';
import { useStopActions } from './useStopActions';
import { stopName } from './conditions';

type Edges = { onsetS: number | null; endS: number | null };
const AS_FOUND: Edges = { onsetS: null, endS: null };

/** The edges of a stop as somebody moves them: tried at once, kept with a reason, and to be undone. */
export function useEdges(testId: string, stop: StopView) {
  const { move } = useStopActions(testId);
  const undo = useUndo();
  const [edges, setEdges] = useState(AS_FOUND);
  const found = stop.measured;
  const tried = useQuery({
    ...triedEdges(testId, stop.id, edges.onsetS, edges.endS),
    placeholderData: keepPreviousData,
  });
  const shift = (edge: 'onset' | 'end', by: number) =>
    setEdges((e) =>
      edge === 'onset'
        ? { ...e, onsetS: Math.max(0, (e.onsetS ?? found?.onsetS ?? 0) + by) }
        : { ...e, endS: (e.endS ?? found?.endS ?? 0) + by },
    );
  const reset = () => setEdges(AS_FOUND);
  const keep = (why: string) => {
    const before = stop.moves.at(-1) ?? AS_FOUND;
    const kept = { onsetS: edges.onsetS ?? before.onsetS, endS: edges.endS ?? before.endS };
    const back = { id: stop.id, onsetS: before.onsetS, endS: before.endS, why: 'undone' };
    move.mutate(
      { id: stop.id, ...kept, why },
      {
        onSuccess: () => {
          reset();
          undo({ message: `Edges of ${stopName(stop).toLowerCase()} saved`, undo: () => move.mutate(back) });
        },
      },
    );
  };
  const automatic = () => move.mutate({ id: stop.id, ...AS_FOUND, why: 'automatic edges put back' });
  return {
    edges,
    automatic,
    moved: edges.onsetS !== null || edges.endS !== null,
    tried,
    move,
    shift,
    reset,
    keep,
  };
}
