import { scaleLinear } from 'd3-scale';
import { useMemo, type PointerEvent } from 'react';
import type { MeasuredStop } from '../../api/types';
import { figure, number, type UnitTable } from '../../units/units';
import { Picture } from '../Picture';
import { Tape } from '../Tape';
import { useWidth } from '../useWidth';
import { Dimension } from './Dimension';
import { EdgeHandle } from './EdgeHandle';
import { layout, LEFT, PANES, READOUT, TOP, valueAt, type Curve, type Edge, type XAxis } from './layout';
import { Pane, Readout } from './Pane';
import { PlateauNotes } from './PlateauNotes';

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
          <PlateauNotes
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
        <EdgeHandle
          edge="onset"
          at={x(zero)}
          bottom={bottom}
          label="onset"
          value={`onset ${number(stop.onsetS, 2)} s`}
          x={x}
          axis={axis}
          onEdge={props.onEdge}
        />
        <EdgeHandle
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
