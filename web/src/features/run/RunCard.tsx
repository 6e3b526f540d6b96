import { useState } from 'react';
import type { Happening, RunView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { number, said } from '../../units/units';
import { countdown, projected, type RunClock, waitsUntil, wallClock } from './clock';
import { Disputed } from './Disputed';
import { Foot } from './Foot';
import { Huge } from './Huge';
import { LastStop } from './LastStop';
import { loggerOf, useLive } from './live';
import { LiveSpeed } from './LiveSpeed';
import { Motion } from './Motion';
import type { Queued } from './queue';
import { Middle } from './Middle';
import { Sheets, type Sheet } from './Sheets';
import { alongWithTheRules, isLaneOnly, isWrittenDown } from './stages';
import { statusWords, TopLine } from './TopLine';
import { useCardKeys } from './useCardKeys';
import { useSteadySay } from './useSteady';
import { Unsent } from './Unsent';
import { useRunClock } from './useRun';
import { useStopKey } from './useStopKey';

/** One instruction, one figure, one thing to press; all else stands smaller beside it. */
export function RunCard(props: {
  testId: string;
  view: RunView;
  queued: Queued;
  holder: string;
  clock: RunClock;
  /** Whether Frenum is heard. */
  linked: boolean;
  say: (what: Happening) => void;
  onForgetRefused: () => void;
  onHandOver: () => void;
}) {
  const { view, queued } = props;
  const { steady, say } = useSteadySay(view.step, props.say);
  const now = useRunClock(props.clock);
  const [sheet, setSheet] = useState<Sheet>(null);
  const live = useLive(loggerOf(view)?.id);
  const offline = queued.pending.length > 0;
  const stage = offline ? projected(view, queued.pending) : view.stage;
  const stop = () => {
    setSheet(null);
    if (stage !== 'DONE') say({ type: 'stopped', rule: null, words: 'said at the run card' });
  };
  const armed = useStopKey(stop);
  const last = view.stops.at(-1);
  // What was not sent yet knows better than the last answer.
  const unsentRest = queued.pending.findLast((e) => e.what.type === 'atRest');
  const restAtS = unsentRest?.atS ?? view.approach?.restAtS ?? (last?.logged ? last.restAtS : now);
  const forward = () => {
    if (stage === 'WAITING' && (view.gateOpen || offline)) say({ type: 'started' });
    else if (stage === 'WAITING' && isLaneOnly(view)) {
      say({ type: 'laneCalled', clear: true });
      say({ type: 'started' });
    } else if (stage === 'APPROACH') say({ type: 'atRest' });
    else if (stage === 'AT_REST') setSheet('readings');
    else if (stage === 'UNSIGNED' || (stage === 'WAITING' && !view.gate.signed)) setSheet('sign');
    else if (stage === 'TASK' && isWrittenDown(view)) setSheet('task');
  };
  const goAlong = () => stage === 'JUDGED' && last && say(alongWithTheRules(view));
  useCardKeys({ view, stage, forward, goAlong, say, setSheet });
  return (
    <div data-density="trackside" className="flex min-h-dvh flex-col bg-sheet">
      <TopLine
        view={view}
        now={now}
        holder={props.holder}
        status={statusWords(props.linked, offline)}
        onHistory={() => setSheet('history')}
        onDevices={() => setSheet('devices')}
        onHandOver={props.onHandOver}
      />
      <main
        id="main"
        data-steady={steady}
        className="grid flex-1 content-start min-[900px]:grid-cols-[1fr_400px] min-[900px]:grid-rows-[auto_1fr]"
      >
        <section className="grid content-start gap-5 px-8 pt-5 max-[899px]:-order-2 max-[899px]:px-4 max-[899px]:pt-3">
          <Unsent queued={queued} onForget={props.onForgetRefused} />
          <Now view={view} stage={stage} now={now} speedMps={live.value('SPEED')} say={say} />
        </section>
        <Middle
          view={view}
          queued={queued}
          stage={stage}
          now={now}
          live={live}
          say={say}
          onSheet={setSheet}
        />
        {/* On a phone, what was measured stands right under whether it counts. */}
        <aside
          className={`border-rule px-6 py-5 min-[900px]:col-start-2 min-[900px]:row-span-2 min-[900px]:row-start-1 min-[900px]:border-l max-[899px]:px-4 max-[899px]:py-3 ${stage === 'JUDGED' ? 'max-[899px]:-order-1' : 'max-[899px]:border-t'}`}
        >
          <LastStop
            view={view}
            judging={stage === 'JUDGED'}
            holder={props.holder}
            say={say}
            onReadings={() => setSheet('readings')}
          />
        </aside>
      </main>
      <Foot
        testId={props.testId}
        view={view}
        stage={stage}
        offline={offline}
        say={say}
        onStop={stop}
        steady={steady}
        armed={armed}
        onSheet={setSheet}
      />
      <Sheets {...props} say={say} sheet={sheet} now={now} restAtS={restAtS} onClose={() => setSheet(null)} />
    </div>
  );
}

/** What the moment of readiness goes by. */
function readyBy({ gate }: RunView): string {
  if (gate.readyFitted) return 'from this cool-down';
  if (gate.motion === null) return 'because nobody said whether the vehicle rolls or stands';
  return gate.motion === 'ROLLING'
    ? 'as the vehicle usually cools while it rolls'
    : 'as discs cool on a vehicle that stands';
}

/** The instruction, and under it the one figure that matters now. */
function Now(props: {
  view: RunView;
  stage: RunView['stage'];
  now: number;
  speedMps: number | undefined;
  say: (what: Happening) => void;
}) {
  const { view, stage, now, speedMps, say } = props;
  const { units } = usePreferences();
  const waits = stage === 'WAITING' ? waitsUntil(view) : null;
  const speed = view.fromMps === null ? null : number(units.speed.of(view.fromMps), 0);
  return (
    <div>
      <h1
        aria-live="polite"
        className="text-[44px] leading-[1.08] font-[640] [font-stretch:92%] max-[899px]:text-[31px]"
      >
        {said(view.instruction.imperative, units)}
      </h1>
      <p className="mt-1.5 max-w-[60ch] text-[18px] text-ink-2 max-[899px]:text-[16px]">
        {said(view.instruction.because, units)}
      </p>
      <Disputed view={view} say={say} />
      {stage === 'APPROACH' && speedMps !== undefined && view.fromMps !== null ? (
        <LiveSpeed speedMps={speedMps} askedMps={view.fromMps} tolerance={view.entryTolerance} />
      ) : waits ? (
        <div className="mt-2 flex flex-wrap items-end gap-x-8">
          <Huge>{countdown(waits.atS - now)}</Huge>
          <p className="pb-6 text-[22px] font-[640] max-[899px]:pb-2 max-[899px]:text-[19px]">
            Ready at {wallClock(waits.atS)}
            {waits.plusMinusS !== null && (
              <span className="block text-[18px] font-[450] text-ink-2">
                give or take {Math.round(waits.plusMinusS)} s, {readyBy(view)}
              </span>
            )}
          </p>
          {waits.plusMinusS !== null && <Motion gate={view.gate} say={say} />}
        </div>
      ) : (
        speed !== null &&
        (stage === 'WAITING' || stage === 'APPROACH') && (
          <div className="mt-2 flex flex-wrap items-end gap-x-6">
            <Huge>{speed}</Huge>
            <p className="pb-6 text-[22px] font-[640] max-[899px]:pb-2 max-[899px]:text-[19px]">
              {units.speed.unit}
              <span className="block text-[18px] font-[450] text-ink-2">
                hold {number(units.speed.of((view.fromMps ?? 0) * (1 - view.entryTolerance)), 0)} to{' '}
                {number(units.speed.of((view.fromMps ?? 0) * (1 + view.entryTolerance)), 0)} at the cone
              </span>
            </p>
          </div>
        )
      )}
    </div>
  );
}
