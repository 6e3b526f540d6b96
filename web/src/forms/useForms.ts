import { useSuspenseQuery } from '@tanstack/react-query';
import { forms } from '../api/queries';
import type { Entry, Forms, Quantity } from '../api/types';

type Group = { [K in keyof Forms]: Forms[K] extends Entry[] ? K : never }[keyof Forms];

/** What the core says of a figure that can be entered. */
export function entryOf(entries: Entry[], field: string): Entry {
  const found = entries.find((e) => e.field === field);
  if (!found) throw new Error(`Nothing is known of the field ${field}`);
  return found;
}

/** The figures of one form, by their names in the core. */
export function useEntries(group: Group): (field: string) => Entry {
  const { data } = useSuspenseQuery(forms());
  return (field) => entryOf(data[group], field);
}

/** The choices of one form. */
export const useChoices = (of: 'bases' | 'pedals' | 'efforts' | 'airFlows' | 'asGuessed') =>
  useSuspenseQuery(forms()).data[of];

/** How a unit is written. */
export function useSymbols(): (unit: Quantity['unit']) => string {
  const { data } = useSuspenseQuery(forms());
  return (unit) => data.units.find((u) => u.unit === unit)?.symbol ?? '';
}
