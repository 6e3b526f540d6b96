import { scaleLinear } from 'd3-scale';
import type { Pair, Side } from '../api/types';
import { figure, number, signed, type UnitTable } from '../units/units';
import { colour, type Letter } from './letters';
import { Picture } from './Picture';
import { Tape } from './Tape';
import { useWidth } from './useWidth';

const ROW = 28;
const LEFT = 300;
const NARROW = 560;

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
  const terms = termsOf(baseline.side, candidate.side, metres, units);
  const start = baseline.asDriven;
  const end = start + metres.raw;
  const ends = terms.map((_, i) => terms.slice(0, i + 1).reduce((sum, t) => sum + t.value, start));
  const lowest = Math.min(start, end, ...ends);
  const highest = Math.max(start, end, ...ends);
  const margin = 0.15 * (highest - lowest) + 0.2;
  const [from, to] = [of(lowest - 2 * margin), of(highest + margin)];
  const narrow = width < NARROW;
  const x = scaleLinear([from, to], [narrow ? 170 : LEFT + 12, width - 64]);
  const rows = terms.length + 2;
  const total = (side: Side, letter: Letter, to: number): BarOf => ({
    name: `${letter} as driven`,
    note: `mean of ${side.n} stops`,
    from: lowest - 2 * margin,
    to,
    fill: { fill: colour(letter) },
    value: number(of(to), decimals),
    bold: true,
  });
  const all: BarOf[] = [
    total(baseline.side, baseline.letter, start),
    ...terms.map((t, i) => ({
      name: t.name,
      note: t.note,
      from: (ends[i] ?? 0) - t.value,
      to: ends[i] ?? 0,
      fill: FILLS[t.kind],
      value: signed(of(t.value), decimals),
      bold: t.kind === 'stop',
    })),
    total(candidate.side, candidate.letter, end),
  ];
  const bottom = 4 + ROW * rows + 4;
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
        <Hatch />
        {all.map((b, i) => (
          <Bar key={b.name} bar={b} at={(m) => x(of(m))} row={i} last={i === rows - 1} width={width} />
        ))}
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

/** What adds up to the difference: of the stop itself, of how it was driven, and what neither explains. */
function termsOf(a: Side, b: Side, metres: NonNullable<Pair['metres']>, units: UnitTable): Term[] {
  return [
    {
      name: 'Plateau deceleration',
      note: pair(a.mfddMean, b.mfddMean, units.deceleration),
      value: metres.plateau,
      kind: 'stop',
    },
    { name: 'Lost time', note: 'build-up and release', value: metres.lostTime, kind: 'stop' },
    {
      name: 'Entry speed',
      note: pair(a.entrySpeedMean, b.entrySpeedMean, units.speed),
      value: metres.entrySpeed,
      kind: 'test',
    },
    { name: 'Slope of the lane', note: '', value: metres.slope, kind: 'test' },
    { name: 'Not explained', note: '', value: metres.rest, kind: 'rest' },
  ];
}

type BarOf = {
  name: string;
  note: string;
  from: number;
  to: number;
  fill: object;
  value: string;
  bold: boolean;
};

/** One part, from where the one above it ended. */
function Bar(props: {
  bar: BarOf;
  at: (metres: number) => number;
  row: number;
  last: boolean;
  width: number;
}) {
  const { bar, at, row, width } = props;
  const [l, r] = [Math.min(at(bar.from), at(bar.to)), Math.max(at(bar.from), at(bar.to))];
  const y = 4 + ROW * row;
  const joint = at(props.last ? bar.to : bar.from);
  return (
    <g>
      <text className={bar.bold ? 'label' : undefined} x={0} y={y + ROW / 2 + 5} style={{ fontSize: 14 }}>
        {bar.name}
      </text>
      {width >= NARROW && (
        <text className="axis" x={LEFT} y={y + ROW / 2 + 5} textAnchor="end">
          {bar.note}
        </text>
      )}
      <rect x={l} y={y + 5} width={Math.max(1.5, r - l)} height={ROW - 10} {...bar.fill} />
      {row > 0 && <line x1={joint} x2={joint} y1={y - 5} y2={y + 5} stroke="var(--ink)" />}
      <text className="label" x={width} y={y + ROW / 2 + 5} textAnchor="end">
        {bar.value}
      </text>
    </g>
  );
}

/** How the test was run, not the stop itself. */
function Hatch() {
  return (
    <defs>
      <pattern id="hatched" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" fill="var(--sheet)" />
        <path d="M0 0V6" stroke="var(--ink-3)" strokeWidth="2.4" />
      </pattern>
    </defs>
  );
}

function pair(a: { value?: number }, b: { value?: number }, shown: UnitTable['speed']) {
  return a.value === undefined || b.value === undefined
    ? ''
    : `${figure(a, shown)} and ${figure(b, shown)} ${shown.unit}`;
}
