import { scaleLinear } from 'd3-scale';
import type { KeyboardEvent } from 'react';
import type { Pair, Side } from '../api/types';
import { figure, number, type UnitTable } from '../units/units';
import { colour, textColour, type Letter } from './letters';
import { MarkAt } from './Mark';
import { Picture } from './Picture';
import { Tape } from './Tape';
import { step } from './tape';
import { useWidth } from './useWidth';

const WIDE_ROW = 57;
const NARROW_ROW = 92;
/** Below this width names stand above the strokes, and the car's outline gives way to a sentence. */
const NARROW = 700;
const TOP = 22;
const INSET = 14;

export type LaneRow = { side: Side; letter: Letter; pair: Pair | null };
type Car = { lengthM: number; widthM: number };
type Stopped = { id: string };

/** Where did the car stop, and how far apart are the configurations? Seen from above, to scale, always from 0. */
export function Lane(props: {
  rows: LaneRow[];
  car: Car;
  units: UnitTable;
  onChoose: (stop: Stopped) => void;
  asTable: boolean;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(1216);
  const { units } = props;
  const narrow = width < NARROW;
  const ROW = narrow ? NARROW_ROW : WIDE_ROW;
  const baseline = props.rows[0];
  if (!baseline) return null;
  const toUnit = units.distance.of;
  const longest = Math.max(...props.rows.flatMap((r) => r.side.stops.map((s) => toUnit(s.value))));
  const grid = step(longest, 12);
  const end = Math.ceil(longest / grid + 0.05) * grid;
  const x = scaleLinear([0, end], [INSET, width - INSET]);
  const at = (metres: number) => x(toUnit(metres));
  const height = TOP + ROW * props.rows.length;
  const mean = baseline.side.mean.value;
  return (
    <div ref={ref}>
      <Picture
        name={sentence(props.rows, units)}
        width={width}
        height={height + 32}
        values={tableOf(props.rows, units)}
        asTable={props.asTable}
        interactive
      >
        <rect x={0} y={TOP} width={width} height={height - TOP} fill="var(--slab)" />
        {Array.from({ length: Math.round(end / grid) - 1 }, (_, i) => (i + 1) * grid).map((d) => (
          <line key={d} x1={x(d)} x2={x(d)} y1={TOP} y2={height} stroke="var(--joint)" strokeWidth={1.5} />
        ))}
        {props.rows.slice(1).map((r, i) => (
          <line
            key={r.letter}
            x1={0}
            x2={width}
            y1={TOP + ROW * (i + 1)}
            y2={TOP + ROW * (i + 1)}
            stroke="var(--sheet)"
            strokeWidth={3}
          />
        ))}
        <rect x={x(0) - 3} y={TOP - 6} width={6} height={height - TOP + 12} fill="var(--ink)" />
        <SpeedMarks row={baseline} at={at} units={units} narrow={narrow} />
        {props.rows.map((r, i) => (
          <Row
            narrow={narrow}
            key={r.letter}
            row={r}
            y={TOP + i * ROW}
            at={at}
            units={units}
            onChoose={props.onChoose}
          />
        ))}
        {mean !== undefined && props.rows.length > 1 && (
          <line
            x1={at(mean)}
            x2={at(mean)}
            y1={TOP + ROW - 1}
            y2={height + 2}
            stroke={colour(baseline.letter)}
            strokeWidth={1.8}
            strokeDasharray="5 4"
          />
        )}
        {props.rows.map(
          (r, i) =>
            i > 0 && (
              <Gap
                rowHeight={ROW}
                narrow={narrow}
                key={r.letter}
                row={r}
                baseline={baseline}
                y={TOP + i * ROW}
                at={at}
                units={units}
              />
            ),
        )}
        {!narrow && <Ghost rows={props.rows} car={props.car} at={at} units={units} />}
        <Tape
          x={x}
          from={0}
          to={end}
          y={height + 4}
          unit={units.distance.unit}
          mostLong={narrow ? 5 : 12}
          first={`${units.distance.unit} from brake point`}
        />
      </Picture>
      {narrow && <p className="mt-1 text-sm">{carriedWords(props.rows, units)}</p>}
    </div>
  );
}

/** What the car's outline says where there is room for it. */
function carriedWords(rows: LaneRow[], units: UnitTable): string {
  const candidate = rows.find((r) => isShown(r.pair));
  const baseline = rows[0];
  const carried = candidate?.pair?.speedStillCarried.value;
  const difference = candidate?.pair?.difference.value;
  if (!baseline || !candidate || carried === undefined || difference === undefined) return '';
  const [stopped, going] = difference < 0 ? [candidate, baseline] : [baseline, candidate];
  return `Where ${stopped.letter} has already stopped, ${going.letter} would still be doing ${number(units.speed.of(carried), 0)} ${units.speed.unit}.`;
}

type RowProps = {
  narrow: boolean;
  row: LaneRow;
  y: number;
  at: (m: number) => number;
  units: UnitTable;
  onChoose: (s: Stopped) => void;
};

function Row({ row, y, at, units, onChoose, narrow }: RowProps) {
  const { side, letter } = row;
  const ROW = narrow ? NARROW_ROW : WIDE_ROW;
  const centre = narrow ? y + ROW - 24 : y + ROW / 2;
  const words = narrow ? y + 24 : centre;
  const mean = side.mean.value;
  const half = side.halfWidth95.value;
  const left = at(0) + 22;
  const away = [
    `${side.n} ${side.n === 1 ? 'stop' : 'stops'}`,
    side.struckOut > 0 && `${side.struckOut} struck out`,
    side.repeat > 0 && `${side.repeat} to repeat`,
  ].filter(Boolean);
  return (
    <g>
      {mean !== undefined && half !== undefined && (
        <rect
          x={at(mean - half)}
          y={narrow ? y + ROW - 46 : y + 5}
          width={at(mean + half) - at(mean - half)}
          height={narrow ? 44 : ROW - 10}
          fill={colour(letter)}
          style={{ fillOpacity: 'var(--band-a)' }}
        />
      )}
      <Strokes row={row} centre={centre} at={at} units={units} onChoose={onChoose} />
      {mean !== undefined && (
        <rect
          x={at(mean) - 1.75}
          y={narrow ? y + ROW - 48 : y + 1}
          width={3.5}
          height={narrow ? 47 : ROW - 2}
          fill={colour(letter)}
        />
      )}
      <MarkAt letter={letter} x={left} y={words - 9} />
      <text className="label" x={left + 16} y={words - 4}>
        <tspan style={{ fill: textColour(letter), fontWeight: 750 }}>{letter}</tspan>
        <tspan dx={8}>{side.configuration}</tspan>
      </text>
      <text x={left + 16} y={words + 16}>
        <tspan style={{ fontWeight: 700, fontSize: 16 }}>{figure(side.mean, units.distance)}</tspan>
        <tspan className="soft" dx={5}>
          ± {figure(side.halfWidth95, units.distance)} {units.distance.unit}
        </tspan>
        <tspan className="soft" dx={14}>
          {away.join(', ')}
        </tspan>
      </text>
    </g>
  );
}

/** One stroke per stop; a single tab stop, arrows move among them. */
function Strokes({ row, centre, at, units, onChoose }: Omit<RowProps, 'y' | 'narrow'> & { centre: number }) {
  const move = (e: KeyboardEvent<SVGGElement>) => {
    const way = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (way === 0) return;
    e.preventDefault();
    e.stopPropagation();
    const marks = [...e.currentTarget.querySelectorAll<SVGGElement>('[data-stop]')];
    const now = marks.indexOf(document.activeElement as SVGGElement);
    marks[Math.min(marks.length - 1, Math.max(0, now + way))]?.focus();
  };
  return (
    <g onKeyDown={move}>
      {row.side.stops.map((s, i) => {
        const counts = s.status === 'COUNTS';
        const jitter = (((i * 5) % 7) - 3) * 1.5;
        const px = at(s.value);
        const words = counts
          ? 'counts'
          : s.status === 'REPEAT'
            ? `to repeat: ${s.why}`
            : `struck out: ${s.why}`;
        return (
          <g
            key={s.stopId}
            data-stop={s.number}
            role="button"
            tabIndex={i === 0 ? 0 : -1}
            aria-label={`${row.letter}, stop ${s.number}, ${number(units.distance.of(s.value), units.distance.decimals)} ${units.distance.unit}, ${words}`}
            className="cursor-pointer [&:hover>path]:stroke-[4]"
            onClick={() => onChoose({ id: s.stopId })}
            onKeyDown={(e) => e.key === 'Enter' && onChoose({ id: s.stopId })}
          >
            <title>{`Stop ${s.number}: ${words}`}</title>
            <rect x={px - 6} y={centre - 22} width={12} height={44} fill="transparent" />
            <path
              d={`M${px + 0.7} ${centre - 15 + (counts ? jitter : 0)}L${px - 0.7} ${centre + 15 + (counts ? jitter : 0)}`}
              stroke={counts ? colour(row.letter) : 'var(--ink-3)'}
              strokeWidth={counts ? 2.3 : 1.5}
              strokeLinecap={counts ? 'round' : 'butt'}
              strokeDasharray={counts ? undefined : '3 2.5'}
              opacity={0.9}
            />
            {!counts && <path d={`M${px - 5} ${centre + 4}l10 -8`} stroke="var(--ink-3)" strokeWidth={1.5} />}
          </g>
        );
      })}
    </g>
  );
}

function SpeedMarks({
  row,
  at,
  units,
  narrow,
}: {
  row: LaneRow;
  at: (m: number) => number;
  units: UnitTable;
  narrow: boolean;
}) {
  const along = row.side.speedAlong;
  const first = along[0];
  if (!first || along.length < 2) return null;
  const top = units.speed.of(first[1] ?? 0);
  const every = (top > 60 ? 10 : 5) * (narrow ? 2 : 1);
  const marks: [number, number][] = [];
  for (let v = Math.ceil(top / every) * every - every; v >= every; v -= every) {
    const i = along.findIndex((p) => units.speed.of(p[1] ?? 0) <= v);
    const a = along[i - 1];
    const b = along[i];
    if (a && b) {
      const [va, vb] = [units.speed.of(a[1] ?? 0), units.speed.of(b[1] ?? 0)];
      marks.push([v, (a[0] ?? 0) + (((b[0] ?? 0) - (a[0] ?? 0)) * (va - v)) / (va - vb || 1)]);
    }
  }
  return (
    <g aria-hidden>
      <text className="axis" x={at(0) + 8} y={TOP - 7}>
        {narrow ? `left in ${row.letter}, ` : `speed left in ${row.letter}, `}
        {units.speed.unit}
      </text>
      {marks
        .filter(([, m]) => at(m) > at(0) + 120)
        .map(([v, m]) => (
          <g key={v}>
            <line x1={at(m)} x2={at(m)} y1={TOP - 5} y2={TOP} stroke={colour(row.letter)} strokeWidth={1.5} />
            <text className="axis" x={at(m)} y={TOP - 8} textAnchor="middle">
              {v}
            </text>
          </g>
        ))}
    </g>
  );
}

const isShown = (pair: Pair | null) => pair?.verdict === 'GAIN_SHOWN' || pair?.verdict === 'LOSS_SHOWN';

/** The distance between a candidate's mean and the baseline's, or why none is claimed. */
function Gap(props: {
  row: LaneRow;
  baseline: LaneRow;
  y: number;
  at: (m: number) => number;
  units: UnitTable;
  rowHeight: number;
  narrow: boolean;
}) {
  const { row, baseline, y, at, units, rowHeight: ROW } = props;
  const [a, b] = [baseline.side.mean.value, row.side.mean.value];
  if (a === undefined || b === undefined || !row.pair) return null;
  if (props.narrow) return null;
  const right = Math.max(at(a), at(b)) + 8;
  // Beside the stops that count; a struck-out stop far off must not push the words off the slab.
  const near = row.side.stops.filter((s) => s.status === 'COUNTS').map((s) => at(s.value) + 8);
  const furthest = Math.max(right, ...near);
  const difference = row.pair.difference.value;
  if (difference === undefined || !isShown(row.pair)) {
    return (
      <text className="note" x={furthest} y={y + ROW / 2 + 4}>
        {difference === undefined ? 'not compared' : `can’t tell from ${baseline.letter}`}
      </text>
    );
  }
  const [l, r] = [Math.min(at(a), at(b)), Math.max(at(a), at(b))];
  const yy = y + ROW / 2 + 23;
  return (
    <g>
      <path
        d={`M${l + 3} ${yy}H${r - 1}M${l + 8} ${yy - 3.5}L${l + 3} ${yy}l5 3.5M${r - 6} ${yy - 3.5}L${r - 1} ${yy}l-5 3.5`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      <text className="label" x={furthest} y={y + ROW / 2}>
        {number(Math.abs(units.distance.of(difference)), units.distance.decimals)} {units.distance.unit}
      </text>
      <text className="note" x={furthest} y={y + ROW / 2 + 16}>
        {difference < 0 ? 'shorter' : 'longer'}
      </text>
    </g>
  );
}

/** The longer car's outline where the shorter one has stopped, with the speed it still has. */
function Ghost({
  rows,
  car,
  at,
  units,
}: {
  rows: LaneRow[];
  car: Car;
  at: (m: number) => number;
  units: UnitTable;
}) {
  const index = rows.findIndex((r) => isShown(r.pair));
  const candidate = rows[index];
  const baseline = rows[0];
  const carried = candidate?.pair?.speedStillCarried.value;
  const [a, b] = [baseline?.side.mean.value, candidate?.side.mean.value];
  if (!candidate || !baseline || carried === undefined || a === undefined || b === undefined) return null;
  const gain = b < a;
  const ROW = WIDE_ROW;
  const inRow = gain ? 0 : index;
  const letter = gain ? baseline.letter : candidate.letter;
  const other = gain ? candidate.letter : baseline.letter;
  const nose = at(Math.min(a, b));
  const length = at(car.lengthM) - at(0);
  const wide = Math.min(ROW - 12, (at(car.widthM) - at(0)) * 1);
  const centre = TOP + inRow * ROW + ROW / 2;
  const top = centre - wide / 2;
  const speed = `${number(units.speed.of(carried), 0)}`;
  return (
    <g aria-hidden>
      <path
        d={`M${nose - length + 6} ${top}H${nose - 22}C${nose - 8} ${top} ${nose} ${top + 7} ${nose} ${centre}S${nose - 8} ${top + wide} ${nose - 22} ${top + wide}H${nose - length + 6}Q${nose - length} ${top + wide} ${nose - length} ${top + wide - 6}V${top + 6}Q${nose - length} ${top} ${nose - length + 6} ${top}Z`}
        fill="var(--sheet)"
        stroke={colour(letter)}
        strokeWidth={1.6}
      />
      {length > 120 && (
        <path
          d={`M${nose - 30} ${top + 4}Q${nose - 23} ${centre} ${nose - 30} ${top + wide - 4}M${nose - length + 10} ${top + 5}Q${nose - length + 6} ${centre} ${nose - length + 10} ${top + wide - 5}`}
          fill="none"
          stroke={colour(letter)}
          strokeWidth={1.3}
        />
      )}
      <text x={nose - length / 2 - 8} y={centre + 6} textAnchor="middle">
        <tspan style={{ fontWeight: 750, fontSize: 19 }}>{speed}</tspan>
        <tspan dx={2} style={{ fontSize: 12 }}>
          {units.speed.unit}
        </tspan>
      </text>
      <text className="note" x={nose - length - 12} y={centre - 2} textAnchor="end">
        Where {other} has already stopped,
      </text>
      <text className="label" x={nose - length - 12} y={centre + 15} textAnchor="end">
        {letter} would still be doing {speed} {units.speed.unit}
      </text>
    </g>
  );
}

function sentence(rows: LaneRow[], units: UnitTable): string {
  const u = units.distance;
  const means = rows.map(
    (r) =>
      `${r.letter}, ${r.side.configuration}, stopped at ${figure(r.side.mean, u)} ± ${figure(r.side.halfWidth95, u)} ${u.unit}`,
  );
  const shown = rows.find((r) => isShown(r.pair));
  const carried = shown?.pair?.speedStillCarried.value;
  const last =
    carried !== undefined
      ? `; where the shorter has stopped, the longer was doing ${number(units.speed.of(carried), 0)} ${units.speed.unit}`
      : '';
  return `Lane, seen from above, to scale. ${means.join('; ')}${last}.`;
}

function tableOf(rows: LaneRow[], units: UnitTable) {
  return {
    head: ['configuration and stop', `distance, ${units.distance.unit}`, 'counts'],
    rows: rows.flatMap((r) =>
      r.side.stops.map((s) => [
        `${r.letter}, stop ${s.number}`,
        number(units.distance.of(s.value), units.distance.decimals),
        s.status === 'COUNTS' ? 'yes' : s.why,
      ]),
    ),
  };
}
