import { line as d3line } from 'd3-shape';
import { number, type UnitTable } from '../../units/units';
import { colour } from '../letters';
import { step } from '../tape';
import { LEFT, yOf, type Curve, type Pane as PaneAt, type Scale } from './layout';

const WEIGHTS = {
  chosen: { strokeWidth: 2.6, opacity: 1 },
  compared: { strokeWidth: 1.6, opacity: 1 },
  sibling: { strokeWidth: 1, opacity: 0.38 },
};

export type Common = { curves: Curve[]; xs: Map<Curve, number[]>; x: Scale; right: number; units: UnitTable };

export function Pane({ pane, curves, xs, x, right, units }: Common & { pane: PaneAt }) {
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
