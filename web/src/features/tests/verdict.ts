import type { Verdict } from '../../api/types';
import type { StatusKind } from '../../ui/Status';

/** A verdict in a word. */
export function verdictWord(verdict: Verdict | null): { word: string; kind: StatusKind } {
  switch (verdict) {
    case 'GAIN_SHOWN':
      return { word: 'Gain shown', kind: 'pass' };
    case 'LOSS_SHOWN':
      return { word: 'Loss shown', kind: 'block' };
    case 'NO_WORTHWHILE_DIFFERENCE':
      return { word: 'No worthwhile difference', kind: 'pass' };
    case 'NOT_SETTLED':
      return { word: 'Not settled', kind: 'wait' };
    case 'NOT_COMPARABLE':
      return { word: 'Not comparable', kind: 'block' };
    default:
      return { word: 'Nothing to compare yet', kind: 'wait' };
  }
}
