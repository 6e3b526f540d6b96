import type { Happening, RunView } from '../../api/types';

/** Whether what is done now is worth nothing unless it is written down. */
export const isWrittenDown = (view: RunView) => {
  const kind = view.current?.phase?.kind;
  return kind === 'TREATMENT' || kind === 'OBSERVATION' || (kind === 'INSPECTION' && !view.inspected);
};

/** A task that is done, of the step that its maker sees. */
export const taskDone = (view: RunView, note: string): Happening => ({
  type: 'taskDone',
  note,
  step: view.step,
});

/** Whether only the call of the lane is missing: whoever sees all of it may call and start in one press. */
export const isLaneOnly = ({ gate }: RunView) =>
  gate.signed &&
  gate.lane === 'UNKNOWN' &&
  ['MET', 'NOT_ASKED'].includes(gate.discs) &&
  ['MET', 'NOT_ASKED'].includes(gate.interval);

/** Whether the discs are asked for beside driving. */
export const asksForDiscs = (view: RunView) => {
  const kind = view.current?.phase?.kind;
  return kind === 'TREATMENT' || kind === 'COOL_DOWN';
};

/** Stages in which the vehicle stands and somebody may look at its discs. */
export const LOOKED_AT: RunView['stage'][] = ['WAITING', 'JUDGED', 'TASK', 'STOPPED'];

/** To go along with what the rules make of the last stop. */
export function alongWithTheRules(view: RunView): Happening {
  const last = view.stops.at(-1);
  return { type: 'decided', validity: last?.judged ?? 'VALID', reason: '', stop: last?.id ?? null };
}
