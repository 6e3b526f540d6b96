import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Forecast } from '../../api/types';
import { Picture } from '../../charts/Picture';
import { step } from '../../charts/tape';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';

const HEIGHT = 168;
const LEFT = 46;

/** What can so many stops show? The smallest difference against stops of each, with the margin and the plan on it. */
export function StopsCurve(props: { forecast: Forecast; planned: number; units: UnitTable }) {
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { units, planned } = props;
  const { curve, perSide } = props.forecast;
  const margin = props.forecast.forecast.stopsNeeded.marginM;
  const toUnit = units.distance.of;
  const u = units.distance.unit;
  const last = curve.at(-1)?.stops ?? 12;
  const top = toUnit(curve[0]?.smallestM ?? 1) * 1.05;
  const x = scaleLinear([3, last], [LEFT, width - 10]);
  const y = scaleLinear([0, top], [HEIGHT, 14]);
  const path = line<(typeof curve)[number]>(
    (p) => x(p.stops),
    (p) => y(toUnit(p.smallestM)),
  )(curve);
  const own = curve.find((p) => p.stops === Math.min(last, Math.max(3, planned)));
  const every = step(top, 4);
  const marks = Array.from({ length: Math.floor(top / every) }, (_, i) => (i + 1) * every);
  return (
    <div ref={ref}>
      <Picture
        name={`With ${planned} stops of each you can only see ${number(toUnit(own?.smallestM ?? 0), 1)} ${u}; ${number(toUnit(margin), 1)} ${u} needs ${perSide} of each`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: ['stops of each', `smallest difference, ${u}`],
          rows: curve.map((p) => [p.stops, number(toUnit(p.smallestM), 2)]),
        }}
      >
        <rect x={LEFT} y={8} width={width - LEFT - 6} height={HEIGHT - 8} fill="var(--slab)" />
        {marks.map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 6} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
              {number(v, every < 1 ? 1 : 0)}
            </text>
          </g>
        ))}
        <line
          x1={LEFT}
          x2={width - 6}
          y1={y(toUnit(margin))}
          y2={y(toUnit(margin))}
          stroke="var(--ink)"
          strokeDasharray="2 3"
          strokeWidth={1.6}
        />
        <text className="note" x={width - 12} y={y(toUnit(margin)) - 6} textAnchor="end">
          worth having
        </text>
        <path d={path ?? undefined} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
        {own && (
          <g>
            <circle
              cx={x(own.stops)}
              cy={y(toUnit(own.smallestM))}
              r={5}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={2.2}
            />
            <text className="label" x={x(own.stops) + 10} y={y(toUnit(own.smallestM)) - 8}>
              {planned} of each: {number(toUnit(own.smallestM), 1)} {u}
            </text>
          </g>
        )}
        <Tape x={x} from={3} to={last} y={HEIGHT + 4} unit="stops" mostLong={6} />
      </Picture>
    </div>
  );
}
