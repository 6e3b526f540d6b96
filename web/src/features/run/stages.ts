import type { RunView } from '../../api/types';

/** Stages in which the vehicle stands and somebody may look at its discs. */
export const LOOKED_AT: RunView['stage'][] = ['WAITING', 'JUDGED', 'TASK', 'STOPPED'];
