import { useQuery } from '@tanstack/react-query';
import { runHistory } from '../../api/queries';
import type { Happening } from '../../api/types';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';
import { wallClock } from './clock';

/** Below this a device's clock is taken as right, s. */
const CLOCK_WRONG_S = 1;

const ahead = (s: number) => (s < 120 ? `${Math.round(s)} s` : `${Math.round(s / 60)} min`);

/** Everything that happened, last first, each with its name and time. */
export function HistorySheet({ testId, onClose }: { testId: string; onClose: () => void }) {
  return (
    <Sheet
      open
      trackside
      title="What happened"
      description="Nothing of it is ever edited away."
      onClose={onClose}
    >
      <Loaded query={useQuery({ ...runHistory(testId), staleTime: 0 })} what="Reading the history">
        {(all) => (
          <ol className="grid gap-1.5 text-[15px]" reversed>
            {[...all].reverse().map((h) => (
              <li key={h.seq} className="grid grid-cols-[5.5rem_1fr] gap-3 border-b border-rule pb-1.5">
                <span className="text-ink-3 tabular-nums">{wallClock(h.atS)}</span>
                <span>
                  {words(h.what)} <span className="text-ink-3">by {h.by}</span>
                  {h.clockAheadS >= CLOCK_WRONG_S && (
                    <span className="block text-ink-3">
                      its device&apos;s clock was {ahead(h.clockAheadS)} ahead; Frenum&apos;s time stands here
                    </span>
                  )}
                </span>
              </li>
            ))}
          </ol>
        )}
      </Loaded>
    </Sheet>
  );
}

function words(what: Happening): string {
  switch (what.type) {
    case 'signed':
      return 'Safety gate signed';
    case 'discsRead':
      return `Discs read: ${Object.values(what.celsius)
        .map((c) => Math.round(c))
        .join(', ')} °C`;
    case 'carMoves':
      return what.motion === 'ROLLING' ? 'The vehicle rolls' : 'The vehicle stands';
    case 'laneCalled':
      return what.clear ? 'Lane called clear' : 'Lane called not clear';
    case 'started':
      return 'Run-up begun';
    case 'atRest':
      return 'At rest';
    case 'wavedOff':
      return 'Approach given up';
    case 'entered':
      return 'Readings entered';
    case 'logged':
      return 'The logger saw a stop';
    case 'discsPeaked':
      return `Disc peaks logged: ${Object.values(what.celsius)
        .map((c) => Math.round(c))
        .join(', ')} °C`;
    case 'decided':
      return `Decided: ${what.validity === 'REPEAT' ? 'drive it again' : 'counts'}${what.reason ? `, ${what.reason}` : ''}`;
    case 'settled':
      return 'Two who had judged a stop differently have settled it';
    case 'taskDone':
      return 'Done';
    case 'cracksSeen':
      return `Discs looked at: ${what.faces
        .map(
          (f) =>
            `${f.wheel.toLowerCase().replace('_', ' ')} ${f.face.toLowerCase()}, ${f.crack.toLowerCase().replaceAll('_', ' ')}`,
        )
        .join('; ')}`;
    case 'stopped':
      return `TESTING STOPPED: ${what.words}`;
    case 'released':
      return `Released after inspecting: ${what.inspected}`;
  }
}
