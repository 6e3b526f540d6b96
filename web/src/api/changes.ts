import type { RunView } from './types';

/** A run with what changed in it; nothing where the changes are of a run that is not known as it was before them. */
export function withChanges(known: RunView | undefined, changes: RunView): RunView | undefined {
  if (changes.firstStop === 0) return changes;
  if (!known || known.events < changes.since || known.stops.length < changes.firstStop) return undefined;
  return { ...changes, firstStop: 0, stops: [...known.stops.slice(0, changes.firstStop), ...changes.stops] };
}
