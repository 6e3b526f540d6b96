import { useSymbols } from '../../forms/useForms';
import type { HandEntry, MeasuredStop, Quantity, StopView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { figure, said, type Kind, twice } from '../../units/units';
import { Heading } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { Table, Td } from '../../ui/Table';
import { exactMoment } from '../../units/when';

type Row = [string, { value?: number; reason?: string }, Kind, { value?: number }?];

/** Every figure of a logged stop, with its unit and uncertainty, or why there is none. */
export function Figures({ stop }: { stop: MeasuredStop }) {
  const { units } = usePreferences();
  const plusMinus = stop.uncertainty;
  const rows: Row[] = [
    ['Distance', stop.distance, 'distance', plusMinus.distance],
    ['Distance from the foot', stop.distanceFromFoot, 'distance', plusMinus.distanceFromFoot],
    ['Corrected to test speed', stop.correctedDistance, 'distance', plusMinus.correctedDistance],
    ['Entry speed', stop.entrySpeed, 'speed', plusMinus.entrySpeed],
    ['Time', stop.time, 'time', plusMinus.time],
    ['MFDD', stop.mfdd, 'deceleration', plusMinus.mfdd],
    ['Mean by distance', stop.meanDeceleration, 'deceleration', plusMinus.meanDeceleration],
    ['Peak', stop.peakDeceleration, 'deceleration'],
    ['Brake build-up time', stop.buildUp, 'time'],
    ['Lost time', stop.lostTime, 'time', plusMinus.lostTime],
    ['Front pressure, mean', stop.frontPressureMean, 'pressure'],
    ['Front pressure, peak', stop.frontPressurePeak, 'pressure'],
    ['Rear pressure, mean', stop.rearPressureMean, 'pressure'],
    ['Front brake bias (of pressure)', stop.frontShare, 'share'],
    ['Effectiveness', stop.effectiveness, 'effectiveness'],
    ...fusedRows(stop),
  ];
  return (
    <>
      <Heading note="± is the 95 % range (combined uncertainty)">Figures</Heading>
      <Table aria-label="Figures of this stop">
        <tbody>
          {rows.map(([name, f, kind, u]) => (
            <tr key={name}>
              <Td>
                {name}, {units[kind].unit}
              </Td>
              <Td numeric className={f.value === undefined ? 'text-[13px] text-ink-3' : 'font-[650]'}>
                {f.value === undefined ? `cannot be computed: ${f.reason}` : figure(f, units[kind])}
              </Td>
              <Td numeric className="w-20 text-ink-3">
                {f.value === undefined
                  ? ''
                  : u?.value === undefined
                    ? '± ?'
                    : `± ${figure(twice(u), spanOf(units[kind]))}`}
              </Td>
            </tr>
          ))}
          <Temperatures name="Disc at the start" by={stop.startTemperatures} />
          <Temperatures name="Disc at its peak" by={stop.peakTemperatures} />
        </tbody>
      </Table>
      <p className="mt-2 text-[13px] text-ink-3">
        “± ?” means that the uncertainty is not known. Brake onset by {ONSETS[stop.onsetSource]}, speed by{' '}
        {SPEEDS[stop.speedSource]}.
      </p>
    </>
  );
}

/** Where a slow receiver and an accelerometer could be put together, what they say together. */
const fusedRows = ({ fused }: MeasuredStop): Row[] =>
  fused.distance.value === undefined
    ? []
    : [
        ['Distance by fused speed', fused.distance, 'distance'],
        ['Entry speed, fused', fused.entrySpeed, 'speed'],
        ['Receiver latency', fused.latency, 'time'],
      ];

const SPEEDS = {
  SATELLITE: 'satellite receiver',
  BUS: 'vehicle bus (scale 1 %, wheel slip 1.5 ± 2.4 %)',
  WHEELS: 'wheels (scale 1 %, slip 3 ± 2.4 % added while braking)',
  SPEEDOMETER: 'speedometer (2.5 ± 2.9 % taken off)',
  UNNAMED: 'an unnamed source (scale 1 %; name the channel “GPS speed” if it is one)',
};

const ONSETS = {
  SWITCH: 'brake switch',
  PRESSURE: 'line pressure',
  DECELERATION: 'deceleration',
  HAND: 'hand',
};

/** An uncertainty has no offset. */
const spanOf = (shown: { unit: string; of: (x: number) => number; decimals: number }) => ({
  ...shown,
  of: (x: number) => shown.of(x) - shown.of(0),
});

const WHEELS = { FRONT_LEFT: 'FL', FRONT_RIGHT: 'FR', REAR_LEFT: 'RL', REAR_RIGHT: 'RR' } as const;

function Temperatures({ name, by }: { name: string; by: Record<string, number> }) {
  const { units } = usePreferences();
  const all = Object.entries(WHEELS).filter(([k]) => by[k] !== undefined);
  if (all.length === 0) return null;
  return (
    <tr>
      <Td>
        {name}, {units.temperature.unit}
      </Td>
      <Td numeric className="font-[650]" colSpan={2}>
        {all.map(([k, short]) => `${short} ${figure({ value: by[k] }, units.temperature)}`).join('  ')}
      </Td>
    </tr>
  );
}

type Written = { entered: number; unit: Quantity['unit'] };
const isQuantity = (value: unknown): value is Written =>
  typeof value === 'object' && value !== null && 'entered' in value && 'unit' in value;

/** What people gave of a stop, as they gave it. */
export function AsGiven({ entry }: { entry: HandEntry }) {
  const symbol = useSymbols();
  const { conditions, ...measured } = entry;
  const entered = Object.entries({ ...measured, ...conditions }).flatMap(([key, value]) => {
    if (value === null || value === '') return [];
    const name = key.replace(/([A-Z])/g, ' $1').toLowerCase();
    if (isQuantity(value)) return [[name, `${value.entered} ${symbol(value.unit)}`]];
    if (typeof value === 'object') {
      return Object.entries(value as Record<string, Written>).map(([wheel, q]) => [
        `${name}, ${wheel.replace('_', ' ').toLowerCase()}`,
        `${q.entered} ${symbol(q.unit)}`,
      ]);
    }
    return [[name, String(value).replaceAll('_', ' ').toLowerCase()]];
  });
  return (
    <>
      <Heading note="as it was given">Measured by hand</Heading>
      <Table data-as-typed>
        <tbody>
          {entered.map(([name, value]) => (
            <tr key={name}>
              <Td>{name}</Td>
              <Td numeric>{value}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}

/** What the rules say of it, and everything decided about it since. */
export function Words({ stop, measured }: { stop: StopView; measured: MeasuredStop | null }) {
  const { units } = usePreferences();
  return (
    <div className="mt-6">
      {measured && measured.flags.length > 0 && (
        <>
          <Heading>What is to be said about it</Heading>
          <ul className="mb-4 grid gap-1.5 text-sm">
            {measured.flags.map((f) => (
              <li key={f.code}>{said(f.finding, units)}</li>
            ))}
          </ul>
        </>
      )}
      {(stop.decisions.length > 0 || stop.moves.length > 0) && (
        <>
          <Heading>History</Heading>
          <ul className="grid gap-1.5 text-sm">
            {stop.decisions.map((d) => (
              <li key={d.at}>
                <Status
                  small
                  kind={d.struckOut ? 'struck' : 'pass'}
                  word={d.struckOut ? 'Struck out' : 'Brought back'}
                />
                : {d.reason}.{' '}
                <span className="text-ink-3">
                  {d.by}, {exactMoment(d.at)}
                </span>
              </li>
            ))}
            {stop.moves.map((m) => (
              <li key={m.at}>
                {m.onsetS === null && m.endS === null
                  ? 'Automatic edges put back'
                  : `Edges set by hand${m.onsetS === null ? '' : `, onset ${m.onsetS.toFixed(2)} s`}${m.endS === null ? '' : `, end ${m.endS.toFixed(2)} s`}`}
                : {m.why}.{' '}
                <span className="text-ink-3">
                  {m.by}, {exactMoment(m.at)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
