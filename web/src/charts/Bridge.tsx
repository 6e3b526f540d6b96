import { scaleLinear } from 'd3-scale';
import type { Pair, Side } from '../api/types';
import { figure, number, signed, type UnitTable } from '../units/units';
import { colour, type Letter } from './letters';
import { Picture } from './Picture';
import { Tape } from './Tape';
import { useWidth } from './useWidth';

const ROW = 28;
const LEFT = 300;

type Term = { name: string; note: string; value: number; kind: 'stop' | 'test' | 'rest' };
const FILLS = {
  stop: { fill: 'var(--ink)' },
  test: { fill: 'url(#hatched)', stroke: 'var(--ink-3)' },
  rest: { fill: 'var(--sheet)', stroke: 'var(--ink-2)', strokeDasharray: '2 2' },
};

/** What made the difference, the stop itself or how the test was run? Adds up exactly. */
export function Bridge(props: {
  baseline: { side: Side; letter: Letter; asDriven: number };
  candidate: { side: Side; letter: Letter };
  metres: NonNullable<Pair['metres']>;
  units: UnitTable;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(690);
  const { baseline, candidate, metres, units } = props;
  const of = units.distance.of;
  const decimals = units.distance.decimals;
  const terms: Term[] = [
    {
      name: 'Plateau deceleration',
      note: pair(baseline.side.mfddMean, candidate.side.mfddMean, units.deceleration),
      value: metres.plateau,
      kind: 'stop',
    },
    { name: 'Lost time', note: 'build-up and release', value: metres.lostTime, kind: 'stop' },
    {
      name: 'Entry speed',
      note: pair(baseline.side.entrySpeedMean, candidate.side.entrySpeedMean, units.speed),
      value: metres.entrySpeed,
      kind: 'test',
    },
    { name: 'Slope of the lane', note: '', value: metres.slope, kind: 'test' },
    { name: 'Not explained', note: '', value: metres.rest, kind: 'rest' },
  ];
  const start = baseline.asDriven;
  const end = start + metres.raw;
  let sum = start;
  const ends = terms.map((t) => (sum += t.value));
  const lowest = Math.min(start, end, ...ends);
  const highest = Math.max(start, end, ...ends);
  const margin = 0.15 * (highest - lowest) + 0.2;
  const [from, to] = [of(lowest - 2 * margin), of(highest + margin)];
  const narrow = width < 560;
  const x = scaleLinear([from, to], [narrow ? 170 : LEFT + 12, width - 64]);
  const rows = terms.length + 2;
  const bottom = 4 + ROW * rows + 4;
  const bar = (
    key: string,
    label: string,
    note: string,
    a: number,
    b: number,
    fill: object,
    value: string,
    i: number,
    bold: boolean,
  ) => {
    const [l, r] = [Math.min(x(of(a)), x(of(b))), Math.max(x(of(a)), x(of(b)))];
    const y = 4 + ROW * i;
    return (
      <g key={key}>
        <text className={bold ? 'label' : undefined} x={0} y={y + ROW / 2 + 5} style={{ fontSize: 14 }}>
          {label}
        </text>
        {!narrow && (
          <text className="axis" x={LEFT} y={y + ROW / 2 + 5} textAnchor="end">
            {note}
          </text>
        )}
        <rect x={l} y={y + 5} width={Math.max(1.5, r - l)} height={ROW - 10} {...fill} />
        {i > 0 && (
          <line
            x1={x(of(i === rows - 1 ? b : a))}
            x2={x(of(i === rows - 1 ? b : a))}
            y1={y - 5}
            y2={y + 5}
            stroke="var(--ink)"
          />
        )}
        <text className="label" x={width} y={y + ROW / 2 + 5} textAnchor="end">
          {value}
        </text>
      </g>
    );
  };
  const name = `${baseline.letter} as driven ${number(of(start), decimals)} ${units.distance.unit}; ${terms
    .map((t) => `${t.name.toLowerCase()} ${signed(of(t.value), decimals)}`)
    .join(', ')}; ${candidate.letter} as driven ${number(of(end), decimals)} ${units.distance.unit}`;
  return (
    <div ref={ref}>
      <Picture
        name={name}
        width={width}
        height={bottom + 28}
        values={{
          head: ['part', units.distance.unit],
          rows: terms.map((t) => [t.name, signed(of(t.value), decimals + 1)]),
        }}
      >
        <defs>
          <pattern
            id="hatched"
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="6" height="6" fill="var(--sheet)" />
            <path d="M0 0V6" stroke="var(--ink-3)" strokeWidth="2.4" />
          </pattern>
        </defs>
        {bar(
          'a',
          `${baseline.letter} as driven`,
          `mean of ${baseline.side.n} stops`,
          lowest - 2 * margin,
          start,
          { fill: colour(baseline.letter) },
          number(of(start), decimals),
          0,
          true,
        )}
        {terms.map((t, i) =>
          bar(
            t.name,
            t.name,
            t.note,
            (ends[i] ?? 0) - t.value,
            ends[i] ?? 0,
            FILLS[t.kind],
            signed(of(t.value), decimals),
            i + 1,
            t.kind === 'stop',
          ),
        )}
        {bar(
          'b',
          `${candidate.letter} as driven`,
          `mean of ${candidate.side.n} stops`,
          lowest - 2 * margin,
          end,
          { fill: colour(candidate.letter) },
          number(of(end), decimals),
          rows - 1,
          true,
        )}
        {[0, rows - 1].map((i) => (
          <path
            key={i}
            d={`M${x(from) + 8} ${4 + ROW * i + 25}l6 -22m6 22l6 -22`}
            stroke="var(--ground)"
            strokeWidth={2.5}
            fill="none"
          />
        ))}
        <Tape x={x} from={from} to={to} y={bottom} unit={units.distance.unit} mostLong={7} />
      </Picture>
    </div>
  );
}

function pair(a: { value?: number }, b: { value?: number }, shown: UnitTable['speed']) {
  return a.value === undefined || b.value === undefined
    ? ''
    : `${figure(a, shown)} and ${figure(b, shown)} ${shown.unit}`;
}
