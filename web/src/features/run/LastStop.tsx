import { useState } from 'react';
import type { Happening, JudgedStop, LoggedStop, RunView, Validity } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Button } from '../../ui/Button';
import { Status } from '../../ui/Status';
import { figure, number, said } from '../../units/units';
import { Photos } from '../../forms/Photos';
import { OverruleSheet } from './OverruleSheet';
import { useWheels } from './wheels';

const LOOK = {
  VALID: ['pass', 'Counts'],
  NOTE: ['caution', 'Counts, with a note'],
  REPEAT: ['block', 'Drive it again'],
} as const;

/** The stop just driven, whether it counts and why, and where the series stands. */
export function LastStop(props: {
  view: RunView;
  judging: boolean;
  holder: string;
  say: (what: Happening) => void;
  onReadings: () => void;
}) {
  const { view, judging, say } = props;
  const [overrule, setOverrule] = useState<Validity | null>(null);
  const { units } = usePreferences();
  const stop = view.stops
    .filter((s) => s.logged || s.readings.distances.length > 0 || s.readings.time)
    .at(-1);
  const decided = stop?.decision?.validity ?? stop?.judged;
  return (
    <div className="grid gap-4">
      {stop && decided ? (
        <>
          <div className="flex items-baseline justify-between gap-4">
            <h2 className="text-[19px] font-[650]">
              {stop.logged?.measured.kind === 'SNUB' ? 'Snub' : 'Stop'} {stop.attempt}, just driven
            </h2>
            <Status kind={LOOK[decided][0]} word={LOOK[decided][1]} />
          </div>
          <p className="leading-none">
            <span className="text-[88px] font-[660] [font-stretch:68%] tabular-nums max-[899px]:text-[58px]">
              {value(stop, units)}
            </span>{' '}
            <span className="text-[21px] text-ink-2">{unit(stop, units)}</span>
          </p>
          <ul className="text-[16px] text-ink-2">
            {stop.flags.length === 0 && <li>Speed, discs, interval and switches are as asked.</li>}
            {stop.flags.map((f) => (
              <li key={f.code}>{said(f.finding, units)}</li>
            ))}
            {stop.decision?.reason && (
              <li>
                {stop.decision.by}: {stop.decision.reason}
              </li>
            )}
          </ul>
          {stop.logged && <LoggedFigures logged={stop.logged} />}
          <Peaks stop={stop} />
          <Photos testId={view.testId} subjectId={stop.id} of="stop" holder={props.holder} />
          {judging && stop.logged && (
            <Button className="min-h-14 text-[18px]" onClick={props.onReadings}>
              Pedal, discs, note: add what you saw
            </Button>
          )}
        </>
      ) : (
        <p className="text-[18px] text-ink-2">
          {view.stops.length > 0
            ? `${view.stops.length} snubs so far. Stops will stand here.`
            : 'No stop yet. The first will stand here.'}
        </p>
      )}
      {judging && <Decide view={view} onOverrule={setOverrule} />}
      <Progress view={view} />
      {overrule && (
        <OverruleSheet
          validity={overrule}
          onClose={() => setOverrule(null)}
          onDone={(reason) => {
            say({ type: 'decided', validity: overrule, reason, stop: view.stops.at(-1)?.id ?? null });
            setOverrule(null);
          }}
        />
      )}
    </div>
  );
}

/** Going along with the rules is the foot's button; going against them takes a reason. */
function Decide(props: { view: RunView; onOverrule: (v: Validity) => void }) {
  const repeat = props.view.stops.at(-1)?.judged === 'REPEAT';
  return (
    <Button className="min-h-14 text-[18px]" onClick={() => props.onOverrule(repeat ? 'NOTE' : 'REPEAT')}>
      {repeat ? 'Let it count all the same' : 'Drive it again all the same'}
    </Button>
  );
}

type Units = ReturnType<typeof usePreferences>['units'];

const byTime = (stop: JudgedStop) => !stop.logged && stop.readings.instrument === 'STOPWATCH';

const value = (stop: JudgedStop, units: Units) =>
  stop.logged
    ? stop.logged.measured.kind === 'SNUB'
      ? figure(stop.logged.measured.mfdd, units.deceleration, 1)
      : figure(
          stop.correctedM.value === undefined ? stop.logged.measured.distance : stop.correctedM,
          units.distance,
          1,
        )
    : byTime(stop)
      ? figure(stop.correctedM, units.deceleration, 1)
      : figure(stop.correctedM.value === undefined ? asDriven(stop) : stop.correctedM, units.distance, 1);

/** The mean of what everybody read, where it may not be corrected. */
function asDriven(stop: JudgedStop): { value?: number } {
  const read = stop.readings.distances.map((d) => d.distance.inside ?? 0);
  return read.length === 0 ? {} : { value: read.reduce((a, b) => a + b, 0) / read.length };
}

function unit(stop: JudgedStop, units: Units): string {
  if (stop.logged?.measured.kind === 'SNUB') return `${units.deceleration.unit}, plateau`;
  const shown = byTime(stop) ? units.deceleration : units.distance;
  const own = stop.uncertaintyM.value;
  const plusMinus = own === undefined ? '± ?' : `± ${number(Math.abs(shown.of(2 * own)), 1)}`;
  return `${plusMinus} ${shown.unit}${byTime(stop) ? '' : stop.correctedM.value === undefined ? ', as driven' : ', corrected'}`;
}

/** What the logger saw, five figures at a glance. */
function LoggedFigures({ logged }: { logged: LoggedStop }) {
  const { units } = usePreferences();
  const m = logged.measured;
  const peaks = Object.values(m.peakTemperatures);
  const rows: [string, string, string][] = [
    ['Entry', figure(m.entrySpeed, units.speed, 1), units.speed.unit],
    ['Plateau', figure(m.mfdd, units.deceleration, 2), units.deceleration.unit],
    ['Lost time', figure(m.lostTime, units.time, 2), 's'],
    ['Front pressure', figure(m.frontPressureMean, units.pressure, 0), units.pressure.unit],
    [
      'Hottest disc',
      peaks.length === 0 ? '–' : number(units.temperature.of(Math.max(...peaks)), 0),
      units.temperature.unit,
    ],
  ];
  return (
    <table className="w-full text-[16px]">
      <caption className="text-left text-[14px] text-ink-3">From the logger</caption>
      <tbody>
        {rows
          .filter(([, value]) => value !== '–')
          .map(([name, value, unit]) => (
            <tr key={name} className="border-b border-rule">
              <th scope="row" className="py-1 text-left font-[450]">
                {name}
              </th>
              <td className="text-right">
                <b className="font-[650]">{value}</b> <span className="text-ink-3">{unit}</span>
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

/** Late readings, and the peaks they go back to. */
function Peaks({ stop }: { stop: JudgedStop }) {
  const wheels = useWheels();
  const { units } = usePreferences();
  const t = units.temperature;
  const all = wheels.flatMap(([wheel, label]) => {
    const peak = stop.peaks[wheel];
    return peak ? [{ wheel, label, peak }] : [];
  });
  if (all.length === 0) return null;
  return (
    <table className="w-full text-[16px]">
      <caption className="text-left text-[14px] text-ink-3">
        Thermometer, carried back to the peak, {t.unit}
      </caption>
      <tbody>
        {all.map(({ wheel, label, peak }) => (
          <tr key={wheel} className="border-b border-rule">
            <th scope="row" className="py-1 text-left font-[450]">
              {label}
            </th>
            <td className="text-right">
              <b className="font-[650]">{number(t.of(peak.celsius), 0)}</b>{' '}
              <span className="text-ink-3">± {number(2 * peak.uncertaintyC * (t.of(1) - t.of(0)), 0)}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Mean and spread of each side so far, and what may be said already. */
function Progress({ view }: { view: RunView }) {
  const { units } = usePreferences();
  const d = units.distance;
  const early = view.progress.sides
    .slice(1)
    .filter((s) => s.early.answer === 'SETTLED' || s.early.answer === 'OPEN');
  if (view.sides.every((s) => s.stopsEach === 0)) return null;
  return (
    <div>
      <table className="w-full text-[17px]">
        <caption className="text-left text-[14px] text-ink-3">
          So far, mean ± 95 % of the mean, {d.unit}
        </caption>
        <tbody>
          {view.progress.sides.map((s, i) => (
            <tr key={s.name} className="border-b border-rule">
              <th scope="row" className="py-1.5 text-left font-[450]">
                <MarkLabel letter={letterOf(i)} /> {s.values.length} of {stopsEach(view, i)}
              </th>
              <td className="text-right">
                <b className="font-[650]">{figure(s.meanM, d, 1)}</b>{' '}
                <span className="text-ink-3">± {figure(s.halfWidth95, d, 1)}</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {early.map((s) => (
        <p key={s.name} className="mt-2 text-[16px]">
          {s.name}: {said(s.early.finding, units)}
        </p>
      ))}
    </div>
  );
}

const stopsEach = (view: RunView, configuration: number) => view.sides[configuration]?.stopsEach ?? 0;
