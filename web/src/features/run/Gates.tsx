import type { Gating, RunView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Status, type StatusKind } from '../../ui/Status';
import { number } from '../../units/units';
import { countdown } from './clock';

const LOOK: Record<Gating['discs'], [StatusKind, string]> = {
  MET: ['pass', ''],
  NOT_ASKED: ['pass', ''],
  WAIT: ['wait', 'not yet'],
  MISSED: ['caution', 'missed'],
  UNKNOWN: ['wait', 'not known'],
};

/** The gates of the next stop, each in words. */
export function Gates({ view, now }: { view: RunView; now: number }) {
  const { gate } = view;
  return (
    <dl className="grid gap-3 border-t border-rule pt-3 min-[900px]:grid-cols-3">
      <GateWords name="Discs" standing={gate.discs} met="in the window" words={useDiscWords(view)} />
      <GateWords name="Interval" standing={gate.interval} met="open" words={intervalWords(gate, now)} />
      <GateWords
        name="Lane"
        standing={gate.lane}
        met="clear"
        words={
          gate.lane === 'MET' && gate.laneUntilS !== null
            ? `the call holds ${countdown(gate.laneUntilS - now)}`
            : 'not called, or the call is too old'
        }
      />
    </dl>
  );
}

function GateWords(props: { name: string; standing: Gating['discs']; met: string; words: string }) {
  const [kind, word] = LOOK[props.standing];
  const told = props.standing === 'NOT_ASKED' ? 'not asked' : word || props.met;
  return (
    <div>
      <dt className="text-[18px]">
        <Status kind={kind} word={`${props.name}: ${told}`} />
      </dt>
      <dd className="text-[16px] text-ink-2">{props.words}</dd>
    </div>
  );
}

function useDiscWords({ gate, discs }: RunView): string {
  const { units } = usePreferences();
  const t = units.temperature;
  const front = discs.filter((d) => d.wheel.startsWith('FRONT')).map((d) => d.celsius);
  if (gate.discs === 'NOT_ASKED') return '';
  if (front.length === 0) return 'no front disc read since the last stop';
  const { hottestC, coldestC } = gate.window;
  const hottest = Math.max(...front);
  const coldest = Math.min(...front);
  if (hottestC !== null && hottest > hottestC)
    return `${number(t.of(hottest) - t.of(hottestC), 0)} ${t.unit} above`;
  if (coldestC !== null && coldest < coldestC)
    return `${number(t.of(coldestC) - t.of(coldest), 0)} ${t.unit} below`;
  return `${number(t.of(coldest), 0)} to ${number(t.of(hottest), 0)} ${t.unit} as read`;
}

function intervalWords(gate: Gating, now: number): string {
  if (gate.interval === 'WAIT' && gate.soonestAtS !== null)
    return `opens in ${countdown(gate.soonestAtS - now)}`;
  if (gate.interval === 'MET' && gate.latestAtS !== null)
    return `closes in ${countdown(gate.latestAtS - now)}`;
  return gate.interval === 'MISSED' ? 'the longest interval has passed' : '';
}
