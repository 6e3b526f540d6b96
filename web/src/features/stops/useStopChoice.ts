import { useSearchParams } from 'react-router';
import type { TestDetail } from '../../api/types';
import type { XAxis } from '../../charts/traces/layout';

/** Which stop is looked at, against which others and over what: kept in the address. */
export function useStopChoice(detail: TestDetail) {
  const [query, setQuery] = useSearchParams();
  const ordered = detail.series.flatMap((s) => detail.stops.filter((x) => x.seriesId === s.id));
  const chosen = ordered.find((s) => s.id === query.get('stop')) ?? ordered[0];
  const overlaid = new Set((query.get('with') ?? '').split(',').filter(Boolean));
  const axis: XAxis = query.get('x') === 'distance' ? 'distance' : 'time';
  const set = (changes: Record<string, string>) => {
    const next = new URLSearchParams(query);
    Object.entries(changes).forEach(([k, v]) => (v ? next.set(k, v) : next.delete(k)));
    setQuery(next, { replace: true });
  };
  const go = (way: number) => {
    const next = ordered[ordered.findIndex((s) => s.id === chosen?.id) + way];
    if (next) set({ stop: next.id });
  };
  const overlay = () => {
    if (!chosen) return;
    const next = new Set(overlaid);
    if (!next.delete(chosen.id)) next.add(chosen.id);
    set({ with: [...next].slice(-3).join(',') });
  };
  return { chosen, overlaid, axis, set, go, overlay };
}
