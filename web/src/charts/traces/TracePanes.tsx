import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { useMemo, type PointerEvent } from 'react';
import type { MeasuredStop } from '../../api/types';
import { figure, number, type UnitTable } from '../../units/units';
import { Picture } from '../Picture';
import { Tape } from '../Tape';
import { useWidth } from '../useWidth';
import { Dimension } from './Dimension';
import { EdgeHandle } from './EdgeHandle';
import {
  layout,
  LEFT,
  NARROW,
  PANES,
  READOUT,
  TOP,
  valueAt,
  type Curve,
  type Edge,
  type XAxis,
} from './layout';
import { Pane } from './Pane';
import { PlateauNotes } from './PlateauNotes';
import { Readout, ReadoutBelow } from './Readout';

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
  const beside = width >= NARROW;
  const right = width - (beside ? READOUT : 8);
  const xs = useMemo(
    () =>
      new Map(
        curves.map((c) => [c, axis === 'time' ? c.trace.time : c.trace.distance.map(units.distance.of)]),
      ),
    [curves, axis, units],
  );
  if (!chosen) return null;
  const shift = stop.onsetS - props.traceZeroS;
  const { zero, end, from, to } = extent(curves, chosen, xs, stop, props.traceZeroS, axis);
  const x = scaleLinear([from, axis === 'distance' ? to + 0.1 * (to - from) : to], [LEFT, right]);
  const panes = layout(curves, units);
  const drawn = { curves, xs, x, right, units };
  const bottom = panes.at(-1) ? (panes.at(-1)?.y ?? 0) + (panes.at(-1)?.height ?? 0) : TOP;
  const unit = axis === 'time' ? 's' : units.distance.unit;
  const at = `${number(cursor, axis === 'time' ? 2 : 1)} ${unit}`;
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
        <g onPointerMove={(e) => pointed(e, right, (px) => props.onCursor(x.invert(px)))}>
          {panes.map((p) => (
            <Pane key={p.name} pane={p} {...drawn} />
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
            <Readout key={p.name} pane={p} cursor={cursor} width={width} beside={beside} {...drawn} />
          ))}
        </g>
        {(props.moved.onset || props.moved.end) && (
          <line x1={x(0)} x2={x(0)} y1={TOP} y2={bottom} stroke="var(--ink)" strokeDasharray="1.5 3.5" />
        )}
        <Edges
          stop={stop}
          at={{ onset: x(zero), end: x(end) }}
          most={width}
          bottom={bottom}
          x={x}
          axis={axis}
          onEdge={props.onEdge}
        />
        <Dimension from={x(zero)} to={x(end)} stop={stop} units={units} />
        {beside && <CursorNote x={right + 22} width={width} words={at} />}
        <Tape
          x={x}
          from={from}
          to={x.domain()[1] ?? to}
          y={bottom + 6}
          unit={unit}
          mostLong={beside ? 8 : 4}
          first={`${unit} from onset`}
        />
      </Picture>
      {!beside && (
        <ReadoutBelow panes={panes} curves={curves} xs={xs} cursor={cursor} at={at} units={units} />
      )}
    </div>
  );
}

/** Where in the panes a pointer stands, px from the left of the picture. */
function pointed(e: PointerEvent<SVGGElement>, right: number, at: (px: number) => void) {
  const svg = e.currentTarget.ownerSVGElement;
  if (!svg) return;
  const px = e.clientX - svg.getBoundingClientRect().left;
  if (px >= LEFT && px <= right) at(px);
}

/** Onset and end, each to be taken and moved. */
function Edges(props: {
  stop: MeasuredStop;
  at: { onset: number; end: number };
  most: number;
  bottom: number;
  x: ScaleLinear<number, number>;
  axis: XAxis;
  onEdge: (edge: Edge, shiftS: number) => void;
}) {
  const { stop } = props;
  return (['onset', 'end'] as const).map((edge) => (
    <EdgeHandle
      key={edge}
      edge={edge}
      at={props.at[edge]}
      most={props.most}
      bottom={props.bottom}
      label={edge === 'onset' ? 'onset' : stop.kind === 'STOP' ? 'at rest' : 'release'}
      value={`${edge} ${number(edge === 'onset' ? stop.onsetS : stop.endS, 2)} s`}
      x={props.x}
      axis={props.axis}
      onEdge={props.onEdge}
    />
  ));
}

/** Where the cursor stands, over what is read there. */
function CursorNote({ x, width, words }: { x: number; width: number; words: string }) {
  return (
    <>
      <text className="label" x={x} y={20}>
        At {words}
      </text>
      <line x1={x} x2={width} y1={30} y2={30} stroke="var(--ink)" />
    </>
  );
}

/** Where the stop begins and ends on the axis, and how far the picture goes. */
function extent(
  curves: Curve[],
  chosen: Curve,
  xs: Map<Curve, number[]>,
  stop: MeasuredStop,
  traceZeroS: number,
  axis: XAxis,
) {
  const own = xs.get(chosen) ?? [];
  const at = (s: number) => (axis === 'time' ? s : valueAt(chosen.trace.time, own, s));
  const compared = curves.filter((c) => c.weight === 'compared').map((c) => xs.get(c)?.[0] ?? 0);
  const ends = curves.filter((c) => c.weight !== 'sibling').map((c) => xs.get(c)?.at(-1) ?? 0);
  return {
    // Another onset moves the zero of time; the curve stays where its own samples are.
    zero: at(stop.onsetS - traceZeroS),
    end: at(stop.endS - traceZeroS),
    from: Math.min(own[0] ?? 0, ...compared),
    to: Math.max(...ends),
  };
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
