import { Link } from 'react-router';
import type { Happening, RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Key } from '../../ui/Layout';
import { alongWithTheRules, isLaneOnly, isWrittenDown, taskDone } from './stages';

const BIG = 'min-h-[74px] text-[20px] max-[899px]:min-h-14 max-[899px]:text-[18px]';

/** STOP TESTING, the lane, and the one thing to press next. */
export function Foot(props: {
  testId: string;
  view: RunView;
  stage: RunView['stage'];
  offline: boolean;
  say: (what: Happening) => void;
  onStop: () => void;
  /** Whether the step has stood for a second: sooner nothing of it begins or ends. */
  steady: boolean;
  /** Whether the stop key was pressed once. */
  armed: boolean;
  onSheet: (sheet: 'readings' | 'sign' | 'task') => void;
}) {
  const { view, stage, say } = props;
  const clear = view.gate.lane === 'MET';
  // The lane is asked for last: while the discs cool it would only be held up.
  const laneNext = stage === 'WAITING' && !clear && ['MET', 'NOT_ASKED'].includes(view.gate.discs);
  return (
    <footer className="sticky bottom-0 grid gap-3 bg-ground px-8 py-3.5 min-[900px]:grid-cols-[1fr_1fr_1fr] max-[899px]:grid-cols-2 max-[899px]:gap-2 max-[899px]:px-4 max-[899px]:py-2.5">
      <button
        type="button"
        onClick={props.onStop}
        className="flex min-h-[74px] items-center gap-4 rounded-control bg-stop px-5 text-left text-[21px] font-[680] text-on-stop max-[899px]:order-last max-[899px]:col-span-2 max-[899px]:justify-center"
      >
        <svg
          width="40"
          height="40"
          viewBox="0 0 40 40"
          aria-hidden
          fill="none"
          stroke="var(--on-stop)"
          strokeWidth="3"
        >
          <path d="M13 3h14l10 10v14L27 37H13L3 27V13ZM12 20h16" />
        </svg>
        <span>
          STOP TESTING
          <span className="block text-[15px] font-[450] max-[899px]:hidden">
            {props.armed ? 'press X once more' : 'one tap, or X twice; all stops are kept'}
          </span>
        </span>
      </button>
      <Button
        tone={laneNext ? 'main' : 'second'}
        className={BIG}
        disabled={stage === 'DONE' || stage === 'STOPPED' || stage === 'UNSIGNED'}
        onClick={() => say({ type: 'laneCalled', clear: !clear })}
      >
        {clear ? 'Lane not clear' : 'Lane is clear'} <Hint>L</Hint>
      </Button>
      <Forward {...props} />
    </footer>
  );
}

/** What is still to be recorded of a task. */
const taskWords = (view: RunView) => (isSkipping(view) ? 'Skip the rest, with a reason' : 'Record result');

/** Whether all that this button can do is leave an inspection undone: looking is what is asked for. */
const isSkipping = (view: RunView) => view.current?.phase?.kind === 'INSPECTION' && !view.inspected;

const judged = (view: RunView) => view.stops.at(-1)?.judged ?? 'VALID';

/** A key, where there are keys. */
function Hint({ children }: { children: string }) {
  return (
    <span className="max-[899px]:hidden">
      <Key>{children}</Key>
    </span>
  );
}

function Sign({ onSheet }: { onSheet: (sheet: 'sign') => void }) {
  return (
    <Button tone="main" className={BIG} onClick={() => onSheet('sign')}>
      Sign the safety gate
    </Button>
  );
}

function Forward(props: Parameters<typeof Foot>[0]) {
  const { view, stage, say } = props;
  const laneOnly = isLaneOnly(view);
  switch (stage) {
    case 'UNSIGNED':
      return <Sign onSheet={props.onSheet} />;
    case 'WAITING':
      if (!view.gate.signed) return <Sign onSheet={props.onSheet} />;
      return (
        <Button
          tone={laneOnly ? 'second' : 'main'}
          className={BIG}
          disabled={!props.steady || (!view.gateOpen && !props.offline && !laneOnly)}
          onClick={() => {
            if (laneOnly) say({ type: 'laneCalled', clear: true });
            say({ type: 'started' });
          }}
        >
          {laneOnly ? 'Lane clear: ' : ''}
          {view.snub ? 'Start the snub' : 'Start the stop'} <Hint>Space</Hint>
        </Button>
      );
    case 'APPROACH':
      return (
        <span className="grid grid-cols-[1fr_2fr] gap-2">
          <Button className={BIG} onClick={() => say({ type: 'wavedOff', reason: '' })}>
            Wave off
          </Button>
          <Button tone="main" className={BIG} onClick={() => say({ type: 'atRest' })}>
            {view.snub ? 'Snub done' : 'At rest'} <Hint>Space</Hint>
          </Button>
        </span>
      );
    case 'AT_REST':
      return (
        <Button tone="main" className={BIG} onClick={() => props.onSheet('readings')}>
          Enter the readings <Hint>Space</Hint>
        </Button>
      );
    case 'JUDGED':
      return (
        <Button
          tone="main"
          className={BIG}
          disabled={!props.steady}
          onClick={() => say(alongWithTheRules(view))}
        >
          {judged(view) === 'REPEAT' ? 'Drive it again' : 'Keep'} <Hint>Enter</Hint>
        </Button>
      );
    case 'TASK':
      return (
        <Button
          tone={isSkipping(view) ? 'second' : 'main'}
          className={BIG}
          disabled={!props.steady}
          onClick={() => (isWrittenDown(view) ? props.onSheet('task') : say(taskDone(view, '')))}
        >
          {isWrittenDown(view) ? taskWords(view) : 'Done'}
        </Button>
      );
    case 'DONE':
      return (
        <Link
          className={`inline-flex items-center justify-center rounded-control bg-ink font-[620] text-on-ink ${BIG}`}
          to={`/tests/${props.testId}/compare`}
        >
          See what came of it
        </Link>
      );
    default:
      return <span className="max-[899px]:hidden" />;
  }
}
