import { Link } from 'react-router';
import type { RunView } from '../../api/types';
import { colour, letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Button } from '../../ui/Button';
import { wallClock } from './clock';

/** Which configuration, which stop of how many, and the time. */
export function TopLine(props: {
  view: RunView;
  now: number;
  holder: string;
  /** Of the link, where there is something to say. */
  status: string;
  onHistory: () => void;
  onDevices: () => void;
  onHandOver: () => void;
}) {
  const { view } = props;
  const step = view.current;
  const side = step ? view.sides[step.configuration] : undefined;
  const switches = side?.switches ?? [];
  return (
    <header className="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-1.5 border-b border-rule px-4 py-2 min-[900px]:flex min-[900px]:gap-x-8 min-[900px]:px-8 min-[900px]:py-2.5">
      {step && side && (
        <div className="min-w-0">
          <p className="truncate text-[13px] text-ink-3 max-[899px]:hidden">{view.question}</p>
          <p className="text-[19px] font-[650]">
            <MarkLabel letter={letterOf(step.configuration)} /> {side.name}
          </p>
          <p className="text-[15px] leading-snug text-ink-2">
            {view.cycle > 0 && (
              <b className="font-[650] text-ink">
                cycle {view.cycle} of {view.cycles},{' '}
              </b>
            )}
            {step.phase?.name ?? (step.kind === 'CHANGE_PARTS' ? 'change parts' : 'bed in')}
            {view.phaseWords && <span className="max-[899px]:hidden">, {view.phaseWords}</span>}
            {switches.length > 0 && (
              <b className="font-[650] text-ink">
                {' '}
                {switches.map((s) => `${s.label} ${s.on ? 'ON' : 'OFF'}`).join(', ')}
              </b>
            )}
          </p>
        </div>
      )}
      <p className="self-start text-right text-[20px] font-[650] tabular-nums min-[900px]:order-last">
        {wallClock(props.now)}
      </p>
      {step?.kind === 'BRAKING' && <Strokes view={view} />}
      <p className="col-span-2 flex flex-wrap items-baseline gap-x-4 text-[14px] text-ink-2 min-[900px]:ml-auto min-[900px]:flex-none min-[900px]:flex-nowrap min-[900px]:justify-end">
        <span role="status" className="empty:hidden">
          {props.status}
        </span>
        {view.rehearsal && <b className="font-[650]">Rehearsal{view.rate !== 1 && `, ${view.rate} times`}</b>}
        <Button tone="link" onClick={props.onDevices}>
          {devicesWord(view)}
        </Button>
        <Button tone="link" onClick={props.onHistory}>
          History
        </Button>
        <Link
          to={`/tests/${view.testId}/plan`}
          aria-label="Leave the run card"
          className="border-b border-edge text-[13px]"
        >
          Plan
        </Link>
        <Button tone="link" onClick={props.onHandOver}>
          {props.holder || 'Nobody'}
        </Button>
      </p>
    </header>
  );
}

/** What is to know of the link, and nothing where all is well. */
export function statusWords(linked: boolean, unsent: boolean): string {
  const link = linked ? '' : 'No link to Frenum: go on, nothing is lost';
  return [link, unsent && 'Saved here, not yet sent'].filter(Boolean).join('. ');
}

/** What it listens to, and whether that is there. */
function devicesWord(view: RunView): string {
  const here = view.devices.filter((d) => d.connected).length;
  if (view.devices.length === 0) return 'By hand';
  return here === view.devices.length ? `${here} connected` : `${here} of ${view.devices.length} connected`;
}

/** The stops of this step: crayon strokes, slashed where they do not count, then the next in an ink square. */
function Strokes({ view }: { view: RunView }) {
  const step = view.current;
  if (!step) return null;
  const own = view.stops.filter((s) => s.step === view.step);
  const left = Math.max(0, step.repeats - view.counted);
  const letter = letterOf(step.configuration);
  return (
    <p
      className="col-span-2 flex flex-none flex-wrap items-center gap-2.5 text-[17px]"
      aria-label={`${view.counted} of ${step.repeats} count`}
    >
      {own.slice(-8).map((s) => {
        const out = (s.decision?.validity ?? s.judged) === 'REPEAT';
        return (
          <svg key={s.id} width="14" height="34" aria-hidden>
            <path
              d="M5 31 9 3"
              stroke={out ? 'var(--ink-3)' : colour(letter)}
              strokeWidth={out ? 2 : 4}
              strokeLinecap="round"
              strokeDasharray={out ? '4 3' : undefined}
            />
            {out && <path d="M1 22 13 12" stroke="var(--ink-3)" strokeWidth="2" />}
          </svg>
        );
      })}
      {left > 0 && view.stage !== 'JUDGED' && (
        <span className="inline-flex size-8 items-center justify-center bg-ink font-[650] text-on-ink">
          {own.length + 1}
        </span>
      )}
      <span className="text-ink-2">
        {view.counted} of {step.repeats} count
      </span>
    </p>
  );
}
