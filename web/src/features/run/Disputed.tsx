import type { Happening, JudgedStop, RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { wallClock } from './clock';

type Ruling = JudgedStop['objections'][number];

/** A stop that two people judged differently, neither knowing of the other: both are told, and they settle it. */
export function Disputed({ view, say }: { view: RunView; say: (what: Happening) => void }) {
  return view.stops
    .filter((s) => s.objections.length > 0 && s.decision)
    .map((s) => (
      <div key={s.id} role="alert" className="my-3 border-l-[3px] border-caution pl-3 text-[17px]">
        <p>
          <b className="font-[650]">Stop {view.stops.indexOf(s) + 1} was judged differently.</b>{' '}
          {[s.decision, ...s.objections].flatMap((r) => (r ? [words(r)] : [])).join(' ')} What came first
          stands; who wants it otherwise strikes it out, or brings it back, under Stops.
        </p>
        <Button className="mt-2 min-h-14" onClick={() => say({ type: 'settled', stop: s.id })}>
          We have settled it
        </Button>
      </div>
    ));
}

const words = (r: Ruling) =>
  `${r.by}, ${wallClock(r.atS)}: ${r.validity === 'REPEAT' ? 'drive it again' : 'it counts'}${r.reason ? `, ${r.reason}` : ''}.`;
