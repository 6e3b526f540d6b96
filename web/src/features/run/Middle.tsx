import type { Happening, RunView } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { said } from '../../units/units';
import { Gates } from './Gates';
import { GateTape } from './GateTape';
import { loggerOf, type useLive } from './live';
import type { Queued } from './queue';
import { Inspection } from './Inspection';
import { Recorder } from './Recorder';
import { Review } from './Review';
import type { Sheet } from './Sheets';
import { asksForDiscs, LOOKED_AT } from './stages';
import { StoppedPanel } from './StoppedPanel';

/** What the stage asks to be looked at: gates and discs, what stopped the test, the traces, what the crew may learn. */
export function Middle(props: {
  view: RunView;
  queued: Queued;
  stage: RunView['stage'];
  now: number;
  live: ReturnType<typeof useLive>;
  say: (what: Happening) => void;
  onSheet: (sheet: Sheet) => void;
}) {
  const { view, queued, stage, now, live, say, onSheet: setSheet } = props;
  const { units } = usePreferences();
  const logger = loggerOf(view);
  return (
    <section className="grid content-start gap-5 px-8 py-5 max-[899px]:px-4 max-[899px]:py-3">
      {stage === 'STOPPED' && <StoppedPanel view={view} queued={queued} say={say} />}
      {(stage === 'WAITING' || stage === 'JUDGED') && view.gate.discs !== 'NOT_ASKED' && (
        <GateTape
          view={view}
          sensed={live.value('DISC_TEMPERATURE_FRONT_LEFT') !== undefined}
          onRead={() => setSheet('discs')}
        />
      )}
      {stage === 'TASK' && asksForDiscs(view) && (
        <p>
          <Button className="min-h-14" onClick={() => setSheet('discs')}>
            Read the discs
          </Button>
        </p>
      )}
      {stage === 'WAITING' && <Gates view={view} now={now} />}
      {LOOKED_AT.includes(stage) && (
        <Inspection view={view} stage={stage} say={say} onFace={() => setSheet('cracks')} />
      )}
      {view.review && stage === 'DONE' && <Review review={view.review} />}
      {logger && <Recorder live={live} colour={`c${letterOf(view.current?.configuration ?? 0)}`} />}
      {view.progress.warnings.map((w) => (
        <p key={said(w, units)} className="border-l-[3px] border-caution pl-3 text-[17px]">
          {said(w, units)}
        </p>
      ))}
    </section>
  );
}
