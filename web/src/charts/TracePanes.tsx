import { scaleLinear } from 'd3-scale';
import { line as d3line } from 'd3-shape';
import { useMemo, useRef, type PointerEvent } from 'react';
import type { MeasuredStop, Trace } from '../api/types';
import { figure, number, type UnitTable } from '../units/units';
import { colour, type Letter } from './letters';
import { MarkAt } from './Mark';
import { Picture } from './Picture';
import { Tape } from './Tape';
import { step } from './tape';
import { useWidth } from './useWidth';

export type Curve = {
  trace: Trace;
  letter: Letter;
  number: number;
  weight: 'chosen' | 'compared' | 'sibling';
};
export type XAxis = 'time' | 'distance';
type Edge = 'onset' | 'end';

const LEFT = 48;
const READOUT = 178;
const TOP = 46;
const GAP = 14;

const WEIGHTS = {
  chosen: { strokeWidth: 2.6, opacity: 1 },
  compared: { strokeWidth: 1.6, opacity: 1 },
  sibling: { strokeWidth: 1, opacity: 0.38 },
};

const PANES = [
  { name: 'Speed', lines: ['speed'], kind: 'speed', height: 138, decimals: 1 },
  { name: 'Deceleration', lines: ['deceleration'], kind: 'deceleration', height: 150, decimals: 2 },
  { name: 'Line pressure', lines: ['front', 'rear'], kind: 'pressure', height: 122, decimals: 0 },
  { name: 'Front discs', lines: ['frontLeft', 'frontRight'], kind: 'temperature', height: 72, decimals: 0 },
] as const;

/** What happened in this stop, against others: four slabs over one tape, with onset and end to move. */
export function TracePanes(props: {
  curves: Curve[];
  stop: MeasuredStop;
  moved: { onset: boolean; end: boolean };
  traceZeroS: number;
  axis: XAxis;
  cursor: number;
  units: UnitTable;
  asTable: boolean;
  onCursor: (x: number) => void;
  onEdge: (edge: Edge, shiftS: number) => void;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(944);
  const { curves, stop, axis, units, cursor } = props;
  const chosen = curves.find((c) => c.weight === 'chosen');
  const right = width - READOUT;
  const xs = useMemo(
    () =>
      new Map(
        curves.map((c) => [c, axis === 'time' ? c.trace.time : c.trace.distance.map(units.distance.of)]),
      ),
    [curves, axis, units],
  );
  if (!chosen) return null;
  const own = xs.get(chosen) ?? [];
  // Another onset moves the zero of time; the curve stays where its own samples are.
  const shift = stop.onsetS - props.traceZeroS;
  const zero = axis === 'time' ? shift : valueAt(chosen.trace.time, own, shift);
  const end =
    axis === 'time'
      ? stop.endS - props.traceZeroS
      : valueAt(chosen.trace.time, own, stop.endS - props.traceZeroS);
  const from = Math.min(
    own[0] ?? 0,
    ...curves.filter((c) => c.weight === 'compared').map((c) => xs.get(c)?.[0] ?? 0),
  );
  const to = Math.max(...curves.filter((c) => c.weight !== 'sibling').map((c) => xs.get(c)?.at(-1) ?? 0));
  const x = scaleLinear([from, axis === 'distance' ? to + 0.1 * (to - from) : to], [LEFT, right]);
  const panes = layout(curves, units);
  const bottom = panes.at(-1) ? (panes.at(-1)?.y ?? 0) + (panes.at(-1)?.height ?? 0) : TOP;
  const point = (e: PointerEvent<SVGGElement>) => {
    const svg = e.currentTarget.ownerSVGElement;
    if (!svg) return;
    const px = e.clientX - svg.getBoundingClientRect().left;
    if (px >= LEFT && px <= right) props.onCursor(x.invert(px));
  };
  const unit = axis === 'time' ? 's' : units.distance.unit;
  const metres = figure(stop.distance, units.distance);
  return (
    <div ref={ref}>
      <Picture
        name={`Speed, deceleration, line pressure and disc temperature of stop ${chosen.number} of ${chosen.letter} from onset: ${metres} ${units.distance.unit} in ${figure(stop.time, units.time)} s`}
        width={width}
        height={bottom + 36}
        values={tableOf(chosen, units)}
        asTable={props.asTable}
        interactive
      >
        <clipPath id="plot">
          <rect x={LEFT} y={0} width={right - LEFT} height={bottom} />
        </clipPath>
        <g onPointerMove={point}>
          {panes.map((p) => (
            <Pane key={p.name} pane={p} curves={curves} xs={xs} x={x} right={right} units={units} />
          ))}
          <Notes
            stop={stop}
            pane={panes.find((p) => p.kind === 'deceleration')}
            traceZeroS={props.traceZeroS}
            axis={axis}
            x={x}
            units={units}
            onset={shift}
          />
          <line x1={x(cursor)} x2={x(cursor)} y1={TOP} y2={bottom + 6} stroke="var(--ink)" />
          {panes.map((p) => (
            <Readout
              key={p.name}
              pane={p}
              curves={curves}
              xs={xs}
              cursor={cursor}
              x={x}
              right={right}
              width={width}
              units={units}
            />
          ))}
        </g>
        {(props.moved.onset || props.moved.end) && (
          <line x1={x(0)} x2={x(0)} y1={TOP} y2={bottom} stroke="var(--ink)" strokeDasharray="1.5 3.5" />
        )}
        <Handle
          edge="onset"
          at={x(zero)}
          bottom={bottom}
          label="onset"
          value={`onset ${number(stop.onsetS, 2)} s`}
          x={x}
          axis={axis}
          onEdge={props.onEdge}
        />
        <Handle
          edge="end"
          at={x(end)}
          bottom={bottom}
          label={stop.kind === 'STOP' ? 'at rest' : 'release'}
          value={`end ${number(stop.endS, 2)} s`}
          x={x}
          axis={axis}
          onEdge={props.onEdge}
        />
        <Dimension from={x(zero)} to={x(end)} stop={stop} units={units} />
        <text className="label" x={right + 22} y={20}>
          At {number(cursor, axis === 'time' ? 2 : 1)} {unit}
        </text>
        <line x1={right + 22} x2={width} y1={30} y2={30} stroke="var(--ink)" />
        <Tape
          x={x}
          from={from}
          to={x.domain()[1] ?? to}
          y={bottom + 6}
          unit={unit}
          mostLong={8}
          first={`${unit} from onset`}
        />
      </Picture>
    </div>
  );
}

type Pane = (typeof PANES)[number] & { y: number; low: number; high: number };

function layout(curves: Curve[], units: UnitTable): Pane[] {
  let y = TOP;
  return PANES.flatMap((p) => {
    const values = curves.flatMap((c) =>
      p.lines.slice(0, c.weight === 'sibling' ? 1 : 2).flatMap((l) => c.trace.lines[l] ?? []),
    );
    if (values.length === 0) return [];
    const shown = values.map(units[p.kind].of);
    const low =
      p.kind === 'temperature' ? Math.min(...shown) - 8 : Math.min(0, Math.max(-2, Math.min(...shown)));
    const high = Math.max(...shown) * 1.06 + (p.kind === 'deceleration' ? 1 : 0);
    const pane = { ...p, y, low, high };
    y += p.height + GAP;
    return [pane];
  });
}

const yOf = (p: Pane) => scaleLinear([p.low, p.high], [p.y + p.height, p.y]);

/** The value of one list where another reaches x, linearly. */
export function valueAt(xs: number[], ys: number[], x: number): number {
  let low = 0;
  let high = xs.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((xs[middle] ?? 0) <= x) low = middle;
    else high = middle;
  }
  const [x0, x1, y0, y1] = [xs[low] ?? 0, xs[high] ?? 0, ys[low] ?? 0, ys[high] ?? 0];
  return x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

type Scale = ReturnType<typeof scaleLinear<number, number>>;
type Common = { curves: Curve[]; xs: Map<Curve, number[]>; x: Scale; right: number; units: UnitTable };

function Pane({ pane, curves, xs, x, right, units }: Common & { pane: Pane }) {
  const y = yOf(pane);
  const shown = units[pane.kind];
  const every = step(pane.high - pane.low, pane.height > 100 ? 4 : 2);
  const marks: number[] = [];
  for (let v = Math.ceil(pane.low / every) * every; v <= pane.high; v += every) marks.push(v);
  const order = [...curves].sort(
    (a, b) => Object.keys(WEIGHTS).indexOf(b.weight) - Object.keys(WEIGHTS).indexOf(a.weight),
  );
  return (
    <g>
      <rect x={LEFT} y={pane.y} width={right - LEFT} height={pane.height} fill="var(--slab)" />
      {marks.map((v) => (
        <g key={v}>
          <line x1={LEFT} x2={right} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
          <text className="axis" x={LEFT - 8} y={y(v) + 4.5} textAnchor="end">
            {number(v, 0)}
          </text>
        </g>
      ))}
      <g clipPath="url(#plot)">
        {order.map((c) =>
          pane.lines.map((name, i) => {
            const values = c.trace.lines[name];
            const at = xs.get(c);
            if (!values || !at || (i > 0 && c.weight === 'sibling')) return null;
            const path = d3line<number>(
              (_, k) => x(at[k] ?? 0),
              (v) => y(shown.of(v)),
            )(values);
            return (
              <path
                key={`${c.letter}${c.number}${name}`}
                d={path ?? undefined}
                fill="none"
                stroke={colour(c.letter)}
                strokeLinejoin="round"
                strokeDasharray={i > 0 ? '6 3.5' : undefined}
                {...WEIGHTS[c.weight]}
              />
            );
          }),
        )}
      </g>
      <text
        className="label"
        x={LEFT + 10}
        y={pane.kind === 'speed' ? pane.y + pane.height - 12 : pane.y + 19}
      >
        {pane.name}
        <tspan className="soft" dx={6}>
          {shown.unit}
        </tspan>
      </text>
    </g>
  );
}

function Readout({
  pane,
  curves,
  xs,
  cursor,
  x,
  right,
  width,
  units,
}: Common & { pane: Pane; cursor: number; width: number }) {
  const y = yOf(pane);
  const shown = units[pane.kind];
  const told = curves.filter((c) => c.weight !== 'sibling').slice(0, pane.height > 100 ? 4 : 2);
  return (
    <g>
      <text className="note" x={right + 22} y={pane.y + 18}>
        {pane.kind === 'pressure' ? 'Front / rear' : pane.kind === 'temperature' ? 'Left / right' : pane.name}
        <tspan className="soft" dx={5}>
          {shown.unit}
        </tspan>
      </text>
      {told.map((c, i) => {
        const at = xs.get(c) ?? [];
        const values = pane.lines.flatMap((l) => {
          const v = c.trace.lines[l];
          return v ? [shown.of(valueAt(at, v, cursor))] : [];
        });
        const first = values[0];
        if (first === undefined) return null;
        const yy = pane.y + 38 + i * 22;
        const big = c.weight === 'chosen';
        return (
          <g key={`${c.letter}${c.number}`}>
            <circle
              cx={x(cursor)}
              cy={y(first)}
              r={3.6}
              fill="var(--sheet)"
              stroke={colour(c.letter)}
              strokeWidth={2}
            />
            <MarkAt letter={c.letter} x={right + 28} y={yy - 2} width={big ? 2.2 : 1.6} />
            <text className="note" x={right + 42} y={yy + 3}>
              {c.letter} {c.number}
            </text>
            <text
              x={width}
              y={yy + 4}
              textAnchor="end"
              style={{ fontSize: big ? 20 : 14, fontWeight: big ? 680 : 450 }}
            >
              {values.map((v) => number(v, pane.decimals)).join(' / ')}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** Plateau bracket with its mean, and how long pressure took to build up. */
function Notes(props: {
  stop: MeasuredStop;
  pane: Pane | undefined;
  traceZeroS: number;
  axis: XAxis;
  x: Scale;
  units: UnitTable;
  onset: number;
}) {
  const { stop, pane, x, units } = props;
  const [start, end, build] = [stop.plateauStartS.value, stop.plateauEndS.value, stop.buildUp.value];
  if (!pane || props.axis !== 'time' || start === undefined || end === undefined) return null;
  const top = pane.y + 12;
  const [a, b] = [x(start - props.traceZeroS), x(end - props.traceZeroS)];
  const middle = (a + b) / 2;
  const low = yOf(pane)(pane.low + (pane.high - pane.low) * 0.13);
  return (
    <g aria-hidden>
      <path d={`M${a} ${top + 6}V${top}H${b}V${top + 6}`} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      <rect x={middle - 96} y={top - 9} width={192} height={18} fill="var(--slab)" />
      <text className="label" x={middle} y={top + 4.5} textAnchor="middle">
        plateau {figure(stop.mfdd, units.deceleration)} ± {figure(stop.mfddUncertainty, units.deceleration)}{' '}
        {units.deceleration.unit}
      </text>
      {build !== undefined && (
        <g>
          <path
            d={`M${x(props.onset)} ${low}H${x(props.onset + build)}M${x(props.onset + build)} ${low - 6}v12`}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <text x={x(props.onset + build) + 8} y={low + 5} className="label">
            {number(build, 2)} s<tspan className="soft"> build-up</tspan>
          </text>
        </g>
      )}
    </g>
  );
}

function Handle(props: {
  edge: Edge;
  at: number;
  bottom: number;
  label: string;
  value: string;
  x: Scale;
  axis: XAxis;
  onEdge: (edge: Edge, shiftS: number) => void;
}) {
  const dragged = useRef<number | null>(null);
  const width = props.edge === 'onset' ? 52 : 66;
  const left = props.edge === 'onset' ? props.at - width : props.at;
  const movable = props.axis === 'time';
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={props.edge === 'onset' ? 'Onset of braking' : 'End of the stop'}
      aria-valuetext={props.value}
      aria-valuenow={0}
      aria-disabled={!movable}
      data-edge={props.edge}
      className={movable ? 'cursor-ew-resize touch-none' : undefined}
      onPointerDown={(e) => {
        if (!movable) return;
        e.currentTarget.setPointerCapture(e.pointerId);
        dragged.current = e.clientX;
      }}
      onPointerMove={(e) => {
        if (dragged.current === null) return;
        const shift = props.x.invert(e.clientX) - props.x.invert(dragged.current);
        if (Math.abs(shift) >= 0.005) {
          dragged.current = e.clientX;
          props.onEdge(props.edge, shift);
        }
      }}
      onPointerUp={() => (dragged.current = null)}
      onKeyDown={(e) => {
        const way =
          e.key === 'ArrowRight' || e.key === 'ArrowUp'
            ? 1
            : e.key === 'ArrowLeft' || e.key === 'ArrowDown'
              ? -1
              : 0;
        if (way === 0 || !movable) return;
        e.preventDefault();
        e.stopPropagation();
        props.onEdge(props.edge, way * (e.shiftKey ? 0.1 : 0.01));
      }}
    >
      <line x1={props.at} x2={props.at} y1={22} y2={props.bottom + 4} stroke="var(--ink)" strokeWidth={2} />
      <line x1={props.at} x2={props.at} y1={4} y2={props.bottom} stroke="transparent" strokeWidth={14} />
      <rect x={left} y={4} width={width} height={24} fill="var(--ink)" />
      <text
        x={left + width / 2}
        y={21}
        textAnchor="middle"
        style={{ fill: 'var(--on-ink)', fontWeight: 640 }}
      >
        {props.label}
      </text>
    </g>
  );
}

function Dimension({
  from,
  to,
  stop,
  units,
}: {
  from: number;
  to: number;
  stop: MeasuredStop;
  units: UnitTable;
}) {
  const y = 18;
  const middle = from + (to - from) / 2;
  return (
    <g aria-hidden>
      <path
        d={`M${from + 6} ${y}H${to - 6}M${from + 13} ${y - 4}L${from + 6} ${y}l7 4M${to - 13} ${y - 4}L${to - 6} ${y}l-7 4`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      <rect x={middle - 104} y={2} width={208} height={30} fill="var(--sheet)" />
      <text x={middle} y={24} textAnchor="middle">
        <tspan style={{ fontWeight: 720, fontSize: 18 }}>{figure(stop.distance, units.distance)}</tspan>
        <tspan className="soft" dx={5}>
          ± {figure(stop.distanceUncertainty, units.distance)} {units.distance.unit} in{' '}
          {figure(stop.time, units.time)} s
        </tspan>
      </text>
    </g>
  );
}

function tableOf(curve: Curve, units: UnitTable) {
  const every = 0.1;
  const { time, lines } = curve.trace;
  const rows: string[][] = [];
  const shown = PANES.filter((p) => lines[p.lines[0]]);
  for (let t = 0; t <= (time.at(-1) ?? 0) - 0.4; t += every) {
    rows.push([
      number(t, 1),
      ...shown.map((p) => number(units[p.kind].of(valueAt(time, lines[p.lines[0]] ?? [], t)), p.decimals)),
    ]);
  }
  return { head: ['time, s', ...shown.map((p) => `${p.name.toLowerCase()}, ${units[p.kind].unit}`)], rows };
}
