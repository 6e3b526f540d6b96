import type { ClockItem } from '../../api/types';

/** Neighbouring items of one kind and configuration as one stretch of the day. */
export type Stretch = {
  kind: ClockItem['kind'];
  configuration: number;
  phase: string;
  runs: number;
  fromS: number;
  toS: number;
};

/** A day of a hundred runs and waits as the few stretches that a person plans with; waits belong to their runs. */
export function stretches(items: ClockItem[]): Stretch[] {
  const out: Stretch[] = [];
  for (const i of items) {
    const last = out.at(-1);
    const kind = i.kind === 'WAIT' ? 'RUN' : i.kind;
    const until = i.startS + i.durationS;
    if (last && last.kind === kind && last.configuration === i.configuration && last.phase === i.phase) {
      last.toS = until;
      last.runs += i.kind === 'RUN' ? 1 : 0;
    } else {
      out.push({
        kind,
        configuration: i.configuration,
        phase: i.phase,
        runs: i.kind === 'RUN' ? 1 : 0,
        fromS: i.startS,
        toS: until,
      });
    }
  }
  return out;
}

/** Seconds as hours and minutes, rounded up to the minute. */
export function hoursMinutes(seconds: number): string {
  const minutes = Math.ceil(seconds / 60 - 1e-6);
  const h = Math.floor(minutes / 60);
  return h > 0 ? `${h} h ${String(minutes % 60).padStart(2, '0')} min` : `${minutes} min`;
}
