import type { Happening, RunView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useShortcuts } from '../../ui/shortcuts';
import type { Sheet } from './Sheets';
import { LOOKED_AT } from './stages';

/** The whole card by the keyboard. */
export function useCardKeys(p: {
  view: RunView;
  stage: RunView['stage'];
  forward: () => void;
  goAlong: () => unknown;
  say: (what: Happening) => void;
  setSheet: (sheet: Sheet) => void;
}) {
  const { view, stage, forward, goAlong, say, setSheet } = p;
  const { toggleNight } = usePreferences();
  const last = view.stops.at(-1);
  useShortcuts({
    ' ': forward,
    Enter: goAlong,
    l: () => say({ type: 'laneCalled', clear: view.gate.lane !== 'MET' }),
    r: () => {
      if (stage === 'JUDGED' && last?.judged === 'REPEAT') goAlong();
    },
    d: () => setSheet('discs'),
    n: toggleNight,
    h: () => setSheet('history'),
    m: () => say({ type: 'carMoves', motion: view.gate.motion === 'STANDING' ? 'ROLLING' : 'STANDING' }),
    k: () => {
      if (LOOKED_AT.includes(stage)) setSheet('cracks');
    },
    e: () => {
      if (stage === 'AT_REST' || (stage === 'JUDGED' && last?.logged)) setSheet('readings');
    },
  });
}
