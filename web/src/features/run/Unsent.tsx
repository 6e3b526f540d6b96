import { Button } from '../../ui/Button';
import type { Queued } from './queue';

const WORDS: Record<string, string> = {
  signed: 'safety gate signed',
  discsRead: 'discs read',
  cracksSeen: 'cracks looked for',
  carMoves: 'rolls or stands',
  laneCalled: 'lane called',
  started: 'started',
  atRest: 'at rest',
  wavedOff: 'waved off',
  entered: 'readings',
  logged: 'logged stop',
  decided: 'decision',
  settled: 'settled',
  taskDone: 'done',
  stopped: 'STOP',
  released: 'release',
};

/** What waits on this device, and what was not taken; nothing of it is lost. */
export function Unsent({ queued, onForget }: { queued: Queued; onForget: () => void }) {
  return (
    <>
      {queued.pending.length > 0 && (
        <p role="status" className="border-l-[3px] border-edge pl-3 text-[17px]">
          Not yet sent, kept here: {queued.pending.map((e) => WORDS[e.what.type]).join(', ')}. Go on; it is
          judged once the link is back.
        </p>
      )}
      {queued.refused.length > 0 && (
        <div role="alert" className="border-l-[3px] border-block pl-3 text-[17px]">
          {queued.refused.map((r) => (
            <p key={r.event.id}>
              <b className="font-[650]">Not taken, {WORDS[r.event.what.type]}:</b> {r.why}
            </p>
          ))}
          <Button className="mt-2" onClick={onForget}>
            I have read it
          </Button>
        </div>
      )}
    </>
  );
}
